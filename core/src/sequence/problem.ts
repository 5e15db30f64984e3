import type { Air, AirSpan } from '../climate/index.js';
import type { Supplies } from '../materials/index.js';
import type { Step, Waiver } from '../subjects/index.js';
import type { Schools } from '../techniques/index.js';
import type { RuleSeverities } from './finding.js';
import type { Subject } from './subject.js';

/** A sequence and the time it is carried out in. */
export interface SequenceProblem {
  subject: Subject;
  steps: readonly Step[];
  /** Absolute start of each step, minutes; null starts as soon as everything before allows. */
  startsMin: readonly (number | null)[];
  /** Hands-on minutes of each step. */
  durationsMin: readonly number[];
  /** Bench air over the same clock. */
  bench: readonly AirSpan[];
  /** How much slower than foreseen each step's coat was seen to dry; 1 where it was not looked at or the list is left out. */
  dryFactors?: readonly number[];
  /** Air of drying places by id; a place that is not listed is the bench. */
  places?: Readonly<Record<string, Air>>;
  /** What materials and bottles mean; the bare catalogue where it is left out. */
  supplies?: Supplies;
  /** Whose fixes are offered first where schools differ; the usual ones where it is left out. */
  schools?: Schools;
  /** How long each step's bottle has been open at minute 0, days; null where not known. */
  bottleAgesDays?: readonly (number | null)[];
  /** Rules that the painter takes more or less seriously; as judged where it says nothing. */
  severities?: RuleSeverities;
  /** Findings that the painter lets stand. */
  waivers?: readonly Waiver[];
}
