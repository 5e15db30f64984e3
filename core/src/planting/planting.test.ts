import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { constantAir } from '../climate/index.js';
import { useOf } from '../coverage/index.js';
import { CATALOGUE } from '../materials/index.js';
import { checkSequence, handsOnMinutes, subjectOf } from '../sequence/index.js';
import {
  GROWTH_KINDS,
  PLANT_KINDS,
  areasOfGrowth,
  freeMm2,
  fromStripMm,
  grassGPerM2,
  pieceOfPlanting,
  placesOfPlants,
  plantingFacts,
  stepsOfPlanting,
  type KeepOff,
  type Growth,
  type Planting,
  type Plants,
} from './index.js';

const ROOM = { tempC: 20, rhPct: 50 };
const growth = (given: Partial<Growth> = {}): Growth => ({
  ...{ id: 'l', name: 'Salt grass', kind: 'grass', sharePct: 40, fibreMm: 4, rounds: 1, colour: null },
  ...given,
});
const plants = (given: Partial<Plants> = {}): Plants => ({
  ...{ id: 'p', name: 'Thorn bushes', plant: 'bush', count: 9, acrossMm: 14, heightMm: 18, inThrees: true },
  ...given,
});
const strip = (given: Partial<KeepOff> = {}): KeepOff => ({
  ...{ id: 'k', name: 'Siding', kind: 'track', fromXMm: 0, fromYMm: 75, toXMm: 200, toYMm: 75, widthMm: 30 },
  ...given,
});
const planting = (given: Partial<Planting> = {}): Planting => ({
  ...{
    id: 'a',
    name: 'Bank',
    scaleRatio: 76,
    stance: 'base',
    lengthMm: 200,
    widthMm: 150,
    boards: null,
    pieceId: null,
    zoneId: null,
    seed: 1,
    note: '',
  },
  ...{ growths: [growth()], plants: [plants()], keepOffs: [strip()], moved: [] },
  ...given,
});
const distance = (a: { xMm: number; yMm: number }, b: { xMm: number; yMm: number }): number => Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm);

describe('where nothing grows', () => {
  test('strips take off what they cover, once where they cross, by hand', () => {
    expect(freeMm2(planting({ keepOffs: [] }))).toBeCloseTo(30_000, 3);
    expect(freeMm2(planting())).toBeCloseTo(200 * 120, 3);
    const across = strip({ id: 'q', kind: 'path', fromXMm: 50, fromYMm: 0, toXMm: 50, toYMm: 150, widthMm: 10 });
    expect(freeMm2(planting({ keepOffs: [strip(), across] }))).toBeCloseTo(200 * 120 - 10 * 120, 1);
    // what hangs over the edge takes nothing more
    expect(freeMm2(planting({ keepOffs: [strip({ fromXMm: -90, toXMm: 300 })] }))).toBeCloseTo(200 * 120, 1);
    expect(plantingFacts(planting({ keepOffs: [strip({ fromYMm: 400, toYMm: 400 })] })).strayStrips).toHaveLength(1);
  });

  test('a place is as far from a strip as it looks', () => {
    expect(fromStripMm(strip(), 100, 100)).toBeCloseTo(10, 9);
    expect(fromStripMm(strip(), 100, 75)).toBeCloseTo(-15, 9);
    expect(fromStripMm(strip(), 240, 75)).toBeCloseTo(25, 9);
  });
});

const anyPlanting = fc
  .record({
    lengthMm: fc.integer({ min: 60, max: 400 }),
    widthMm: fc.integer({ min: 60, max: 300 }),
    seed: fc.nat(9999),
    plants: fc.array(
      fc.record({
        plant: fc.constantFrom(...PLANT_KINDS),
        count: fc.integer({ min: 1, max: 12 }),
        acrossMm: fc.integer({ min: 3, max: 40 }),
        heightMm: fc.integer({ min: 3, max: 90 }),
        inThrees: fc.boolean(),
      }),
      { minLength: 1, maxLength: 3 },
    ),
    strips: fc.array(
      fc.record({
        fromXMm: fc.nat(300),
        fromYMm: fc.nat(200),
        toXMm: fc.nat(300),
        toYMm: fc.nat(200),
        widthMm: fc.integer({ min: 4, max: 40 }),
      }),
      {
        maxLength: 3,
      },
    ),
  })
  .map(({ plants: sorts, strips, ...size }) =>
    planting({
      ...size,
      plants: sorts.map((one, i) => plants({ ...one, id: `p${String(i)}`, name: `Sort ${String(i)}` })),
      keepOffs: strips.map((one, i) => strip({ ...one, id: `k${String(i)}` })),
    }),
  );

