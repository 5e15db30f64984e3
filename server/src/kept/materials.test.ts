import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { finishOf } from '@eveningtide/core/finishes';
import { plainEntry } from '@eveningtide/core/log';
import { CATALOGUE, type OwnMaterial } from '@eveningtide/core/materials';
import request from 'supertest';
import { testApp, testPiece, testPlan } from '../testing.js';

let app: NestExpressApplication;
let end: () => Promise<void>;
beforeAll(async () => ({ app, end } = await testApp()));
afterAll(() => end());

const http = () => request(app.getHttpServer());
const shedPaint: OwnMaterial = {
  id: 'shed-paint',
  name: 'Shed paint',
  like: 'emulsion-matt',
  colour: '#6b5844',
  sheenGu: null,
  volumeSolidsPct: null,
  dryingFactor: 1.4,
  minFilmC: null,
  lifeMonths: null,
  driesLighter: null,
  testFirst: true,
  note: '',
};
const save = (material: OwnMaterial, version = 0) => http().put(`/api/materials/${material.id}`).send({ version, material });

describe('own materials', () => {
  test('are made, changed, and used by bottles and steps', async () => {
    await save(shedPaint).expect(200, { version: 1, material: shedPaint });
    const [bottle] = testPlan().bottles;
    await http()
      .put('/api/bottles/shed')
      .send({ version: 0, bottle: { ...bottle, id: 'shed', material: 'shed-paint' } })
      .expect(200);
    const piece = testPiece('own', {
      steps: [{ ...testPiece().steps[0]!, technique: 'brush-coat', material: 'shed-paint', bottleId: 'shed' }],
    });
    await http().put('/api/pieces/own').send({ version: 0, piece }).expect(200);
    await save({ ...shedPaint, dryingFactor: 1.6 }, 1).expect(200);
    expect((await http().get('/api/materials').expect(200)).body).toEqual([{ version: 2, material: { ...shedPaint, dryingFactor: 1.6 } }]);
  });

  test('what is in use is not taken away, and who uses it is told', async () => {
    const { body } = await http().delete('/api/materials/shed-paint').expect(409);
    expect(body.users).toEqual(['Umber wash', 'Salt van']);
    await save({ ...shedPaint, id: 'unused' }).expect(200);
    await http().delete('/api/materials/unused').expect(204);
    await http().delete('/api/materials/unused').expect(404);
  });

  test('what was done with it, and a finish that is made of it, need it too: none could be read without it', async () => {
    const own = { ...shedPaint, id: 'logged', name: 'Logged' };
    const remove = () => http().delete('/api/materials/logged');
    await save(own).expect(200);
    const piece = testPiece('done', { name: 'Done van' });
    await http().put('/api/pieces/done').send({ version: 0, piece }).expect(200);
    const step = { ...piece.steps[0]!, technique: 'brush-coat', material: 'logged', bottleId: null };
    const at = { startedAt: '2026-11-24T19:30:00', endedAt: '2026-11-24T19:40:00' };
    const entry = plainEntry({ id: 'e1', pieceId: 'done', kind: 'work', stepId: step.id, step, ...at });
    await http().put('/api/log/e1').send({ version: 0, entry }).expect(200);
    expect((await remove().expect(409)).body.users).toEqual(['the log of Done van']);
    await http().delete('/api/log/e1').expect(204);
    const version = finishOf({ ...piece, steps: [step] }, CATALOGUE, { version: 1, savedOn: '2026-11-24', note: '' });
    const finish = { id: 'f1', name: 'Shed', versions: [version] };
    await http().put('/api/finishes/f1').send({ version: 0, finish }).expect(200);
    expect((await remove().expect(409)).body.users).toEqual(['Shed']);
    await http().delete('/api/finishes/f1').expect(204);
    await remove().expect(204);
  });

  test('a stale version is refused with both', async () => {
    const { body } = await save(shedPaint, 1).expect(409);
    expect(body).toMatchObject({ sentVersion: 1, stored: { version: 2 } });
  });

  test.each<[string, Partial<OwnMaterial>, string]>([
    ['like nothing known', { like: 'jam' }, 'material.like'],
    ['like a thinner', { like: 'white-spirit' }, 'material.like'],
    ['under an id of the catalogue', { id: 'acrylic-matt' }, 'material.id'],
    ['that dries in no time', { dryingFactor: 0 }, 'material.dryingFactor'],
    ['with a colour that is none', { colour: 'brown' }, 'material.colour'],
  ])('one %s is refused, the field named', async (_what, change, path) => {
    const { body } = await save({ ...shedPaint, id: 'odd', ...change }).expect(400);
    expect(body.faults[0].path).toBe(path);
  });

  test('a bottle that holds less than is left is refused', async () => {
    const [bottle] = testPlan().bottles;
    const { body } = await http()
      .put('/api/bottles/full')
      .send({ version: 0, bottle: { ...bottle, id: 'full', sizeMl: 10, leftMl: 11 } })
      .expect(400);
    expect(body.faults[0]).toMatchObject({ path: 'bottle.leftMl', value: '11', allowed: 'at most what it holds, 10' });
  });
});
