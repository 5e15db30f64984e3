import type { Lab } from '@eveningtide/core/colour';

/** A colour that is wanted, and where it was taken from. */
export interface Target {
  lab: Lab;
  from: string;
}
