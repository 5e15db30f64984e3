import { describe, expect, test } from '@jest/globals';
import { keptShapeOf, pieceFromTemplate, templateById } from '@eveningtide/core/subjects';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Sequelize } from 'sequelize-typescript';
import request from 'supertest';
import { testApp } from '../testing.js';
import { MIGRATIONS } from './migrate.js';

const demo = JSON.parse(readFileSync(new URL('../../../demo/marram-and-holm.eveningtide.json', import.meta.url), 'utf8')) as {
  finishes: { id: string; name: string; versions: { steps: object[] }[] }[];
  pieces: { steps: object[] }[];
  loads: { id: string; wagonId: string | null; consist: string }[];
};
/** A step as it was before it could say that it goes into what is wet, and where it is for. */
const earlier = (step: object): object => {
  const { intoWet: _wet, place: _place, ...rest } = step as Record<string, unknown>;
  return { ...rest, bottleId: null, mixId: null, dryingPlace: null, material: rest['material'] ?? null };
};
const [finish] = demo.finishes.map((one) => ({
  ...one,
  versions: one.versions.map((version) => ({ ...version, steps: version.steps.map(earlier) })),
}));
const [stepDone] = demo.pieces.flatMap(({ steps }) => steps.map(earlier));
/** A load as it was before it knew its wagon. */
const { wagonId: _wagon, consist: _consist, ...earlierLoad } = demo.loads[0]!;
const keptShape = keptShapeOf(
  pieceFromTemplate(templateById('wall'), { id: 'wall', name: 'Wall', scaleRatio: 76, size: { lengthMm: 200, widthMm: 10, heightMm: 70 } }),
  'kept',
  'Wall',
);
/** As they were before they could belong to groups. */
const earlierZones = keptShape.zones.map(({ sets: _sets, ...zone }) => zone);
const json = (value: unknown): string => `'${JSON.stringify(value).replaceAll("'", "''")}'`;

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
  '008-firm-under-foot': [
    `INSERT INTO finishes (id, version, position, name, versions) VALUES ('kept', 1, 1, 'Kept', ${json(finish!.versions)})`,
    `INSERT INTO log_entries (id, version, kind, pieceId, stepId, sitting, step, startedAt, endedAt, plannedMin, tookMin, air, airFrom, mix, marks, note, met, dryTest, pictures, setAside)
     VALUES ('w', 1, 'work', 'van', 's1', 0, ${json(stepDone)}, '2026-11-23T19:30:00', '2026-11-23T19:40:00', NULL, NULL, NULL, 'typed', '', '[]', '', NULL, NULL, '[]', NULL)`,
    `INSERT INTO bin (kind, id, name, content, deletedAt)
     VALUES ('finish', '${finish!.id}', 'Old one', ${json({ thing: finish, steps: [], mixes: [] })}, '2099-01-01T00:00:00.000Z')`,
    `INSERT INTO steps (pieceId, position, id, technique, zones, coats, drying, priority, daylight, note)
     VALUES ('van', 0, 's1', 'inspect', '["all"]', 1, 'still', 'must', 0, '')`,
    `INSERT INTO zones (pieceId, position, id, partId, name, substrate, startSheen, areaMm2, down, relief, seen, keepClean)
     VALUES ('van', 0, 'roof', 'body', 'Roof', 'polystyrene', 'matt', 100, 'down', '{"grooveDepthUm":0,"grooveWidthUm":0,"crestHeightUm":0}', 'yes', NULL)`,
  ],
  '013-loads': [
    `INSERT INTO bin (kind, id, name, content, deletedAt)
     VALUES ('load', '${earlierLoad.id}', 'Old load', ${json({ thing: earlierLoad, steps: [], mixes: [] })}, '2099-01-01T00:00:00.000Z')`,
  ],
  '014-shapes': [
    `INSERT INTO shapes (id, version, position, name, kind, scaleRatio, sizeMm, handled, parts, zones, features, checks, shape) VALUES ('kept', 1, 1, 'Wall', 'structure', 76,
       ${json(keptShape.sizeMm)}, 0, ${json(keptShape.parts)}, ${json(earlierZones)}, ${json(keptShape.features)}, ${json(keptShape.checks)}, ${json(keptShape.shape)})`,
    `INSERT INTO bin (kind, id, name, content, deletedAt)
     VALUES ('shape', 'gone', 'Wall', ${json({ thing: { ...keptShape, id: 'gone', zones: earlierZones }, steps: [], mixes: [] })}, '2099-01-01T00:00:00.000Z')`,
  ],
};

