import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { plainBottle, EMPTY_SHELF, suppliesOf, type Bottle } from '../materials/index.js';
import { plainEntry } from '../log/index.js';
import type { Piece } from '../subjects/index.js';
import { planFaults } from '../solver/index.js';
import { MadePlan, OutlookMemory, operationOf, planPieces, problemOf, type Outlook, type PlanInput, type Workshop } from './index.js';
import { MONDAY, eachDay, everyEvening, vanWith, type Short } from './testing.js';

const workshop = (more: Partial<Workshop> = {}): Workshop => everyEvening({ weekly: eachDay('19:00', '21:30'), ...more });
const inputOf = (pieces: readonly Piece[], nowMin = 0, bench = workshop()): PlanInput => ({
  ...{ pieces, workshop: bench, shelf: EMPTY_SHELF, log: [], originDate: MONDAY, nowMin },
});
const plan = (pieces: readonly Piece[], bench = workshop(), now = 0): Outlook => planPieces(inputOf(pieces, now, bench));

/** Day of the horizon on which each step of a piece begins. */
const daysOf = (outlook: Outlook, id: string): number[] =>
  outlook.plan.placed.filter((placed) => operationOf(placed.id).pieceId === id).map((placed) => Math.floor(placed.startMin / 1440));

const lastEnd = (outlook: Outlook): number => Math.max(...outlook.plan.placed.map((placed) => placed.endMin));

const ENAMEL: Short[] = [
  ['brush-coat', 'enamel-matt'],
  ['brush-coat', 'acrylic-matt'],
];

describe('with a memory', () => {
  const given = (pieces: readonly Piece[], nowMin: number, bench: Workshop) => ({
    ...{ pieces, workshop: bench, shelf: EMPTY_SHELF, supplies: suppliesOf(EMPTY_SHELF), log: [], originDate: MONDAY, nowMin },
  });

  test('the outlook is the same as without, whatever changes, and what nothing has changed for is the same object', () => {
    const change = fc.record({ piece: fc.nat(2), coats: fc.integer({ min: 1, max: 3 }), nowMin: fc.constantFrom(0, 1150, 2700) });
    fc.assert(
      fc.property(fc.array(change, { minLength: 1, maxLength: 5 }), (changes) => {
        const [bench, memory] = [workshop(), new OutlookMemory()];
        let pieces = ['a', 'b', 'c'].map((id) => vanWith(id, ENAMEL));
        for (const { piece, coats, nowMin } of changes) {
          pieces = pieces.map((one, i) => (i === piece ? { ...one, steps: one.steps.map((step) => ({ ...step, coats })) } : one));
          expect(planPieces(given(pieces, nowMin, bench), memory)).toEqual(planPieces(given(pieces, nowMin, bench)));
        }
      }),
      { numRuns: 30 },
    );
  });

  test('a remark on one piece leaves the others as they are', () => {
    const [bench, memory] = [workshop(), new OutlookMemory()];
    const supplies = suppliesOf(EMPTY_SHELF);
    const pieces = ['a', 'b'].map((id) => vanWith(id, ENAMEL));
    const first = planPieces({ ...given(pieces, 0, bench), supplies }, memory);
    const noted = pieces.map((one) => (one.id === 'a' ? { ...one, note: 'number 22' } : one));
    const second = planPieces({ ...given(noted, 0, bench), supplies }, memory);
    expect(second.pieces[1]).toBe(first.pieces[1]);
    expect(second.pieces[0]).not.toBe(first.pieces[0]);
  });
});

