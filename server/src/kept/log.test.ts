import { get as httpGet } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { plainEntry, type LogEntry } from '@eveningtide/core/log';
import request from 'supertest';
import { testApp, testPiece, testPlan } from '../testing.js';

let app: NestExpressApplication;
let end: () => Promise<void>;
beforeAll(async () => {
  ({ app, end } = await testApp());
  await app.listen(0, '127.0.0.1');
  await http().put('/api/pieces/van-1').send({ version: 0, piece: testPiece() }).expect(200);
});
afterAll(() => end());

const http = () => request(app.getHttpServer());
const [clean, wash] = testPiece().steps;
const entry = (id: string, more: Partial<LogEntry> = {}): LogEntry =>
  plainEntry({
    id,
    kind: 'work',
    pieceId: 'van-1',
    stepId: 's1',
    step: clean!,
    startedAt: '2026-11-24T19:30:00',
    air: { tempC: 18.5, rhPct: 58 },
    plannedMin: 8,
    ...more,
  });
const save = (one: LogEntry, version = 0) => http().put(`/api/log/${one.id}`).send({ version, entry: one });
const all = async () => (await http().get('/api/log').expect(200)).body as { version: number; entry: LogEntry }[];
const faults = async (one: LogEntry): Promise<string[]> =>
  (await save(one).expect(400)).body.faults.map((fault: { path: string }) => fault.path);

describe('the log', () => {
  test('what was put down in the middle is kept, and gone on with', async () => {
    const first = entry('p1', { stepId: 's2', step: wash!, part: { from: 0, to: 0.4 }, endedAt: '2026-11-24T19:40:00' });
    const second = entry('p2', { stepId: 's2', step: wash!, sitting: 1, part: { from: 0.4, to: 1 }, startedAt: '2026-11-25T19:30:00' });
    await save(first).expect(200, { version: 1, entry: first });
    await save(second).expect(200);
    expect((await all()).filter(({ entry: { id } }) => id.startsWith('p')).map(({ entry: { part } }) => part)).toEqual([
      first.part,
      second.part,
    ]);
    // whole again
    const { part: _part, ...whole } = first;
    await save(whole, 1).expect(200, { version: 2, entry: whole });
    expect((await all()).find(({ entry: { id } }) => id === 'p1')?.entry).toEqual(whole);
    expect(await faults(entry('p3', { sitting: 2, part: { from: 0.5, to: 0.5 } }))).toEqual(['entry.part.to']);
    expect(await faults(entry('p3', { sitting: 2, part: { from: 0.5, to: 1.2 } }))).toEqual(['entry.part.to']);
    expect(await faults(entry('p3', { sitting: 2, part: { from: -1, to: 0.5 } }))).toEqual(['entry.part.from']);
    for (const [id, version] of [
      ['p1', 2],
      ['p2', 1],
    ] as const)
      await http()
        .delete(`/api/log/${id}?version=${String(version)}`)
        .expect(204);
  });

  test('an entry is kept whole, changed from the version it was read at, and taken back', async () => {
    await save(entry('a')).expect(200, { version: 1, entry: entry('a') });
    const done = entry('a', { endedAt: '2026-11-24T19:39:12', tookMin: 8, marks: ['thinned more'], note: 'Soapy' });
    await save(done, 1).expect(200);
    expect(await all()).toEqual([{ version: 2, entry: done }]);
    await http().delete('/api/log/a').expect(204);
    await http().delete('/api/log/a').expect(404);
    expect(await all()).toEqual([]);
  });

  test('sent again, because no answer came, it is written once', async () => {
    await save(entry('a')).expect(200);
    expect((await save(entry('a')).expect(200)).body.version).toBe(1);
    const done = entry('a', { endedAt: '2026-11-24T19:39:12' });
    await save(done, 1).expect(200);
    expect((await save(done, 1).expect(200)).body.version).toBe(2);
    // but an old word does not undo a newer one
    await save(entry('a'), 1).expect(409);
    expect(await all()).toHaveLength(1);
  });

  test('one sitting is begun once, whichever screen is first', async () => {
    const { body } = await save(entry('b')).expect(409);
    expect(body.stored.entry.id).toBe('a');
    await save(entry('b', { sitting: 1 })).expect(200);
    await save(entry('c', { stepId: 's1~2', step: { ...clean!, id: 's1~2' } })).expect(200);
    await save(entry('d', { kind: 'left-out', endedAt: '2026-11-24T20:00:00' })).expect(200);
    expect((await all()).map((one) => one.entry.id)).toEqual(['a', 'b', 'c', 'd']);
  });

  test('what is not there, and what cannot be, is refused with its name', async () => {
    expect(await faults(entry('x', { pieceId: 'nobody', step: { ...clean!, technique: 'magic' } }))).toEqual([
      'entry.pieceId',
      'entry.step.technique',
    ]);
    expect(await faults(entry('x', { stepId: null }))).toEqual(['entry.stepId']);
    expect(await faults(entry('x', { sitting: 3, endedAt: '2026-11-24T19:00:00' }))).toEqual(['entry.endedAt']);
    expect(await faults(entry('x', { kind: 'trouble', endedAt: '2026-11-24T20:00:00' }))).toEqual(['entry.met']);
    expect(
      await faults(entry('x', { kind: 'trouble', endedAt: '2026-11-24T20:00:00', met: { trouble: 'gremlins', remedy: null } })),
    ).toEqual(['entry.met.trouble']);
    expect(await faults(entry('x', { startedAt: '2026-11-24 19:30', stepId: 's1 s2' }))).toEqual(['entry.stepId', 'entry.startedAt']);
    await http()
      .put('/api/log/x')
      .send({ version: 0, entry: entry('y', { sitting: 4 }) })
      .expect(400);
    await save(entry('x', { sitting: 5 }), 7).expect(404);
  });

  test('travels in the plan file, out and in; a piece that is put aside takes its entries along', async () => {
    const log = [
      entry('p', { endedAt: '2026-11-24T19:38:00' }),
      entry('q', { stepId: 's2', step: wash!, startedAt: '2026-11-24T19:40:00' }),
    ];
    await http().put('/api/plan-file?today=2026-11-24').send(testPlan({ log })).expect(200);
    expect((await http().get('/api/plan-file').expect(200)).body.log).toEqual(log);
    await http().delete('/api/pieces/van-1').expect(204);
    expect((await http().get('/api/plan-file').expect(200)).body.log).toEqual([]);
    await http().post('/api/pieces/van-1/restore').expect(200);
    expect((await http().get('/api/plan-file').expect(200)).body.log).toEqual(log);
    const { body } = await http()
      .put('/api/plan-file?today=2026-11-24')
      .send(testPlan({ log: [log[0]!, { ...log[0]!, id: 'twin' }] }))
      .expect(400);
    expect(body.faults.map((fault: { path: string }) => fault.path)).toEqual(['log[1].stepId']);
  });

  test('a file whose dates hang on an anchor brings its log to today', async () => {
    await http()
      .put('/api/plan-file?today=2026-12-24')
      .send(testPlan({ anchorDate: '2026-11-24', log: [entry('p', { dryTest: { at: '2026-11-25T08:00:00', labelMin: 60 } })] }))
      .expect(200);
    expect((await all())[0]!.entry).toMatchObject({
      startedAt: '2026-12-24T19:30:00',
      endedAt: null,
      dryTest: { at: '2026-12-25T08:00:00' },
    });
  });
});

