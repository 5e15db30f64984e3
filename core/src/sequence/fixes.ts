import { reorder } from './apply-fix.js';
import type { Finding, Fix } from './finding.js';
import { checkSequence, type SequenceReport } from './walker.js';
import type { SequenceProblem } from './problem.js';

/** The problem with a fix made. A changed or new step, and all after it, start as soon as they may. */
function problemAfter(problem: SequenceProblem, fix: Fix): { problem: SequenceProblem; was: (number | null)[] } {
  const placed = reorder(problem.steps, fix, (n) => `new-${String(n)}`);
  const firstEdit = Math.min(...fix.edits.map((edit) => edit.at));
  const moved = placed.map(({ was }) => was === null || was >= firstEdit);
  return {
    problem: {
      ...problem,
      steps: placed.map(({ step }) => step),
      startsMin: placed.map(({ was }, i) => (was === null || moved[i] ? null : (problem.startsMin[was] ?? null))),
      durationsMin: placed.map(({ was }) => (was === null ? 0 : (problem.durationsMin[was] ?? 0))),
    },
    was: placed.map(({ was }) => was),
  };
}

const WEIGHT = { snag: 100, caution: 10, hint: 1 } as const;
/** What the painter lets stand weighs nothing. */
const burden = (findings: readonly Finding[]): number => findings.reduce((sum, f) => sum + (f.waived === null ? WEIGHT[f.severity] : 0), 0);

/** The same trouble: one rule can tell of several places at one step. */
const isSame = (a: Finding, b: Finding): boolean =>
  a.rule === b.rule && (a.causeIndex !== null) === (b.causeIndex !== null) && a.zones.some((zone) => b.zones.includes(zone));

const isSnag = ({ severity, waived }: Finding): boolean => severity === 'snag' && waived === null;

/**
 * Of a finding's proposals, those that make it go away, bring no snag that was not there, and leave the sequence with less
 * trouble than before; the best of each kind, the best first. Each is tried by walking the changed sequence.
 */
function curingFixes(problem: SequenceProblem, finding: Finding, all: readonly Finding[]): Fix[] {
  const before = burden(all);
  const tried = finding.fixes.flatMap((fix) => {
    const { problem: changed, was } = problemAfter(problem, fix);
    const { findings } = checkSequence(changed);
    const stays = findings.some((f) => isSame(f, finding) && was[f.stepIndex] === finding.stepIndex);
    const after = burden(findings);
    const addsSnag = findings.some((f) => isSnag(f) && !all.some((old) => isSnag(old) && isSame(old, f)));
    return stays || addsSnag || after >= before ? [] : [{ fix, after }];
  });
  const best = new Map<Fix['way'], Fix>();
  for (const { fix } of tried.sort((a, b) => a.after - b.after)) if (!best.has(fix.way)) best.set(fix.way, fix);
  return [...best.values()];
}

/** Checks a sequence; each finding carries the fixes that help, the best of each kind. */
export function checkWithFixes(problem: SequenceProblem): SequenceReport {
  const report = checkSequence(problem, { propose: true });
  return { ...report, findings: report.findings.map((finding) => ({ ...finding, fixes: curingFixes(problem, finding, report.findings) })) };
}
