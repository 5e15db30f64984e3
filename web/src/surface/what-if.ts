import { checkSequence, type SequenceProblem, type ZoneStrokes } from '@eveningtide/core/sequence';
import type { Step } from '@eveningtide/core/subjects';

/** What a step could be otherwise. */
export interface Tried {
  coverPct: number | null;
  /** 0–1. */
  strength: number | null;
  /** Parts of thinner to one of paint. */
  thinner: number | null;
}

export const WHAT_IFS = ['before', 'without', 'unsealed', 'sooner', 'twice', 'tried'] as const;
export type WhatIf = (typeof WHAT_IFS)[number];

export const WHAT_IF_WORDS: ReadonlyMap<WhatIf, string> = new Map([
  ['before', 'before this step'],
  ['without', 'without this step'],
  ['unsealed', 'without the seal below'],
  ['sooner', 'before the one above it'],
  ['twice', 'one round more'],
  ['tried', 'done otherwise'],
]);

/** The step with what is tried on it. */
export function triedOn(step: Step, { coverPct, strength, thinner }: Tried): Step {
  return {
    ...step,
    coverPct: coverPct ?? step.coverPct,
    strength: strength ?? step.strength,
    dilution: thinner === null || !step.dilution || !('parts' in step.dilution) ? step.dilution : { ...step.dilution, parts: [1, thinner] },
  };
}

const at = (steps: readonly Step[], index: number): Step[] => steps.slice(index, index + 1);

/** The clear coat that a stroke lies on, by its place in the sequence; null where none does. */
export const sealUnder = ({ strokes }: ZoneStrokes, count: number): number | null =>
  strokes.slice(0, Math.max(0, count - 1)).findLast(({ material }) => material?.role === 'clear')?.stepIndex ?? null;

/** The sequence without a step, the others at the minutes they had with it: who leaves the seal out does not wait longer for that. */
export function leftOut(problem: SequenceProblem, index: number): SequenceProblem {
  const without = <T>(list: readonly T[]): T[] => list.filter((_, i) => i !== index);
  const reports = checkSequence(problem).steps;
  return {
    ...problem,
    steps: without(problem.steps),
    startsMin: without(reports.map(({ startMin }) => startMin)),
    durationsMin: without(reports.map(({ startMin, endMin }) => endMin - startMin)),
  };
}

/** The sequence with one step otherwise; times are as they come. */
export function otherwise(
  problem: SequenceProblem,
  index: number,
  how: Exclude<WhatIf, 'before' | 'unsealed'>,
  tried: Tried,
): SequenceProblem {
  const { steps } = problem;
  const [before, own, after] = [steps.slice(0, index), at(steps, index), steps.slice(index + 1)];
  switch (how) {
    case 'without':
      return { ...problem, steps: [...before, ...after] };
    case 'sooner':
      return { ...problem, steps: [...before.slice(0, -1), ...own, ...before.slice(-1), ...after] };
    case 'twice':
      return { ...problem, steps: [...before, ...own, ...own.map((step) => ({ ...step, id: `${step.id}~again` })), ...after] };
    case 'tried':
      return { ...problem, steps: [...before, ...own.map((step) => triedOn(step, tried)), ...after] };
  }
}
