import type { Stroke } from '../../sequence/index.js';
import type { Fields } from '../fields.js';

/**
 * How a technique spreads what it lays over a surface, row by row. `film`: how much of it lies at each place against the mean of its kind of place; it lies
 * everywhere, here more and there less · `patches`: what is covered first, the highest first; it lies here and not there, and passes from the one to the other over
 * `soft` of all places.
 */
export type Spread = { kind: 'film'; weight: Float32Array } | { kind: 'patches'; order: Float32Array; soft: number };

/** The same seed gives the same marks. */
export type SpreadOf = (fields: Fields, stroke: Pick<Stroke, 'coverPct' | 'sprayed'>, seed: number) => Spread;
