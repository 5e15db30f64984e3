import type { Step } from '../../subjects/index.js';
import type { Finding, Fix, Severity } from '../finding.js';
import type { SequenceState } from '../state.js';
import type { Subject } from '../subject.js';
import type { Moment } from '../moment.js';

/** A finding and what caused it: the same cause is told once, at the step where it was first met. */
export interface Caused {
  cause: string;
  finding: Finding;
  /** Changes that may cure it; asked for only when they are wanted. */
  propose?: () => Fix[];
}

export interface EndOfWalk {
  subject: Subject;
  steps: readonly Step[];
  state: SequenceState;
}

export interface Rule {
  id: string;
  title: string;
  /** Why, in a sentence or two, for the help page. */
  why: string;
  source: string;
  check(moment: Moment): Caused[];
  checkEnd?(end: EndOfWalk): Caused[];
}

/** Builds the finding for the step a rule is looking at. */
export function finding(
  moment: Moment,
  rule: string,
  severity: Severity,
  said: { zones: readonly string[]; message: string; evidence: string; causeIndex?: number | null },
): Finding {
  return {
    rule,
    severity,
    stepIndex: moment.stepIndex,
    stepId: moment.step.id,
    zones: [...new Set(said.zones)],
    message: said.message,
    evidence: said.evidence,
    causeIndex: said.causeIndex ?? null,
    fixes: [],
  };
}

/** `the enamel, matt of step 2` */
export const layerWords = (layer: { material: { name: string }; stepIndex: number }): string =>
  `the ${layer.material.name.toLowerCase()} of step ${String(layer.stepIndex + 1)}`;

/** With a capital at its head. */
export const sentence = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
