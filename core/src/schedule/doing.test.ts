import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { withAnotherRound, type LogEntry } from '../log/index.js';
import { worked } from '../log/testing.js';
import { planFaults } from '../solver/index.js';
import type { Piece } from '../subjects/index.js';
import { operationOf, planOf, planPieces } from './index.js';
import { MONDAY, givenAt, vanWith, type Short } from './testing.js';

const SEVEN = 19 * 60;
const planned = (pieces: Piece[], log: LogEntry[], nowMin: number) => planPieces(givenAt(pieces, log, nowMin));
const COATS: Short[] = [
  ['clean', 'water-detergent'],
  ['brush-coat', 'acrylic-matt'],
  ['wash', 'wash-enamel', { dilution: { thinner: 'white-spirit', parts: [1, 2] } }],
  ['clear-coat', 'clear-matt-acrylic'],
];

describe('the plan of what is left', () => {
  const van = vanWith('van', COATS);

  test('what is done is not planned again, and drying counts from when it really ended', () => {
    const before = planned([van], [], SEVEN);
    const second = before.pieces[0]!.reports[1]!.startMin;
    const late = planned([van], [worked(van, 0, [SEVEN, SEVEN + 25], { date: MONDAY })], SEVEN + 25);
    expect(late.plan.placed.map(({ id }) => operationOf(id).stepIndex)).toEqual([1, 2, 3]);
    expect(late.pieces[0]!.reports[0]).toMatchObject({ startMin: SEVEN, endMin: SEVEN + 25 });
    const early = before.pieces[0]!.reports[0]!.endMin;
    expect(late.pieces[0]!.reports[1]!.startMin - second).toBeCloseTo(SEVEN + 25 - early, 0);
  });

  test('what goes on keeps the hands until it is taken to be done', () => {
    const other = vanWith('other', COATS.slice(0, 1));
    const { plan, pieces } = planned([van, other], [worked(van, 0, [SEVEN, null], { date: MONDAY })], SEVEN + 2);
    const [own] = pieces[0]!.sittings[0]!;
    expect(own).toMatchObject({ begun: { fromMin: SEVEN, isRunning: true } });
    for (const { startMin } of plan.placed) expect(startMin).toBeGreaterThanOrEqual(own!.begun!.toMin);
  });

  test('a coat of last night is dry today', () => {
    const log = [
      worked(van, 0, [SEVEN - 1440, SEVEN - 1430], { date: MONDAY }),
      worked(van, 1, [SEVEN - 1400, SEVEN - 1390], { date: MONDAY }),
    ];
    const { plan } = planned([van], log, SEVEN);
    expect(plan.placed[0]).toMatchObject({ id: 'van/2/0', startMin: SEVEN });
  });

  test('what was left out is neither planned nor judged', () => {
    const leftOut = { ...worked(van, 2, [SEVEN, SEVEN], { date: MONDAY }), kind: 'left-out' as const };
    const { pieces } = planned([van], [leftOut], SEVEN);
    expect(pieces[0]!.steps.map(({ technique }) => technique)).toEqual(['clean', 'brush-coat', 'clear-coat']);
  });

  test('one coat of two is done: the other is planned', () => {
    const twice = vanWith('van', [['brush-coat', 'acrylic-matt', { coats: 2 }]]);
    const { plan, pieces } = planned([twice], [worked(twice, 0, [SEVEN, SEVEN + 9], { date: MONDAY })], SEVEN + 9);
    expect(plan.placed.map(({ id }) => id)).toEqual(['van/0/1']);
    expect(pieces[0]!.reports[0]!.startMin).toBe(SEVEN);
  });

  test('a window that has closed is missed: the rest goes on, and the check says what it spoils', () => {
    // powder that should fall into wet paste, hours later
    const chip = vanWith('van', [
      ['brush-coat', 'acrylic-matt'],
      ['brush-coat', 'chipping-medium'],
      ['brush-coat', 'acrylic-satin'],
      ['chip', 'water'],
    ]);
    const done = [0, 1, 2].map((i) => worked(chip, i, [SEVEN - 1440 * (9 - i), SEVEN - 1440 * (9 - i) + 10], { date: MONDAY }));
    const { plan, pieces } = planned([chip], done, SEVEN);
    expect(plan.unplaced).toEqual([]);
    expect(plan.placed.map(({ id }) => id)).toEqual(['van/3/0']);
    expect(pieces[0]!.findings.filter(({ stepIndex }) => stepIndex === 3).map(({ rule }) => rule)).toContain('too-late');
  });

  test('whatever is done of a plan, the rest is planned once, later, and by the rules of planning', () => {
    const two = [van, vanWith('lorry', COATS.slice(1))];
    const first = planned(two, [], SEVEN);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: first.plan.placed.length }), fc.integer({ min: 0, max: 40 }), (count, lateMin) => {
        const done = first.plan.placed.slice(0, count);
        const log = done.map(({ id, startMin, endMin }) => {
          const { pieceId, stepIndex, sitting } = operationOf(id);
          return worked(
            two.find((piece) => piece.id === pieceId)!,
            stepIndex,
            [startMin, endMin],
            { date: MONDAY, sitting },
          );
        });
        const nowMin = Math.max(SEVEN, ...done.map(({ endMin }) => endMin)) + lateMin;
        const { problem, planned: next } = planOf(givenAt(two, log, nowMin));
        expect(planFaults(problem, next.plan)).toEqual([]);
        const left = new Set(next.plan.placed.map(({ id }) => id));
        expect(left.size + done.length).toBe(first.plan.placed.length);
        for (const { id } of done) expect(left.has(id)).toBe(false);
        for (const { startMin } of next.plan.placed) expect(startMin).toBeGreaterThanOrEqual(nowMin - 1e-6);
      }),
      { numRuns: 40 },
    );
  });

  test('in the middle of an evening the order stays as it began', () => {
    const two = [van, vanWith('lorry', COATS)];
    const began = planOf(givenAt(two, [], SEVEN)).planned.plan.placed.map(({ id }) => id);
    const later = planOf(givenAt(two, [], SEVEN + 15)).planned.plan.placed.map(({ id }) => id);
    expect(later).toEqual(began);
  });
});

