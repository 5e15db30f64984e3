/**
 * Model scales. Ratios: NMRA S-1.2 and NEM 010 as recalled in `reference/modelrail.json` (from memory there);
 * the 4 mm scale is exactly 304.8 / 4. 28 mm figures are about 1 : 56; 144, 56, 32 and 24 from memory.
 */
export interface Scale {
  id: string;
  label: string;
  /** Prototype length over model length. */
  ratio: number;
}

export const SCALES: readonly Scale[] = [
  { id: '220', label: '1 : 220', ratio: 220 },
  { id: '160', label: '1 : 160', ratio: 160 },
  { id: '148', label: '1 : 148', ratio: 148 },
  { id: '144', label: '1 : 144', ratio: 144 },
  { id: '120', label: '1 : 120', ratio: 120 },
  { id: '101.6', label: '1 : 101.6', ratio: 101.6 },
  { id: '87.1', label: '1 : 87.1', ratio: 87.1 },
  { id: '87', label: '1 : 87', ratio: 87 },
  { id: '76.2', label: '1 : 76.2', ratio: 76.2 },
  { id: '76', label: '1 : 76', ratio: 76 },
  { id: '72', label: '1 : 72', ratio: 72 },
  { id: '64', label: '1 : 64', ratio: 64 },
  { id: '56', label: '1 : 56, 28 mm figures', ratio: 56 },
  { id: '48', label: '1 : 48', ratio: 48 },
  { id: '45', label: '1 : 45', ratio: 45 },
  { id: '43.5', label: '1 : 43.5', ratio: 43.5 },
  { id: '35', label: '1 : 35', ratio: 35 },
  { id: '32', label: '1 : 32', ratio: 32 },
  { id: '24', label: '1 : 24', ratio: 24 },
  { id: '22.5', label: '1 : 22.5', ratio: 22.5 },
];

function assertRatio(ratio: number): void {
  if (!(ratio > 0) || !Number.isFinite(ratio)) throw new RangeError(`scale ratio must be greater than 0, got ${String(ratio)}`);
}

/** Length on the model, mm, of a prototype length, mm. @throws RangeError for a ratio that is not positive. */
export function modelLengthMm(prototypeMm: number, ratio: number): number {
  assertRatio(ratio);
  return prototypeMm / ratio;
}

/** Prototype length, mm, that a length on the model, mm, stands for. 25 µm at 1:87 read as 2.2 mm. */
export function prototypeLengthMm(modelMm: number, ratio: number): number {
  assertRatio(ratio);
  return modelMm * ratio;
}

/** Model millimetres per prototype foot, inch and metre. */
export function scaleUnits(ratio: number): { mmPerScaleFoot: number; mmPerScaleInch: number; mmPerScaleMetre: number } {
  assertRatio(ratio);
  return { mmPerScaleFoot: 304.8 / ratio, mmPerScaleInch: 25.4 / ratio, mmPerScaleMetre: 1000 / ratio };
}
