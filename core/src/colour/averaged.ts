import { deltaE00OfLab, type Lab } from './difference.js';

/** Several readings of one place as one colour. */
export interface AveragedColour {
  mean: Lab;
  /** How far one reading lies from the mean, root mean square; null of a single reading. */
  spreadDe00: number | null;
  /** How far the mean itself may be off by chance, one spread: spread ÷ √readings. What all readings have in common is not in it. */
  plusMinusDe00: number | null;
}

/** The mean of readings in CIELAB and how sure it is. @throws RangeError of no readings. */
export function averagedColour(readings: readonly Lab[]): AveragedColour {
  const count = readings.length;
  if (count === 0) throw new RangeError('readings must hold at least one colour, got none');
  const meanOf = (name: keyof Lab): number => readings.reduce((sum, one) => sum + one[name], 0) / count;
  const mean: Lab = { l: meanOf('l'), a: meanOf('a'), b: meanOf('b') };
  if (count === 1) return { mean, spreadDe00: null, plusMinusDe00: null };
  // by count - 1: the mean was taken from the same readings
  const squares = readings.reduce((sum, one) => sum + deltaE00OfLab(one, mean) ** 2, 0);
  const spreadDe00 = Math.sqrt(squares / (count - 1));
  return { mean, spreadDe00, plusMinusDe00: spreadDe00 / Math.sqrt(count) };
}
