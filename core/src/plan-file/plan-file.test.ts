import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEFAULT_WORKSHOP } from '../schedule/index.js';
import { addDays, daysBetween } from '../units/index.js';
import { finishOf, type Finish } from '../finishes/index.js';
import { plainEntry } from '../log/index.js';
import { NO_INTENT, pieceFromTemplate, plainStep, templateById, type Piece, type Wish } from '../subjects/index.js';
import type { Mix } from '../mixing/index.js';
import { CATALOGUE, plainBottle, suppliesOf, type Bottle, type OwnMaterial } from '../materials/index.js';
import { stepPaint } from '../sequence/index.js';
import { KEPT_ONES } from '../kept/index.js';
import { PLAN_VERSION, anchoredOn, emptyPlan, planFaults, upgraded, type PlanFile } from './index.js';

const bottle: Bottle = plainBottle({
  id: 'umber',
  name: 'Umber wash',
  material: 'wash-enamel',
  colour: '#3b2a1e',
  sizeMl: 40,
  leftMl: 30,
  openedOn: '2026-06-02',
  triedOn: '2026-06-03',
});
const own: OwnMaterial = {
  id: 'shed-paint',
  name: 'Shed paint',
  like: 'emulsion-matt',
  colour: null,
  sheenGu: null,
  volumeSolidsPct: null,
  dryingFactor: 1.4,
  minFilmC: null,
  lifeMonths: null,
  driesLighter: null,
  testFirst: true,
  note: '',
};
const step = plainStep({
  id: 's',
  technique: 'wash',
  material: 'wash-enamel',
  bottleId: 'umber',
  zones: ['all'],
  pinnedAt: '2026-11-26T20:15',
});
const piece: Piece = {
  ...pieceFromTemplate(templateById('van'), { id: 'van', name: 'Van', scaleRatio: 76 }),
  doneBy: '2026-12-06',
  steps: [step],
};
const plan = (more: Partial<PlanFile> = {}): PlanFile => ({
  ...emptyPlan(),
  anchorDate: '2026-11-24',
  workshop: { ...DEFAULT_WORKSHOP, dates: [{ date: '2026-11-24', start: '19:30', end: '21:30' }] },
  materials: [own],
  bottles: [bottle],
  pieces: [piece],
  ...more,
});

const mix: Mix = {
  id: 'mix',
  number: 1,
  name: 'Mix',
  components: [{ material: 'wash-enamel', bottleId: 'umber', parts: 1 }],
  madeMl: 4,
  madeOn: '2026-11-20',
  colour: null,
  changes: [{ on: '2026-11-21', words: 'darker', added: [] }],
  note: '',
};
const rust: Wish = {
  id: 'w',
  effect: 'rust-tones',
  way: null,
  zones: null,
  featureId: null,
  intensity: 0.5,
  priority: 'must',
  colour: null,
};
const finish: Finish = {
  id: 'f',
  name: 'Finish',
  versions: [finishOf({ ...piece, steps: [{ ...step, zones: ['roof'] }] }, CATALOGUE, { version: 1, savedOn: '2026-11-20', note: '' })],
};

