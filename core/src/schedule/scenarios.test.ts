import { describe, expect, test } from '@jest/globals';
import { EMPTY_SHELF } from '../materials/index.js';
import { planEvenings, planFaults } from '../solver/index.js';
import { splitPiece, type Piece } from '../subjects/index.js';
import {
  DEFAULT_WORKSHOP,
  freeDays,
  inWay,
  keptPlan,
  moreRoundsOf,
  movedBy,
  operationOf,
  pairings,
  planOf,
  planScenario,
  planPieces,
  problemOf,
  splitProposals,
  startFrom,
  timeBox,
  waitsOf,
  type PlanInput,
} from './index.js';
import { CATALOGUE } from '../materials/index.js';
import { MONDAY, everyEvening, vanWith, type Short } from './testing.js';

const members = (count: number): Piece['members'] =>
  Array.from({ length: count }, (_, i) => ({ id: `m${String(i + 1)}`, label: `No. ${String(i + 1)}`, differences: [] }));
const given = (pieces: Piece[], more: Partial<PlanInput> = {}): PlanInput => ({
  pieces,
  workshop: everyEvening(),
  shelf: EMPTY_SHELF,
  log: [],
  originDate: MONDAY,
  nowMin: 0,
  ...more,
});
const ENAMEL: Short[] = [
  ['brush-coat', 'enamel-matt'],
  ['brush-coat', 'acrylic-matt'],
];

describe('what if', () => {
  const cold = everyEvening({ climate: { evening: { tempC: 21, rhPct: 45 }, night: { tempC: 9, rhPct: 85 }, places: [] } });
  const slow = given(
    [
      vanWith('van', [
        ['brush-coat', 'oil-artist'],
        ['drybrush', 'acrylic-matt'],
      ]),
    ],
    { workshop: cold },
  );

  test('without the only piece there is nothing to do, and that is a plan too', () => {
    const { planned, doneMin } = planScenario(slow, { kind: 'without', pieceId: 'van' });
    expect(planned.plan).toMatchObject({ placed: [], unplaced: [], eveningsUsed: 0 });
    expect(doneMin).toEqual({});
  });

  test('with a step that fits into no evening, each other plan can still be asked for', () => {
    const long = given([vanWith('van', ENAMEL), vanWith('rock', [['flood-glue', 'white-glue-dilute', { handsOnMin: 300 }]])]);
    for (const kind of ['as-is', 'heating', 'dryer', 'tools', 'careful'] as const) {
      const { planned } = planScenario(long, { kind });
      expect(planned.cost.unplaced).toBe(1);
      expect(Number.isFinite(planned.cost.finishMin)).toBe(true);
    }
  });

  test('the heating left on dries sooner, as it is the same as now', () => {
    const now = planScenario(slow, { kind: 'as-is' });
    const warm = planScenario(slow, { kind: 'heating' });
    expect(warm.doneMin['van']!).toBeLessThan(now.doneMin['van']!);
    expect(planScenario(slow, { kind: 'as-is' })).toEqual(now);
  });

  test('a dryer saves an evening where water is what must go', () => {
    const thick = given(
      [
        vanWith('van', [
          ['brush-coat', 'acrylic-matt', { dryUm: 60 }],
          ['wash', 'wash-enamel'],
          ['drybrush', 'acrylic-matt'],
        ]),
      ],
      { workshop: everyEvening({ climate: { evening: { tempC: 14, rhPct: 80 }, night: { tempC: 10, rhPct: 88 }, places: [] } }) },
    );
    const { planned } = planScenario(thick, { kind: 'dryer' });
    expect(Object.values(planned.plan.chosen)).toContain('cool-dryer');
    expect(planFaults(problemOf(thick, { dryer: true }).problem, planned.plan)).toEqual([]);
    expect(planned.cost.total).toBeLessThan(planScenario(thick, { kind: 'as-is' }).planned.cost.total);
  });

  test('coats with whichever tool suits: without an airbrush all is brushed, and what was chosen is what the step becomes', () => {
    const sprayed = given(
      [
        vanWith('van', [
          ['airbrush-coat', 'acrylic-matt'],
          ['drybrush', 'acrylic-matt'],
        ]),
      ],
      {
        workshop: everyEvening({ equipment: { ...DEFAULT_WORKSHOP.equipment, airbrush: false } }),
      },
    );
    expect(planScenario(sprayed, { kind: 'as-is' }).planned.plan.unplaced).not.toEqual([]);
    const { planned } = planScenario(sprayed, { kind: 'tools' });
    expect(planned.plan.unplaced).toEqual([]);
    expect(planned.plan.chosen).toEqual({ 'van/0/0': 'brushed' });
    const [step] = sprayed.pieces[0]!.steps;
    const brushed = inWay(step!, 'brushed', CATALOGUE);
    expect(brushed).toMatchObject({ technique: 'brush-coat', tool: null });
    // really done so, the plan is the same
    const done = given([{ ...sprayed.pieces[0]!, steps: [brushed, sprayed.pieces[0]!.steps[1]!] }], { workshop: sprayed.workshop });
    expect(planScenario(done, { kind: 'as-is' }).planned.plan.placed).toEqual(planned.plan.placed);
    expect(inWay(step!, null, CATALOGUE)).toBe(step);
    expect(() => inWay(step!, 'by-mop', CATALOGUE)).toThrow("got 'by-mop'");
  });

  test('without a piece nothing of it is planned; one more evening is used', () => {
    const two = given([vanWith('van', ENAMEL), vanWith('lorry', ENAMEL)], {
      workshop: everyEvening({ weekly: [{ weekday: 0, start: '19:00', end: '21:00' }] }),
    });
    expect(Object.keys(planScenario(two, { kind: 'without', pieceId: 'lorry' }).doneMin)).toEqual(['van']);
    const [day] = freeDays(two);
    expect(day).toEqual({ date: '2026-11-24', start: '19:00', end: '21:00' });
    const more = planScenario(two, { kind: 'evening', date: '2026-11-24', start: '19:00', end: '21:00' });
    expect(more.planned.plan.finishMin!).toBeLessThan(planScenario(two, { kind: 'as-is' }).planned.plan.finishMin!);
  });

  test('careful plans take no less', () => {
    const usual = planScenario(slow, { kind: 'as-is' }).planned.plan.finishMin!;
    expect(planScenario(slow, { kind: 'careful' }).planned.plan.finishMin!).toBeGreaterThanOrEqual(usual);
  });
});

