import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import {
  PART_KEYS,
  additions,
  choiceKey,
  compared,
  emptyPlan,
  partOf,
  planFaults,
  usualChoice,
  type PartLists,
  type PlanFile,
} from '@eveningtide/core/plan-file';

const demo = JSON.parse(readFileSync(new URL('../../../demo/marram-and-holm.eveningtide.json', import.meta.url), 'utf8')) as PlanFile;

const counter = () => {
  let n = 0;
  return () => `copy-${String(++n)}`;
};

/** The plan with what is written into it. */
const written = (plan: PlanFile, lists: PartLists): PlanFile => {
  const next = { ...plan };
  for (const key of PART_KEYS) {
    const fresh = lists[key] as { id: string }[];
    const kept = (plan[key] as { id: string }[]).filter(({ id }) => !fresh.some((one) => one.id === id));
    (next as Record<string, unknown>)[key] = [...kept, ...fresh];
  }
  return next;
};
const things = PART_KEYS.flatMap((key) => (demo[key] as { id: string }[]).map(({ id }) => ({ key, id })));

describe('one thing to pass on', () => {
  test('has all that it points to, and stands in an empty plan without a fault', () => {
    for (const { key, id } of things) {
      const part = partOf(demo, key, id);
      const plan = written(emptyPlan(), additions(emptyPlan(), part, {}, counter()));
      expect([...planFaults(plan)]).toEqual([]);
      expect((plan[key] as { id: string }[]).some((one) => one.id === id)).toBe(true);
    }
  });

  test('leaves the bench behind: photographs, pins, drying places, dates', () => {
    const [piece] = partOf(demo, 'pieces', 'salt-van-14').pieces;
    expect(piece).toMatchObject({ name: 'Salt van No. 14', pictures: [], doneBy: null, archivedOn: null });
    expect(piece!.steps.every(({ pinnedAt, dryingPlace }) => pinnedAt === null && dryingPlace === null)).toBe(true);
    expect(() => partOf(demo, 'pieces', 'nowhere')).toThrow("id must be one of the pieces, got 'nowhere'");
  });

  test('read where it came from it is the same, and nothing is written', () => {
    for (const { key, id } of things) {
      const part = partOf(demo, key, id);
      expect(compared(demo, part).every(({ state }) => state === 'same')).toBe(true);
      expect(Object.values(additions(demo, part, {}, counter())).flat()).toEqual([]);
    }
  });

  test('bottles of somebody else come empty: they are to be bought', () => {
    const { bottles } = additions(emptyPlan(), partOf(demo, 'pieces', 'salt-van-14'), {}, counter());
    expect(bottles.length).toBeGreaterThan(3);
    expect(bottles.every(({ leftMl, openedOn }) => leftMl === 0 && openedOn === null)).toBe(true);
  });

  test('what is here and otherwise stays, gives way or comes beside, as it is chosen', () => {
    const part = partOf(demo, 'pieces', 'salt-van-14');
    const changed = { ...part, pieces: part.pieces.map((piece) => ({ ...piece, note: 'from a friend' })) };
    const found = compared(demo, changed).filter(({ state }) => state === 'different');
    expect(found).toEqual([{ key: 'pieces', id: 'salt-van-14', name: 'Salt van No. 14', state: 'different' }]);
    expect(usualChoice('pieces')).toBe('both');
    const at = choiceKey(found[0]!);
    expect(additions(demo, changed, { [at]: 'mine' }, counter()).pieces).toEqual([]);
    const [theirs] = additions(demo, changed, { [at]: 'theirs' }, counter()).pieces;
    expect(theirs).toMatchObject({ id: 'salt-van-14', note: 'from a friend' });
    // the photographs stay those of this bench
    expect(theirs!.pictures).toEqual(demo.pieces.find(({ id }) => id === 'salt-van-14')!.pictures);
    expect(additions(demo, changed, {}, counter()).pieces).toMatchObject([{ id: 'copy-1', name: 'Salt van No. 14 (2)' }]);
  });

  test('a finish that comes beside its like takes along the piece that points to it; a taken number gives way', () => {
    const finishId = demo.finishes[0]!.id;
    const worn = demo.pieces.map((piece) =>
      piece.id === 'salt-van-14' ? { ...piece, finish: { finishId, version: 1, setId: 'set' } } : piece,
    );
    const part = partOf({ ...demo, pieces: worn }, 'pieces', 'salt-van-14');
    const other = { ...part, finishes: part.finishes.map((finish) => ({ ...finish, name: 'Otherwise' })) };
    const { pieces, finishes } = additions(demo, other, {}, counter());
    expect(finishes[0]!.id).toMatch(/^copy/);
    expect(pieces[0]!.finish?.finishId).toBe(finishes[0]!.id);
    const mix = partOf(demo, 'mixes', demo.mixes[0]!.id);
    const strange = { ...mix, mixes: mix.mixes.map((one) => ({ ...one, id: 'strange' })) };
    const [added] = additions(demo, strange, {}, counter()).mixes;
    expect(demo.mixes.map(({ number }) => number)).not.toContain(added!.number);
  });

  test('whatever is chosen, the plan has no fault afterwards', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...things),
        fc.array(fc.constantFrom('mine', 'theirs', 'both'), { maxLength: 40 }),
        ({ key, id }, picks) => {
          const part = partOf(demo, key, id);
          const strange = {
            ...part,
            pieces: part.pieces.map((piece) => ({ ...piece, note: 'x' })),
            bottles: part.bottles.map((bottle) => ({ ...bottle, note: 'x' })),
            mixes: part.mixes.map((mix) => ({ ...mix, note: 'x' })),
          };
          const choices = Object.fromEntries(compared(demo, strange).map((one, i) => [choiceKey(one), picks[i]]));
          expect([...planFaults(written(demo, additions(demo, strange, choices, counter())))]).toEqual([]);
        },
      ),
      { numRuns: 40 },
    );
  });
});
