import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { testApp } from '../testing.js';

let app: NestExpressApplication;
let file: string;
let end: () => Promise<void>;
let stop: () => Promise<void>;
beforeAll(async () => {
  ({ app, file, stop, end } = await testApp());
});
afterAll(() => end());

const http = () => request(app.getHttpServer());
const set = (body: object, id = 'hygrometer') => http().put(`/api/devices/${id}`).send(body);
const hygrometer = async () => ((await http().get('/api/devices').expect(200)).body as { on: boolean; last: object | null }[])[0]!;

interface State {
  id: string;
  on: boolean;
  isSilent: boolean;
  last: { at: string; grams: number | null; isSteady: boolean; l: number } | null;
}
const state = async (id: string): Promise<State> =>
  ((await http().get('/api/devices').expect(200)).body as State[]).find((one) => one.id === id)!;

describe('the simulated hygrometer', () => {
  test('is off until it is switched on, and says that it is simulated', async () => {
    expect(await hygrometer()).toEqual({
      id: 'hygrometer',
      name: 'Bench hygrometer',
      simulated: true,
      on: false,
      isSilent: false,
      last: null,
    });
    expect((await http().get('/api/devices/hygrometer/readings').expect(200)).body).toEqual([]);
  });

  test('switched on it reads at once, and the reading is kept', async () => {
    const [state] = (await set({ on: true, isSilent: false }).expect(200)).body;
    expect(state.last).toMatchObject({
      tempC: expect.any(Number),
      rhPct: expect.any(Number),
      at: expect.stringMatching(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d$/),
    });
    expect((await http().get('/api/devices/hygrometer/readings').expect(200)).body).toEqual([state.last]);
  });

  test('fallen silent, what it read last stands; off, nothing does', async () => {
    const before = (await hygrometer()).last;
    expect((await set({ on: true, isSilent: true }).expect(200)).body[0]).toMatchObject({ isSilent: true, last: before });
    expect((await set({ on: false, isSilent: false }).expect(200)).body[0]).toMatchObject({ on: false, last: null });
  });

  test('what is not known is refused', async () => {
    await set({ on: true, isSilent: false }, 'barometer').expect(404);
    expect((await set({ on: 'yes' }).expect(400)).body.faults.map((fault: { path: string }) => fault.path)).toEqual(['on', 'isSilent']);
  });
});

describe('the simulated pocket scale', () => {
  const pan = (grams: unknown) => http().post('/api/devices/scale/pan').send({ grams });

  test('off, nothing can be put on it', async () => {
    expect((await pan(3).expect(409)).body).toMatchObject({ error: 'off', message: expect.stringContaining('Pocket scale is off') });
  });

  test('shows what lies on it, swinging at first and then at rest', async () => {
    await set({ on: true, isSilent: false }, 'scale').expect(200);
    await pan(12.5).expect(204);
    const first = (await state('scale')).last!;
    expect(first.isSteady).toBe(false);
    expect(first.grams).toBeGreaterThan(11);
    for (let i = 0; i < 60 && !(await state('scale')).last!.isSteady; i++) await new Promise((resolve) => setTimeout(resolve, 100));
    expect((await state('scale')).last!.grams).toBeCloseTo(12.5, 1);
  });

  test('too much for it has no number; more than could be meant is refused', async () => {
    await pan(700).expect(204);
    expect((await state('scale')).last!.grams).toBeNull();
    expect((await pan(-1).expect(400)).body.faults[0].path).toBe('grams');
    expect((await pan('much').expect(400)).body.faults[0].path).toBe('grams');
  });

  test('fallen silent, its last word stands whatever is put on it', async () => {
    await pan(20).expect(204);
    const before = (await state('scale')).last;
    await set({ on: true, isSilent: true }, 'scale').expect(200);
    await pan(90).expect(204);
    expect(await state('scale')).toMatchObject({ isSilent: true, last: { grams: before!.grams } });
    await set({ on: false, isSilent: false }, 'scale').expect(200);
  });
});

describe('the simulated colour meter', () => {
  const measure = (lab: object) => http().post('/api/devices/colour-meter/measure').send(lab);
  const rust = { l: 38, a: 18, b: 24 };

  test('off it reads nothing; on it speaks only when it is asked', async () => {
    expect((await measure(rust).expect(409)).body.error).toBe('off');
    await set({ on: true, isSilent: false }, 'colour-meter').expect(200);
    expect((await state('colour-meter')).last).toBeNull();
  });

  test('reads the colour that it is held against, each time a little otherwise', async () => {
    const readings = [];
    for (let i = 0; i < 6; i++) readings.push((await measure(rust).expect(200)).body.l as number);
    expect(new Set(readings).size).toBeGreaterThan(1);
    for (const l of readings) expect(Math.abs(l - 38)).toBeLessThan(3);
    expect((await state('colour-meter')).last!.l).toBe(readings.at(-1));
  });

  test('fallen silent it says so, and its last word stands', async () => {
    const before = (await state('colour-meter')).last;
    await set({ on: true, isSilent: true }, 'colour-meter').expect(200);
    expect((await measure(rust).expect(409)).body).toMatchObject({ error: 'silent', message: expect.stringContaining('does not answer') });
    expect((await state('colour-meter')).last).toEqual(before);
  });

  test('a colour that there is not is refused by name', async () => {
    const { body } = await measure({ l: 120, a: 0 }).expect(400);
    expect(body.faults.map((fault: { path: string }) => fault.path)).toEqual(['l', 'b']);
  });
});

// the last, as the second server takes the database from the first
describe('what was switched on', () => {
  test('is on again after a restart', async () => {
    await set({ on: true, isSilent: false }).expect(200);
    await stop();
    const again = await testApp(file);
    expect((await request(again.app.getHttpServer()).get('/api/devices')).body).toEqual([
      expect.objectContaining({ id: 'hygrometer', on: true }),
      expect.objectContaining({ id: 'scale', on: false }),
      expect.objectContaining({ id: 'colour-meter', on: true }),
    ]);
    await again.stop();
  });
});