describe('faults of a plan', () => {
  test('a sound plan has none', () => {
    expect([...planFaults(plan())]).toEqual([]);
  });

  const spoilt = (change: Partial<Piece>): PlanFile => plan({ pieces: [{ ...piece, ...change }] });
  test.each<[string, PlanFile, string, string]>([
    ['technique', spoilt({ steps: [{ ...step, technique: 'sneeze' }] }), 'pieces[0].steps[0].technique', 'sneeze'],
    ['material', spoilt({ steps: [{ ...step, material: 'jam' }] }), 'pieces[0].steps[0].material', 'jam'],
    [
      'effect',
      spoilt({ intent: { ...NO_INTENT, wishes: [{ ...rust, effect: 'glitter' }] } }),
      'pieces[0].intent.wishes[0].effect',
      'glitter',
    ],
    ['way', spoilt({ intent: { ...NO_INTENT, wishes: [{ ...rust, way: 'magic' }] } }), 'pieces[0].intent.wishes[0].way', 'magic'],
    [
      'feature of a wish',
      spoilt({ intent: { ...NO_INTENT, wishes: [{ ...rust, featureId: 'nose' }] } }),
      'pieces[0].intent.wishes[0].featureId',
      'nose',
    ],
    [
      'version of a finish',
      plan({ finishes: [{ ...finish, versions: [{ ...finish.versions[0]!, version: 3 }] }] }),
      'finishes[0].versions[0].version',
      '3',
    ],
    ['empty finish', plan({ finishes: [{ ...finish, versions: [] }] }), 'finishes[0].versions', 'none'],
    [
      'zone of a finish',
      plan({ finishes: [{ ...finish, versions: [{ ...finish.versions[0]!, zones: [] }] }] }),
      'finishes[0].versions[0].steps[0].zones[0]',
      'roof',
    ],
    ['bottle', plan({ bottles: [] }), 'pieces[0].steps[0].bottleId', 'umber'],
    ['group', spoilt({ steps: [{ ...step, groupId: 'mud' }] }), 'pieces[0].steps[0].groupId', 'mud'],
    ['drying place', spoilt({ steps: [{ ...step, dryingPlace: 'oven' }] }), 'pieces[0].steps[0].dryingPlace', 'oven'],
    ['zone', spoilt({ steps: [{ ...step, zones: ['roof', 'attic'] }] }), 'pieces[0].steps[0].zones[1]', 'attic'],
    ['thinner', spoilt({ steps: [{ ...step, dilution: { thinner: 'tea', parts: [1, 1] } }] }), 'pieces[0].steps[0].dilution', 'tea'],
    ['substrate', spoilt({ zones: [{ ...piece.zones[0]!, substrate: 'cheese' as 'abs' }] }), 'pieces[0].zones[0].substrate', 'cheese'],
    [
      'pin',
      spoilt({
        pictures: [
          {
            id: 'p',
            fileName: 'a.jpg',
            caption: '',
            takenOn: null,
            widthPx: 4,
            heightPx: 3,
            pins: [{ id: 'x', xShare: 0, yShare: 0, zoneId: 'sky', featureId: null, note: '' }],
          },
        ],
      }),
      'pieces[0].pictures[0].pins[0].zoneId',
      'sky',
    ],
    ['kind of bottle', plan({ bottles: [{ ...bottle, material: 'jam' }] }), 'bottles[0].material', 'jam'],
    ['member', spoilt({ steps: [{ ...step, members: ['22'] }] }), 'pieces[0].steps[0].members[0]', '22'],
    ['base of an own material', plan({ materials: [{ ...own, like: 'jam' }] }), 'materials[0].like', 'jam'],
    ['thinner as a base', plan({ materials: [{ ...own, like: 'water' }] }), 'materials[0].like', 'water'],
    ['own material that hides the catalogue’s', plan({ materials: [{ ...own, id: 'acrylic-matt' }] }), 'materials[0].id', 'acrylic-matt'],
    ['amount left', plan({ bottles: [{ ...bottle, leftMl: 41 }] }), 'bottles[0].leftMl', '41'],
    ['mix of a step', spoilt({ steps: [{ ...step, mixId: 'none' }] }), 'pieces[0].steps[0].mixId', 'none'],
    [
      'material of a mix',
      plan({ mixes: [{ ...mix, components: [{ material: 'jam', bottleId: null, parts: 1 }] }] }),
      'mixes[0].components[0].material',
      'jam',
    ],
    ['mix of nothing', plan({ mixes: [{ ...mix, components: [] }] }), 'mixes[0].components', '0'],
    [
      'mix without parts',
      plan({ mixes: [{ ...mix, components: [{ material: 'water', bottleId: null, parts: 0 }] }] }),
      'mixes[0].components[0].parts',
      '0',
    ],
    ['mix id', plan({ mixes: [mix, mix] }), 'mixes[1].id', 'mix'],
    ['bottle id', plan({ bottles: [bottle, bottle] }), 'bottles[1].id', 'umber'],
  ])('an unknown or doubled %s is named with its place', (_what, broken, path, value) => {
    const faults = [...planFaults(broken)];
    expect(faults).toContainEqual(expect.objectContaining({ path, value }));
    expect(faults.every((fault) => fault.allowed !== '')).toBe(true);
  });
});

