import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { existsSync, mkdtempSync, readFileSync, readdirSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, dirname, join } from 'node:path';
import type { PlanFile } from '@eveningtide/core/plan-file';
import request from 'supertest';
import { BackupsService } from '../backups/backups.service.js';
import { createApp } from '../app.js';
import { DataInUseError } from '../database/data-lock.js';
import { DamagedDatabaseError } from '../database/soundness.js';
import { testApp, testPlan, type TestServer } from '../testing.js';
import { RescuedNotice, recoveryFrom } from './recover.js';

let folder: string;
let file: string;
let state: PlanFile;
let logged: ReturnType<typeof jest.spyOn>;
beforeEach(async () => {
  logged = jest.spyOn(console, 'log').mockImplementation(() => undefined);
  folder = mkdtempSync(join(tmpdir(), 'eveningtide-damage-'));
  file = join(folder, 'workshop.sqlite');
  const server = await testApp(file);
  await http(server).put('/api/plan-file?today=2026-11-24').send(testPlan()).expect(200);
  await server.app.get(BackupsService).make();
  state = await exported(server);
  await server.stop();
});
afterEach(() => {
  logged.mockRestore();
  rmSync(folder, { recursive: true, force: true });
});

const http = ({ app }: TestServer) => request(app.getHttpServer());
const exported = async (server: TestServer) => (await http(server).get('/api/plan-file').expect(200)).body as PlanFile;
const start = (recovery: 'backup' | 'export' | 'empty') => createApp({ databaseFile: file, webFolder: null, recovery });
const spoil = (from: number, to: number): void => {
  const bytes = readFileSync(file);
  bytes.fill(0, from, to);
  writeFileSync(file, bytes);
};
const beside = (part: string) => readdirSync(folder).filter((name) => name.includes(part));

describe('a damaged database', () => {
  test.each<[string, () => void]>([
    ['cut in half', () => truncateSync(file, readFileSync(file).length >> 1)],
    ['whose first page is zero', () => spoil(0, 4096)],
    ['that is something else', () => writeFileSync(file, 'x'.repeat(9000))],
    ['that was emptied', () => truncateSync(file, 0)],
  ])('%s is told with where the backups lie and what can be done, and left as it is', async (_how, damage) => {
    damage();
    const before = readFileSync(file);
    const failure = await testApp(file).catch((error: unknown) => error);
    expect(failure).toBeInstanceOf(DamagedDatabaseError);
    const { message } = failure as Error;
    expect(message).toContain(`${file} is damaged`);
    expect(message).toContain(join(folder, 'workshop-backups'));
    for (const way of ['backup', 'export', 'empty']) expect(message).toContain(`--recover=${way}`);
    expect(readFileSync(file).equals(before)).toBe(true);
  });

  test('the newest sound backup is put back; one that is not sound is passed over, the damaged file kept', async () => {
    const backups = join(folder, 'workshop-backups');
    writeFileSync(join(backups, 'eveningtide-2099-01-01T10-00-00-000Z.tar.gz'), 'no backup at all');
    spoil(0, 4096);
    const app = await start('backup');
    await app.init();
    expect((await request(app.getHttpServer()).get('/api/plan-file')).body).toEqual(state);
    await app.close();
    expect(beside('damaged')).toHaveLength(1);
  });

  test('with no sound backup nothing is changed', async () => {
    const backups = join(folder, 'workshop-backups');
    for (const name of readdirSync(backups)) writeFileSync(join(backups, name), 'no backup at all');
    spoil(0, 4096);
    const before = readFileSync(file);
    await expect(start('backup')).rejects.toThrow('No backup');
    expect(readFileSync(file).equals(before)).toBe(true);
    expect(beside('damaged')).toEqual([]);
  });

  test('what can be read goes into a plan file that can be opened', async () => {
    const failure = await start('export').catch((error: unknown) => error);
    expect(failure).toBeInstanceOf(RescuedNotice);
    expect((failure as Error).message).toContain('1 pieces');
    const [name] = beside('rescued');
    const plan = JSON.parse(readFileSync(join(folder, name ?? ''), 'utf8')) as PlanFile;
    expect(plan.pieces).toEqual(state.pieces);
    const fresh = await testApp();
    await http(fresh).put('/api/plan-file?today=2026-11-24').send(plan).expect(200);
    await fresh.end();
  });

  test('begun empty beside it', async () => {
    spoil(0, 4096);
    const app = await start('empty');
    await app.init();
    expect((await request(app.getHttpServer()).get('/api/pieces')).body).toEqual([]);
    await app.close();
    expect(beside('damaged')).toHaveLength(1);
  });

  test('while the server runs, it is not backed up over sound ones, and a backup can be put back', async () => {
    const server = await testApp(file);
    server.app.useLogger(false);
    const [kept] = readdirSync(join(folder, 'workshop-backups'));
    // all pages but the first and the schema
    const bytes = readFileSync(file);
    for (let at = 8192; at < bytes.length; at += 4096) bytes.fill(0xff, at, at + 4096);
    writeFileSync(file, bytes);
    for (const end of ['-wal']) if (existsSync(file + end)) truncateSync(file + end, 0);
    await expect(server.app.get(BackupsService).make()).rejects.toThrow();
    expect(readdirSync(join(folder, 'workshop-backups'))).toEqual([kept]);
    await http(server)
      .post(`/api/backups/${kept ?? ''}/restore`)
      .expect(204);
    expect(await exported(server)).toEqual(state);
    await server.stop();
    expect(basename(dirname(file))).toBe(basename(folder));
  });
});

describe('the way is named at the start', () => {
  test.each([
    [[], null],
    [['--demo', '--recover=empty'], 'empty'],
    [['--recover=backup'], 'backup'],
  ])('%j is %p', (args, way) => {
    expect(recoveryFrom(args)).toBe(way);
  });

  test('another word is refused with what is allowed', () => {
    expect(() => recoveryFrom(['--recover=all'])).toThrow('--recover=backup, --recover=export, --recover=empty');
  });
});

describe('two servers on the same data', () => {
  test('the second says so and ends; when the first has ended, it may', async () => {
    const first = await testApp(file);
    await expect(testApp(file)).rejects.toThrow(DataInUseError);
    expect((await http(first).get('/api/pieces').expect(200)).body).toHaveLength(1);
    await first.stop();
    const second = await testApp(file);
    await second.stop();
  });

  test('what a crash left half done is taken away at the start', async () => {
    writeFileSync(join(folder, 'workshop-backups', 'eveningtide-x.tar.gz.1234.part'), 'half');
    rmSync(join(folder, '.eveningtide-work-abc'), { recursive: true, force: true });
    const { mkdirSync } = await import('node:fs');
    mkdirSync(join(folder, '.eveningtide-work-abc'));
    const server = await testApp(file);
    expect(beside('.eveningtide-work')).toEqual([]);
    expect(readdirSync(join(folder, 'workshop-backups')).filter((name) => name.endsWith('.part'))).toEqual([]);
    await server.stop();
  });
});
