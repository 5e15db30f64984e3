import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { deltaE00OfHex } from '../colour/index.js';
import { constantAir } from '../climate/index.js';
import { plainBottle, CATALOGUE, suppliesOf, type Bottle } from '../materials/index.js';
import { checkSequence, subjectOf } from '../sequence/index.js';
import { pieceFromTemplate, plainStep, templateById, type Piece, type Step } from '../subjects/index.js';
import { USUAL_SCHOOLS } from '../techniques/index.js';
import { applyFinish, compareSteps, finishOf, looksOfFinish, newestOf, variationFor, variedSteps, varies } from './index.js';

const AIR = { tempC: 20, rhPct: 50 };
const GIVEN = { supplies: CATALOGUE, schools: USUAL_SCHOOLS, today: '2026-11-25', air: AIR };
const SAVED = { version: 1, savedOn: '2026-11-25', note: '' };

const bare = (template: string, more: Partial<Piece> = {}): Piece => ({
  ...pieceFromTemplate(templateById(template), { id: template, name: template, scaleRatio: 76 }),
  ...more,
});
const step = (id: string, technique: string, material: string | null, zones: string[], more: Partial<Step> = {}) =>
  plainStep({ id, technique, material, zones, ...more });

const van = bare('van', {
  steps: [
    step('clean', 'clean', 'water-detergent', ['all']),
    step('prime', 'brush-coat', 'primer-acrylic-brush', ['all']),
    step('green', 'brush-coat', 'acrylic-matt', ['roof', 'side-upper', 'side-lower', 'ends'], {
      colour: '#5f6f47',
      pinnedAt: '2026-11-26T20:00',
    }),
    step('wash', 'wash', 'wash-acrylic', ['side-lower', 'ends'], { coverPct: 40, dilution: { thinner: 'water', parts: [1, 3] } }),
    step('rust', 'streak', 'wash-acrylic', ['side-upper'], { coverPct: 4, source: 'Door hinge, left', direction: 'down' }),
    step('dust', 'powder-dry', 'pigment-self-adhesive', ['side-lower', 'underframe'], { coverPct: 25, strength: 0.6, colour: '#a79d88' }),
  ],
});
const alarms = (piece: Piece) =>
  checkSequence({
    subject: subjectOf(piece),
    steps: piece.steps,
    startsMin: [],
    durationsMin: [],
    bench: constantAir(AIR),
  }).findings.filter(({ severity }) => severity !== 'hint');

describe('a finish', () => {
  test('keeps the sequence, and what is only the piece’s own not', () => {
    const kept = finishOf({ ...van, members: [{ id: 'm', label: '1', differences: [] }] }, CATALOGUE, SAVED);
    expect(kept.steps.map(({ id }) => id)).toEqual(van.steps.map(({ id }) => id));
    expect(kept.steps.every(({ pinnedAt, members, fromWish }) => pinnedAt === null && members === null && fromWish === null)).toBe(true);
    expect(newestOf({ id: 'f', name: 'F', versions: [kept, { ...kept, version: 2 }] }).version).toBe(2);
    expect(() => newestOf({ id: 'f', name: 'F', versions: [] })).toThrow("finish 'F' has no version");
  });

  test('knows a bottle’s colour when the bottle is gone', () => {
    const lichen: Bottle = plainBottle({ id: 'lichen', name: 'Lichen', material: 'acrylic-matt', colour: '#5f6f47' });
    const supplies = suppliesOf({ bottles: [lichen], materials: [] });
    const piece = bare('van', { steps: [step('a', 'brush-coat', 'acrylic-matt', ['roof'], { bottleId: 'lichen' })] });
    const kept = finishOf(piece, supplies, SAVED);
    expect(applyFinish(kept, piece, { ...GIVEN, supplies }).steps[0]).toMatchObject({ bottleId: 'lichen', colour: null });
    const without = applyFinish(kept, piece, GIVEN);
    expect(without.steps[0]).toMatchObject({ bottleId: null, colour: '#5f6f47' });
    expect(without.adapted).toContainEqual(expect.objectContaining({ kind: 'bottle' }));
  });
});

