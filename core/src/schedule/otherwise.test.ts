import { describe, expect, test } from '@jest/globals';
import { EMPTY_SHELF } from '../materials/index.js';
import { planEvenings, planFaults } from '../solver/index.js';
import { pieceFromTemplate, plainStep, splitPiece, templateById, type Piece, type Step } from '../subjects/index.js';
import {
  DEFAULT_WORKSHOP,
  freeDays,
  inWay,
  keptPlan,
  moreRoundsOf,
  movedBy,
  operationOf,
  pairings,
  planOtherwise,
  planPieces,
  problemOf,
  splitProposals,
  startFrom,
  timeBox,
  waitsOf,
  type Given,
  type Workshop,
} from './index.js';
import { CATALOGUE } from '../materials/index.js';

const MONDAY = '2026-11-23';
const every: Workshop['weekly'] = [0, 1, 2, 3, 4, 5, 6].map((weekday) => ({ weekday, start: '19:00', end: '21:00' }));
const workshop = (more: Partial<Workshop> = {}): Workshop => ({ ...DEFAULT_WORKSHOP, weekly: every, ...more });
type Short = [technique: string, material: string | null, more?: Partial<Step>];

function piece(id: string, steps: readonly Short[], more: Partial<Piece> = {}): Piece {
  const bare = pieceFromTemplate(templateById('van'), { id, name: id, scaleRatio: 76 });
  return {
    ...bare,
    ...more,
    steps: steps.map(([technique, material, given], i) =>
      plainStep({ id: `s${String(i + 1)}`, technique, material, zones: ['all'], ...given }),
    ),
  };
}
const members = (count: number): Piece['members'] =>
  Array.from({ length: count }, (_, i) => ({ id: `m${String(i + 1)}`, label: `No. ${String(i + 1)}`, differences: [] }));
const given = (pieces: Piece[], more: Partial<Given> = {}): Given => ({
  pieces,
  workshop: workshop(),
  shelf: EMPTY_SHELF,
  originDate: MONDAY,
  nowMin: 0,
  ...more,
});
const ENAMEL: Short[] = [
  ['brush-coat', 'enamel-matt'],
  ['brush-coat', 'acrylic-matt'],
];

