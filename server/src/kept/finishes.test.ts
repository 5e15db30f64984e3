import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { finishOf, type Finish } from '@eveningtide/core/finishes';
import { CATALOGUE } from '@eveningtide/core/materials';
import request from 'supertest';
import { testApp, testPiece, testPlan } from '../testing.js';

let app: NestExpressApplication;
let end: () => Promise<void>;
beforeAll(async () => ({ app, end } = await testApp()));
afterAll(() => end());

const http = () => request(app.getHttpServer());
const version = finishOf(testPiece(), CATALOGUE, { version: 1, savedOn: '2026-11-25', note: 'first' });
const finish = (id: string, more: Partial<Finish> = {}): Finish => ({ id, name: 'Salt van', versions: [version], ...more });
const save = (given: Finish, at = 0) => http().put(`/api/finishes/${given.id}`).send({ version: at, finish: given });

describe('finishes', () => {
  test('are kept with all their versions, and come back the same', async () => {
    await save(finish('van')).expect(200, { version: 1, finish: finish('van') });
    const second = finish('van', { versions: [version, { ...version, version: 2, note: 'less rust' }] });
    await save(second, 1).expect(200);
    expect((await http().get('/api/finishes').expect(200)).body).toEqual([{ version: 2, finish: second }]);
  });

  test('a stale save is refused with what is stored; one that is gone is not found', async () => {
    expect((await save(finish('van'), 1).expect(409)).body).toMatchObject({ sentVersion: 1, stored: { version: 2 } });
    await save(finish('nowhere'), 3).expect(404);
  });

  test.each<[string, Finish, string]>([
    ['without a version', finish('odd', { versions: [] }), 'finish.versions'],
    ['whose versions skip', finish('odd', { versions: [{ ...version, version: 2 }] }), 'finish.versions[0].version'],
    [
      'with a technique that nobody knows',
      finish('odd', { versions: [{ ...version, steps: [{ ...version.steps[0]!, technique: 'sneeze' }] }] }),
      'finish.versions[0].steps[0].technique',
    ],
    ['on a zone it does not know', finish('odd', { versions: [{ ...version, zones: [] }] }), 'finish.versions[0].steps[1].zones[0]'],
  ])('one %s is refused, the place named, and nothing is kept', async (_what, given, path) => {
    const { body } = await save(given).expect(400);
    expect(body.faults.map((fault: { path: string }) => fault.path)).toContain(path);
    expect((await http().get('/api/finishes')).body).toHaveLength(1);
  });

  test('is taken away; pieces keep their steps and what they came from', async () => {
    const piece = testPiece('finished', { finish: { finishId: 'van', version: 2, setId: 's' } });
    await http().put('/api/pieces/finished').send({ version: 0, piece }).expect(200);
    await http().delete('/api/finishes/van').expect(204);
    await http().delete('/api/finishes/van').expect(404);
    expect((await http().get('/api/pieces/finished')).body.piece).toEqual(piece);
  });

  test('travel in the plan file, out and in', async () => {
    const plan = testPlan({ finishes: [finish('plan')] });
    await http().put('/api/plan-file?today=2026-11-25').send(plan).expect(200);
    expect((await http().get('/api/plan-file').expect(200)).body).toEqual(plan);
  });
});
