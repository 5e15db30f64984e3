import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { BinRow } from '../kept/bin.row.js';
import { PieceRow } from '../kept/piece.row.js';
import { testApp, testPiece, testPlan } from '../testing.js';
import { BinService } from './bin.service.js';

let app: NestExpressApplication;
let end: () => Promise<void>;
beforeAll(async () => ({ app, end } = await testApp()));
afterAll(() => end());

const http = () => request(app.getHttpServer());
const mix = {
  ...{ id: 'mud', number: 3, name: 'Mud', madeMl: null, madeOn: null, colour: null, changes: [], note: '' },
  components: [{ material: 'wash-enamel', bottleId: 'umber', parts: 1 }],
};
const piece = () => {
  const plain = testPiece();
  return { ...plain, steps: plain.steps.map((step) => (step.id === 's2' ? { ...step, bottleId: 'umber', mixId: 'mud' } : step)) };
};
beforeEach(async () => {
  await BinRow.destroy({ where: {} });
  await http()
    .put('/api/plan-file?today=2026-11-24')
    .send(testPlan({ mixes: [mix], pieces: [piece()] }))
    .expect(200);
});

const deleted = async () =>
  ((await http().get('/api/deleted').expect(200)).body as { kind: string; id: string }[]).map(({ kind, id }) => `${kind} ${id}`);
const step = async () => (await http().get('/api/pieces/van-1')).body.piece.steps[1] as { bottleId: string | null; mixId: string | null };

