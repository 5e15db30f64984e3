import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { MATERIALS } from '../materials/index.js';
import { vanWith, type Short } from '../schedule/testing.js';
import { pieceFromTemplate, plainStep, templateById, type Step, type SubstrateId } from '../subjects/index.js';
import { TECHNIQUES, techniqueById } from '../techniques/index.js';
import { cautionCard, cautionsOfTechnique, roomAir, type CardJob } from './index.js';

const ROOM = { volumeM3: 30, airChangesPerH: 2 };

describe('air in the room', () => {
  test('goes to emission over fresh air when it goes on for long', () => {
    // 6 g an hour into 60 m³ of fresh air an hour: 100 mg/m³
    const { peakMgPerM3 } = roomAir([{ fromMin: 0, toMin: 600, grams: 60 }], ROOM, { fromMin: 0, toMin: 600 });
    expect(peakMgPerM3).toBeCloseTo(100, 3);
  });

  test('follows the closed form on the way there', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 200 }),
        fc.double({ min: 0.1, max: 8, noNaN: true }),
        fc.double({ min: 0.1, max: 50, noNaN: true }),
        (minutes, airChangesPerH, grams) => {
          const { peakMgPerM3 } = roomAir(
            [{ fromMin: 0, toMin: minutes, grams }],
            { volumeM3: 30, airChangesPerH },
            { fromMin: 0, toMin: minutes },
          );
          const perH = (grams * 1000 * 60) / minutes;
          expect(peakMgPerM3).toBeCloseTo((perH / (30 * airChangesPerH)) * (1 - Math.exp((-airChangesPerH * minutes) / 60)), 4);
        },
      ),
    );
  });

  test('a burst stands at once at mass over volume, and a closed room keeps it', () => {
    const burst = [{ fromMin: 10, toMin: 10, grams: 3 }];
    expect(roomAir(burst, ROOM, { fromMin: 0, toMin: 60 })).toMatchObject({ peakMgPerM3: 100, peakMin: 10 });
    const closed = roomAir(burst, { volumeM3: 30, airChangesPerH: 0 }, { fromMin: 10, toMin: 70 });
    expect(closed.meanMgPerM3).toBeCloseTo(100, 9);
  });

  test('more air, a larger room or less solvent is never worse', () => {
    const some = fc.array(
      fc.record({
        fromMin: fc.integer({ min: 0, max: 100 }),
        lasts: fc.integer({ min: 0, max: 60 }),
        grams: fc.double({ min: 0, max: 20, noNaN: true }),
      }),
      { minLength: 1, maxLength: 6 },
    );
    fc.assert(
      fc.property(some, fc.double({ min: 0, max: 5, noNaN: true }), (list, airChangesPerH) => {
        const emissions = list.map(({ fromMin, lasts, grams }) => ({ fromMin, toMin: fromMin + lasts, grams }));
        const of = (room: typeof ROOM, given = emissions) => roomAir(given, room, { fromMin: 0, toMin: 180 }).peakMgPerM3;
        const now = of({ volumeM3: 30, airChangesPerH });
        expect(of({ volumeM3: 30, airChangesPerH: airChangesPerH + 1 })).toBeLessThanOrEqual(now + 1e-9);
        expect(of({ volumeM3: 40, airChangesPerH })).toBeLessThanOrEqual(now + 1e-9);
        expect(of({ volumeM3: 30, airChangesPerH }, emissions.slice(1))).toBeLessThanOrEqual(now + 1e-9);
      }),
    );
  });

  test('a room that cannot be is refused with its name', () => {
    expect(() => roomAir([], { volumeM3: 0, airChangesPerH: 1 }, { fromMin: 0, toMin: 1 })).toThrow('volumeM3 must be above 0, got 0');
    expect(() => roomAir([], { volumeM3: 1, airChangesPerH: -1 }, { fromMin: 0, toMin: 1 })).toThrow('airChangesPerH');
  });
});

