import { stepIdOf, type Finding } from '@eveningtide/core/sequence';

/** The same trouble from the same cause, met again at another step. */
export const isSameTrouble = (a: Finding, b: Finding): boolean =>
  a.rule === b.rule && a.severity === b.severity && a.causeIndex === b.causeIndex && a.message === b.message;

/** All steps at which the trouble of a finding is open, in their order. */
export const openAlike = (finding: Finding, all: readonly Finding[]): Finding[] =>
  all.filter((other) => other.waived === null && isSameTrouble(other, finding)).sort((a, b) => a.stepIndex - b.stepIndex);

/** Ids of the painter's steps that these findings stand at, each once. */
export const stepsOf = (findings: readonly Finding[]): string[] => [...new Set(findings.map(({ stepId }) => stepIdOf(stepId)))];
