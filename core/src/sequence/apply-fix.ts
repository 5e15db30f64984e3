import { patchedStep, type Step } from '../subjects/index.js';
import type { Fix } from './finding.js';

/**
 * The sequence with a fix made. `newId(n)` names the n-th inserted step. Indexes in the fix are those of `steps`.
 */
export function applyFix(steps: readonly Step[], fix: Fix, newId: (n: number) => string): Step[] {
  return reorder(steps, fix, newId).map(({ step }) => step);
}

interface PlacedStep {
  step: Step;
  /** Where the step stood before; null for a new one. */
  was: number | null;
}

/** The same with the place where each step stood before. */
export function reorder(steps: readonly Step[], fix: Fix, newId: (n: number) => string): PlacedStep[] {
  let made = 0;
  const out: PlacedStep[] = [];
  for (let at = 0; at <= steps.length; at++) {
    for (const edit of fix.edits)
      if (edit.kind === 'insert' && edit.at === at) out.push({ step: { ...edit.step, id: newId(made++) }, was: null });
    const step = steps[at];
    if (!step || fix.edits.some((edit) => edit.kind === 'remove' && edit.at === at)) continue;
    const patches = fix.edits.flatMap((edit) => (edit.kind === 'patch' && edit.at === at ? [edit.patch] : []));
    out.push({ step: patches.reduce(patchedStep, step), was: at });
  }
  return out;
}