describe('what if', () => {
  const cold = workshop({ climate: { evening: { tempC: 21, rhPct: 45 }, night: { tempC: 9, rhPct: 85 }, places: [] } });
  const slow = given(
    [
      piece('van', [
        ['brush-coat', 'oil-artist'],
        ['drybrush', 'acrylic-matt'],
      ]),
    ],
    { workshop: cold },
  );

  test('the heating left on dries sooner, as it is the same as now', () => {
    const now = planOtherwise(slow, { kind: 'as-is' });
    const warm = planOtherwise(slow, { kind: 'heating' });
    expect(warm.doneMin['van']!).toBeLessThan(now.doneMin['van']!);
    expect(planOtherwise(slow, { kind: 'as-is' })).toEqual(now);
  });

  test('a dryer saves an evening where water is what must go', () => {
    const thick = given(
      [
        piece('van', [
          ['brush-coat', 'acrylic-matt', { dryUm: 60 }],
          ['wash', 'wash-enamel'],
          ['drybrush', 'acrylic-matt'],
        ]),
      ],
      { workshop: workshop({ climate: { evening: { tempC: 14, rhPct: 80 }, night: { tempC: 10, rhPct: 88 }, places: [] } }) },
    );
    const { planned } = planOtherwise(thick, { kind: 'dryer' });
    expect(Object.values(planned.plan.chosen)).toContain('cool-dryer');
    expect(planFaults(problemOf(thick, { dryer: true }).problem, planned.plan)).toEqual([]);
    expect(planned.cost.total).toBeLessThan(planOtherwise(thick, { kind: 'as-is' }).planned.cost.total);
  });

  test('coats with whichever tool suits: without an airbrush all is brushed, and what was chosen is what the step becomes', () => {
    const sprayed = given(
      [
        piece('van', [
          ['airbrush-coat', 'acrylic-matt'],
          ['drybrush', 'acrylic-matt'],
        ]),
      ],
      {
        workshop: workshop({ equipment: { ...DEFAULT_WORKSHOP.equipment, airbrush: false } }),
      },
    );
    expect(planOtherwise(sprayed, { kind: 'as-is' }).planned.plan.unplaced).not.toEqual([]);
    const { planned } = planOtherwise(sprayed, { kind: 'tools' });
    expect(planned.plan.unplaced).toEqual([]);
    expect(planned.plan.chosen).toEqual({ 'van/0/0': 'brushed' });
    const [step] = sprayed.pieces[0]!.steps;
    const brushed = inWay(step!, 'brushed', CATALOGUE);
    expect(brushed).toMatchObject({ technique: 'brush-coat', tool: null });
    // really done so, the plan is the same
    const done = given([{ ...sprayed.pieces[0]!, steps: [brushed, sprayed.pieces[0]!.steps[1]!] }], { workshop: sprayed.workshop });
    expect(planOtherwise(done, { kind: 'as-is' }).planned.plan.placed).toEqual(planned.plan.placed);
    expect(inWay(step!, null, CATALOGUE)).toBe(step);
    expect(() => inWay(step!, 'by-mop', CATALOGUE)).toThrow("got 'by-mop'");
  });

  test('without a piece nothing of it is planned; one more evening is used', () => {
    const two = given([piece('van', ENAMEL), piece('lorry', ENAMEL)], {
      workshop: workshop({ weekly: [{ weekday: 0, start: '19:00', end: '21:00' }] }),
    });
    expect(Object.keys(planOtherwise(two, { kind: 'without', pieceId: 'lorry' }).doneMin)).toEqual(['van']);
    const [day] = freeDays(two);
    expect(day).toEqual({ date: '2026-11-24', start: '19:00', end: '21:00' });
    const more = planOtherwise(two, { kind: 'evening', date: '2026-11-24', start: '19:00', end: '21:00' });
    expect(more.planned.plan.finishMin!).toBeLessThan(planOtherwise(two, { kind: 'as-is' }).planned.plan.finishMin!);
  });

  test('careful plans take no less', () => {
    const usual = planOtherwise(slow, { kind: 'as-is' }).planned.plan.finishMin!;
    expect(planOtherwise(slow, { kind: 'careful' }).planned.plan.finishMin!).toBeGreaterThanOrEqual(usual);
  });
});