describe('what was deleted', () => {
  test('a bottle comes back to the steps and the mixes that used it', async () => {
    await http().delete('/api/bottles/umber').expect(204);
    expect(await deleted()).toEqual(['bottle umber']);
    expect((await step()).bottleId).toBeNull();
    await http().post('/api/deleted/bottle/umber/restore').expect(204);
    expect((await step()).bottleId).toBe('umber');
    expect((await http().get('/api/mixes')).body[0].mix.components[0].bottleId).toBe('umber');
    expect((await http().get('/api/bottles')).body[0].bottle).toEqual(testPlan().bottles[0]);
    expect(await deleted()).toEqual([]);
  });

  test('a step that uses another bottle by now keeps it', async () => {
    await http().delete('/api/bottles/umber').expect(204);
    const stored = (await http().get('/api/pieces/van-1')).body as { version: number; piece: ReturnType<typeof piece> };
    const other = { ...testPlan().bottles[0]!, id: 'other' };
    await http().put('/api/bottles/other').send({ version: 0, bottle: other }).expect(200);
    const steps = stored.piece.steps.map((one) => (one.id === 's2' ? { ...one, bottleId: 'other' } : one));
    await http()
      .put('/api/pieces/van-1')
      .send({ version: stored.version, piece: { ...stored.piece, steps } })
      .expect(200);
    await http().post('/api/deleted/bottle/umber/restore').expect(204);
    expect((await step()).bottleId).toBe('other');
  });

  test('a mix comes back under its number, unless another has it by now', async () => {
    await http().delete('/api/mixes/mud').expect(204);
    expect((await step()).mixId).toBeNull();
    await http()
      .put('/api/mixes/new')
      .send({ version: 0, mix: { ...mix, id: 'new', name: 'New' } })
      .expect(200);
    const { body } = await http().post('/api/deleted/mix/mud/restore').expect(409);
    expect(body.message).toContain('“New” has number 3');
    await http().delete('/api/mixes/new').expect(204);
    await http().post('/api/deleted/mix/mud/restore').expect(204);
    expect((await step()).mixId).toBe('mud');
    expect(await deleted()).toEqual(['mix new']);
  });

  test('a piece comes back with its steps, or goes for good with its log', async () => {
    await http().delete('/api/pieces/van-1').expect(204);
    expect(await deleted()).toEqual(['piece van-1']);
    await http().post('/api/deleted/piece/van-1/restore').expect(204);
    expect((await http().get('/api/pieces/van-1').expect(200)).body.piece).toEqual(piece());
    // what is not deleted is not let go for good
    await http().delete('/api/deleted/piece/van-1').expect(404);
    await http().delete('/api/pieces/van-1').expect(204);
    await http().delete('/api/deleted/piece/van-1').expect(204);
    expect(await deleted()).toEqual([]);
    await http().post('/api/deleted/piece/van-1/restore').expect(404);
  });

  test('a finish and an own material come back too', async () => {
    const own = { ...OWN, id: 'own' };
    const finish = { id: 'salt', name: 'Salt', versions: [VERSION] };
    await http().put('/api/materials/own').send({ version: 0, material: own }).expect(200);
    await http().put('/api/finishes/salt').send({ version: 0, finish }).expect(200);
    await http().delete('/api/materials/own').expect(204);
    await http().delete('/api/finishes/salt').expect(204);
    expect((await deleted()).sort()).toEqual(['finish salt', 'material own']);
    await http().post('/api/deleted/material/own/restore').expect(204);
    await http().post('/api/deleted/finish/salt/restore').expect(204);
    expect((await http().get('/api/materials')).body[0].material).toEqual(own);
    expect((await http().get('/api/finishes')).body[0].finish).toEqual(finish);
  });

  test('a bottle brings back the own material it is of, where that was deleted after it', async () => {
    await http()
      .put('/api/materials/own')
      .send({ version: 0, material: { ...OWN, id: 'own' } })
      .expect(200);
    const bottle = { ...testPlan().bottles[0]!, id: 'shed', material: 'own' };
    await http().put('/api/bottles/shed').send({ version: 0, bottle }).expect(200);
    await http().delete('/api/bottles/shed').expect(204);
    await http().delete('/api/materials/own').expect(204);
    await http().post('/api/deleted/bottle/shed/restore').expect(204);
    expect((await http().get('/api/materials')).body.map((one: { material: { id: string } }) => one.material.id)).toEqual(['own']);
    expect((await http().get('/api/bottles')).body.map((one: { bottle: { id: string } }) => one.bottle.id)).toContain('shed');
    expect(await deleted()).toEqual([]);
  });

  test('a piece that dried in a place which was taken out meanwhile comes back, and the own plan file can be read again', async () => {
    const { body } = await http().get('/api/workshop');
    const place = { id: 'attic', name: 'Attic', air: { tempC: 15, rhPct: 50 }, models: 2 };
    const withPlaces = (places: object[]) => ({ ...body.workshop, climate: { ...body.workshop.climate, places } });
    await http()
      .put('/api/workshop')
      .send({ version: body.version, workshop: withPlaces([place]) })
      .expect(200);
    const stored = (await http().get('/api/pieces/van-1')).body as { version: number; piece: ReturnType<typeof piece> };
    const steps = stored.piece.steps.map((one) => ({ ...one, dryingPlace: 'attic' }));
    await http()
      .put('/api/pieces/van-1')
      .send({ version: stored.version, piece: { ...stored.piece, steps } })
      .expect(200);
    await http().delete('/api/pieces/van-1').expect(204);
    await http()
      .put('/api/workshop')
      .send({ version: Number(body.version) + 1, workshop: withPlaces([]) })
      .expect(200);
    await http().post('/api/deleted/piece/van-1/restore').expect(204);
    const back = (await http().get('/api/pieces/van-1')).body as { version: number; piece: ReturnType<typeof piece> };
    expect(back.piece.steps.map(({ dryingPlace }) => dryingPlace)).toEqual(steps.map(() => null));
    await http()
      .put('/api/pieces/van-1')
      .send({ version: back.version, piece: { ...back.piece, name: 'Back' } })
      .expect(200);
    const plan = (await http().get('/api/plan-file')).body as object;
    await http().put('/api/plan-file?today=2026-11-24').send(plan).expect(200);
  });

  test('before a plan file replaces what lies here too, a backup is made', async () => {
    const backups = async () => ((await http().get('/api/backups')).body as unknown[]).length;
    await http().delete('/api/pieces/van-1').expect(204);
    const before = await backups();
    await http().put('/api/plan-file?today=2026-11-24').send({ nothing: true }).expect(400);
    expect(await backups()).toBe(before);
    await http().put('/api/plan-file?today=2026-11-24').send(testPlan()).expect(200);
    expect(await deleted()).toEqual([]);
    const [newest] = (await http().get('/api/backups')).body as { name: string }[];
    await http().post(`/api/backups/${newest!.name}/restore`);
    expect(await deleted()).toEqual(['piece van-1']);
  });

  test('stays thirty days, then it goes by itself', async () => {
    await http().delete('/api/pieces/van-1').expect(204);
    await http().delete('/api/bottles/umber').expect(204);
    const long = new Date(Date.now() - 31 * 86_400_000).toISOString();
    const look = async () => {
      app.get(BinService).onApplicationBootstrap();
      await app.get(BinService).beforeApplicationShutdown();
    };
    await look();
    expect(((await http().get('/api/deleted')).body as { daysLeft: number }[]).map(({ daysLeft }) => daysLeft)).toEqual([30, 30]);
    await PieceRow.update({ deletedAt: long }, { where: {} });
    await BinRow.update({ deletedAt: long }, { where: {} });
    await look();
    expect(await deleted()).toEqual([]);
  });

  test.each(['/api/deleted/bottle/nobody/restore', '/api/deleted/spoon/umber/restore'])('%s is not there', (path) =>
    http().post(path).expect(404),
  );
});

const OWN = {
  ...{ name: 'Shed paint', like: 'enamel-matt', colour: null, sheenGu: null, volumeSolidsPct: null, dryingFactor: null },
  ...{ minFilmC: null, lifeMonths: null, driesLighter: null, testFirst: null, note: '' },
};
const VERSION = {
  ...{ version: 1, savedOn: '2026-11-24', note: '', fromPiece: 'Van', kind: 'rolling-stock', scaleRatio: 76, groups: [] },
  ...{ handled: true, sheenWanted: 'matt' },
  zones: [],
  steps: [],
};
