import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { testApp } from '../testing.js';

let app: NestExpressApplication;
let file: string;
let end: () => Promise<void>;
beforeAll(async () => {
  ({ app, file, end } = await testApp());
});
afterAll(() => end());

const http = () => request(app.getHttpServer());
const set = (body: object, id = 'hygrometer') => http().put(`/api/devices/${id}`).send(body);
const hygrometer = async () => ((await http().get('/api/devices').expect(200)).body as { on: boolean; last: object | null }[])[0]!;

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

  test('is on again after a restart', async () => {
    await set({ on: true, isSilent: false }).expect(200);
    const again = await testApp(file);
    expect((await request(again.app.getHttpServer()).get('/api/devices')).body[0]).toMatchObject({ on: true });
    await again.app.close();
  });
});
