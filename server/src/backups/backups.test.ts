import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { chmodSync, mkdtempSync, readFileSync, readdirSync, rmSync, statSync, symlinkSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import fc from 'fast-check';
import sharp from 'sharp';
import request from 'supertest';
import { create, extract, list } from 'tar';
import { DataPlaces } from '../data/data-places.js';
import { testApp, testPiece, testPlan } from '../testing.js';
import { Connection } from '../database/connection.js';
import { BackupsService } from './backups.service.js';
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

  test('where a damaged letter has renamed a column, the backup takes the place of the whole file', async () => {
    const before = await exported();
    const { name } = await made();
    const open = await Connection.open(app.get(DataPlaces).databaseFile);
    await open.run('ALTER TABLE finishes RENAME COLUMN versions TO versjons');
    await open.close();
    await http().post(`/api/backups/${name}/restore`).expect(204);
    expect(await exported()).toEqual(before);
  });

  test('a backup of an older version is brought up to date', async () => {
    const name = (await made()).name;
    writeFileSync(join(work, 'b.tar.gz'), await saved(name));
    await extract({ file: join(work, 'b.tar.gz'), cwd: work });
    const old = await Connection.open(join(work, 'workshop.sqlite'));
    await old.run(
      `DELETE FROM migrations WHERE name IN ('002-firm-ground', '010-bench', '011-cans', '012-times', '013-loads', '014-shapes', '015-plantings', '016-sets')`,
    );
    for (const table of ['materials', 'strips', 'cutlists', 'loads', 'plantings', 'shapes']) await old.run(`DROP TABLE ${table}`);
    for (const [table, column] of [
      ['bottles', 'triedOn'],
      ['pieces', 'sizeMm'],
      ['pieces', 'archivedOn'],
      ['pieces', 'shape'],
      ['pieces', 'cleaned'],
      ...['role', '"of"', 'carries', 'count', 'sets'].map((c) => ['zones', c]),
      ['steps', 'amountMl'],
      ['steps', 'members'],
      ['pictures', 'takenOn'],
      ['pictures', 'widthPx'],
      ['pictures', 'heightPx'],
      ['drying_places', 'models'],
      ['log_entries', 'part'],
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

  /** A good backup whose database was changed by hand. */
  const altered = async (change: (database: Connection) => Promise<void>): Promise<Buffer> => {
    writeFileSync(join(work, 'b.tar.gz'), await saved((await made()).name));
    await extract({ file: join(work, 'b.tar.gz'), cwd: work });
    const database = await Connection.open(join(work, 'workshop.sqlite'));
    await database.run('PRAGMA foreign_keys = OFF');
    await change(database);
    await database.run('PRAGMA journal_mode = DELETE');
    await database.close();
    await create({ gzip: true, cwd: work, file: join(work, 'altered.tar.gz') }, ['backup.json', 'workshop.sqlite', 'pictures']);
    return readFileSync(join(work, 'altered.tar.gz'));
  };
  const sql = (statement: string) => (database: Connection) => database.run(statement);

  test.each<[string, (database: Connection) => Promise<void>]>([
    ['without a table', sql('DROP TABLE bottles')],
    ['without a column', sql('ALTER TABLE bottles DROP COLUMN note')],
    ['with a row that points nowhere', sql("UPDATE steps SET pieceId = 'nobody'")],
    ['with text where a number stands', sql("UPDATE zones SET areaMm2 = 'wide'")],
    ['with a technique that nobody knows', sql("UPDATE steps SET technique = 'nowhere'")],
    ['with a list that is no JSON', sql(`UPDATE steps SET zones = '["all"'`)],
    [
      'of another program',
      async (database) => {
        const tables = await database.all<{ name: string }>(
          "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'",
        );
        for (const { name } of tables) await database.run(`DROP TABLE "${name}"`);
        await database.run('CREATE TABLE recipes (id INTEGER)');
      },
    ],
  ])('a database %s is refused whole', async (_what, change) => {
    const before = await exported();
    const { body } = await restore(await altered(change)).expect(400);
    expect(body.faults[0].allowed).not.toBe('');
    expect(await exported()).toEqual(before);
    expect(leftovers()).toEqual([]);
  });

  test('links and foreign names in an archive stay where they are', async () => {
    writeFileSync(join(work, 'b.tar.gz'), await saved((await made()).name));
    await extract({ file: join(work, 'b.tar.gz'), cwd: work });
    const { pictures } = app.get(DataPlaces);
    symlinkSync('../workshop.sqlite', join(work, 'pictures', 'inside.jpg'));
    symlinkSync('/etc/hostname', join(work, 'pictures', 'outside.jpg'));
    writeFileSync(join(work, 'pictures', 'page.html'), '<script>1</script>');
    writeFileSync(join(work, 'pictures', 'odd.jpg'), 'odd', { mode: 0o600 });
    chmodSync(join(work, 'pictures', 'odd.jpg'), 0o4777);
    await create({ gzip: true, cwd: work, file: join(work, 'sly.tar.gz') }, ['backup.json', 'workshop.sqlite', 'pictures']);
    await restore(readFileSync(join(work, 'sly.tar.gz'))).expect(204);
    expect(readdirSync(pictures).filter((name) => /inside|outside|page/.test(name))).toEqual([]);
    expect(statSync(join(pictures, 'odd.jpg')).mode & 0o7777 & 0o6111).toBe(0);
  });

  test('a file that unpacks to far more than it is refused before it is unpacked', async () => {
    writeFileSync(join(work, 'backup.json'), about);
    writeFileSync(join(work, 'workshop.sqlite'), '');
    truncateSync(join(work, 'workshop.sqlite'), 600_000_000);
    await create({ gzip: { level: 1 }, cwd: work, file: join(work, 'bomb.tar.gz') }, ['backup.json', 'workshop.sqlite']);
    const { body } = await restore(readFileSync(join(work, 'bomb.tar.gz'))).expect(400);
    expect(body.message).toContain('600000000 bytes');
  });

  test('a damaged photograph heals, by a backup and by being sent again', async () => {
    const photograph = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#775533' } })
      .jpeg()
      .toBuffer();
    const send = () => http().post('/api/pictures').set('content-type', 'image/jpeg').send(photograph).expect(201);
    const { body: picture } = await send();
    const at = join(app.get(DataPlaces).pictures, String(picture.fileName));
    const whole = readFileSync(at);
    const file = await saved((await made()).name);
    writeFileSync(at, 'damaged');
    await restore(file).expect(204);
    expect(readFileSync(at).equals(whole)).toBe(true);
    writeFileSync(at, 'damaged');
    await send();
    expect(readFileSync(at).equals(whole)).toBe(true);
  });

  test('the same photograph, many times at once, is stored each time', async () => {
    const photograph = await sharp({ create: { width: 50, height: 30, channels: 3, background: '#335577' } })
      .jpeg()
      .toBuffer();
    const answers = await Promise.all(
      Array.from({ length: 8 }, () => http().post('/api/pictures').set('content-type', 'image/jpeg').send(photograph)),
    );
    expect(new Set(answers.map(({ status, body }) => `${String(status)} ${String(body.fileName)}`)).size).toBe(1);
    expect(readdirSync(app.get(DataPlaces).pictures).filter((name) => name.endsWith('.part'))).toEqual([]);
  });

  test('one that bears a date of the future does not stand for today’s, and is not named as the one just made', async () => {
    const { backups } = app.get(DataPlaces);
    for (const name of readdirSync(backups)) rmSync(join(backups, name));
    writeFileSync(join(backups, 'eveningtide-2099-01-01T10-00-00-000Z.tar.gz'), 'from a clock that was wrong');
    expect((await made()).name).not.toContain('2099');
    for (const name of readdirSync(backups)) if (!name.includes('2099')) rmSync(join(backups, name));
    app.get(BackupsService).startAutomatic();
    for (let i = 0; i < 100 && readdirSync(backups).filter((name) => name.endsWith('.gz')).length < 2; i++)
      await new Promise((resolve) => setTimeout(resolve, 50));
    expect(readdirSync(backups).filter((name) => name.endsWith('.gz'))).toHaveLength(2);
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