describe('the other screens', () => {
  test('are told what changed, by whom, as soon as it is stored', async () => {
    const { port } = app.getHttpServer().address() as AddressInfo;
    const heard: string[] = [];
    const line = httpGet({ host: '127.0.0.1', port, path: '/api/live', headers: { host: 'localhost' } }, (response) => {
      response.setEncoding('utf8');
      response.on('data', (text: string) => heard.push(text));
    });
    const until = async (test: () => boolean): Promise<void> => {
      for (let i = 0; i < 100 && !test(); i++) await new Promise((resolve) => setTimeout(resolve, 20));
    };
    await until(() => heard.join('').includes('hello'));
    await http()
      .put('/api/log/live')
      .set('x-eveningtide-screen', 'phone')
      .send({ version: 0, entry: entry('live', { sitting: 7 }) })
      .expect(200);
    await until(() => heard.join('').includes('phone'));
    // the entry itself is told, so that nobody reads a long log again for one press
    const { data } = heard.join('').match(/event: changed\n(?:.*\n)*?data: (?<data>.*)\n/)?.groups ?? { data: '{}' };
    expect(JSON.parse(data!)).toMatchObject({
      what: [],
      by: 'phone',
      log: { id: 'live', stored: { version: 1, entry: { id: 'live', sitting: 7 } } },
    });
    // the line and the answers name what is stored by the same word, and a change makes it another
    const states = [...heard.join('').matchAll(/"state":"([^"]+)"/g)].map(([, state]) => state);
    expect(new Set(states).size).toBe(2);
    expect((await http().get('/api/log')).headers['x-eveningtide-state']).toBe(states[1]);
    // what was refused changes nothing
    const before = heard.length;
    await http()
      .put('/api/log/live')
      .send({ version: 9, entry: entry('live', { sitting: 8 }) })
      .expect(409);
    await http().get('/api/log').expect(200);
    expect(heard.slice(before).join('')).not.toContain('changed');
    line.destroy();
  });
});
