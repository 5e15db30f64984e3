import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { EMPTY_SHELF } from '../materials/index.js';
import { pieceFromTemplate, plainStep, templateById, type Piece, type Step } from '../subjects/index.js';
import { DEFAULT_WORKSHOP, eveningsFrom, operationOf, MadePlan, planPieces, type Workshop } from './index.js';
import { addDays, clockOf, dateOf, daysBetween, isDate, isLocalDateTime, minuteOf, minutesOfClock, weekdayOf } from '../units/index.js';

const MONDAY = '2026-11-23';

describe('dates', () => {
  test('weekdays begin on Monday', () => {
    expect(weekdayOf(MONDAY)).toBe(0);
    expect(weekdayOf('2026-11-29')).toBe(6);
  });

  test('days added are days between', () => {
    fc.assert(fc.property(fc.integer({ min: -5000, max: 5000 }), (days) => daysBetween(MONDAY, addDays(MONDAY, days)) === days));
  });

  test('clock and minutes are inverse', () => {
    fc.assert(fc.property(fc.integer({ min: 0, max: 1439 }), (minute) => minutesOfClock(clockOf(minute)) === minute));
    expect(clockOf(1440 + 61)).toBe('01:01');
    expect(dateOf(MONDAY, 1440 * 3 + 5)).toBe('2026-11-26');
    expect(minuteOf(MONDAY, '2026-11-24T20:30')).toBe(1440 + 1230);
  });

  test.each(['2026-02-30', '26-11-23', 'tomorrow', ''])('%p is no date', (text) => {
    expect(isDate(text)).toBe(false);
  });

  test('a local time is a date and a time', () => {
    expect(isLocalDateTime('2026-11-24T20:30')).toBe(true);
    expect(isLocalDateTime('2026-11-24T24:30')).toBe(false);
    expect(() => minutesOfClock('7 pm')).toThrow('time must be HH:mm');
  });
});

describe('evenings', () => {
  const workshop = (more: Partial<Workshop>): Workshop => ({ ...DEFAULT_WORKSHOP, ...more });

  test('the weekly pattern', () => {
    const evenings = eveningsFrom(workshop({ weekly: [{ weekday: 1, start: '19:30', end: '21:30' }] }), MONDAY, 14);
    expect(evenings).toEqual([
      { fromMin: 1440 + 1170, toMin: 1440 + 1290 },
      { fromMin: 8 * 1440 + 1170, toMin: 8 * 1440 + 1290 },
    ]);
  });

  test('a single date replaces the pattern of its day; without times it is an evening off', () => {
    const dates = [
      { date: '2026-11-24', start: null, end: null },
      { date: '2026-11-25', start: '20:00', end: '23:00' },
    ];
    expect(eveningsFrom(workshop({ weekly: [{ weekday: 1, start: '19:30', end: '21:30' }], dates }), MONDAY, 7)).toEqual([
      { fromMin: 2 * 1440 + 1200, toMin: 2 * 1440 + 1380 },
    ]);
  });

  test('an evening may end after midnight, and overlaps are one', () => {
    const dates = [
      { date: MONDAY, start: '22:00', end: '01:00' },
      { date: MONDAY, start: '21:00', end: '22:30' },
    ];
    expect(eveningsFrom(workshop({ weekly: [], dates }), MONDAY, 3)).toEqual([{ fromMin: 1260, toMin: 1500 }]);
  });
});

const piece = (id: string, steps: Step[], more: Partial<Piece> = {}): Piece => ({
  ...pieceFromTemplate(templateById('open-wagon'), { id, name: id, scaleRatio: 76 }),
  steps,
  ...more,
});
const step = (id: string, technique: string, material: string | null, more: Partial<Step> = {}): Step =>
  plainStep({ id, technique, material, zones: ['all'], ...more });