describe('twenty minutes', () => {
  const quick: Short[] = [
    ['brush-coat', 'acrylic-matt', { handsOnMin: 8 }],
    ['speckle', 'acrylic-matt', { handsOnMin: 7, priority: 'may' }],
    ['drybrush', 'acrylic-satin', { handsOnMin: 6 }],
  ];

  test('holds what fits, from now, and nothing that does not', () => {
    const box = timeBox(given([vanWith('van', ENAMEL), vanWith('wagon', quick)], { nowMin: 600 }), 20);
    expect(box).toMatchObject({ fromMin: 600, toMin: 620, isDone: null });
    expect(box.inside.length).toBeGreaterThan(0);
    for (const { startMin, endMin } of box.inside) {
      expect(startMin).toBeGreaterThanOrEqual(600);
      expect(endMin).toBeLessThanOrEqual(620);
    }
  });

  test('one wagon in one sitting: what is only nice to have is left out', () => {
    const whole = timeBox(given([vanWith('wagon', quick)], { nowMin: 600 }), 400, 'wagon');
    expect(whole).toMatchObject({ isDone: true, dropped: [] });
    const needed = whole.inside.at(-1)!.endMin - 600;
    const short = timeBox(given([vanWith('wagon', quick)], { nowMin: 600 }), needed - 3, 'wagon');
    expect(short.isDone).toBe(true);
    expect(short.dropped.map((id) => operationOf(id).stepIndex)).toEqual([1]);
    expect(timeBox(given([vanWith('wagon', quick)], { nowMin: 600 }), 10, 'wagon').isDone).toBe(false);
  });

  test('a time that is none is refused', () => {
    for (const minutes of [0, -5, NaN, 2000]) expect(() => timeBox(given([]), minutes)).toThrow(RangeError);
  });
});

