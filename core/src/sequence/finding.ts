import type { Step } from '../subjects/index.js';
import type { Spoil } from './spoils.js';

export const SEVERITIES = ['snag', 'caution', 'hint'] as const;
/** Snag: will spoil the piece. Caution: may. Hint: could be better. */
export type Severity = (typeof SEVERITIES)[number];

/** A change to a sequence; indexes are those of the sequence it is applied to, all read before any is made. */
export type Edit =
  | { kind: 'insert'; at: number; step: Omit<Step, 'id'> }
  | { kind: 'patch'; at: number; patch: Partial<Omit<Step, 'id'>> }
  | { kind: 'remove'; at: number };

export type FixWay = 'insert' | 'move' | 'swap' | 'wait' | 'release' | 'mask' | 'adjust';

export interface Fix {
  /** What kind of change it is: of each kind only the best is offered. */
  way: FixWay;
  label: string;
  edits: Edit[];
}

export interface Finding {
  rule: string;
  severity: Severity;
  /** 0-based place in the sequence. */
  stepIndex: number;
  stepId: string;
  zones: string[];
  message: string;
  /** What it was judged by: the layer, the minute, the figure. */
  evidence: string;
  /** Step that laid the layer concerned; null where none is. */
  causeIndex: number | null;
  /** What is then seen on its zones, for pictures of them; null where nothing is. */
  spoils: Spoil | null;
  fixes: Fix[];
  /** Why the painter lets it stand; null where it is not waived. */
  waived: string | null;
}

/** What is open at a step: a snag or caution that nobody has let stand. It is told wherever the step is met. */
export const openAt = (findings: readonly Finding[], stepIndex: number): Finding[] =>
  findings.filter((found) => found.stepIndex === stepIndex && found.severity !== 'hint' && found.waived === null);

/** How serious a rule is taken, where the painter wants it otherwise than judged. */
export type RuleSeverities = Readonly<Partial<Record<string, Severity | 'off'>>>;
