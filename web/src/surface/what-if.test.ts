import { describe, expect, test } from '@jest/globals';
import { constantAir } from '@eveningtide/core/climate';
import { checkSequence, strokesAlong, subjectOf, type SequenceProblem } from '@eveningtide/core/sequence';
import { pieceFromTemplate, plainStep, templateById } from '@eveningtide/core/subjects';
import { leftOut, otherwise, sealUnder, triedOn } from './what-if.js';

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

  test('without the seal below nobody waits longer: what was kept from the coat then lifts it', () => {
    const van = pieceFromTemplate(templateById('van'), { id: 'van', name: 'Van', scaleRatio: 76 });
    const on = { zones: ['side-upper'] };
    const sealed: SequenceProblem = {
      subject: subjectOf(van),
      steps: [
        plainStep({ ...on, id: 'coat', technique: 'brush-coat', material: 'enamel-matt', colour: '#5d6f45' }),
        plainStep({ ...on, id: 'seal', technique: 'clear-coat', material: 'clear-matt-acrylic' }),
        plainStep({ ...on, id: 'wash', technique: 'wash', material: 'wash-enamel', colour: '#2e2620' }),
      ],
      startsMin: [],
      durationsMin: [],
      bench: constantAir({ tempC: 20, rhPct: 50 }),
    };
    const planned = strokesAlong(sealed, 'side-upper');
    expect([1, 2, planned.strokes.length].map((count) => sealUnder(planned, count))).toEqual([null, null, 1]);
    expect(planned.strokes.flatMap(({ spoilt }) => spoilt)).toEqual([]);
    const bare = leftOut(sealed, 1);
    expect(idsOf(bare)).toEqual(['coat', 'wash']);
    expect(bare.startsMin[1]).toBe(checkSequence(sealed).steps[2]!.startMin);
    expect(strokesAlong(bare, 'side-upper').strokes.at(-1)!.spoilt).toEqual([{ spoil: 'lifted', causeIndex: 0 }]);
  });
});