describe('where plants stand', () => {
  test('off the edge, off the strips, off each other; all found or counted as without room; the same each time', () => {
    fc.assert(
      fc.property(anyPlanting, (given) => {
        const { standing, noRoom } = placesOfPlants(given);
        expect(placesOfPlants({ ...given }).standing).toEqual(standing);
        for (const one of given.plants)
          expect(standing.filter(({ plantsId }) => plantsId === one.id).length + (noRoom.get(one.id) ?? 0)).toBe(one.count);
        for (const [i, one] of standing.entries()) {
          const half = one.acrossMm / 2;
          expect(one.trouble).toBeNull();
          expect(Math.min(one.xMm, one.yMm, given.lengthMm - one.xMm, given.widthMm - one.yMm)).toBeGreaterThanOrEqual(half);
          for (const keep of given.keepOffs) expect(fromStripMm(keep, one.xMm, one.yMm)).toBeGreaterThanOrEqual(half);
          for (const other of standing.slice(i + 1)) {
            const apart = distance(one, other) / (half + other.acrossMm / 2);
            const sort = given.plants.find(({ id }) => id === one.plantsId);
            const isOneGroup = sort?.inThrees && other.plantsId === one.plantsId && Math.floor(one.at / 3) === Math.floor(other.at / 3);
            expect(apart).toBeGreaterThanOrEqual((isOneGroup ? 0.6 : 1) - 1e-6);
          }
        }
      }),
      { numRuns: 40 },
    );
  });

  test('in threes: near each other, each of another height', () => {
    const { standing } = placesOfPlants(planting({ lengthMm: 600, widthMm: 400 }));
    for (const group of [0, 1, 2]) {
      const three = standing.filter(({ at }) => Math.floor(at / 3) === group);
      expect(three).toHaveLength(3);
      expect(new Set(three.map(({ heightMm }) => heightMm)).size).toBe(3);
      for (const one of three) for (const other of three) expect(distance(one, other)).toBeLessThanOrEqual(28);
    }
  });

  test('one more leaves the others where they are; another number sets them otherwise', () => {
    const few = planting({ plants: [plants({ count: 6 })] });
    const { standing } = placesOfPlants(few);
    expect(placesOfPlants(planting({ plants: [plants({ count: 7 })] })).standing.slice(0, 6)).toEqual(standing);
    expect(placesOfPlants({ ...few, seed: 2 }).standing).not.toEqual(standing);
  });

  test('what is set by hand stands there, and what is wrong there is told; the others make room', () => {
    const at = (xMm: number, yMm: number) => placesOfPlants(planting({ moved: [{ plantsId: 'p', at: 4, xMm, yMm }] })).standing;
    const moved = at(30, 20).find((one) => one.byHand);
    expect(moved).toMatchObject({ at: 4, xMm: 30, yMm: 20, trouble: null });
    expect(at(100, 76).find((one) => one.byHand)?.trouble).toBe('strip');
    expect(at(1, 30).find((one) => one.byHand)?.trouble).toBe('edge');
    expect(
      at(30, 20)
        .filter((one) => !one.byHand)
        .every((one) => distance(one, { xMm: 30, yMm: 20 }) > 5),
    ).toBe(true);
    const two = [0, 1].map((n) => ({ plantsId: 'p', at: n * 3, xMm: 30 + n, yMm: 20 }));
    expect(
      placesOfPlants(planting({ moved: two }))
        .standing.filter((one) => one.byHand)
        .map(({ trouble }) => trouble),
    ).toEqual([null, 'plant']);
  });

  test('who leads a group of three may be set elsewhere: the other two stay', () => {
    const wide = planting({ lengthMm: 600, widthMm: 400 });
    const others = (given: Planting) => placesOfPlants(given).standing.filter(({ at }) => at === 1 || at === 2);
    const moved = { ...wide, moved: [{ plantsId: 'p', at: 0, xMm: 590, yMm: 10 }] };
    expect(others(moved)).toEqual(others(wide));
  });

  test('where there is no room, that is told', () => {
    const {
      standing,
      plants: [crowd],
    } = plantingFacts(planting({ plants: [plants({ count: 60, acrossMm: 40 })] }));
    expect(crowd!.noRoom).toBeGreaterThan(0);
    expect(standing).toHaveLength(crowd!.standing);
  });
});

