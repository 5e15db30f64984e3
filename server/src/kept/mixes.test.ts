import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { Mix } from '@eveningtide/core/mixing';
import request from 'supertest';
import { testApp, testPiece, testPlan } from '../testing.js';

let app: NestExpressApplication;
let end: () => Promise<void>;
beforeAll(async () => {
  ({ app, end } = await testApp());
  await http().put('/api/bottles/umber').send({ version: 0, bottle: umber }).expect(200);
});
afterAll(() => end());

const http = () => request(app.getHttpServer());
const umber = testPlan().bottles[0]!;
const wall: Mix = {
  id: 'wall',
  number: 1,
  name: 'Wall brown',
  components: [
    { material: 'wash-enamel', bottleId: 'umber', parts: 1 },
    { material: 'white-spirit', bottleId: null, parts: 2 },
  ],
  madeMl: 6,
  madeOn: '2026-11-20',
  colour: null,
  changes: [{ on: '2026-11-21', words: 'a little darker', added: [{ material: 'wash-enamel', bottleId: 'umber', ml: 0.5 }] }],
  note: '',
};
const save = (mix: Mix, version = 0) => http().put(`/api/mixes/${mix.id}`).send({ version, mix });
const all = async () => (await http().get('/api/mixes').expect(200)).body as { version: number; mix: Mix }[];

describe('mixes', () => {
  test('are kept whole and used by steps', async () => {
    await save(wall).expect(200, { version: 1, mix: wall });
    await save({ ...wall, note: 'good' }, 1).expect(200);
    expect(await all()).toEqual([{ version: 2, mix: { ...wall, note: 'good' } }]);
    const piece = testPiece('mixed', { steps: testPiece().steps.map((step) => ({ ...step, mixId: step.id === 's2' ? 'wall' : null })) });
    await http().put('/api/pieces/mixed').send({ version: 0, piece }).expect(200);
    expect((await http().get('/api/pieces/mixed')).body.piece).toEqual(piece);
  });

  test('a stale save, a number that is taken, a mix of nothing and of what nobody knows are refused', async () => {
    expect((await save(wall, 1).expect(409)).body).toMatchObject({ sentVersion: 1, stored: { version: 2 } });
    await save({ ...wall, id: 'gone', number: 9 }, 3).expect(404);
    const faults = async (mix: Mix): Promise<string[]> =>
      (await save(mix).expect(400)).body.faults.map((fault: { path: string }) => fault.path);
    expect(await faults({ ...wall, id: 'twin' })).toEqual(['mix.number']);
    const other = { ...wall, id: 'other', number: 2 };
    expect(await faults({ ...other, components: [] })).toEqual(['mix.components']);
    expect(await faults({ ...other, components: [{ material: 'jam', bottleId: 'nowhere', parts: 1 }] })).toEqual([
      'mix.components[0].material',
      'mix.components[0].bottleId',
    ]);
    expect(await faults({ ...other, components: [{ material: 'water', bottleId: null, parts: -1 }] })).toEqual(['mix.components[0].parts']);
    expect(await all()).toHaveLength(1);
  });

  test('a piece that names a mix nobody has is refused', async () => {
    const piece = testPiece('lost', { steps: [{ ...testPiece().steps[1]!, mixId: 'nowhere' }] });
    const { body } = await http().put('/api/pieces/lost').send({ version: 0, piece }).expect(400);
    expect(body.faults[0]).toMatchObject({ path: 'piece.steps[0].mixId', value: 'nowhere' });
  });

  test('travel in the plan file, out and in', async () => {
    const plan = testPlan({ mixes: [wall] });
    await http().put('/api/plan-file?today=2026-11-25').send(plan).expect(200);
    expect((await http().get('/api/plan-file').expect(200)).body).toEqual(plan);
  });

  test('a bottle that goes leaves its kind in the mix; a mix that goes leaves the step its paint', async () => {
    const piece = testPiece('mixed', { steps: [{ ...testPiece().steps[1]!, mixId: 'wall' }] });
    await http().put('/api/pieces/mixed').send({ version: 0, piece }).expect(200);
    await http().delete('/api/bottles/umber').expect(204);
    const [kept] = await all();
    expect(kept!.mix.components[0]).toEqual({ material: 'wash-enamel', bottleId: null, parts: 1 });
    expect(kept!.mix.changes[0]!.added[0]!.bottleId).toBeNull();
    await http().delete('/api/mixes/wall').expect(204);
    await http().delete('/api/mixes/wall').expect(404);
    const { body } = await http().get('/api/pieces/mixed').expect(200);
    expect(body).toMatchObject({ version: 2, piece: { steps: [{ mixId: null, material: 'wash-enamel' }] } });
  });

  test('an own material that is in a mix is not taken away', async () => {
    const material = {
      id: 'tar',
      name: 'Tar',
      like: 'wash-enamel',
      colour: null,
      sheenGu: null,
      volumeSolidsPct: null,
      dryingFactor: null,
      minFilmC: null,
      lifeMonths: null,
      driesLighter: null,
      testFirst: null,
      note: '',
    };
    await http().put('/api/materials/tar').send({ version: 0, material }).expect(200);
    await save({ ...wall, id: 'tarred', number: 7, components: [{ material: 'tar', bottleId: null, parts: 1 }], changes: [] }).expect(200);
    expect((await http().delete('/api/materials/tar').expect(409)).body.users).toEqual(['Wall brown']);
  });
});

describe('several bottles at once', () => {
  const bottle = (id: string, more: object = {}) => ({ ...umber, id, name: id, ...more });
  const saveAll = (...bottles: { version: number; bottle: object }[]) => http().put('/api/bottles').send({ bottles });
  const ids = async () => ((await http().get('/api/bottles')).body as { bottle: { id: string } }[]).map((one) => one.bottle.id);

  test('all are saved, or none', async () => {
    await saveAll({ version: 0, bottle: bottle('a') }, { version: 0, bottle: bottle('b') }).expect(200);
    expect(await ids()).toEqual(['a', 'b']);
    const { body } = await saveAll({ version: 0, bottle: bottle('c') }, { version: 0, bottle: bottle('d', { material: 'jam' }) }).expect(
      400,
    );
    expect(body.faults[0]).toMatchObject({ path: 'bottles[1].bottle.material', value: 'jam' });
    await saveAll({ version: 0, bottle: bottle('c') }, { version: 0, bottle: { ...bottle('a'), note: 'another' } }).expect(409);
    await saveAll({ version: 0, bottle: bottle('c') }, { version: 0, bottle: bottle('c') }).expect(400);
    await saveAll({ version: 0, bottle: bottle('c') }, { version: 4, bottle: bottle('d') }).expect(404);
    expect(await ids()).toEqual(['a', 'b']);
  });

  test('a swatch has two parts and a colour', async () => {
    const faults = async (whiteSwatch: unknown) =>
      ((await saveAll({ version: 0, bottle: bottle('s', { whiteSwatch }) }).expect(400)).body.faults as { path: string }[]).map(
        ({ path }) => path,
      );
    expect(await faults({ parts: [1], colour: '#ffffff' })).toEqual(['bottles[0].bottle.whiteSwatch.parts']);
    expect(await faults({ parts: [1, 0], colour: 'white' })).toEqual([
      'bottles[0].bottle.whiteSwatch.parts',
      'bottles[0].bottle.whiteSwatch.colour',
    ]);
    await saveAll({ version: 0, bottle: bottle('s', { whiteSwatch: { parts: [1, 4], colour: '#cccccc' } }) }).expect(200);
  });
});