describe('piece by piece', () => {
  const pieces = ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'].map((id) =>
    vanWith(id, [['brush-coat', 'enamel-matt', { handsOnMin: 40 }], ...ENAMEL]),
  );
  const given = { pieces, workshop: workshop(), shelf: EMPTY_SHELF, log: [], originDate: MONDAY, nowMin: 0 };

  test('each looks as in the whole', () => {
    const made = new MadePlan(given);
    const whole = planPieces(given);
    expect(made.plan).toEqual({ originDate: MONDAY, plan: whole.plan, cost: whole.cost, evenings: whole.evenings });
    expect([...made.pieceIds].reverse().map((id) => made.look(id))).toEqual([...whole.pieces].reverse());
    expect(() => made.look('z')).toThrow(/pieceId .*'z'/);
  });

  test('the pieces at hand are those of the first evening with work, and those that were begun', () => {
    const made = new MadePlan(given);
    const [first] = made.plan.evenings;
    const tonight = made.plan.plan.placed.filter(({ startMin }) => startMin < first!.toMin).map(({ id }) => operationOf(id).pieceId);
    expect(made.nearIds).toEqual(new Set(tonight));
    expect(made.nearIds.size).toBeLessThan(pieces.length);
    const begun = plainEntry({
      ...{ id: 'l', kind: 'work', pieceId: 'h', stepId: 's1', step: pieces[7]!.steps[0]! },
      ...{ startedAt: '2026-11-22T20:00:00', endedAt: '2026-11-22T20:20:00' },
    });
    expect(new MadePlan({ ...given, log: [begun] }).nearIds).toContain('h');
  });
});

describe('room to stand wet', () => {
  test('what finds no evening stands nowhere', () => {
    const never = Array.from({ length: 12 }, (_, i) =>
      vanWith(`v${String(i)}`, [['flood-glue', 'white-glue-dilute', { handsOnMin: 300 }]]),
    );
    const outlook = plan(never);
    expect(outlook.plan.unplaced).toHaveLength(12);
    expect(outlook.overfull).toEqual([]);
  });
});

describe('pieces in evenings', () => {
  test('what dries overnight is gone on with when it is ready', () => {
    expect(daysOf(plan([vanWith('van', ENAMEL)]), 'van')).toEqual([0, 1]);
  });

  test('nothing is put before now', () => {
    const now = 2 * 1440 + 20 * 60;
    for (const placed of plan([vanWith('van', ENAMEL)], workshop(), now).plan.placed) expect(placed.startMin).toBeGreaterThanOrEqual(now);
  });

  test('a pinned step stays where it is', () => {
    const pinned = vanWith('van', [['brush-coat', 'acrylic-matt', { pinnedAt: '2026-11-26T20:00' }]]);
    expect(plan([pinned]).plan.placed[0]?.startMin).toBe(3 * 1440 + 20 * 60);
  });

  test('a wait is kept, though the paint were ready', () => {
    const [first, second] = plan([
      vanWith('van', [
        ['brush-coat', 'acrylic-matt'],
        ['drybrush', 'acrylic-satin', { waitMin: 3 * 1440 }],
      ]),
    ]).plan.placed;
    expect(second!.startMin - first!.endMin).toBeGreaterThanOrEqual(3 * 1440);
  });

  test('a drying place with warm air brings the next step forward', () => {
    const warm = { id: 'press', name: 'Airing cupboard', air: { tempC: 32, rhPct: 35 }, models: 3 };
    const bench = workshop({ climate: { evening: { tempC: 15, rhPct: 65 }, night: { tempC: 10, rhPct: 75 }, places: [warm] } });
    const dried = (dryingPlace: string | null): number =>
      lastEnd(
        plan(
          [
            vanWith('van', [
              ['brush-coat', 'oil-artist', { dryingPlace }],
              ['wash', 'wash-acrylic'],
            ]),
          ],
          bench,
        ),
      );
    expect(dried('press')).toBeLessThan(dried(null));
  });

  test('two colours through the airbrush have a cleaning between, one colour on two pieces has none', () => {
    const sprayed = (id: string, colour: string): Piece => vanWith(id, [['airbrush-coat', 'acrylic-matt', { colour }]]);
    const cleanings = (second: string): number =>
      plan([sprayed('a', '#334433'), sprayed('b', second)]).plan.cleanings.filter(
        (c, _i, all) => c.fromMin < Math.max(...all.map((other) => other.fromMin)),
      ).length;
    expect(cleanings('#884433')).toBeGreaterThan(cleanings('#334433'));
  });

  test('an opened bottle’s age reaches the check', () => {
    const bottle: Bottle = plainBottle({
      id: 'b1',
      name: 'Old green',
      material: 'acrylic-matt',
      colour: '#445533',
      sizeMl: 17,
      leftMl: 10,
      openedOn: '2016-11-23',
    });
    const told = (openedOn: string | null): string[] =>
      planPieces({
        pieces: [vanWith('van', [['brush-coat', 'acrylic-matt', { bottleId: 'b1' }]])],
        workshop: workshop(),
        shelf: { bottles: [{ ...bottle, openedOn }], materials: [] },
        log: [],
        originDate: MONDAY,
        nowMin: 0,
      }).pieces[0]!.findings.map((finding) => finding.rule);
    expect(told('2016-11-23')).toContain('old-bottle');
    expect(told('2026-11-20')).not.toContain('old-bottle');
    expect(told(null)).not.toContain('old-bottle');
  });

  test('a name that is not known is refused, not skipped', () => {
    expect(() => plan([vanWith('van', [['varnish-by-mop', 'acrylic-matt']])])).toThrow(RangeError);
    expect(() => plan([vanWith('van', [['brush-coat', 'moon-dust']])])).toThrow(RangeError);
  });
});