describe('the workshop', () => {
  const faults = (start: string, end: string) =>
    [...KEPT_ONES.workshop.faults('workshop', { ...DEFAULT_WORKSHOP, weekly: [{ weekday: 1, start, end }] })].map(({ path, value }) => [
      path,
      value,
    ]);

  test.each([
    ['19:30', '21:30'],
    ['22:00', '05:00'],
    ['08:00', '23:59'],
  ])('an evening %s–%s may be', (start, end) => {
    expect(faults(start, end)).toEqual([]);
  });

  test.each([
    ['22:00', '21:30'],
    ['19:30', '19:30'],
  ])('an evening %s–%s is a slip', (start, end) => {
    expect(faults(start, end)).toEqual([['workshop.weekly[0].end', `${start}–${end}`]]);
  });
});

describe('many entries', () => {
  test('a log of a life is looked through in a moment, and a sitting that is logged twice is found', () => {
    const entry = (i: number) =>
      plainEntry({
        id: `e${String(i)}`,
        kind: 'work',
        pieceId: 'van',
        stepId: `s~${String(i % 99)}`,
        sitting: Math.floor(i / 99),
        step: plainStep({ id: 's', technique: 'clean', zones: ['all'] }),
        startedAt: '2026-11-24T19:30:00',
      });
    const log = Array.from({ length: 20_000 }, (_, i) => entry(i));
    const paths = [...planFaults(plan({ log: [...log, { ...entry(5), id: 'twin' }], pieces: [{ ...piece, id: 'van' }] }))].map(
      ({ path }) => path,
    );
    expect(paths).toEqual(['log[20000].stepId']);
  });
});

describe('dates on an anchor', () => {
  test('all move together, and keep their distances', () => {
    fc.assert(
      fc.property(fc.integer({ min: -800, max: 800 }), (days) => {
        const today = addDays('2026-11-24', days);
        const moved = anchoredOn(plan({ mixes: [mix] }), today);
        expect(daysBetween(today, moved.mixes[0]!.madeOn!)).toBe(-4);
        expect(daysBetween(today, moved.mixes[0]!.changes[0]!.on)).toBe(-3);
        expect(moved.anchorDate).toBeNull();
        expect(moved.workshop.dates[0]?.date).toBe(today);
        expect(daysBetween(today, moved.pieces[0]!.doneBy!)).toBe(12);
        expect(daysBetween(today, moved.bottles[0]!.openedOn!)).toBe(daysBetween('2026-11-24', '2026-06-02'));
        expect(daysBetween(today, moved.bottles[0]!.triedOn!)).toBe(daysBetween('2026-11-24', '2026-06-03'));
        expect(moved.pieces[0]!.steps[0]!.pinnedAt).toBe(`${addDays(today, 2)}T20:15`);
      }),
    );
  });

  test('without an anchor nothing moves', () => {
    const fixed = plan({ anchorDate: null });
    expect(anchoredOn(fixed, '2031-01-01')).toBe(fixed);
  });
});

describe('an own material', () => {
  test('may be named by bottles and steps like one of the catalogue', () => {
    const steps = [{ ...step, material: 'shed-paint' }];
    expect([...planFaults(plan({ bottles: [{ ...bottle, material: 'shed-paint' }], pieces: [{ ...piece, steps }] }))]).toEqual([]);
  });
});

