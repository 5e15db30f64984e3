import { seededFrom } from '../../units/index.js';
import { eachPlace } from './each-place.js';
import type { SpreadOf } from './types.js';

/** More are drawn than are seen, so that cover decides; but no more than so many (our numbers). */
const [DRAWN_OVER, MOST_STREAKS] = [1.6, 900];
/** A place to start from is looked for so often. */
const TRIES = 14;

/**
 * Streaks begin where something juts out or at the top, and run down as the surface stands: a little aside where it is lower there, thinning out. What is begun
 * first is covered first.
 */
export const streaks: SpreadOf = (fields, { coverPct }, seed) => {
  const { um, widthPx, heightPx, pxPerMm } = fields.map;
  const random = seededFrom(seed);
  const order = new Float32Array(um.length);
  /** The best of a few places: below what drips, else anywhere up high. */
  const source = (): { column: number; row: number } => {
    let best = { column: random() * widthPx, row: 0, drip: 0.1 * random() };
    for (let i = 0; i < TRIES; i++) {
      const [column, row] = [Math.floor(random() * widthPx), Math.floor(random() ** 1.5 * heightPx * 0.7)];
      const drip = fields.drip[row * widthPx + column] ?? 0;
      if (drip > best.drip) best = { column, row, drip };
    }
    return best;
  };
  let count = 0;
  for (let n = 0; n < MOST_STREAKS && count < order.length * Math.min(0.97, (DRAWN_OVER * coverPct) / 100); n++) {
    const from = source();
    const lengthPx = (3 + 22 * random() ** 1.6) * pxPerMm;
    const halfPx = (0.14 + 0.26 * random()) * pxPerMm;
    const strength = 0.995 ** n;
    let x = from.column;
    for (let along = 0; along < lengthPx && from.row + along < heightPx; along++) {
      const row = Math.floor(from.row + along);
      const at = row * widthPx + Math.round(x);
      // water takes the lower way
      const lean = (um[at - 2] ?? 0) - (um[at + 2] ?? 0);
      x += Math.max(-0.35, Math.min(0.35, lean / 400)) + (random() - 0.5) * 0.25;
      const left = 1 - along / lengthPx;
      const reach = halfPx * (0.55 + 0.6 * left);
      for (let column = Math.max(0, Math.ceil(x - reach)); column <= Math.min(widthPx - 1, Math.floor(x + reach)); column++) {
        const i = row * widthPx + column;
        const side = 1 - (Math.abs(column - x) / (reach + 0.5)) ** 2;
        if (order[i] === 0) count += 1;
        order[i] = Math.max(order[i] ?? 0, strength * side * (0.35 + 0.65 * left));
      }
    }
  }
  return { kind: 'patches', soft: 0.05, order: eachPlace(fields, (i) => order[i] ?? 0) };
};