describe('going round like on a bench', () => {
  test('a wait says how many models make it vanish, and what fills it', () => {
    const coats: Short[] = [
      ['brush-coat', 'acrylic-matt', { handsOnMin: 4 }],
      ['drybrush', 'acrylic-satin', { handsOnMin: 4 }],
    ];
    const outlook = planPieces({
      pieces: [vanWith('van', coats), vanWith('filler', [['clean', null, { handsOnMin: 6 }]])],
      workshop: everyEvening(),
      shelf: EMPTY_SHELF,
      log: [],
      originDate: MONDAY,
      nowMin: 0,
    });
    const [wait] = waitsOf([vanWith('van', coats), vanWith('filler', [['clean', null, { handsOnMin: 6 }]])], outlook);
    expect(wait!.waitMin).toBeGreaterThan(0);
    expect(wait!.modelsForNone).toBe(1 + Math.ceil(wait!.waitMin / 4));
    expect(wait!.filledBy).toEqual([{ pieceId: 'filler', stepIndex: 0, minutes: 6 }]);
    expect(wait!.idleMin).toBeCloseTo(wait!.waitMin - 6, 6);
    // a batch of so many waits no longer than the last takes
    const batch = vanWith('van', coats, { members: members(wait!.modelsForNone) });
    const [left] = waitsOf(
      [batch],
      planPieces({ pieces: [batch], workshop: everyEvening(), shelf: EMPTY_SHELF, log: [], originDate: MONDAY, nowMin: 0 }),
    );
    expect(left === undefined || left.models === wait!.modelsForNone).toBe(true);
  });

  test('a wait of minutes counts, one that is left until another evening does not', () => {
    const outlookOf = (pieces: Piece[]) =>
      planPieces({ pieces, workshop: everyEvening(), shelf: EMPTY_SHELF, log: [], originDate: MONDAY, nowMin: 0 });
    const overnight = vanWith('van', [
      ['brush-coat', 'enamel-matt'],
      ['drybrush', 'acrylic-satin'],
    ]);
    expect(waitsOf([overnight], outlookOf([overnight]))).toEqual([]);
    const atOnce = vanWith('box', [
      ['clean', null, { handsOnMin: 10 }],
      ['clean', null, { handsOnMin: 10 }],
    ]);
    expect(waitsOf([atOnce], outlookOf([atOnce]))).toEqual([]);
    // three at a time: each takes its third, and two more would fill what is left
    const batch = vanWith(
      'wagons',
      [
        ['brush-coat', 'acrylic-matt', { handsOnMin: 4 }],
        ['drybrush', 'acrylic-satin', { handsOnMin: 4 }],
      ],
      { members: members(3) },
    );
    const [wait] = waitsOf([batch], outlookOf([batch]));
    expect(wait).toMatchObject({ models: 3, perModelMin: 4, filledBy: [] });
    expect(wait!.idleMin).toBe(wait!.waitMin);
    expect(wait!.modelsForNone).toBe(3 + Math.ceil(wait!.waitMin / 4));
  });

  /** Two looks at a van, so many minutes apart, and what else there is to do. */
  const waitBetween = (waitMin: number, others: Piece[] = [], first: Short = ['inspect', null, { handsOnMin: 10 }], end = '21:00') => {
    const pieces = [vanWith('van', [first, ['inspect', null, { handsOnMin: 10, waitMin }]]), ...others];
    const evenings = everyEvening({ weekly: everyEvening().weekly.map((one) => ({ ...one, end })) });
    return waitsOf(pieces, planPieces(given(pieces, { workshop: evenings })));
  };

  test('a wait that is a whole number of models long wants exactly so many more', () => {
    expect(waitBetween(20)).toMatchObject([{ waitMin: 20, perModelMin: 10, modelsForNone: 3, idleMin: 20, filledBy: [] }]);
    expect(waitBetween(21)).toMatchObject([{ modelsForNone: 4 }]);
  });

  test('nobody waits three hours at the bench', () => {
    expect(waitBetween(150, [], undefined, '23:30')).toMatchObject([{ waitMin: 150 }]);
    expect(waitBetween(160, [], undefined, '23:30')).toEqual([]);
  });

  test('what comes after the wait does not fill it, cleaning the airbrush does', () => {
    const later = vanWith('later', [['inspect', null, { handsOnMin: 6, pinnedAt: `${MONDAY}T20:30` }]]);
    expect(waitBetween(20, [later])).toMatchObject([{ filledBy: [], idleMin: 20 }]);
    const [wait] = waitBetween(40, [], ['airbrush-coat', 'acrylic-matt', { handsOnMin: 10 }]);
    expect(wait).toMatchObject({ waitMin: 40, filledBy: [] });
    expect(wait!.idleMin).toBe(40 - DEFAULT_WORKSHOP.airbrushCleanMin);
  });

  test('two that share an evening are worth it, two that fill one each are not; what is saved is counted out', () => {
    const look = (id: string, handsOnMin: number) => vanWith(id, [['inspect', null, { handsOnMin }]]);
    expect(pairings(given([look('a', 30), look('b', 40)]))).toEqual([
      { pieceIds: ['a', 'b'], together: 1, apart: 2, idleMin: 0, idleApartMin: 0 },
    ]);
    expect(pairings(given([look('a', 100), look('b', 100)]))).toEqual([]);
    const waiting = (id: string, waitMin: number) =>
      vanWith(id, [
        ['inspect', null, { handsOnMin: 10 }],
        ['inspect', null, { handsOnMin: 10, waitMin }],
      ]);
    const [pair] = pairings(given([waiting('a', 20), waiting('b', 30)]));
    expect(pair!.idleApartMin).toBe(
      planOf(given([waiting('a', 20)])).planned.cost.idleMin + planOf(given([waiting('b', 30)])).planned.cost.idleMin,
    );
    expect(pair!.idleApartMin).toBeGreaterThan(30);
  });

  test('pieces that fill each other’s waits are named, the best first', () => {
    const waits: Short[] = [
      ['brush-coat', 'acrylic-matt', { handsOnMin: 8 }],
      ['brush-coat', 'acrylic-matt', { handsOnMin: 8 }],
      ['drybrush', 'acrylic-satin', { handsOnMin: 8 }],
    ];
    const pairs = pairings(given([vanWith('van', waits), vanWith('lorry', waits), vanWith('box', [['clean', null, { handsOnMin: 100 }]])]));
    expect(pairs[0]!.pieceIds).toEqual(['van', 'lorry']);
    expect(pairs[0]!.together).toBeLessThan(pairs[0]!.apart);
    for (const { together, apart, idleMin, idleApartMin } of pairs) expect(together < apart || idleMin < idleApartMin).toBe(true);
    expect(pairings(given([vanWith('van', waits)]))).toEqual([]);
  });

  test('a batch too long for the evening is proposed in two', () => {
    const coat: Short[] = [['flood-glue', 'white-glue-dilute', { handsOnMin: 25 }]];
    const long = vanWith('wagons', coat, { members: members(6) });
    const [proposal, ...others] = splitProposals(given([long, vanWith('van', coat)]));
    expect(others).toEqual([]);
    expect(proposal).toMatchObject({ pieceId: 'wagons', parts: [3, 3] });
    expect(proposal!.planned.plan).toMatchObject({ unplaced: [], eveningsUsed: 2 });
    expect(splitProposals(given([vanWith('van', coat, { members: members(2) })]))).toEqual([]);
  });

  test('split, both halves have all that is done on theirs', () => {
    const whole = vanWith(
      'wagons',
      [
        ['clean', null],
        ['decal', null, { members: ['m1'] }],
        ['wash', 'wash-oil', { members: ['m4', 'm5'] }],
        ['inspect', null, { pinnedAt: '2026-11-25T19:00' }],
      ],
      { members: members(5) },
    );
    const [first, second] = splitPiece(whole, 'wagons-2');
    expect(first.members.map(({ id }) => id)).toEqual(['m1', 'm2', 'm3']);
    expect(second).toMatchObject({ id: 'wagons-2', name: 'wagons (2)' });
    expect(first.steps.map(({ technique, members: on }) => [technique, on])).toEqual([
      ['clean', null],
      ['decal', ['m1']],
      ['inspect', null],
    ]);
    expect(second.steps.map(({ technique, members: on, pinnedAt }) => [technique, on, pinnedAt])).toEqual([
      ['clean', null, null],
      ['wash', null, null],
      ['inspect', null, null],
    ]);
  });
});

