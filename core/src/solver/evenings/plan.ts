import type { Interval } from '../../units/index.js';

export interface Placed {
  id: string;
  startMin: number;
  endMin: number;
}

/** Operations in evenings. */
export interface Plan {
  /** By start. */
  placed: Placed[];
  /** Cleanings between colours. */
  cleanings: Interval[];
  /** Operations that found no place, with the reason in words. */
  unplaced: { id: string; why: string }[];
  /** Left out, because they would have come too late. */
  dropped: string[];
  /** The way that was chosen, where there are several and it is not the first. */
  chosen: Record<string, string>;
  /** End of the last operation; null when nothing is placed. */
  finishMin: number | null;
  eveningsUsed: number;
}