describe('pieces that should match', () => {
  const filter = (pinnedAt: string): Short => ['filter', 'wash-acrylic', { dilution: { thinner: 'water', parts: [1, 6] }, pinnedAt }];
  const set = { finish: { finishId: 'f', version: 1, setId: 'train' }, likeness: 'alike' as const };
  const hints = (second: string, more: Partial<Piece> = set): string[] =>
    plan([vanWith('first', [filter('2026-11-23T19:00')], set), vanWith('second', [filter(second)], more)]).pieces.flatMap(
      ({ pieceId, findings }) => findings.filter(({ rule }) => rule === 'unmixed-batch').map(({ message }) => `${pieceId}: ${message}`),
    );

  test('one mix made anew for the second is told there, unless it keeps or they need not match', () => {
    expect(hints('2026-11-28T19:00')).toEqual([expect.stringMatching(/^second: The mix for first will not keep/)]);
    expect(hints('2026-11-24T19:00')).toEqual([]);
    expect(hints('2026-11-28T19:00', { ...set, finish: null })).toEqual([]);
    expect(hints('2026-11-28T19:00', { ...set, likeness: 'own' })).toEqual([]);
  });
});

describe('pieces at one bench', () => {
  test('the plan keeps a hot-air gun half an hour from what burns, on other pieces and before what is done already', () => {
    const wash: Short = ['wash', 'wash-enamel', { dilution: { thinner: 'white-spirit', parts: [1, 2] } }];
    const pieces = [vanWith('washed', [wash]), vanWith('dried', [['force-dry', null, { drying: 'heat-gun' }]]), vanWith('last', [wash])];
    const { problem } = problemOf(inputOf(pieces));
    const outlook = plan(pieces);
    expect(planFaults(problem, outlook.plan)).toEqual([]);
    expect(outlook.pieces.flatMap(({ findings }) => findings.map(({ rule }) => rule))).not.toContain('heat-gun-near-vapour');
    const at = (id: string) => outlook.plan.placed.find((one) => operationOf(one.id).pieceId === id)!;
    for (const id of ['washed', 'last'])
      expect(at('dried').startMin >= at(id).endMin + 30 || at('dried').endMin <= at(id).startMin).toBe(true);
    // what was laid this evening is in the air as well
    const done = plainEntry({
      id: 'l',
      kind: 'work',
      pieceId: 'washed',
      stepId: 's1',
      step: pieces[0]!.steps[0]!,
      startedAt: `${MONDAY}T19:00:00`,
      endedAt: `${MONDAY}T19:10:00`,
    });
    const on = planPieces({ ...inputOf(pieces.slice(0, 2), 19 * 60 + 10), log: [done] });
    expect(on.plan.placed.find((one) => operationOf(one.id).pieceId === 'dried')!.startMin).toBeGreaterThanOrEqual(19 * 60 + 40);
    // what is pinned stays where it was put, and the rule tells it
    const [washed, dried] = pieces;
    const pinned = { ...dried!, steps: dried!.steps.map((step) => ({ ...step, pinnedAt: `${MONDAY}T19:20:00` })) };
    const told = planPieces({ ...inputOf([washed!, pinned], 19 * 60 + 10), log: [done] });
    expect(told.plan.placed.find((one) => operationOf(one.id).pieceId === 'dried')!.startMin).toBe(19 * 60 + 20);
    expect(told.pieces[1]!.findings.map(({ rule }) => rule)).toContain('heat-gun-near-vapour');
  });

  test('a hot-air gun beside what burns is told, though that lies on another piece', () => {
    const washed = vanWith('washed', [
      ['wash', 'wash-enamel', { dilution: { thinner: 'white-spirit', parts: [1, 2] }, pinnedAt: `${MONDAY}T19:00:00` }],
    ]);
    const dryAt = (time: string) =>
      vanWith('dried', [['force-dry', null, { drying: 'heat-gun', pinnedAt: `${MONDAY}T${time}` }]], { name: 'Quay crane' });
    const told = (pieces: readonly Piece[]) =>
      plan(pieces).pieces.flatMap(({ findings }) => findings.filter(({ rule }) => rule === 'heat-gun-near-vapour'));
    const [found, ...more] = told([washed, dryAt('19:30:00')]);
    expect(more).toEqual([]);
    expect(found?.evidence).toContain('on washed');
    expect(found?.fixes.length ?? 0).toBe(0);
    expect(told([washed, dryAt('20:20:00')])).toEqual([]);
    // before it there is nothing to be lit yet
    const later = { ...washed, steps: washed.steps.map((step) => ({ ...step, pinnedAt: `${MONDAY}T20:20:00` })) };
    expect(told([later, dryAt('19:30:00')])).toEqual([]);
    const harmless = vanWith('washed', [['wash', 'wash-acrylic', { pinnedAt: `${MONDAY}T19:00:00` }]]);
    expect(told([harmless, dryAt('19:30:00')])).toEqual([]);
  });
});