describe('where a growth is glued', () => {
  const areas = (given: Planting) => areasOfGrowth(given, given.growths[0]!);
  const sizeOf = ({ runs, cellMm }: ReturnType<typeof areas>) => runs.reduce((sum, { lengthMm }) => sum + lengthMm * cellMm, 0);

  test('patches are its share of the free ground, and lie on no strip', () => {
    fc.assert(
      fc.property(anyPlanting, fc.integer({ min: 0, max: 100 }), (given, sharePct) => {
        const own = { ...given, growths: [growth({ sharePct })] };
        const { runs, cellMm } = areas(own);
        for (const { xMm, yMm } of runs)
          for (const keep of own.keepOffs) expect(fromStripMm(keep, xMm + cellMm / 2, yMm + cellMm / 2)).toBeGreaterThan(0);
        // drawn in cells: within a twentieth of the ground
        expect(Math.abs(sizeOf({ runs, cellMm }) - (freeMm2(own) * sharePct) / 100)).toBeLessThan(own.lengthMm * own.widthMm * 0.05);
      }),
      { numRuns: 12 },
    );
  });

  test('more of it makes the same patches larger', () => {
    const cells = (sharePct: number) => {
      const { runs, cellMm } = areas(planting({ growths: [growth({ sharePct })] }));
      const n = (mm: number) => Math.round(mm / cellMm);
      return new Set(
        runs.flatMap(({ xMm, yMm, lengthMm }) => Array.from({ length: n(lengthMm) }, (_, i) => `${String(n(xMm) + i)} ${String(n(yMm))}`)),
      );
    };
    const [few, more] = [cells(20), cells(45)];
    expect(few.size).toBeGreaterThan(100);
    expect([...few].every((cell) => more.has(cell))).toBe(true);
  });
});

describe('what it takes', () => {
  test('grass by the length of its fibres: 100 to 200 g/m², by hand', () => {
    expect([1, 2, 7, 12, 20].map(grassGPerM2)).toEqual([100, 100, 150, 200, 200]);
    const {
      growths: [grass],
      freeDm2,
    } = plantingFacts(planting({ growths: [growth({ fibreMm: 7, sharePct: 50 })] }));
    expect(freeDm2).toBeCloseTo(2.4, 3);
    // half of 0.024 m², at 150 g/m²
    expect(grass!.g).toBeCloseTo(1.8, 2);
    expect(grass!.keptG).toBeCloseTo(0.54, 2);
  });

  test('sheet and shelf say the same: amounts are those of the steps', () => {
    const given = planting({ growths: [growth(), growth({ id: 'm', kind: 'moss', fibreMm: null, rounds: 3, sharePct: 6 })] });
    const facts = plantingFacts(given);
    const piece = pieceOfPlanting(given, 'x');
    const uses = piece.steps.map((step) => useOf(step, piece));
    const scattered = uses.flatMap(({ direct }) => direct).reduce((sum, { material, ml }) => (material === 'tufts' ? sum : sum + ml), 0);
    expect(facts.growths.reduce((sum, { ml }) => sum + ml, 0)).toBeCloseTo(scattered, 6);
    expect(facts.glueMl).toBeCloseTo(
      uses.reduce((sum, { cup }) => sum + (cup?.laidMl ?? 0), 0),
      6,
    );
    expect(facts.glueMl).toBeGreaterThan(0.5);
    // tufts and bushes are taken by the piece, as many as stand
    const tufts = CATALOGUE.material('tufts');
    const taken = uses.flatMap(({ direct }) => direct).reduce((sum, { material, ml }) => (material === tufts.id ? sum + ml : sum), 0);
    const standing = given.plants.filter(({ plant }) => plant !== 'tree').map(({ id }) => id);
    const { standing: placed } = placesOfPlants(given);
    expect(taken / (tufts.eachMl ?? 0)).toBeCloseTo(placed.filter(({ plantsId }) => standing.includes(plantsId)).length, 6);
    expect(taken).toBeGreaterThan(0);
  });

  test('more ground never takes less; a second round takes a third more', () => {
    fc.assert(
      fc.property(fc.constantFrom(...GROWTH_KINDS), fc.integer({ min: 1, max: 90 }), (kind, sharePct) => {
        const of = (given: Partial<Growth>) =>
          plantingFacts(planting({ plants: [], growths: [growth({ kind, fibreMm: kind === 'grass' ? 4 : null, ...given })] })).growths[0]!
            .ml;
        expect(of({ sharePct: sharePct + 5 })).toBeGreaterThan(of({ sharePct }));
        // as sharp as three figures are
        expect(of({ sharePct, rounds: 2 }) / of({ sharePct })).toBeCloseTo(kind === 'moss' ? 1 : 1.35, 1);
      }),
    );
  });

  test('holes by their size, for what has a trunk', () => {
    const facts = plantingFacts(
      planting({
        lengthMm: 500,
        widthMm: 400,
        plants: [
          plants(),
          plants({ id: 't', plant: 'tree', count: 3, acrossMm: 60, heightMm: 140 }),
          plants({ id: 'u', plant: 'tuft', count: 20, acrossMm: 5 }),
        ],
      }),
    );
    expect(facts.holes).toEqual([
      { holeMm: 1, count: 9 },
      { holeMm: 2, count: 3 },
    ]);
    // a tree of 14 cm is one of ten metres and a half
    expect(facts.plants[1]!.readsAsMm).toBe(10_640);
    expect(() => plantingFacts(planting({ lengthMm: 0 }))).toThrow('lengthMm');
  });
});

