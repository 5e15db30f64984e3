import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import fc from 'fast-check';
import sharp from 'sharp';
import request from 'supertest';
import { create, list } from 'tar';
import { DataPlaces } from '../data/data-places.js';
import { testApp, testPiece, testPlan } from '../testing.js';
import { Connection } from '../database/connection.js';
import { outdated } from './rotation.js';

let app: NestExpressApplication;
let end: () => Promise<void>;
let work: string;
beforeAll(async () => ({ app, end } = await testApp()));
afterAll(() => end());
beforeEach(async () => {
  work = mkdtempSync(join(tmpdir(), 'eveningtide-backup-'));
  await http().put('/api/plan-file?today=2026-11-24').send(testPlan()).expect(200);
});
afterEach(() => rmSync(work, { recursive: true, force: true }));

const http = () => request(app.getHttpServer());
const pieceNames = async () =>
  ((await http().get('/api/pieces').expect(200)).body as { piece: { name: string } }[]).map(({ piece }) => piece.name);
const exported = async () => (await http().get('/api/plan-file').expect(200)).body as unknown;
const made = async () => (await http().post('/api/backups').expect(201)).body as { name: string; bytes: number };
const saved = async (name: string) => (await http().get(`/api/backups/${name}`).buffer(true).parse(binary).expect(200)).body as Buffer;
const restore = (file: Buffer) => http().put('/api/backups').set('content-type', 'application/gzip').send(file);

function binary(answer: unknown, done: (error: Error | null, body: Buffer) => void): void {
  const chunks: Buffer[] = [];
  const stream = answer as NodeJS.ReadableStream;
  stream.on('data', (chunk: Buffer) => chunks.push(chunk));
  stream.on('end', () => done(null, Buffer.concat(chunks)));
}

/** Nothing that was under way lies about. */
const leftovers = () => {
  const places = app.get(DataPlaces);
  return readdirSync(join(places.databaseFile, '..')).filter((name) => name.startsWith('.eveningtide-work'));
};

