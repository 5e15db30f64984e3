import type { Finding, StepReport } from '../sequence/index.js';
import type { Step } from '../subjects/index.js';
import type { Cost, Plan } from '../solver/index.js';
import type { Interval } from '../units/index.js';
import type { PlannedSitting } from './sittings.js';

/** What the painter sees of one piece: its steps as done, when, and what would go wrong. */
export interface PieceOutlook {
  pieceId: string;
  steps: Step[];
  reports: StepReport[];
  /** Without fixes: those are looked for when somebody reads them. */
  findings: Finding[];
  /** Hands-on minutes of each step, for the whole batch. */
  handsOnMin: number[];
  /** What each step is done in: one sitting, one a coat, or as many as long work takes; what was done comes first. */
  sittings: Sitting[][];
  /** How many times as long as on its label each step's coat is taken to dry: as learnt, or as seen. */
  dryPaces: number[];
  /** False where the plan found no place for a step; it is then shown as soon as drying allows. */
  placed: boolean[];
}

export interface Sitting extends Omit<PlannedSitting, 'sat'> {
  /** When it was done, or since when it goes on, taken to last as planned. */
  begun: (Interval & { isRunning: boolean }) | null;
}

/** A plan without its pieces: what is known first. */
export interface BarePlan {
  originDate: string;
  plan: Plan;
  cost: Cost;
  evenings: readonly Interval[];
}

export interface Outlook extends BarePlan {
  pieces: PieceOutlook[];
  /** Where more would stand wet at once than there is room for. */
  overfull: Overfull[];
}

/** More models stand wet at a place than it has room for. */
export interface Overfull {
  /** Name of the drying place; the bench where a step names none. */
  place: string;
  fromMin: number;
  models: number;
  room: number;
  pieceIds: string[];
}