describe('another round', () => {
  const group = { id: 'g', name: 'Mud', rounds: 2, gate: 'Enough?' };
  const mud = vanWith(
    'van',
    [
      ['clean', 'water-detergent'],
      ['wash', 'wash-enamel', { groupId: 'g' }],
      ['inspect', null, { groupId: 'g' }],
    ],
    {
      groups: [group],
    },
  );

  test('of a group is one more of its rounds, the fourth is steps of their own', () => {
    const thrice = withAnotherRound(mud, 's2~2', (n) => `new${String(n)}`);
    expect(thrice.groups[0]!.rounds).toBe(3);
    expect(thrice.steps).toEqual(mud.steps);
    const more = withAnotherRound(thrice, 's3~3', (n) => `new${String(n)}`);
    expect(more.groups).toEqual(thrice.groups);
    expect(more.steps.map(({ id }) => id)).toEqual(['s1', 's2', 's3', 'new1', 'new2']);
    expect(more.steps.at(-1)).toMatchObject({ technique: 'inspect', groupId: null });
  });

  test('of a single step is the same step after it, and what was done stays done', () => {
    const again = withAnotherRound(mud, 's1', (n) => `new${String(n)}`);
    expect(again.steps.map(({ id }) => id)).toEqual(['s1', 'new1', 's2', 's3']);
    const { plan } = planned([again], [worked(again, 0, [SEVEN, SEVEN + 5], { date: MONDAY })], SEVEN + 5);
    expect(plan.placed[0]!.id).toBe('van/1/0');
    expect(() => withAnotherRound(mud, 'gone', String)).toThrow("got 'gone'");
  });
});