describe('backup and restore', () => {
  test('a backup is a plain tar file; restored, everything is as it was, pictures too', async () => {
    const photograph = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#888888' } })
      .jpeg()
      .toBuffer();
    const { body: picture } = await http().post('/api/pictures').set('content-type', 'image/jpeg').send(photograph).expect(201);
    const before = await exported();
    const file = await saved((await made()).name);
    writeFileSync(join(work, 'b.tar.gz'), file);
    const names: string[] = [];
    await list({ file: join(work, 'b.tar.gz'), onReadEntry: (entry) => names.push(entry.path) });
    expect(names).toEqual(expect.arrayContaining(['backup.json', 'workshop.sqlite', `pictures/${String(picture.fileName)}`]));

    await http()
      .put('/api/plan-file?today=2026-11-24')
      .send(testPlan({ pieces: [testPiece('other', { name: 'Other' })], bottles: [] }))
      .expect(200);
    rmSync(app.get(DataPlaces).pictures, { recursive: true });
    await restore(file).expect(204);
    expect(await exported()).toEqual(before);
    await http()
      .get(`/api/pictures/${String(picture.fileName)}`)
      .expect(200);
    expect(leftovers()).toEqual([]);
  });

  test('what was there before a restore can be had back', async () => {
    const file = await saved((await made()).name);
    await http()
      .put('/api/pieces/late')
      .send({ version: 0, piece: testPiece('late', { name: 'Late' }) })
      .expect(200);
    await restore(file).expect(204);
    expect(await pieceNames()).toEqual(['Salt van']);
    const kept = (await http().get('/api/backups').expect(200)).body as { name: string }[];
    await http().post(`/api/backups/${kept[0]!.name}/restore`).expect(204);
    expect(await pieceNames()).toEqual(['Salt van', 'Late']);
  });

  test('a tab that was open before the restore is told when it saves', async () => {
    const { version, piece } = (await http().get('/api/pieces/van-1').expect(200)).body as { version: number; piece: object };
    await restore(await saved((await made()).name)).expect(204);
    await http().put('/api/pieces/van-1').send({ version, piece }).expect(409);
  });

  test('a backup of an older version is brought up to date', async () => {
    const name = (await made()).name;
    writeFileSync(join(work, 'b.tar.gz'), await saved(name));
    const { extract } = await import('tar');
    await extract({ file: join(work, 'b.tar.gz'), cwd: work });
    const old = await Connection.open(join(work, 'workshop.sqlite'));
    await old.run(`DELETE FROM migrations WHERE name = '002-firm-ground'`);
    await old.run('DROP TABLE materials');
    for (const [table, column] of [
      ['bottles', 'triedOn'],
      ['pieces', 'sizeMm'],
      ['pieces', 'archivedOn'],
      ['steps', 'members'],
      ['pictures', 'takenOn'],
      ['pictures', 'widthPx'],
      ['pictures', 'heightPx'],
      ['drying_places', 'models'],
      ...['daylightBy', 'latitudeDeg', 'noon', 'droppers', 'equipment', 'room', 'display', 'schools'].map((c) => ['workshop', c]),
    ])
      await old.run(`ALTER TABLE ${String(table)} DROP COLUMN ${String(column)}`);
    await old.run('ALTER TABLE workshop ADD COLUMN dropsPerMl REAL NOT NULL DEFAULT 23');
    await old.close();
    await create({ gzip: true, cwd: work, file: join(work, 'old.tar.gz') }, ['backup.json', 'workshop.sqlite', 'pictures']);
    await restore(readFileSync(join(work, 'old.tar.gz'))).expect(204);
    const { body } = await http().get('/api/workshop').expect(200);
    expect(body.workshop.dropsPerMl).toEqual({ water: 23, alcohol: 40, spirit: 35, hot: 40 });
    expect(await pieceNames()).toEqual(['Salt van']);
  });

  const packed = async (files: Record<string, string | Buffer>): Promise<Buffer> => {
    for (const [name, content] of Object.entries(files)) writeFileSync(join(work, name), content);
    await create({ gzip: true, cwd: work, file: join(work, 'odd.tar.gz') }, Object.keys(files));
    return readFileSync(join(work, 'odd.tar.gz'));
  };
  const about = JSON.stringify({ format: 'eveningtide-backup', version: 1, madeAt: '2026-11-24T20:00:00Z' });

  test.each<[string, () => Promise<Buffer> | Buffer, string]>([
    ['no archive', () => Buffer.from('hello'), 'backup'],
    ['an archive of something else', () => packed({ 'workshop.sqlite': 'x' }), 'backup'],
    ['a backup of a newer version', () => packed({ 'backup.json': about.replace('1,', '9,'), 'workshop.sqlite': 'x' }), 'backup.version'],
    ['a backup without a database', () => packed({ 'backup.json': about }), 'backup'],
    [
      'a backup whose database is spoilt',
      () => packed({ 'backup.json': about, 'workshop.sqlite': 'not a database at all' }),
      'backup.database',
    ],
    ['half a backup', async () => (await saved((await made()).name)).subarray(0, 900), 'backup'],
  ])('%s changes nothing', async (_what, file, path) => {
    const before = await exported();
    const { body } = await restore(await file()).expect(400);
    expect(body.faults[0].path).toBe(path);
    expect(await exported()).toEqual(before);
    expect(leftovers()).toEqual([]);
  });

  test('a name leads to kept backups only', async () => {
    for (const name of ['nothing.tar.gz', '..%2Fworkshop.sqlite', 'eveningtide-2026-01-01T00-00-00-000Z.tar.gz'])
      await http().get(`/api/backups/${name}`).expect(404);
  });
});

describe('rotation', () => {
  const HOUR = 3_600_000;
  const kept = (hours: readonly number[]) =>
    hours.map((h) => ({ name: String(h), madeAt: new Date(Date.UTC(2026, 10, 24, 20) - h * HOUR) }));

  test('of one a day for half a year, a week of days and eight weeks stay', () => {
    const left = kept(Array.from({ length: 180 }, (_, day) => day * 24));
    const stay = left.length - outdated(left).length;
    expect(stay).toBeGreaterThanOrEqual(13);
    expect(stay).toBeLessThanOrEqual(15);
  });

  test('the newest stays, never more than twenty stay, and tidying twice takes no more', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 0, max: 24 * 400 }), { minLength: 1, maxLength: 60 }), (hours) => {
        const all = kept(hours);
        const gone = new Set(outdated(all));
        const stay = all.filter(({ name }) => !gone.has(name));
        expect(stay.length).toBeLessThanOrEqual(20);
        expect(stay.map(({ name }) => name)).toContain(String(Math.min(...hours)));
        expect(outdated(stay)).toEqual([]);
      }),
    );
  });
});
