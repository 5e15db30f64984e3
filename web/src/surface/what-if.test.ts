import { describe, expect, test } from '@jest/globals';
import { plainStep } from '@eveningtide/core/subjects';
import type { SequenceProblem } from '@eveningtide/core/sequence';
import { otherwise, triedOn } from './what-if.js';

const steps = ['brush-coat', 'clear-coat', 'wash'].map((technique, i) => plainStep({ id: `s${String(i)}`, technique, zones: ['all'] }));
const problem = { steps } as unknown as SequenceProblem;
const NOTHING = { coverPct: null, strength: null, thinner: null };
const idsOf = (changed: SequenceProblem): string[] => changed.steps.map(({ id }) => id);

describe('a step otherwise', () => {
  test('left out, a place sooner, once more: the others stay', () => {
    expect(idsOf(otherwise(problem, 1, 'without', NOTHING))).toEqual(['s0', 's2']);
    expect(idsOf(otherwise(problem, 2, 'sooner', NOTHING))).toEqual(['s0', 's2', 's1']);
    expect(idsOf(otherwise(problem, 0, 'sooner', NOTHING))).toEqual(['s0', 's1', 's2']);
    expect(idsOf(otherwise(problem, 1, 'twice', NOTHING))).toEqual(['s0', 's1', 's1~again', 's2']);
    expect(problem.steps).toBe(steps);
  });

  test('what is tried stands on it, the rest as planned; what is not thinned stays so', () => {
    const thinned = { ...steps[2]!, coverPct: 40, dilution: { thinner: 'white-spirit', parts: [1, 3] as [number, number] } };
    expect(triedOn(thinned, { coverPct: null, strength: 0.5, thinner: 6 })).toMatchObject({
      ...{ coverPct: 40, strength: 0.5 },
      dilution: { thinner: 'white-spirit', parts: [1, 6] },
    });
    expect(triedOn(steps[0]!, { coverPct: 20, strength: null, thinner: 6 })).toMatchObject({ coverPct: 20, dilution: null });
    expect(otherwise(problem, 0, 'tried', { ...NOTHING, coverPct: 7 }).steps[0]!.coverPct).toBe(7);
  });
});
