import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { plainEntry } from '@eveningtide/core/log';
import request from 'supertest';
import { testApp, testPiece, testPlan } from '../testing.js';

let app: NestExpressApplication;
let end: () => Promise<void>;
const PIECES = Array.from({ length: 20 }, (_, i) => testPiece(`p${String(i)}`));
beforeAll(async () => {
  ({ app, end } = await testApp());
  await app.listen(0, '127.0.0.1');
  await http()
    .put('/api/plan-file?today=2026-11-24')
    .send(testPlan({ pieces: PIECES }))
    .expect(200);
});
afterAll(() => end());

const http = () => request(app.getHttpServer());
const statuses = (answers: { status: number }[]) =>
  answers.reduce<Record<number, number>>((count, { status }) => ({ ...count, [status]: (count[status] ?? 0) + 1 }), {});
const version = async (id: string) => ((await http().get(`/api/pieces/${id}`)).body as { version: number }).version;

describe('many writers at the same moment', () => {
  test('twenty pieces, each saved once: all are taken', async () => {
    const from = await version('p0');
    const answers = await Promise.all(
      PIECES.map((piece) =>
        http()
          .put(`/api/pieces/${piece.id}`)
          .send({ version: from, piece: { ...piece, note: 'mine' } }),
      ),
    );
    expect(statuses(answers)).toEqual({ 200: 20 });
  });

  test('one piece, twenty times from one version: one is taken, the others are told what is stored', async () => {
    const from = await version('p1');
    const answers = await Promise.all(
      PIECES.map((_, i) =>
        http()
          .put('/api/pieces/p1')
          .send({ version: from, piece: { ...PIECES[1]!, note: `of ${String(i)}` } }),
      ),
    );
    expect(statuses(answers)).toEqual({ 200: 1, 409: 19 });
    const won = answers.findIndex(({ status }) => status === 200);
    for (const { status, body } of answers)
      if (status === 409) expect(body.stored).toMatchObject({ version: from + 1, piece: { note: `of ${String(won)}` } });
  });

  test('thirty entries of the log: all are taken; one of them twenty times: it is written once', async () => {
    const entry = (id: string, sitting: number) =>
      plainEntry({ id, kind: 'work', pieceId: 'p2', stepId: 's1', sitting, step: PIECES[2]!.steps[0]!, startedAt: '2026-11-24T19:30:00' });
    const thirty = Array.from({ length: 20 }, (_, i) => entry(`e${String(i)}`, i));
    const send = (one: ReturnType<typeof entry>) => http().put(`/api/log/${one.id}`).send({ version: 0, entry: one });
    expect(statuses(await Promise.all(thirty.map(send)))).toEqual({ 200: 20 });
    const again = await Promise.all(thirty.map(() => send(thirty[0]!)));
    expect(statuses(again)).toEqual({ 200: 20 });
    expect(new Set(again.map(({ body }) => (body as { version: number }).version))).toEqual(new Set([1]));
    expect((await http().get('/api/log')).body).toHaveLength(20);
  });

  test('mixes of one number: one is taken, the others are told', async () => {
    const mix = (id: string) => ({
      ...{ id, number: 7, name: id, madeMl: null, madeOn: null, colour: null, changes: [], note: '' },
      components: [{ material: 'acrylic-matt', bottleId: null, parts: 1 }],
    });
    const answers = await Promise.all(
      PIECES.map((_, i) =>
        http()
          .put(`/api/mixes/m${String(i)}`)
          .send({ version: 0, mix: mix(`m${String(i)}`) }),
      ),
    );
    expect(statuses(answers)).toEqual({ 200: 1, 400: 19 });
  });

  test('while a large file is taken in, others are taken too, one after the other', async () => {
    const { version: workshop, workshop: now } = (await http().get('/api/workshop')).body as { version: number; workshop: object };
    const [imported, read, saved] = await Promise.all([
      http()
        .put('/api/plan-file?today=2026-11-24')
        .send(testPlan({ pieces: PIECES })),
      http().get('/api/workshop'),
      http().put('/api/workshop').send({ version: workshop, workshop: now }),
    ]);
    expect([imported.status, read.status]).toEqual([200, 200]);
    expect([200, 409]).toContain(saved.status);
  });
});

describe('a save that is sent again because no answer came', () => {
  test('is answered like the first time', async () => {
    const from = await version('p3');
    const body = { version: from, piece: { ...PIECES[3]!, note: 'sent twice' } };
    const first = await http().put('/api/pieces/p3').send(body).expect(200);
    const second = await http().put('/api/pieces/p3').send(body).expect(200);
    expect(second.body).toEqual(first.body);
    await http()
      .put('/api/pieces/p3')
      .send({ ...body, piece: { ...body.piece, note: 'other' } })
      .expect(409);
  });

  test('bottles, the workshop and the rest as well', async () => {
    const [bottle] = (await http().get('/api/bottles')).body as { version: number; bottle: { id: string } }[];
    const changed = { version: bottle!.version, bottle: { ...bottle!.bottle, note: 'half dry' } };
    const workshop = (await http().get('/api/workshop')).body as { version: number; workshop: object };
    const careful = { version: workshop.version, workshop: { ...workshop.workshop, careful: true } };
    const material = { version: 0, material: { ...OWN, id: 'own' } };
    for (const [path, body] of [
      [`/api/bottles/${bottle!.bottle.id}`, changed],
      ['/api/workshop', careful],
      ['/api/materials/own', material],
    ] as const) {
      const first = await http().put(path).send(body).expect(200);
      const second = await http().put(path).send(body);
      expect([path, second.status, second.body]).toEqual([path, 200, first.body]);
    }
  });
});

const OWN = {
  ...{ name: 'Shed paint', like: 'enamel-matt', colour: null, sheenGu: null, volumeSolidsPct: null, dryingFactor: null },
  ...{ minFilmC: null, lifeMonths: null, driesLighter: null, testFirst: null, note: '' },
};
