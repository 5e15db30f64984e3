import { describe, expect, test } from '@jest/globals';
import { allOpenings, checkSequence, type SequenceProblem } from '@eveningtide/core/sequence';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { caseProblem, type SequenceCase } from './kinds/sequence-case.js';

const rowsOf = (name: string): SequenceCase[] =>
  (JSON.parse(readFileSync(new URL(`../${name}`, import.meta.url), 'utf8')) as { rows: SequenceCase[] }).rows;

/** Sequences whose steps have times, and in which there is nothing to object to. */
const SOUND = ['practice-cases.json', 'own-practice-cases.json'].flatMap(rowsOf).filter(({ noAlarm }) => noAlarm);

/** What must not wait any longer: it hangs on something that closes, or lies under tape. */
function isHurried({ steps }: SequenceProblem, from: number, openings: ReturnType<typeof allOpenings>): boolean {
  const isOverWet = openings.some(
    ({ stepIndex, opening }) =>
      stepIndex >= from &&
      opening.layer.stepIndex < from &&
      [...opening.list, ...(opening.tolerated ? [opening.tolerated] : [])].some(({ toMin }) => Number.isFinite(toMin)),
  );
  const isTaped =
    steps.slice(0, from).some(({ technique }) => technique === 'mask') && steps.slice(from).some(({ technique }) => technique === 'unmask');
  return isOverWet || isTaped;
}

const alarms = (problem: SequenceProblem): string[] =>
  checkSequence(problem)
    .findings.filter(({ severity }) => severity !== 'hint')
    .map(({ rule, stepIndex }) => `${rule}@${String(stepIndex + 1)}`);

describe('waiting does no harm', () => {
  test('there is much to try it on', () => {
    expect(SOUND.length).toBeGreaterThan(80);
  });

  test('a longer pause before a step raises no alarm in a sequence that had none', () => {
    const tried = { waits: 0 };
    fc.assert(
      fc.property(fc.constantFrom(...SOUND), fc.nat(), fc.constantFrom(3, 20, 90, 700, 1440), (row, pick, waitMin) => {
        const problem = caseProblem(row);
        const from = pick % problem.steps.length;
        if (isHurried(problem, from, allOpenings(problem))) return;
        tried.waits++;
        const later = {
          ...problem,
          startsMin: problem.startsMin.map((start, i) => (start !== null && i >= from ? start + waitMin : start)),
        };
        expect({ row: row.name, from, waitMin, alarms: alarms(later) }).toEqual({ row: row.name, from, waitMin, alarms: [] });
      }),
      { numRuns: 600 },
    );
    expect(tried.waits).toBeGreaterThan(150);
  });
});
