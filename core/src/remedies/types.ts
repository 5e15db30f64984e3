import type { Material, Supplies } from '../materials/index.js';
import type { Ripening, StepReport } from '../sequence/index.js';
import type { Step } from '../subjects/index.js';

/** How far what was laid is by now. */
export type Age = 'wet' | 'touch-dry' | 'dry' | 'hard' | 'proof' | 'never dries';

/** Trouble as it is met: on what, and how old that is. */
export interface Met {
  step: Step;
  material: Material | null;
  report: StepReport;
  ripening: Ripening | null;
  nowMin: number;
  ageMin: number;
  age: Age;
  supplies: Supplies;
}

/** What a remedy adds to the sequence; the zones are those of the step it mends. */
export type StepDraft = Partial<Step> & Pick<Step, 'technique'>;

export interface Remedy {
  id: string;
  /** What to do, as one says it at the bench. */
  words: string;
  /** Why it does not help any more, or not yet; null: it helps. */
  tooLate?: (met: Met) => string | null;
  /** Steps that it takes; none where nothing is laid. */
  steps?: (met: Met) => StepDraft[];
  /** It takes off what was laid, here and now: the step itself is then to be done again. */
  redoes?: boolean;
}

/** What goes wrong at the bench. All of it is common practice. */
export interface Trouble {
  id: string;
  name: string;
  /** How it shows. */
  sign: string;
  /** Rules that warn of it: where one of them speaks at the step, it comes as no surprise. */
  warnedBy?: readonly string[];
  /** It is seen when the coat has dried, or days after; else while it is laid and dries. */
  showsLater?: true;
  /** It can be met on what this step left. */
  fits: (met: Pick<Met, 'step' | 'material' | 'supplies'>) => boolean;
  remedies: Remedy[];
  /** What always makes it worse, told in words. */
  worse: string[];
  nextTime: string[];
}
