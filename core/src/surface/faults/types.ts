import type { Fields } from '../fields.js';
import type { Light, Painted } from '../painted.js';

/** A surface that comes to harm. */
export interface Harmed {
  /** As it would be, were it done right. */
  painted: Painted;
  /** As it was before the step. */
  before: Painted;
  /** Light of what lies under the layer that comes to harm; of what lay there before the step where none does. */
  below: Light;
  fields: Fields;
  seed: number;
}

/** The surface with the fault. */
export type Fault = (harmed: Harmed) => Painted;