describe('twenty minutes', () => {
  const quick: Short[] = [
    ['brush-coat', 'acrylic-matt', { handsOnMin: 8 }],
    ['speckle', 'acrylic-matt', { handsOnMin: 7, priority: 'may' }],
    ['drybrush', 'acrylic-satin', { handsOnMin: 6 }],
  ];

  test('holds what fits, from now, and nothing that does not', () => {
    const box = timeBox(given([piece('van', ENAMEL), piece('wagon', quick)], { nowMin: 600 }), 20);
    expect(box).toMatchObject({ fromMin: 600, toMin: 620, isDone: null });
    expect(box.inside.length).toBeGreaterThan(0);
    for (const { startMin, endMin } of box.inside) {
      expect(startMin).toBeGreaterThanOrEqual(600);
      expect(endMin).toBeLessThanOrEqual(620);
    }
  });

  test('one wagon in one sitting: what is only nice to have is left out', () => {
    const whole = timeBox(given([piece('wagon', quick)], { nowMin: 600 }), 400, 'wagon');
    expect(whole).toMatchObject({ isDone: true, dropped: [] });
    const needed = whole.inside.at(-1)!.endMin - 600;
    const short = timeBox(given([piece('wagon', quick)], { nowMin: 600 }), needed - 3, 'wagon');
    expect(short.isDone).toBe(true);
    expect(short.dropped.map((id) => operationOf(id).stepIndex)).toEqual([1]);
    expect(timeBox(given([piece('wagon', quick)], { nowMin: 600 }), 10, 'wagon').isDone).toBe(false);
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
    const outlook = planPieces(
      [piece('van', coats), piece('filler', [['clean', null, { handsOnMin: 6 }]])],
      workshop(),
      EMPTY_SHELF,
      MONDAY,
      0,
    );
    const [wait] = waitsOf([piece('van', coats), piece('filler', [['clean', null, { handsOnMin: 6 }]])], outlook);
    expect(wait!.waitMin).toBeGreaterThan(0);
    expect(wait!.modelsForNone).toBe(1 + Math.ceil(wait!.waitMin / 4));
    expect(wait!.filledBy).toEqual([{ pieceId: 'filler', stepIndex: 0, minutes: 6 }]);
    expect(wait!.idleMin).toBeCloseTo(wait!.waitMin - 6, 6);
    // a batch of so many waits no longer than the last takes
    const batch = piece('van', coats, { members: members(wait!.modelsForNone) });
    const [left] = waitsOf([batch], planPieces([batch], workshop(), EMPTY_SHELF, MONDAY, 0));
    expect(left === undefined || left.models === wait!.modelsForNone).toBe(true);
  });

  test('pieces that fill each other’s waits are named, the best first', () => {
    const waits: Short[] = [
      ['brush-coat', 'acrylic-matt', { handsOnMin: 8 }],
      ['brush-coat', 'acrylic-matt', { handsOnMin: 8 }],
      ['drybrush', 'acrylic-satin', { handsOnMin: 8 }],
    ];
    const pairs = pairings(given([piece('van', waits), piece('lorry', waits), piece('box', [['clean', null, { handsOnMin: 100 }]])]));
    expect(pairs[0]!.pieceIds).toEqual(['van', 'lorry']);
    expect(pairs[0]!.together).toBeLessThan(pairs[0]!.apart);
    for (const { together, apart, idleMin, idleApartMin } of pairs) expect(together < apart || idleMin < idleApartMin).toBe(true);
    expect(pairings(given([piece('van', waits)]))).toEqual([]);
  });

  test('a batch too long for the evening is proposed in two', () => {
    const coat: Short[] = [['brush-coat', 'acrylic-matt', { handsOnMin: 25 }]];
    const long = piece('wagons', coat, { members: members(6) });
    const [proposal, ...others] = splitProposals(given([long, piece('van', coat)]));
    expect(others).toEqual([]);
    expect(proposal).toMatchObject({ pieceId: 'wagons', parts: [3, 3], evenings: 2 });
    expect(proposal!.planned.plan.unplaced).toEqual([]);
    expect(splitProposals(given([piece('van', coat, { members: members(2) })]))).toEqual([]);
  });

  test('split, both halves have all that is done on theirs', () => {
    const whole = piece(
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
  const pieces = [piece('van', ENAMEL), piece('lorry', ENAMEL)];

  test('is the same a day later, told for that day, and outlasts a step that goes', () => {
    const { open, problem } = problemOf(given(pieces));
    const { start, plan } = planEvenings(problem, { drafts: 60, seed: 4 });
    const kept = keptPlan({ ...start, fromMin: { 'van/1/0': 1500 } }, open, MONDAY);
    expect(kept.notBefore).toEqual([{ step: 'van/s2/0', at: '2026-11-24T01:00' }]);
    const tomorrow = startFrom(kept, open, '2026-11-24');
    expect(tomorrow.order).toEqual(start.order);
    expect(tomorrow.fromMin).toEqual({ 'van/1/0': 60 });
    const shorter = pieces.map((one) => ({ ...one, steps: one.steps.slice(1) }));
    expect(startFrom(kept, shorter, MONDAY).order.every((id) => ['van/0/0', 'lorry/0/0'].includes(id))).toBe(true);
    const planning = { ...DEFAULT_WORKSHOP.planning, kept: keptPlan(start, open, MONDAY) };
    expect(planPieces(pieces, workshop({ planning }), EMPTY_SHELF, MONDAY, 0).plan).toEqual(plan);
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
  const grouped = piece(
    'van',
    [
      ['wash', 'wash-oil', { groupId: 'g', handsOnMin: 10 }],
      ['drybrush', 'acrylic-matt', { groupId: 'g', handsOnMin: 5 }],
    ],
    {
      groups: [{ id: 'g', name: 'Again', rounds: 2, gate: 'dark enough' }],
    },
  );
  expect(moreRoundsOf([grouped], workshop(), CATALOGUE)).toEqual([{ after: 'van/3/0', minutes: 15, chance: 0.25 }]);
});