describe('the planning problem', () => {
  const coats = fc.array(
    fc.constantFrom<Short>(['brush-coat', 'acrylic-matt'], ['airbrush-coat', 'acrylic-satin', { coats: 2 }], ['wash', 'wash-oil']),
    {
      minLength: 1,
      maxLength: 6,
    },
  );

  const problemFrom = (pieces: Piece[]) =>
    problemOf({ pieces, workshop: workshop(), shelf: EMPTY_SHELF, log: [], originDate: MONDAY, nowMin: 0 }).problem;

  test('lags run forward between operations that exist, and no window closes before it opens', () => {
    fc.assert(
      fc.property(coats, (steps) => {
        const { operations, drying = [] } = problemFrom([vanWith('a', steps)]);
        const order = operations.map((operation) => operation.id);
        expect(new Set(order).size).toBe(order.length);
        for (const lag of drying) {
          expect(order.indexOf(lag.from)).toBeGreaterThanOrEqual(0);
          expect(order.indexOf(lag.to)).toBeGreaterThan(order.indexOf(lag.from));
          for (const { open, close } of lag.windows) {
            expect(open.eveningMin).toBeGreaterThanOrEqual(0);
            if (close) expect(close.eveningMin).toBeGreaterThanOrEqual(open.eveningMin);
          }
        }
      }),
    );
  });

  test('operations of a piece are named by piece, step and sitting, and the name is read back', () => {
    const { operations } = problemFrom([
      vanWith('a', [
        ['brush-coat', 'acrylic-matt'],
        ['wash', 'wash-oil'],
      ]),
    ]);
    expect(operations.map((operation) => operationOf(operation.id).stepIndex)).toEqual([0, 1]);
    expect(operations.every((operation) => operationOf(operation.id).pieceId === 'a')).toBe(true);
  });
});