describe('a kept plan', () => {
  const pieces = [vanWith('van', ENAMEL), vanWith('lorry', ENAMEL)];

  test('is the same a day later, told for that day, and outlasts a step that goes', () => {
    const { open, problem } = problemOf(given(pieces));
    const { start, plan } = planEvenings(problem, { drafts: 60, seed: 4 });
    const kept = keptPlan({ ...start, fromMin: { 'van/1/0': 1500 } }, given(open));
    expect(kept.notBefore).toEqual([{ step: 'van/s2/0', at: '2026-11-24T01:00' }]);
    const tomorrow = startFrom(kept, { ...given(open), originDate: '2026-11-24' });
    expect(tomorrow.order).toEqual(start.order);
    expect(tomorrow.fromMin).toEqual({ 'van/1/0': 60 });
    const shorter = pieces.map((one) => ({ ...one, steps: one.steps.slice(1) }));
    expect(startFrom(kept, given(shorter)).order.every((id) => ['van/0/0', 'lorry/0/0'].includes(id))).toBe(true);
    const planning = { ...DEFAULT_WORKSHOP.planning, kept: keptPlan(start, given(open)) };
    expect(
      planPieces({ pieces, workshop: everyEvening({ planning }), shelf: EMPTY_SHELF, log: [], originDate: MONDAY, nowMin: 0 }).plan,
    ).toEqual(plan);
  });

  test('moves with the dates of its file', () => {
    const kept = { keptOn: MONDAY, order: ['a'], keptFree: ['2026-11-24T19:00'], notBefore: [{ step: 'a', at: '2026-11-30T20:00' }] };
    expect(movedBy(kept, 2)).toEqual({
      keptOn: '2026-11-25',
      order: ['a'],
      keptFree: ['2026-11-26T19:00'],
      notBefore: [{ step: 'a', at: '2026-12-02T20:00' }],
    });
  });
});

test('a repeat group may want another round, with all that is done in one', () => {
  const grouped = vanWith(
    'van',
    [
      ['wash', 'wash-oil', { groupId: 'g', handsOnMin: 10 }],
      ['drybrush', 'acrylic-matt', { groupId: 'g', handsOnMin: 5 }],
    ],
    {
      groups: [{ id: 'g', name: 'Again', rounds: 2, gate: 'dark enough' }],
    },
  );
  expect(moreRoundsOf(given([grouped]))).toEqual([{ after: 'van/3/0', minutes: 15, chance: 0.25 }]);
});
