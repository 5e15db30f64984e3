import { describe, expect, test } from '@jest/globals';
import { chmodSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Sequelize } from 'sequelize-typescript';
import { DEFAULT_WORKSHOP } from '@eveningtide/core/schedule';
import request from 'supertest';
import { testApp, testPiece } from '../testing.js';
import { MIGRATIONS, NewerDatabaseError, migrate } from './migrate.js';
import { FolderError, prepareDatabase } from './prepare.js';

const inFolder = async (work: (folder: string) => Promise<void>) => {
  const folder = mkdtempSync(join(tmpdir(), 'eveningtide-db-'));
  try {
    await work(folder);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
};

const opened = (file: string) => new Sequelize({ dialect: 'sqlite', storage: file, logging: false });

describe('database', () => {
  test('is made once, in WAL mode, with every migration noted', () =>
    inFolder(async (folder) => {
      const file = join(folder, 'new', 'workshop.sqlite');
      await prepareDatabase(file);
      await prepareDatabase(file);
      const db = opened(file);
      const [mode] = await db.query('PRAGMA journal_mode');
      expect(mode).toEqual([{ journal_mode: 'wal' }]);
      const [rows] = await db.query('SELECT name FROM migrations');
      expect(rows).toEqual(MIGRATIONS.map(({ name }) => ({ name })));
      await db.close();
    }));

  test('from a newer version is left alone, with a clear message', () =>
    inFolder(async (folder) => {
      const file = join(folder, 'workshop.sqlite');
      await prepareDatabase(file);
      const db = opened(file);
      await db.query(`INSERT INTO migrations (name) VALUES ('999-from-the-future')`);
      await expect(migrate(db)).rejects.toThrow(NewerDatabaseError);
      await expect(migrate(db)).rejects.toThrow('999-from-the-future');
      await db.close();
      const before = readFileSync(file);
      await expect(prepareDatabase(file)).rejects.toThrow('newer version of Eveningtide');
      expect(readFileSync(file).equals(before)).toBe(true);
    }));

  test('data of the first version come over, each to its place', () =>
    inFolder(async (folder) => {
      const file = join(folder, 'workshop.sqlite');
      const db = opened(file);
      await db.query('CREATE TABLE migrations (name VARCHAR(255) PRIMARY KEY)');
      for (const statement of MIGRATIONS[0]!.statements) await db.query(statement);
      await db.query(`INSERT INTO migrations VALUES ('001-first-tables')`);
      await db.query(`INSERT INTO workshop VALUES (1, 3, 18, 55, 12, 66, '08:30', '15:00', 1, 7, 23)`);
      await db.query(`INSERT INTO drying_places VALUES (0, 'loft', 'Loft', 25, 30)`);
      await db.query(`INSERT INTO bottles VALUES ('umber', 1, 1, 'Umber', 'wash-enamel', '#3b2a1e', 40, 31, '2026-06-02', '', '')`);
      await db.query(`INSERT INTO pieces VALUES ('van', 5, 1, 'Van', 'rolling-stock', 'van', 76, 1, 'matt', NULL, '', NULL)`);
      await db.close();
      const { app, end } = await testApp(file);
      const get = async (path: string) => (await request(app.getHttpServer()).get(path).expect(200)).body as Record<string, unknown>;
      expect(await get('/api/workshop')).toMatchObject({
        version: 3,
        workshop: {
          careful: true,
          daylight: { by: 'typed', start: '08:30', end: '15:00' },
          dropsPerMl: { water: 23, alcohol: 40, spirit: 35, hot: 40 },
          climate: { places: [{ id: 'loft', models: 4 }] },
          equipment: { airbrush: true, cans: true },
          display: { units: 'metric' },
          measuring: DEFAULT_WORKSHOP.measuring,
        },
      });
      expect(await get('/api/pieces/van')).toMatchObject({ version: 5, piece: { name: 'Van', sizeMm: null, archivedOn: null } });
      expect(await get('/api/bottles')).toMatchObject([{ bottle: { id: 'umber', triedOn: null, price: null, whiteSwatch: null } }]);
      await end();
    }));

  test('a folder that is a file is told', () =>
    inFolder(async (folder) => {
      const blocked = join(folder, 'file');
      writeFileSync(blocked, '');
      chmodSync(blocked, 0o400);
      await expect(prepareDatabase(join(blocked, 'workshop.sqlite'))).rejects.toThrow(FolderError);
    }));

  test('foreign keys are kept', () =>
    inFolder(async (folder) => {
      const file = join(folder, 'workshop.sqlite');
      await prepareDatabase(file);
      const db = opened(file);
      await expect(
        db.query(`INSERT INTO parts (pieceId, position, id, name, removable) VALUES ('nobody', 0, 'a', 'a', 0)`),
      ).rejects.toThrow('FOREIGN KEY');
      await db.close();
    }));

  test('what was saved is there after a restart', () =>
    inFolder(async (folder) => {
      const file = join(folder, 'workshop.sqlite');
      const first = await testApp(file);
      await request(first.app.getHttpServer()).put('/api/pieces/van-1').send({ version: 0, piece: testPiece() }).expect(200);
      await first.end();
      const second = await testApp(file);
      const { body } = await request(second.app.getHttpServer()).get('/api/pieces/van-1').expect(200);
      expect(body.piece).toEqual(testPiece());
      await second.end();
    }));
});
