import type { Supplies } from '../../materials/index.js';
import type { Step } from '../../subjects/index.js';
import type { Schools } from '../../techniques/index.js';
import type { Examples } from '../example.js';
import type { Finding, Fix, Severity } from '../finding.js';
import type { Incoming } from '../incoming.js';
import type { Spoil } from '../spoils.js';
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
  supplies: Supplies;
  schools: Schools;
}

/**
 * What could be put in before a step so that its trouble goes: a seal between two liquids, tooth for powder, a smooth coat for
 * decals, something that binds powder, a ground that holds or shields, at the end the sheen that was wanted.
 */
export type Cure = 'seal' | 'tooth' | 'smooth' | 'binder' | 'ground' | 'sheen';

export interface Rule {
  id: string;
  title: string;
  /** Why, in a sentence or two, for the help page. */
  why: string;
  source: string;
  /** Its tests, and its help page. */
  examples: Examples;
  /**
   * How arranging takes it. Left out: another order, or a coat put in, may cure it. `later`: it is seen to when the order
   * stands. `never`: no order cures it, it is told on the piece as ever.
   */
  arranging?: 'later' | 'never';
  /** Coats that cure it when they are put in before. */
  curedBy?: readonly Cure[];
  /** The steps that it has anything to say of, by what they bring; all where it is left out. */
  concerns?: (incoming: Incoming) => boolean;
  check(moment: Moment): Caused[];
  /** For what is judged by how it looks afterwards: the zones' `look` is the new one, `lookBefore` the one it had. */
  checkAfter?: (moment: Moment) => Caused[];
  checkEnd?(end: EndOfWalk): Caused[];
}

/** What a rule says of a step. */
interface Said {
  zones: readonly string[];
  message: string;
  evidence: string;
  causeIndex?: number | null;
  spoils?: Spoil | null;
}

/** Builds the finding for the step a rule is looking at. */
export const finding = (moment: Moment, rule: string, severity: Severity, said: Said): Finding =>
  findingAt(moment.step, moment.stepIndex, rule, severity, said);

/** Builds a finding for any step: at the end of the walk a rule looks back. */
export function findingAt(step: Step, stepIndex: number, rule: string, severity: Severity, said: Said): Finding {
  const { zones, message, evidence, causeIndex = null, spoils = null } = said;
  return {
    rule,
    severity,
    stepIndex,
    stepId: step.id,
    zones: [...new Set(zones)],
    message,
    evidence,
    causeIndex,
    spoils,
    fixes: [],
    waived: null,
  };
}

/** `the enamel, matt of step 2` */
export const layerWords = (layer: { material: { name: string }; stepIndex: number }): string =>
  `the ${layer.material.name.toLowerCase()} of step ${String(layer.stepIndex + 1)}`;

/** With a capital at its head. */
export const sentence = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** How much of layer or step a finding concerns, where it is not all; begins with a space. */
export const concerns = (share: number): string => (share >= 0.95 ? '' : ` Concerns about ${String(Math.round(share * 20) * 5)} % of it.`);