/** A database as the first so many versions left it, with what a painter had in them, opened by today's server. */
async function fromVersions(count: number, look: (http: () => ReturnType<typeof request>) => Promise<void>): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'eveningtide-old-'));
  try {
    const file = join(folder, 'workshop.sqlite');
    const old = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
    await old.query('CREATE TABLE migrations (name VARCHAR(255) PRIMARY KEY)');
    for (const { name, statements } of MIGRATIONS.slice(0, count)) {
      for (const statement of statements) await old.query(statement);
      await old.query(`INSERT INTO migrations VALUES ('${name}')`);
      for (const row of ROWS[name] ?? []) await old.query(row);
    }
    await old.close();
    const { app, end } = await testApp(file);
    await look(() => request(app.getHttpServer()));
    await end();
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
const before = (migration: string): number => MIGRATIONS.findIndex(({ name }) => name === migration);

test('steps of before say nothing of what is wet, nor of a place: in finishes, in the log, and in what comes back from the bin', () =>
  fromVersions(8, async (http) => {
    await http().post(`/api/deleted/finish/${finish!.id}/restore`).expect(204);
    const { body: plan } = await http().get('/api/plan-file').expect(200);
    const steps = [
      ...plan.finishes.flatMap((one: typeof finish) => one!.versions.flatMap((version) => version.steps)),
      ...plan.pieces.flatMap((one: { steps: object[] }) => one.steps),
      ...plan.log.flatMap(({ step }: { step: object | null }) => step ?? []),
    ] as { intoWet: unknown; place: unknown; technique: string }[];
    expect(plan.pieces[0]).toMatchObject({
      shape: null,
      cleaned: false,
      zones: [{ id: 'roof', role: 'roof', of: null, carries: null, count: 1 }],
    });
    expect(plan.finishes).toHaveLength(2);
    expect(plan.finishes[0].versions.map(({ steps: all }: { steps: object[] }) => all.length)).toEqual(
      finish!.versions.map(({ steps: all }) => all.length),
    );
    expect(steps.length).toBeGreaterThan(2 * finish!.versions[0]!.steps.length);
    for (const step of steps) expect(step).toMatchObject({ intoWet: null, place: null, amountMl: null, technique: expect.any(String) });
    await http().put('/api/plan-file?today=2026-11-24').send(plan).expect(200);
  }));

test('a load that was deleted before it knew its wagon comes back as one that is loose', () =>
  fromVersions(before('014-shapes'), async (http) => {
    await http().post(`/api/deleted/load/${earlierLoad.id}/restore`).expect(204);
    const { body: plan } = await http().get('/api/plan-file').expect(200);
    expect(plan.loads).toEqual([{ ...earlierLoad, wagonId: null, consist: '' }]);
  }));

test('zones of shapes that were kept, or deleted, before there were groups belong to none', () =>
  fromVersions(before('016-sets'), async (http) => {
    await http().post('/api/deleted/shape/gone/restore').expect(204);
    const { body: plan } = await http().get('/api/plan-file').expect(200);
    const shapes = plan.shapes as (typeof keptShape)[];
    expect(shapes.map(({ id }) => id).sort()).toEqual(['gone', 'kept']);
    for (const { zones } of shapes) expect(zones).toEqual(keptShape.zones);
    await http().put('/api/plan-file?today=2026-11-24').send(plan).expect(200);
  }));

describe('a database of every earlier version', () => {
  test.each(MIGRATIONS.map(({ name }, i) => [name, i] as const))('%s comes over whole, and is what a plan file may hold', (_name, newest) =>
    fromVersions(newest + 1, async (http) => {
      const { body: plan } = await http().get('/api/plan-file').expect(200);
      expect(plan.pieces).toMatchObject([{ id: 'van', name: 'Van', parts: [{ id: 'body' }] }]);
      expect(plan.bottles).toMatchObject([{ id: 'umber', leftMl: 31 }]);
      expect(plan.workshop.climate.places).toMatchObject([{ id: 'loft' }]);
      expect(plan.mixes).toHaveLength(newest >= 3 ? 1 : 0);
      expect(plan.log).toHaveLength(newest >= 7 ? 2 : newest >= 5 ? 1 : 0);
      // days beyond sense are gone where they were taken before, so that all of it can be read in again
      if (newest < MIGRATIONS.length - 1) {
        expect(plan.pieces[0].doneBy).toBeNull();
        expect(plan.workshop.dates).toHaveLength(1);
        await http().put('/api/plan-file?today=2026-11-24').send(plan).expect(200);
        await http().post('/api/backups').expect(201);
      }
    }),
  );
});