describe('its steps', () => {
  const zone = { id: 'base', areaMm2: 36_000 };

  test('holes, then low before long, glue before what lies in it, loose fibres off, plants last', () => {
    const steps = stepsOfPlanting(
      planting({
        growths: [
          growth(),
          growth({ id: 'b', name: 'Turf', kind: 'turf', fibreMm: null, rounds: 2 }),
          growth({ id: 'c', fibreMm: 2, name: 'Short grass' }),
        ],
      }),
      zone,
    );
    expect(steps.map(({ technique }) => technique)).toEqual([
      'pin',
      ...['glue', 'scatter', 'glue', 'scatter'],
      ...['glue', 'scatter', 'glue', 'scatter'],
      ...['inspect', 'plant'],
    ]);
    expect(steps[2]!.note).toBe('Turf');
    expect(steps[4]!.note).toContain('dark patches');
    expect(steps[6]!.note).toContain('Short grass, 2 mm');
    expect(steps.every(({ zones }) => zones.length === 1 && zones[0] === 'base')).toBe(true);
  });

  test('moss comes in several greens into the same glue, each lighter', () => {
    const steps = stepsOfPlanting(
      planting({ plants: [], growths: [growth({ kind: 'moss', fibreMm: null, rounds: 3, colour: '#404820' })] }),
      zone,
    );
    expect(steps.map(({ technique }) => technique)).toEqual(['glue', 'scatter', 'scatter', 'scatter']);
    expect(steps.slice(1).map(({ colour }) => colour)).toEqual(['#404820', '#5f6544', '#787e62']);
  });

  test('a face of boards is glued, left a day, carved and filled first; a base is not', () => {
    const of = (given: Partial<Planting>) => pieceOfPlanting(planting({ boards: 4, growths: [], plants: [], ...given }), 'x').steps;
    const made = of({ stance: 'face' });
    expect(made.map(({ technique }) => technique)).toEqual(['prep-mechanical', 'laminate', 'inspect', 'carve', 'fill']);
    expect(made[1]!.coats).toBe(3);
    expect(made[2]!.waitMin).toBe(1440);
    expect(of({ stance: 'base' })).toEqual([]);
  });

  test('nobody would stop at any of it: no snag, and an evening or two of work', () => {
    for (const stance of ['base', 'face'] as const) {
      const piece = pieceOfPlanting(
        planting({
          stance,
          boards: 3,
          growths: [growth({ rounds: 2 }), growth({ id: 'm', kind: 'moss', fibreMm: null, rounds: 2, sharePct: 5 })],
        }),
        'x',
      );
      const minutes = piece.steps.map((step) => handsOnMinutes(step, piece));
      const { findings } = checkSequence({
        ...{ subject: subjectOf(piece), steps: piece.steps, startsMin: [], durationsMin: minutes },
        bench: constantAir(ROOM),
      });
      expect(findings.filter(({ severity }) => severity === 'snag')).toEqual([]);
      const inAll = minutes.reduce((sum, one) => sum + one, 0);
      expect(inAll).toBeGreaterThan(15);
      expect(inAll).toBeLessThan(180);
    }
  });
});