describe('the caution card', () => {
  const jobs = (...steps: Short[]): CardJob[] => {
    const piece = vanWith('van', steps);
    return piece.steps.map((step, i) => ({ step, piece, startMin: 1170 + i * 20, endMin: 1180 + i * 20 }));
  };
  const idsOf = (...steps: Short[]) => cautionCard(jobs(...steps), ROOM).cautions.map(({ id }) => id);

  test('minds what is done and on what, not only what comes out of bottles', () => {
    const on = (
      template: string,
      substrate: SubstrateId | undefined,
      technique: string,
      material: string | null = null,
      more: Partial<Step> = {},
    ) => {
      const piece = pieceFromTemplate(templateById(template), { id: 'p', name: 'P', scaleRatio: 76, ...(substrate ? { substrate } : {}) });
      const step = plainStep({ id: 's', technique, material, zones: ['all'], ...more });
      return cautionCard([{ step, piece, startMin: 1170, endMin: 1180 }], ROOM).cautions.map(({ id }) => id);
    };
    expect(on('van', 'resin-printed', 'abrade')).toEqual(expect.arrayContaining(['dust-of-piece', 'uncured-resin', 'eyes']));
    expect(on('van', 'polystyrene', 'abrade')).not.toContain('dust-of-piece');
    expect(on('wall', undefined, 'scribe')).toEqual(expect.arrayContaining(['blades', 'dust-of-piece']));
    expect(on('van', undefined, 'wash', 'wash-acrylic')).not.toContain('blades');
    expect(on('wall', 'foam-xps', 'brush-coat', 'acrylic-matt', { drying: 'heat-gun' })).toContain('melting-foam');
    expect(on('wall', 'foam-xps', 'brush-coat', 'acrylic-matt')).not.toContain('melting-foam');
    expect(on('van', 'brass', 'spray-coat', 'primer-etch-aerosol')).toEqual(expect.arrayContaining(['etch', 'hot-gloves', 'spray']));
    expect(on('van', undefined, 'brush-coat', 'lacquer-matt')).not.toContain('gloves');
    expect(on('wall', undefined, 'glue', 'cyanoacrylate')).toEqual(expect.arrayContaining(['fast-glue', 'glue-and-cotton']));
    expect(on('wall', undefined, 'scatter', 'static-grass')).toContain('high-voltage');
    expect(on('wall', undefined, 'scatter', 'sand')).not.toContain('high-voltage');
    // what dries by taking up oxygen heats itself in a rag; a thinner that only goes does not
    expect(on('van', undefined, 'brush-coat', 'oil-water-mixable')).toContain('oily-rags');
    expect(on('van', undefined, 'blend', 'white-spirit')).not.toContain('oily-rags');
  });

  test('says what the evening’s materials want, and because of which', () => {
    const card = cautionCard(jobs(['wash', 'wash-enamel', { dilution: { thinner: 'white-spirit', parts: [1, 2] } }]), ROOM);
    expect(card.cautions.map(({ id }) => id)).toEqual(expect.arrayContaining(['flammable-vapour', 'gloves']));
    expect(card.cautions[0]!.because).toContain('white spirit');
    expect(card.air.map(({ kind }) => kind)).toEqual(['spirit']);
    expect(card.air[0]!.peakMgPerM3).toBeGreaterThan(0);
    expect(card.defer).toContain('safety data sheet');
  });

  test('water and a brush want little; spraying even water-based paint wants a mask', () => {
    expect(idsOf(['brush-coat', 'acrylic-matt'])).toEqual([]);
    expect(idsOf(['airbrush-coat', 'acrylic-matt'])).toEqual(expect.arrayContaining(['spray', 'eyes']));
    expect(cautionCard(jobs(['brush-coat', 'acrylic-matt']), ROOM).air).toEqual([]);
  });

  test('a can is a burst, its propellant counted', () => {
    const can = MATERIALS.find(({ aerosol, role }) => aerosol && role === 'primer')!;
    const { air } = cautionCard(jobs(['spray-coat', can.id]), ROOM);
    expect(air.map(({ kind }) => kind)).toContain('propellant');
    expect(air.find(({ kind }) => kind === 'propellant')).toMatchObject({ day: { mgPerM3: 1800 }, peakMin: 1170 });
  });

  test('three cans in a small room without air are too much for it, one in a room with a window open is not', () => {
    const cans = ['primer-lacquer-aerosol', 'clear-gloss-lacquer-aerosol', 'clear-matt-lacquer-aerosol'];
    const sprayed = (room: typeof ROOM, ...materials: string[]) =>
      cautionCard(jobs(...materials.map((id): Short => ['spray-coat', id])), room);
    const small = sprayed({ volumeM3: 12, airChangesPerH: 0 }, ...cans);
    expect(small.notInThisRoom).toBe(true);
    expect(small.tooMuch.map(({ of }) => of)).toContain('short');
    expect(sprayed(ROOM, cans[0]!)).toMatchObject({ notInThisRoom: false, tooMuch: [] });
    expect(sprayed({ volumeM3: 12, airChangesPerH: 20 }, ...cans).notInThisRoom).toBe(false);
  });

  test('a whole can let off in a cupboard could explode', () => {
    const [job] = jobs(['spray-coat', 'primer-lacquer-aerosol', { coats: 20, dryUm: 100 }]);
    const { tooMuch } = cautionCard([job!], { volumeM3: 4, airChangesPerH: 0 });
    expect(tooMuch[0]!.of).toBe('explosive');
  });

  test('the highest quarter of an hour lies between the mean and the peak', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            fromMin: fc.integer({ min: 0, max: 100 }),
            lasts: fc.integer({ min: 0, max: 60 }),
            grams: fc.integer({ min: 0, max: 20 }),
          }),
          { minLength: 1, maxLength: 6 },
        ),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (list, airChangesPerH) => {
          const air = roomAir(
            list.map(({ fromMin, lasts, grams }) => ({ fromMin, toMin: fromMin + lasts, grams })),
            { volumeM3: 30, airChangesPerH },
            { fromMin: 0, toMin: 180 },
          );
          expect(air.quarterMgPerM3).toBeLessThanOrEqual(air.peakMgPerM3 + 1e-9);
          expect(air.quarterMgPerM3).toBeGreaterThanOrEqual(air.meanMgPerM3 - 1e-9);
        },
      ),
    );
  });

  test('every material of the catalogue is told of without a fault', () => {
    for (const { id, role } of MATERIALS)
      if (['paint', 'primer', 'clear', 'wash'].includes(role)) expect(() => cautionCard(jobs(['brush-coat', id]), ROOM)).not.toThrow();
  });

  test('nothing planned, nothing to mind', () => {
    expect(cautionCard([], ROOM)).toMatchObject({ cautions: [], air: [], tooMuch: [], notInThisRoom: false });
  });
});

