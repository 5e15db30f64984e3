import { FACTORS } from '../units/index.js';

/** A length is told of the full-size thing or of the model. */
export const MEASURED_ON = ['prototype', 'model'] as const;
export type MeasuredOn = (typeof MEASURED_ON)[number];

interface Unit {
  mm: number;
  /** What such lengths are usually of (common practice: timber in feet and metres, models in millimetres). */
  usuallyOf: MeasuredOn;
}

const INCH: Unit = { mm: FACTORS['inch -> mm'], usuallyOf: 'prototype' };
const FOOT: Unit = { mm: FACTORS['foot -> mm'], usuallyOf: 'prototype' };

const UNITS: ReadonlyMap<string, Unit> = new Map([
  ['', { mm: 1, usuallyOf: 'model' }],
  ['mm', { mm: 1, usuallyOf: 'model' }],
  ['cm', { mm: 10, usuallyOf: 'model' }],
  ['m', { mm: 1000, usuallyOf: 'prototype' }],
  ...['in', 'inch', 'inches', '"', '”', '″'].map((word) => [word, INCH] as const),
  ...['ft', 'foot', 'feet', "'", '’', '′'].map((word) => [word, FOOT] as const),
]);

/** A number, whole with a fraction (`1 1/2`), a fraction (`1/4`) or with decimals, and its unit. */
const PART = /^\s*(?:(\d+)\s+(\d+)\/(\d+)|(\d+)\/(\d+)|(\d+(?:[.,]\d+)?|[.,]\d+))\s*([a-z]*|["'”’″′])(?=\s|\d|$)\s*/i;

function numberOf([, whole, over, under, onlyOver, onlyUnder, decimal]: RegExpExecArray): number {
  if (whole !== undefined) return Number(whole) + Number(over) / Number(under);
  if (onlyOver !== undefined) return Number(onlyOver) / Number(onlyUnder);
  return Number((decimal ?? '').replace(',', '.'));
}

/**
 * A length in any unit, as it is typed: `20 ft`, `20' 6"`, `6.1 m`, `38,1 mm`, `1 1/2 in`; a bare number is in mm. Answers mm and what it is usually a length of;
 * null for what is no length.
 */
export function typedLength(text: string): { mm: number; usuallyOf: MeasuredOn } | null {
  let rest = text.trim();
  let mm = 0;
  let usuallyOf: MeasuredOn | null = null;
  let before: Unit | null = null;
  while (rest !== '') {
    const part = PART.exec(rest);
    const unit = part && UNITS.get((part[7] ?? '').toLowerCase());
    // only feet are followed by something: 20' 6", also written 20' 6
    if (!part || !unit || (before !== null && before !== FOOT)) return null;
    const inches: Unit = before === FOOT && part[7] === '' ? INCH : unit;
    mm += numberOf(part) * inches.mm;
    usuallyOf ??= unit.usuallyOf;
    before = inches;
    rest = rest.slice(part[0].length);
  }
  return usuallyOf !== null && Number.isFinite(mm) && mm > 0 ? { mm, usuallyOf } : null;
}

/** Sixteenths of an inch: finer is nobody's timber. */
const SIXTEENTHS = 16;
const INCHES_PER_FOOT = 12;

function inchWords(inches: number): string {
  const whole = Math.floor(inches + 1e-6);
  const over = Math.round((inches - whole) * SIXTEENTHS);
  if (over === 0) return String(whole);
  const common = [8, 4, 2, 1].find((by) => over % by === 0) ?? 1;
  return `${whole > 0 ? `${String(whole)} ` : ''}${String(over / common)}/${String(SIXTEENTHS / common)}`;
}

/** A length as it is shown: on the model in mm; full size in feet and inches where it is a length in these, else in metres. */
export function lengthWords(mm: number, of: MeasuredOn): string {
  if (of === 'model') return `${String(Number(mm.toFixed(2)))} mm`;
  const inches = mm / INCH.mm;
  if (Math.abs(inches * SIXTEENTHS - Math.round(inches * SIXTEENTHS)) > 1e-4) return `${String(Number((mm / 1000).toFixed(4)))} m`;
  const feet = Math.floor(inches / INCHES_PER_FOOT + 1e-6);
  const rest = inches - feet * INCHES_PER_FOOT;
  const words = [...(feet > 0 ? [`${String(feet)} ft`] : []), ...(rest > 1e-4 ? [`${inchWords(rest)} in`] : [])];
  return words.join(' ');
}
