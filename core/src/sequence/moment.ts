import type { Air } from '../climate/index.js';
import type { Bottle, Supplies } from '../materials/index.js';
import type { Step } from '../subjects/index.js';
import type { Schools } from '../techniques/index.js';
import type { Incoming } from './incoming.js';
import type { Opening } from './openings.js';
import type { SequenceState, ZoneState } from './state.js';
import type { Subject } from './subject.js';

/** What a rule may read when a step is about to be done: the state before it, and the step. */
export interface Moment {
  subject: Subject;
  steps: readonly Step[];
  step: Step;
  stepIndex: number;
  startMin: number;
  /** Minutes between the end of the step before and this start, beyond the step's own wait. */
  sinceLastMin: number;
  incoming: Incoming;
  state: SequenceState;
  zones: readonly ZoneState[];
  openings: readonly { zone: ZoneState; opening: Opening }[];
  air: Air;
  supplies: Supplies;
  /** What the painter does where practitioners disagree. */
  schools: Schools;
  /** The bottle it is done with, and how long that has been open at this step, days; null where not known. */
  bottle: Bottle | null;
  bottleAgeDays: number | null;
}
