import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DEFAULT_WORKSHOP } from '@eveningtide/core/schedule';
import request from 'supertest';
import { testApp, testPlan } from '../testing.js';

let app: NestExpressApplication;
let end: () => Promise<void>;
beforeAll(async () => ({ app, end } = await testApp()));
afterAll(() => end());

const http = () => request(app.getHttpServer());

describe('only this machine', () => {
  test.each(['evil.example', 'localhost.evil.example', '127.0.0.1.evil.example:4170', '192.168.1.9'])(
    'host %p is refused',
    async (host) => {
      const answer = await http().get('/api/pieces').set('Host', host).expect(403);
      expect(answer.body.message).toContain(`host ${host} is not allowed`);
    },
  );

  test.each(['https://evil.example', 'null', 'http://127.0.0.1.evil.example'])('origin %p is refused, also for reading', async (origin) => {
    await http().get('/api/pieces').set('Origin', origin).expect(403);
    await http().put('/api/plan-file?today=2026-11-24').set('Origin', origin).send(testPlan()).expect(403);
  });

  test.each(['127.0.0.1:4170', 'localhost:4171'])('a page of %p itself may', async (host) => {
    await http().get('/api/pieces').set('Host', host).set('Origin', `http://${host}`).expect(200);
  });

  test.each(['http://localhost:3000', 'https://127.0.0.1:4170', 'http://127.0.0.1'])(
    'a page of another program on this machine, %p, may not',
    async (origin) => {
      await http().post('/api/backups').set('Host', '127.0.0.1:4170').set('Origin', origin).expect(403);
    },
  );

  test('a write that another page caused is refused though no origin is named; a link from there may lead here', async () => {
    await http().post('/api/backups').set('Sec-Fetch-Site', 'cross-site').expect(403);
    await http().post('/api/backups').set('Sec-Fetch-Site', 'same-site').expect(403);
    await http().get('/api/pieces').set('Sec-Fetch-Site', 'cross-site').expect(200);
  });

  test('answers carry the protective headers and do not name the framework', async () => {
    const { headers } = await http().get('/api/pieces').expect(200);
    expect(headers['content-security-policy']).toContain("default-src 'self'");
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['x-powered-by']).toBeUndefined();
  });

  test('the interface is described', async () => {
    await http().get('/api/docs').expect(200);
    const { body } = await http().get('/api/docs-json').expect(200);
    expect(Object.keys(body.paths)).toEqual(
      expect.arrayContaining(['/api/pieces/{id}', '/api/bottles/{id}', '/api/workshop', '/api/plan-file']),
    );
    expect(body.components.schemas.StepDto.properties.coats).toMatchObject({ type: 'integer', minimum: 1, maximum: 10 });
  });
});

describe('workshop', () => {
  test('starts with the usual evenings and keeps what is saved', async () => {
    expect((await http().get('/api/workshop')).body).toEqual({ version: 0, workshop: DEFAULT_WORKSHOP });
    const workshop = {
      ...DEFAULT_WORKSHOP,
      careful: true,
      dates: [{ date: '2026-12-24', start: null, end: null }],
      climate: {
        ...DEFAULT_WORKSHOP.climate,
        places: [{ id: 'cupboard', name: 'Airing cupboard', air: { tempC: 28, rhPct: 35 }, models: 2 }],
      },
    };
    await http().put('/api/workshop').send({ version: 0, workshop }).expect(200);
    expect((await http().get('/api/workshop')).body).toEqual({ version: 1, workshop });
    const stale = await http()
      .put('/api/workshop')
      .send({ version: 0, workshop: { ...workshop, careful: false } })
      .expect(409);
    expect(stale.body.stored.version).toBe(1);
  });

  test('refuses air that cannot be', async () => {
    const workshop = { ...DEFAULT_WORKSHOP, climate: { ...DEFAULT_WORKSHOP.climate, evening: { tempC: 20, rhPct: 140 } } };
    const answer = await http().put('/api/workshop').send({ version: 1, workshop }).expect(400);
    expect(answer.body.faults[0]).toEqual({ path: 'workshop.climate.evening.rhPct', value: '140', allowed: '100 or less' });
  });
});

describe('bottles', () => {
  const bottle = testPlan().bottles[0]!;

  test('are made, changed, and leave their steps their material when they go', async () => {
    await http().put('/api/bottles/umber').send({ version: 0, bottle }).expect(200);
    await http()
      .put('/api/bottles/umber')
      .send({ version: 1, bottle: { ...bottle, leftMl: 12 } })
      .expect(200);
    await http().put('/api/bottles/umber').send({ version: 1, bottle }).expect(409);
    const piece = testPlan().pieces[0]!;
    piece.steps[1]!.bottleId = 'umber';
    await http().put(`/api/pieces/${piece.id}`).send({ version: 0, piece }).expect(200);
    await http().delete('/api/bottles/umber').expect(204);
    const { body } = await http().get(`/api/pieces/${piece.id}`).expect(200);
    expect(body.piece.steps[1]).toMatchObject({ bottleId: null, material: 'wash-enamel' });
    await http().delete('/api/bottles/umber').expect(404);
  });

  test('of an unknown kind are refused', async () => {
    const answer = await http()
      .put('/api/bottles/x')
      .send({ version: 0, bottle: { ...bottle, id: 'x', material: 'jam' } })
      .expect(400);
    expect(answer.body.faults[0].path).toBe('bottle.material');
  });
});

test('stopped in the middle of reading, it reads to the end', async () => {
  const own = await testApp();
  await own.app.listen(0, '127.0.0.1');
  const complaints: unknown[] = [];
  own.app.useLogger({ log: () => undefined, warn: () => undefined, error: (said: unknown) => complaints.push(said) });
  const { port } = own.app.getHttpServer().address() as { port: number };
  const reading = Array.from({ length: 20 }, () => fetch(`http://127.0.0.1:${String(port)}/api/pieces`).catch(() => null));
  await new Promise((resolve) => setTimeout(resolve, 15));
  await own.end();
  await Promise.all(reading);
  expect(complaints).toEqual([]);
});
