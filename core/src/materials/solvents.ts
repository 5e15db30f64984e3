import { FACTORS } from '../units/index.js';
import type { SolventClass } from './types.js';

/** Antoine constants: log10(P / mmHg) = A − B / (C + T / °C). */
export interface Antoine {
  A: number;
  B: number;
  C: number;
}

/** Vapour pressure, kPa, by the Antoine equation. */
export function antoinePressureKPa({ A, B, C }: Antoine, tempC: number): number {
  return 10 ** (A - B / (C + tempC)) * FACTORS['mmHg -> kPa'];
}

/** Temperature, °C, at which the vapour pressure reaches `pressureKPa` (default: 1 atm, the boiling point). */
export function antoineTemperatureC({ A, B, C }: Antoine, pressureKPa = 101.325): number {
  return B / (A - Math.log10(pressureKPa / FACTORS['mmHg -> kPa'])) - C;
}

/**
 * One pure liquid stands for each class, for the change of evaporation with temperature only. Constants as in
 * `reference/solvents.json` (from memory there); n-nonane for white spirit is from memory: a mixture has no constants
 * of its own, and nonane's pressure lies inside its usual range.
 */
export const STAND_INS: Record<'alcohol' | 'spirit' | 'hot', Antoine & { name: string }> = {
  alcohol: { name: 'propan-2-ol', A: 8.11778, B: 1580.92, C: 219.61 },
  spirit: { name: 'n-nonane for white spirit', A: 6.93893, B: 1431.82, C: 202.11 },
  hot: { name: 'toluene', A: 6.95464, B: 1344.8, C: 219.482 },
};

/** Vapour pressure, kPa, of the stand-in for a class; spirit where the class has none of its own. */
export function solventPressureKPa(solvent: SolventClass | 'none', tempC: number): number {
  const standIn = solvent === 'alcohol' || solvent === 'hot' ? STAND_INS[solvent] : STAND_INS.spirit;
  return antoinePressureKPa(standIn, tempC);
}