describe('what a technique has to be minded for', () => {
  const ids = (technique: string) => cautionsOfTechnique(techniqueById(technique)).map(({ id }) => id);

  test('whichever of its tools and materials it is done with', () => {
    expect(ids('spray-coat')).toEqual(expect.arrayContaining(['flammable-vapour', 'spray', 'isocyanate']));
    expect(ids('cut')).toEqual(expect.arrayContaining(['blades', 'hot-wire', 'dust-of-piece']));
    expect(ids('powder-dry')).toContain('dust');
    expect(ids('glue')).toEqual(expect.arrayContaining(['fast-glue', 'glue-and-cotton']));
    expect(ids('inspect')).toEqual([]);
  });

  test('holds everything that the card of an evening would say of it', () => {
    for (const technique of TECHNIQUES)
      for (const { id: material } of MATERIALS.filter(({ role }) => technique.roles.includes(role))) {
        const told = new Set(ids(technique.id));
        const piece = pieceFromTemplate(templateById('van'), { id: 'v', name: 'Van', scaleRatio: 76 });
        const step = plainStep({ id: 's', technique: technique.id, material, zones: ['all'] });
        const { cautions } = cautionCard([{ step, piece, startMin: 0, endMin: 5 }], ROOM);
        for (const { id } of cautions) expect(told).toContain(id);
      }
  });
});
