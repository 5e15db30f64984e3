import { describe, expect, test } from '@jest/globals';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Sequelize } from 'sequelize-typescript';
import request from 'supertest';
import { testApp } from '../testing.js';
import { MIGRATIONS } from './migrate.js';

/** What a painter had when each version was the newest: rows that came with it. */
const ROWS: Record<string, readonly string[]> = {
  '001-first-tables': [
    `INSERT INTO workshop VALUES (1, 3, 18, 55, 12, 66, '08:30', '15:00', 1, 7, 23)`,
    `INSERT INTO weekly_evenings VALUES (0, 1, '19:30', '21:30')`,
    `INSERT INTO single_dates VALUES (0, '2026-12-24', NULL, NULL)`,
    `INSERT INTO single_dates VALUES (1, '9999-12-31', '19:30', '21:30')`,
    `INSERT INTO drying_places VALUES (0, 'loft', 'Loft', 25, 30)`,
    `INSERT INTO bottles VALUES ('umber', 1, 1, 'Umber', 'wash-enamel', '#3b2a1e', 40, 31, '2026-06-02', '', '')`,
    `INSERT INTO pieces VALUES ('van', 5, 1, 'Van', 'rolling-stock', 'van', 76, 1, 'matt', '9999-12-31', '', NULL)`,
    `INSERT INTO parts (pieceId, position, id, name, removable) VALUES ('van', 0, 'body', 'Body', 0)`,
  ],
  '004-measures': [
    `INSERT INTO mixes (id, version, position, number, name, components, madeMl, madeOn, colour, changes, note)
     VALUES ('mud', 1, 1, 1, 'Mud', '[{"material":"wash-enamel","bottleId":"umber","parts":1}]', 5, '0001-01-01', NULL, '[]', '')`,
  ],
  '006-log': [
    `INSERT INTO log_entries (id, version, kind, pieceId, stepId, sitting, step, startedAt, endedAt, plannedMin, tookMin, air, airFrom, mix, marks, note, met, dryTest, pictures, setAside)
     VALUES ('n', 1, 'note', 'van', NULL, 0, NULL, '2026-11-24T19:30:00', '2026-11-24T19:30:00', NULL, NULL, NULL, 'typed', '', '[]', 'Soapy', NULL, NULL, '[]', NULL)`,
  ],
};

describe('a database of every earlier version', () => {
  test.each(MIGRATIONS.map(({ name }, i) => [name, i] as const))(
    '%s comes over whole, and is what a plan file may hold',
    async (_name, newest) => {
      const folder = mkdtempSync(join(tmpdir(), 'eveningtide-old-'));
      try {
        const file = join(folder, 'workshop.sqlite');
        const old = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
        await old.query('CREATE TABLE migrations (name VARCHAR(255) PRIMARY KEY)');
        for (const { name, statements } of MIGRATIONS.slice(0, newest + 1)) {
          for (const statement of statements) await old.query(statement);
          await old.query(`INSERT INTO migrations VALUES ('${name}')`);
          for (const row of ROWS[name] ?? []) await old.query(row);
        }
        await old.close();

        const { app, end } = await testApp(file);
        const http = () => request(app.getHttpServer());
        const { body: plan } = await http().get('/api/plan-file').expect(200);
        expect(plan.pieces).toMatchObject([{ id: 'van', name: 'Van', parts: [{ id: 'body' }] }]);
        expect(plan.bottles).toMatchObject([{ id: 'umber', leftMl: 31 }]);
        expect(plan.workshop.climate.places).toMatchObject([{ id: 'loft' }]);
        expect(plan.mixes).toHaveLength(newest >= 3 ? 1 : 0);
        expect(plan.log).toHaveLength(newest >= 5 ? 1 : 0);
        // days beyond sense are gone where they were taken before, so that all of it can be read in again
        if (newest < MIGRATIONS.length - 1) {
          expect(plan.pieces[0].doneBy).toBeNull();
          expect(plan.workshop.dates).toHaveLength(1);
          await http().put('/api/plan-file?today=2026-11-24').send(plan).expect(200);
          await http().post('/api/backups').expect(201);
        }
        await end();
      } finally {
        rmSync(folder, { recursive: true, force: true });
      }
    },
  );
});
