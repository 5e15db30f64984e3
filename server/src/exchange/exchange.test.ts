import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { partOf, type PlanFile } from '@eveningtide/core/plan-file';
import request from 'supertest';
import { testApp, testPiece, testPlan } from '../testing.js';

let app: NestExpressApplication;
let end: () => Promise<void>;
beforeAll(async () => ({ app, end } = await testApp()));
afterAll(() => end());

const http = () => request(app.getHttpServer());
const imported = (file: unknown, today = '2026-11-24') =>
  http()
    .put(`/api/plan-file?today=${today}`)
    .send(file as object);
const exported = async () => (await http().get('/api/plan-file').expect(200)).body as PlanFile;

const demo = JSON.parse(readFileSync(new URL('../../../demo/marram-and-holm.eveningtide.json', import.meta.url), 'utf8')) as PlanFile;

describe('plan file', () => {
  test('in and out again is the same to the letter', async () => {
    await imported(testPlan()).expect(200, { pieces: 1, bottles: 1 });
    expect(await exported()).toEqual(testPlan());
    const first = JSON.stringify(await exported());
    await imported(JSON.parse(first)).expect(200);
    expect(JSON.stringify(await exported())).toBe(first);
  });

  test('the demo is such a file; its dates move with its anchor', async () => {
    await imported(demo, '2026-12-01').expect(200);
    const out = await exported();
    expect(out.anchorDate).toBeNull();
    expect(out.workshop.dates[0]?.date).toBe('2026-12-01');
    expect(out.pieces).toHaveLength(demo.pieces.length);
    await imported(out).expect(200);
    expect(await exported()).toEqual(out);
  });

  test.each<[string, unknown, string]>([
    ['a list', [], '(file)'],
    ['no format', { ...testPlan(), format: 'other' }, 'format'],
    ['a newer version', { ...testPlan(), version: 99 }, 'version'],
    ['a missing part', { ...testPlan(), workshop: undefined }, 'workshop'],
    [
      'a spoilt step deep inside',
      { ...testPlan(), pieces: [testPiece('a'), testPiece('b', { steps: [{ ...testPiece().steps[0]!, drying: 'oven' as 'fan' }] })] },
      'pieces[1].steps[0].drying',
    ],
    ['a bottle of nothing known', { ...testPlan(), bottles: [{ ...testPlan().bottles[0], material: 'jam' }] }, 'bottles[0].material'],
    ['two pieces of one id', { ...testPlan(), pieces: [testPiece('a'), testPiece('a')] }, 'pieces[1].id'],
    [
      'a feature on no zone',
      { ...testPlan(), pieces: [testPiece('a', { features: [{ id: 'f', zoneId: 'sky', kind: 'x', label: 'x', xMm: 0, yMm: 0 }] })] },
      'pieces[0].features[0].zoneId',
    ],
  ])('%s: refused whole, the place named, nothing changed', async (_name, file, path) => {
    await imported(testPlan()).expect(200);
    const before = await exported();
    const answer = await imported(file).expect(400);
    expect(answer.body.faults[0].path).toBe(path);
    expect(await exported()).toEqual(before);
  });

  test('a tab that was open before the file came in is told when it saves', async () => {
    await imported(testPlan()).expect(200);
    const { version, piece } = (await http().get('/api/pieces/van-1').expect(200)).body as { version: number; piece: object };
    await imported(testPlan()).expect(200);
    await http()
      .put('/api/pieces/van-1')
      .send({ version, piece: { ...piece, note: 'typed meanwhile' } })
      .expect(409);
  });

  test('a file of version 1 is brought up to date as it is read', async () => {
    const { materials: _none, ...rest } = testPlan();
    const { equipment: _e, room: _r, display: _d, schools: _s, ...workshop } = rest.workshop;
    const [bottle] = rest.bottles;
    const { triedOn: _tried, ...plainBottle } = bottle!;
    const pieces = rest.pieces.map(({ sizeMm: _size, archivedOn: _archived, steps, ...piece }) => ({
      ...piece,
      steps: steps.map(({ members: _members, ...step }) => step),
    }));
    const first = { ...rest, version: 1, workshop: { ...workshop, dropsPerMl: 22 }, bottles: [plainBottle], pieces };
    await imported(first).expect(200);
    expect((await exported()).workshop.dropsPerMl.water).toBe(22);
  });

  test('the day it is read on must be a day', async () => {
    const answer = await imported(testPlan(), 'today').expect(400);
    expect(answer.body.faults[0].path).toBe('today');
  });

  test('what is not JSON is refused', async () => {
    await http().put('/api/plan-file?today=2026-11-24').set('content-type', 'application/json').send('{"format":').expect(400);
  });
});

describe('one thing from a file of its own', () => {
  const added = (part: unknown, choices: object[] = []) => http().post('/api/plan-file/add').send({ part, choices });
  const van = partOf(demo, 'pieces', 'salt-van-14');

  test('is added with all that it is made from; once more nothing happens', async () => {
    await imported(testPlan()).expect(200);
    const { body } = await added(van).expect(200);
    expect(body.written).toContainEqual({ list: 'pieces', id: 'salt-van-14', version: expect.any(Number) });
    const out = await exported();
    expect(out.pieces.map(({ name }) => name)).toContain('Salt van No. 14');
    expect(out.bottles.length).toBeGreaterThan(testPlan().bottles.length);
    // the bottles that came are empty until somebody says otherwise; all else is as in the file
    expect((await added(van).expect(200)).body).toEqual({ written: [] });
    expect(await exported()).toEqual(out);
  });

  test('takes the place of what is here only where that is chosen', async () => {
    await imported(testPlan()).expect(200);
    await added(van).expect(200);
    const other = { ...van, pieces: van.pieces.map((piece) => ({ ...piece, note: 'from a friend' })) };
    await added(other, [{ list: 'pieces', id: 'salt-van-14', choice: 'mine' }]).expect(200, { written: [] });
    await added(other, [{ list: 'pieces', id: 'salt-van-14', choice: 'theirs' }]).expect(200);
    const noted = (await exported()).pieces.filter(({ note }) => note === 'from a friend');
    expect(noted.map(({ id }) => id)).toEqual(['salt-van-14']);
  });

  test('of an older version is brought up first', async () => {
    await imported(testPlan()).expect(200);
    await added({ ...van, version: 9 }).expect(200);
  });

  test.each<[string, unknown, string]>([
    ['a whole plan', testPlan(), 'format'],
    ['a newer version', { ...van, version: 99 }, 'version'],
    ['a spoilt field', { ...van, pieces: [{ ...van.pieces[0], scaleRatio: 'small' }] }, 'pieces[0].scaleRatio'],
    ['a step with a bottle that is not there', { ...van, bottles: [] }, 'pieces[0].steps[2].bottleId'],
    ['no file at all', 'hello', '(file)'],
    ['nothing', undefined, '(file)'],
  ])('%s: refused whole, the place named, nothing changed', async (_name, part, path) => {
    await imported(testPlan()).expect(200);
    const before = await exported();
    const { body } = await added(part).expect(400);
    expect(body.faults.map((fault: { path: string }) => fault.path)).toContain(path);
    expect(await exported()).toEqual(before);
  });
});
