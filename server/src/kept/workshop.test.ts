import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DEFAULT_WORKSHOP, type Workshop } from '@eveningtide/core/schedule';
import { SCHOOLS, SCHOOL_IDS } from '@eveningtide/core/techniques';
import request from 'supertest';
import { testApp } from '../testing.js';

let app: NestExpressApplication;
let end: () => Promise<void>;
beforeAll(async () => ({ app, end } = await testApp()));
afterAll(() => end());

const http = () => request(app.getHttpServer());
const stored = async () => (await http().get('/api/workshop').expect(200)).body as { version: number; workshop: Workshop };
const save = async (change: object) => {
  const { version, workshop } = await stored();
  return http()
    .put('/api/workshop')
    .send({ version, workshop: { ...workshop, ...change } });
};

describe('the workshop', () => {
  test('keeps everything that can be described', async () => {
    const described: Partial<Workshop> = {
      daylight: { by: 'latitude', start: '08:00', end: '16:00', latitudeDeg: -41.3, noon: '12:20' },
      climate: {
        evening: { tempC: 17, rhPct: 61 },
        night: { tempC: 9, rhPct: 72 },
        places: [{ id: 'loft', name: 'Loft', air: { tempC: 25, rhPct: 30 }, models: 3 }],
      },
      careful: true,
      airbrushCleanMin: 9.5,
      measuring: { syringeMl: 0.05, capMl: 3.5, spoonMl: 0.8, countBy: 'syringe', currency: '€' },
      dropsPerMl: { water: 21, alcohol: 38, spirit: 33, hot: 44 },
      equipment: { airbrush: false, cans: false, boothModels: 2, benchModels: 5, brushesMm: [3, 12] },
      room: { volumeM3: 18.5, airChangesPerH: 2 },
      display: { units: 'imperial', dates: 'month-first', clock: '12', weekFrom: 6 },
      schools: { ...DEFAULT_WORKSHOP.schools, base: 'airbrush', repeat: 'formula' },
    };
    expect((await save(described)).status).toBe(200);
    expect((await stored()).workshop).toMatchObject(described);
  });

  test.each<[string, unknown, string]>([
    ['a syringe without marks', { syringeMl: 0 }, 'syringeMl'],
    ['a cap as large as a bucket', { capMl: 5000 }, 'capMl'],
    ['a spoon that is a word', { spoonMl: 'small' }, 'spoonMl'],
    ['a count in handfuls', { countBy: 'handfuls' }, 'countBy'],
    ['money with a long name', { currency: 'shillings and pence' }, 'currency'],
  ])('%s is refused, the field named, and nothing is kept', async (_what, given, field) => {
    const { measuring } = (await stored()).workshop;
    const answer = await save({ measuring: { ...measuring, ...(given as object) } });
    expect(answer.status).toBe(400);
    expect(answer.body.faults[0].path).toBe(`workshop.measuring.${field}`);
    expect((await stored()).workshop.measuring).toEqual(measuring);
  });

  test('how evenings are planned is kept, and what is none is refused whole', async () => {
    const planning: Workshop['planning'] = {
      wishes: { soonest: 0, fewest: 3, easy: 1, safe: 9 },
      kept: {
        keptOn: '2026-11-24',
        order: ['van/s1/0', 'van/s2~2/1'],
        keptFree: ['2026-11-26T19:30'],
        notBefore: [{ step: 'van/s1/0', at: '2026-11-24T20:05' }],
      },
    };
    expect((await save({ planning })).status).toBe(200);
    expect((await stored()).workshop.planning).toEqual(planning);
    const refused = async (change: object): Promise<string> => {
      const answer = await save({ planning: { ...planning, ...change } });
      expect(answer.status).toBe(400);
      expect((await stored()).workshop.planning).toEqual(planning);
      return (answer.body as { faults: { path: string }[] }).faults[0]!.path;
    };
    expect(await refused({ wishes: { ...planning.wishes, easy: -1 } })).toBe('workshop.planning.wishes.easy');
    expect(await refused({ kept: { ...planning.kept, order: ['van s1'] } })).toBe('workshop.planning.kept.order');
    expect(await refused({ kept: { ...planning.kept, keptFree: ['tomorrow'] } })).toBe('workshop.planning.kept.keptFree');
    expect(await refused({ kept: { ...planning.kept, notBefore: [{ step: 'van/s1/0', at: '20:05' }] } })).toBe(
      'workshop.planning.kept.notBefore[0].at',
    );
  });

  test.each(SCHOOL_IDS)('takes each way of %s, and no other', async (id) => {
    for (const choice of SCHOOLS[id].choices)
      expect((await save({ schools: { ...DEFAULT_WORKSHOP.schools, [id]: choice.id } })).status).toBe(200);
    const answer = await save({ schools: { ...DEFAULT_WORKSHOP.schools, [id]: 'by the moon' } });
    expect(answer.status).toBe(400);
    expect(answer.body.faults[0]).toMatchObject({ path: `workshop.schools.${id}`, value: 'by the moon' });
  });

  test.each<[string, object, string]>([
    ['a latitude beyond the pole', { daylight: { ...DEFAULT_WORKSHOP.daylight, latitudeDeg: 91 } }, 'workshop.daylight.latitudeDeg'],
    ['a noon that is no time', { daylight: { ...DEFAULT_WORKSHOP.daylight, noon: '25:00' } }, 'workshop.daylight.noon'],
    ['no brush at all', { equipment: { ...DEFAULT_WORKSHOP.equipment, brushesMm: [] } }, 'workshop.equipment.brushesMm'],
    ['half a model in the booth', { equipment: { ...DEFAULT_WORKSHOP.equipment, boothModels: 0.5 } }, 'workshop.equipment.boothModels'],
    ['a dropper of giants', { dropsPerMl: { ...DEFAULT_WORKSHOP.dropsPerMl, water: 2 } }, 'workshop.dropsPerMl.water'],
    ['a room without air', { room: { volumeM3: 0, airChangesPerH: 1 } }, 'workshop.room.volumeM3'],
    ['units of another world', { display: { units: 'cubits', dates: 'words' } }, 'workshop.display.units'],
    ['a field that is not known', { colour: 'teal' }, 'workshop.colour'],
    ['a dropper too few', { dropsPerMl: { water: 20 } }, 'workshop.dropsPerMl.alcohol'],
  ])('refuses %s, the field named, and keeps what was there', async (_what, change, path) => {
    const before = await stored();
    const answer = await save(change);
    expect(answer.status).toBe(400);
    expect(answer.body.faults.map((fault: { path: string }) => fault.path)).toContain(path);
    expect(await stored()).toEqual(before);
  });
});