describe('put on another piece', () => {
  const kept = finishOf(van, CATALOGUE, SAVED);

  test('its own kind takes it as it is', () => {
    const applied = applyFinish(kept, bare('van'), GIVEN);
    expect(applied.adapted).toEqual([]);
    expect(applied.steps).toEqual(kept.steps);
  });

  test('zones become their counterparts or are left out, and it is told', () => {
    const { steps, adapted } = applyFinish(kept, bare('open-wagon'), GIVEN);
    const zones = new Set(steps.flatMap((one) => one.zones));
    expect(zones.has('roof')).toBe(false);
    expect(adapted).toContainEqual({ kind: 'zone', text: 'Roof: this piece has nothing like it.' });
  });

  test('a streak runs from a feature that is there, or is left out', () => {
    const { steps, adapted } = applyFinish(
      kept,
      bare('van', { features: [{ id: 'x', zoneId: 'side-upper', kind: 'hatch', label: 'Lookout', xMm: 1, yMm: 1 }] }),
      GIVEN,
    );
    expect(steps.find(({ id }) => id === 'rust')?.source).toBe('Lookout');
    expect(adapted).toContainEqual(expect.objectContaining({ kind: 'place' }));
    const none = applyFinish(kept, bare('van', { features: [] }), GIVEN);
    expect(none.steps.some(({ id }) => id === 'rust')).toBe(false);
    expect(none.adapted).toContainEqual(expect.objectContaining({ kind: 'left-out' }));
  });

  test('another substrate gets what it needs', () => {
    const brass = bare('van');
    const piece = {
      ...brass,
      zones: brass.zones.map((zone) => (zone.keepClean ? zone : { ...zone, substrate: 'brass' as const, startSheen: 'bare' as const })),
    };
    const noPrimer = { ...kept, steps: kept.steps.filter(({ id }) => id !== 'prime') };
    const { steps, adapted } = applyFinish(noPrimer, piece, GIVEN);
    expect(steps.some(({ material }) => material === 'primer-etch-aerosol')).toBe(true);
    expect(
      adapted
        .filter(({ kind }) => kind === 'added')
        .map(({ text }) => text)
        .join(),
    ).toMatch(/etch primer/);
  });

  test('another scale is told', () => {
    expect(applyFinish(kept, bare('van', { scaleRatio: 160 }), GIVEN).adapted).toContainEqual({
      kind: 'scale',
      text: 'From 1:76 to 1:160: amounts and minutes follow the areas; film is judged by the grooves of this piece.',
    });
  });

  test('whatever it is put on: nothing points to a zone that is not there, and what is left open is told', () => {
    const templates = ['van', 'open-wagon', 'tank', 'lorry', 'wall', 'block-tower', 'load', 'rock', 'coach', 'locomotive'];
    fc.assert(
      fc.property(fc.constantFrom(...templates), fc.boolean(), (id, handled) => {
        const piece = bare(id, { handled });
        const { steps, groups, adapted } = applyFinish(kept, piece, GIVEN);
        const zones = new Set(['all', ...piece.zones.map((zone) => zone.id)]);
        for (const one of steps) for (const zone of one.zones) expect(zones.has(zone)).toBe(true);
        if (!adapted.some(({ kind }) => kind === 'open')) expect(alarms({ ...piece, steps, groups })).toEqual([]);
      }),
      { numRuns: 20 },
    );
  });
});

describe('each its own', () => {
  const members = ['m1', 'm2', 'm3', 'm4'];

  test('the same piece and seed give the same; coats are the same for all', () => {
    expect(variedSteps(van.steps, 'm1', 7)).toEqual(variedSteps(van.steps, 'm1', 7));
    for (const one of van.steps) if (!varies(one)) expect(variationFor(one, 'm1', 7)).toBeNull();
    expect(variedSteps(van.steps, 'm1', 7).slice(0, 3)).toEqual(van.steps.slice(0, 3));
  });

  test('no two of a train are twins', () => {
    const recipes = members.map((id) => JSON.stringify(variedSteps(van.steps, id, 11)));
    expect(new Set(recipes).size).toBe(members.length);
  });

  test('within sane limits: a neighbour, not another wagon', () => {
    const dust = van.steps.at(-1)!;
    fc.assert(
      fc.property(fc.string(), fc.integer({ min: 0, max: 2 ** 32 - 1 }), (id, seed) => {
        const { coverPct, strength, colour } = variationFor(dust, id, seed)!;
        expect(coverPct).toBeGreaterThanOrEqual(18);
        expect(coverPct).toBeLessThanOrEqual(32);
        expect(strength).toBeGreaterThanOrEqual(0.45);
        expect(strength).toBeLessThanOrEqual(0.75);
        expect(deltaE00OfHex(colour!, dust.colour!)).toBeLessThan(4);
      }),
    );
  });

  test('a streak may run from another feature of its kind on the same zone', () => {
    const rust = van.steps.find(({ id }) => id === 'rust')!;
    const found = new Set(Array.from({ length: 40 }, (_, seed) => variationFor(rust, 'm1', seed, van.features)!.source));
    expect(found).toEqual(new Set(van.features.filter(({ kind }) => kind === 'hinge').map(({ label }) => label)));
  });
});

describe('side by side', () => {
  const kept = finishOf(van, CATALOGUE, SAVED);

  test('what is shared stands in one row, with what differs in words', () => {
    const other = kept.steps.filter(({ id }) => id !== 'wash').map((one) => (one.id === 'dust' ? { ...one, coverPct: 40 } : one));
    const rows = compareSteps(kept.steps, other, CATALOGUE);
    expect(rows.map(({ left, right }) => [left?.id ?? '', right?.id ?? ''])).toEqual([
      ['clean', 'clean'],
      ['prime', 'prime'],
      ['green', 'green'],
      ['wash', ''],
      ['rust', 'rust'],
      ['dust', 'dust'],
    ]);
    expect(rows.at(-1)!.differs).toEqual(['cover: 25 % · 40 %']);
    expect(rows[0]!.differs).toEqual([]);
  });

  test('every step stands in a row once, in its order, whatever is compared', () => {
    const some = fc.subarray(kept.steps);
    fc.assert(
      fc.property(some, some, (a, b) => {
        const rows = compareSteps(a, b, CATALOGUE);
        expect(rows.flatMap(({ left }) => left ?? [])).toEqual(a);
        expect(rows.flatMap(({ right }) => right ?? [])).toEqual(b);
      }),
    );
  });

  test('both are predicted to look as they are painted', () => {
    expect(deltaE00OfHex(looksOfFinish(kept, CATALOGUE)['roof']!.face, '#5f6f47')).toBeLessThan(4);
  });
});