describe('pieces in evenings', () => {
  const wagon = piece('wagon', [
    step('1', 'clean', 'water-detergent'),
    step('2', 'spray-coat', 'primer-lacquer-aerosol'),
    step('3', 'airbrush-coat', 'acrylic-matt', { coats: 2 }),
    step('4', 'clear-coat', 'clear-matt-acrylic'),
    step('5', 'wash', 'wash-enamel', { dilution: { thinner: 'white-spirit', parts: [1, 2] } }),
    step('6', 'blend', 'white-spirit'),
    step('7', 'powder-dry', 'pigment-dry', { allowance: 2 }),
    step('8', 'fix', 'fixer-alcohol'),
    step('9', 'clean-treads', null, { zones: ['wheel-treads'] }),
  ]);

  test('a sound sequence planned is a sound sequence done', () => {
    const outlook = planPieces({
      pieces: [wagon],
      workshop: DEFAULT_WORKSHOP,
      shelf: EMPTY_SHELF,
      log: [],
      originDate: MONDAY,
      nowMin: 1000,
    });
    expect(outlook.plan.unplaced).toEqual([]);
    const [own] = outlook.pieces;
    expect(own?.findings.filter((finding) => finding.severity !== 'hint')).toEqual([]);
    expect(own?.placed.every(Boolean)).toBe(true);
  });

  test('careful drying never finishes earlier than typical', () => {
    const finish = (careful: boolean) =>
      planPieces({
        pieces: [wagon],
        workshop: { ...DEFAULT_WORKSHOP, careful },
        shelf: EMPTY_SHELF,
        log: [],
        originDate: MONDAY,
        nowMin: 0,
      }).plan.finishMin ?? 0;
    expect(finish(true)).toBeGreaterThanOrEqual(finish(false));
  });

  test('a colder night never finishes earlier', () => {
    const finish = (tempC: number) =>
      planPieces({
        pieces: [wagon],
        workshop: { ...DEFAULT_WORKSHOP, climate: { ...DEFAULT_WORKSHOP.climate, night: { tempC, rhPct: 60 } } },
        shelf: EMPTY_SHELF,
        log: [],
        originDate: MONDAY,
        nowMin: 0,
      }).plan.finishMin ?? 0;
    expect(finish(8)).toBeGreaterThanOrEqual(finish(20));
  });

  test('coats with a wait between are sittings of their own; short waits are not', () => {
    const sittings = (material: string, technique: string) =>
      planPieces({
        pieces: [piece('w', [step('1', technique, material, { coats: 2 })])],
        workshop: DEFAULT_WORKSHOP,
        shelf: EMPTY_SHELF,
        log: [],
        originDate: MONDAY,
        nowMin: 0,
      }).plan.placed.map((p) => operationOf(p.id).sitting);
    expect(sittings('acrylic-matt', 'airbrush-coat')).toEqual([0, 1]);
    expect(sittings('chipping-medium', 'spray-coat')).toEqual([0]);
  });

  test('a batch takes longer than one piece and less than each alone', () => {
    const batch = { ...wagon, members: ['22', '23', '27'].map((label) => ({ id: label, label, differences: [] })) };
    const minutes = (p: Piece) =>
      planPieces({
        pieces: [p],
        workshop: DEFAULT_WORKSHOP,
        shelf: EMPTY_SHELF,
        log: [],
        originDate: MONDAY,
        nowMin: 0,
      }).pieces[0]!.handsOnMin.reduce((a, b) => a + b, 0);
    expect(minutes(batch)).toBeGreaterThan(minutes(wagon));
    expect(minutes(batch)).toBeLessThan(3 * minutes(wagon));
  });

  test('a step for some pieces of a batch takes less than one for all', () => {
    const members = ['22', '23', '27'].map((label) => ({ id: label, label, differences: [] }));
    const minutes = (only: string[] | null) =>
      planPieces({
        pieces: [{ ...wagon, members, steps: [step('1', 'drybrush', 'acrylic-matt', { members: only })] }],
        workshop: DEFAULT_WORKSHOP,
        shelf: EMPTY_SHELF,
        log: [],
        originDate: MONDAY,
        nowMin: 0,
      }).pieces[0]!.handsOnMin[0]!;
    expect(minutes(['22'])).toBeLessThan(minutes(null));
  });

  test('what is archived takes no evening', () => {
    const { plan, pieces } = planPieces({
      pieces: [{ ...wagon, archivedOn: MONDAY }],
      workshop: DEFAULT_WORKSHOP,
      shelf: EMPTY_SHELF,
      log: [],
      originDate: MONDAY,
      nowMin: 0,
    });
    expect(plan.placed).toEqual([]);
    expect(pieces).toEqual([]);
  });

  test('without an airbrush its steps find no place, and the reason is told', () => {
    const bare = { ...DEFAULT_WORKSHOP, equipment: { ...DEFAULT_WORKSHOP.equipment, airbrush: false } };
    const { plan } = planPieces({ pieces: [wagon], workshop: bare, shelf: EMPTY_SHELF, log: [], originDate: MONDAY, nowMin: 0 });
    expect(plan.unplaced[0]).toEqual({ id: 'wagon/2/0', why: 'the workshop has no airbrush' });
  });

  test('a small booth takes a batch in loads', () => {
    const batch = { ...wagon, members: ['22', '23', '27', '28'].map((label) => ({ id: label, label, differences: [] })) };
    const minutes = (boothModels: number) =>
      planPieces({
        pieces: [batch],
        workshop: { ...DEFAULT_WORKSHOP, equipment: { ...DEFAULT_WORKSHOP.equipment, boothModels } },
        shelf: EMPTY_SHELF,
        log: [],
        originDate: MONDAY,
        nowMin: 0,
      }).pieces[0]!.handsOnMin[1]!;
    // two minutes of setting up once a load
    expect(minutes(1) - minutes(4)).toBe(3 * 2);
  });

  test('a place that is fuller than it may be is named', () => {
    const places = [{ id: 'cupboard', name: 'Airing cupboard', air: { tempC: 28, rhPct: 35 }, models: 2 }];
    const crowded = { ...DEFAULT_WORKSHOP, climate: { ...DEFAULT_WORKSHOP.climate, places } };
    const members = ['22', '23', '27'].map((label) => ({ id: label, label, differences: [] }));
    const coat = [step('1', 'brush-coat', 'enamel-matt', { dryingPlace: 'cupboard' })];
    const full = (more: Partial<Piece>) =>
      planPieces({ pieces: [piece('w', coat, more)], workshop: crowded, shelf: EMPTY_SHELF, log: [], originDate: MONDAY, nowMin: 0 })
        .overfull;
    expect(full({ members })).toMatchObject([{ place: 'Airing cupboard', models: 3, room: 2, pieceIds: ['w'] }]);
    expect(full({ members: members.slice(0, 2) })).toEqual([]);
  });

  test('a bottle of one’s own that dries slower makes the plan wait longer', () => {
    const slow = {
      id: 'thick-green',
      name: 'Thick green',
      like: 'acrylic-matt',
      colour: null,
      sheenGu: null,
      volumeSolidsPct: null,
      dryingFactor: 4,
      minFilmC: null,
      lifeMonths: null,
      driesLighter: null,
      testFirst: null,
      note: '',
    };
    const ready = (material: string) =>
      planPieces({
        pieces: [piece('w', [step('1', 'brush-coat', material)])],
        workshop: DEFAULT_WORKSHOP,
        shelf: { bottles: [], materials: [slow] },
        log: [],
        originDate: MONDAY,
        nowMin: 0,
      }).pieces[0]!.reports[0]!.ripening!;
    const [own, usual] = [ready('thick-green'), ready('acrylic-matt')];
    expect(own.dryHardMin).toBeGreaterThan(usual.dryHardMin);
  });

  test('a step pinned too early is placed there and told', () => {
    const pinned = piece('w', [
      step('1', 'brush-coat', 'enamel-matt', { pinnedAt: '2026-11-24T19:30' }),
      step('2', 'drybrush', 'acrylic-matt', { pinnedAt: '2026-11-24T20:30' }),
    ]);
    const made = new MadePlan({
      pieces: [pinned],
      workshop: DEFAULT_WORKSHOP,
      shelf: EMPTY_SHELF,
      log: [],
      originDate: MONDAY,
      nowMin: 0,
    });
    const own = made.look('w');
    expect(own.reports[1]?.startMin).toBe(1440 + 1230);
    expect(own.findings.map((f) => f.rule)).toEqual(['too-soon']);
    expect(made.cured('w')[0]?.fixes[0]?.way).toBe('release');
  });

  test('rounds of a group are all planned', () => {
    const rounds = piece(
      'w',
      [step('1', 'powder-dry', 'pigment-self-adhesive', { groupId: 'g' }), step('2', 'inspect', null, { groupId: 'g' })],
      { groups: [{ id: 'g', name: 'Dust', rounds: 3, gate: 'Enough?' }] },
    );
    expect(
      planPieces({ pieces: [rounds], workshop: DEFAULT_WORKSHOP, shelf: EMPTY_SHELF, log: [], originDate: MONDAY, nowMin: 0 }).plan.placed,
    ).toHaveLength(6);
  });

  test('in air too damp to dry the rest is not planned, and the reason is told', () => {
    const damp = { tempC: 18, rhPct: 99 };
    const { plan } = planPieces({
      pieces: [wagon],
      workshop: { ...DEFAULT_WORKSHOP, climate: { evening: damp, night: damp, places: [] } },
      shelf: EMPTY_SHELF,
      log: [],
      originDate: MONDAY,
      nowMin: 0,
    });
    expect(plan.unplaced.length).toBeGreaterThan(0);
    expect(plan.unplaced[0]?.why).toContain('never dries');
  });
});