describe('a file of version 1', () => {
  const { materials: _own, ...rest } = plan();
  const { equipment: _e, room: _r, display: _d, schools: _s, ...workshop } = rest.workshop;
  const { sizeMm: _size, archivedOn: _archived, ...plainPiece } = piece;
  const { members: _members, ...plainStep1 } = step;
  const { triedOn: _tried, ...plainBottle } = bottle;
  const first = {
    ...rest,
    version: 1,
    workshop: {
      ...workshop,
      dropsPerMl: 22,
      daylight: { start: '08:00', end: '16:00' },
      climate: { ...workshop.climate, places: [{ id: 'shed', name: 'Shed', air: { tempC: 8, rhPct: 70 } }] },
    },
    bottles: [plainBottle],
    pieces: [{ ...plainPiece, steps: [plainStep1] }],
  };

  test('is read as one of today, with nothing lost', () => {
    const now = upgraded(first) as PlanFile;
    expect([...planFaults(now)]).toEqual([]);
    expect(now.version).toBe(PLAN_VERSION);
    expect(now.workshop.dropsPerMl).toEqual({ ...DEFAULT_WORKSHOP.dropsPerMl, water: 22 });
    expect(now.workshop.daylight).toMatchObject({ by: 'typed', start: '08:00', end: '16:00' });
    expect(now.workshop.climate.places).toEqual([{ id: 'shed', name: 'Shed', air: { tempC: 8, rhPct: 70 }, models: 4 }]);
    expect(now.pieces[0]).toEqual({ ...piece, sizeMm: null, archivedOn: null });
    expect(now.bottles[0]).toEqual({ ...bottle, triedOn: null });
  });

  test('anything else stays as it came', () => {
    for (const other of [null, 7, [], { version: PLAN_VERSION }, { version: 99 }]) expect(upgraded(other)).toBe(other);
  });
});

describe('a file of version 2', () => {
  test('is read as one of today: no wishes, no finishes, rules as judged', () => {
    const { finishes: _finishes, ...rest } = plan();
    const { rules: _rules, ...workshop } = rest.workshop;
    const { likeness: _likeness, varySeed: _seed, finish: _finish, intent: _intent, waivers: _waivers, zones, steps, ...own2 } = piece;
    const second = {
      ...rest,
      version: 2,
      workshop,
      pieces: [
        {
          ...own2,
          zones: zones.map(({ startColour: _colour, ...zone }) => zone),
          steps: steps.map(({ fromWish: _wish, ...plain }) => plain),
        },
      ],
    };
    expect(upgraded(second)).toEqual(plan());
  });
});

describe('a file of version 3', () => {
  test('gets no mixes, no prices and the usual measuring tools', () => {
    const { mixes: _mixes, ...rest } = plan({ finishes: [finish] });
    const { measuring: _measuring, ...workshop } = rest.workshop;
    const plain = ({ mixId: _mix, ...step3 }: (typeof piece.steps)[number]) => step3;
    const third = {
      ...rest,
      version: 3,
      workshop,
      bottles: rest.bottles.map(({ price: _price, whiteSwatch: _swatch, dropsPerMl: _drops, ...own3 }) => own3),
      finishes: [{ ...finish, versions: finish.versions.map((version) => ({ ...version, steps: version.steps.map(plain) })) }],
      pieces: [{ ...piece, steps: piece.steps.map(plain) }],
    };
    expect(upgraded(third)).toEqual(plan({ finishes: [finish] }));
  });
});

describe('a file of version 4', () => {
  test('gets the usual wishes for evenings and no kept plan', () => {
    const { planning: _planning, ...workshop } = plan().workshop;
    expect(upgraded({ ...plan(), version: 4, workshop })).toEqual(plan());
  });
});

describe('what a step is done with', () => {
  test('the bottle, else the kind, else nothing', () => {
    const supplies = suppliesOf({ bottles: [bottle], materials: [] });
    expect(stepPaint(step, supplies)).toEqual({ name: 'Umber wash', colour: '#3b2a1e' });
    expect(stepPaint({ ...step, colour: '#112233' }, supplies)?.colour).toBe('#112233');
    expect(stepPaint(step, CATALOGUE)?.name).toBe('Enamel wash');
    expect(stepPaint({ ...step, material: null, bottleId: null }, CATALOGUE)).toBeNull();
  });
});

test('zones of a file of version 13, on pieces and on kept shapes, belong to no group', () => {
  const old = { ...emptyPlan(), version: 13, pieces: [{ zones: [{ id: 'roof' }] }], shapes: [{ zones: [{ id: 'face' }] }] };
  expect(upgraded(old)).toMatchObject({
    version: PLAN_VERSION,
    pieces: [{ zones: [{ id: 'roof', sets: [] }] }],
    shapes: [{ zones: [{ id: 'face', sets: [] }] }],
  });
});
