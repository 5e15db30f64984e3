import { readFileSync } from 'node:fs';
import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { LIST_KEYS, keptListOf, type ListKey } from '@eveningtide/core/kept';
import { PLAN_VERSION, type PlanFile } from '@eveningtide/core/plan-file';
import request from 'supertest';
import { LiveService, type LiveEvent } from '../live/live.service.js';
import { testApp } from '../testing.js';
import { servedOf } from './registry.js';

/** Walks the register: whatever stands in it is served, told, deleted, brought back, backed up and exported, and nobody has to remember it. */
let app: NestExpressApplication;
let end: () => Promise<void>;
beforeAll(async () => ({ app, end } = await testApp()));
afterAll(() => end());

const http = () => request(app.getHttpServer());
const demo = JSON.parse(readFileSync(new URL('../../../demo/marram-and-holm.eveningtide.json', import.meta.url), 'utf8')) as PlanFile;
/** Nothing of the demo but what can go without anything else. */
const lone: Partial<Record<ListKey, { id: string }>> = {
  materials: { ...demo.materials[0]!, id: 'lone' },
  strips: { ...demo.strips[0]!, id: 'lone' },
};

const exported = async () => (await http().get('/api/plan-file').expect(200)).body as PlanFile;
type Row = { version: number } & Record<string, { id: string }>;
const rows = async (key: ListKey) => (await http().get(`/api/${key}`).expect(200)).body as Row[];
const thingIn = (row: Row, key: ListKey) => row[keptListOf(key).one]!;
const rowOf = async (key: ListKey, id: string) => (await rows(key)).find((row) => thingIn(row, key).id === id);

/** What other screens are told while something is done. */
async function toldWhile(work: () => Promise<unknown>): Promise<string[]> {
  const events: LiveEvent[] = [];
  const line = app.get(LiveService).events.subscribe((event) => events.push(event));
  await work();
  line.unsubscribe();
  return events.flatMap(({ data }) => {
    const { what, log } = data as { what: string[]; log: unknown };
    return log === null ? what : [...what, 'log'];
  });
}

beforeEach(async () => {
  await http().put('/api/plan-file?today=2026-11-24').send(demo).expect(200);
});

describe.each(LIST_KEYS)('%s', (key) => {
  const { one, since, upgrades } = keptListOf(key);
  const { deleted } = servedOf(key);
  const inDemo = (): { id: string } => (demo[key] as { id: string }[])[0]!;
  const sample = async (): Promise<{ id: string }> => {
    const made = lone[key];
    if (!made) return thingIn((await rows(key))[0]!, key);
    await http()
      .put(`/api/${key}/${made.id}`)
      .send({ version: 0, [one]: made })
      .expect(200);
    return made;
  };

  test('the demo has some, so that all of this says something', () => {
    expect(demo[key].length).toBeGreaterThan(0);
  });

  test('goes into the plan file, and comes out of it the same', async () => {
    const before = await exported();
    expect(before[key]).toHaveLength(demo[key].length);
    await http().put('/api/plan-file?today=2026-11-24').send(before).expect(200);
    expect(await exported()).toEqual(before);
  });

  test('is saved from the version it was read at, and every other screen is told', async () => {
    const { id } = inDemo();
    const row = (await rowOf(key, id))!;
    const thing = { ...thingIn(row, key), ...('note' in thingIn(row, key) ? { note: 'changed' } : { name: 'Changed' }) };
    const put = (version: number) =>
      http()
        .put(`/api/${key}/${id}`)
        .send({ version, [one]: thing });
    expect(await toldWhile(() => put(row.version).expect(200))).toContain(key);
    expect(await rowOf(key, id)).toEqual({ ...row, version: row.version + 1, [one]: thing });
    expect((await http().get(`/api/${key}/${id}`).expect(200)).body).toEqual(await rowOf(key, id));
    // sent again, as where no answer came
    await put(row.version).expect(200);
    const other = { ...thing, ...('note' in thing ? { note: 'other' } : { name: 'Other' }) };
    const { body } = await http()
      .put(`/api/${key}/${id}`)
      .send({ version: row.version, [one]: other })
      .expect(409);
    expect(body).toMatchObject({ sentVersion: row.version, stored: { version: row.version + 1, [one]: { id } } });
    await http()
      .put(`/api/${key}/nobody`)
      .send({ version: 3, [one]: { ...other, id: 'nobody' } })
      .expect((answer) => expect([400, 404]).toContain(answer.status));
  });

  test('is refused with a field that nobody knows, or under another id', async () => {
    const row = (await rows(key))[0]!;
    const { id } = thingIn(row, key);
    const put = (thing: object) =>
      http()
        .put(`/api/${key}/${id}`)
        .send({ version: row.version, [one]: thing })
        .expect(400);
    expect((await put({ ...thingIn(row, key), owner: 'me' })).body.faults[0].path).toBe(`${one}.owner`);
    expect((await put({ ...thingIn(row, key), id: 'other' })).body.faults[0].path).toBe(`${one}.id`);
  });

  test('is deleted, told, and brought back as it was where its kind can be', async () => {
    const thing = await sample();
    const before = await exported();
    expect(await toldWhile(() => http().delete(`/api/${key}/${thing.id}`).expect(204))).toContain(key);
    expect(await rowOf(key, thing.id)).toBeUndefined();
    await http().get(`/api/${key}/${thing.id}`).expect(404);
    const bin = (await http().get('/api/deleted').expect(200)).body as { kind: string; id: string }[];
    expect(bin.map((entry) => `${entry.kind} ${entry.id}`)).toEqual(deleted === 'gone' ? [] : [`${one} ${thing.id}`]);
    await http()
      .post(`/api/deleted/${one}/${thing.id}/restore`)
      .expect(deleted === 'gone' ? 404 : 204);
    if (deleted === 'gone') return;
    const sorted = (plan: PlanFile) => [...plan[key]].sort((a, b) => a.id.localeCompare(b.id));
    expect(sorted(await exported())).toEqual(sorted(before));
  });

  test('lies in a backup; what a restore changes is noticed by an open tab', async () => {
    const thing = await sample();
    const before = (await rowOf(key, thing.id))!;
    const { body: backup } = await http().post('/api/backups').expect(201);
    await http().delete(`/api/${key}/${thing.id}`).expect(204);
    await http()
      .post(`/api/backups/${String(backup.name)}/restore`)
      .expect((answer) => expect(answer.status).toBeLessThan(300));
    const after = (await rowOf(key, thing.id))!;
    expect(thingIn(after, key)).toEqual(thing);
    expect(after.version).toBeGreaterThan(before.version);
  });

  test('says since when there are any, and what older ones lacked', () => {
    expect(since).toBeGreaterThanOrEqual(1);
    expect(since).toBeLessThanOrEqual(PLAN_VERSION);
    for (const from of Object.keys(upgrades).map(Number)) expect([from >= since, from < PLAN_VERSION]).toEqual([true, true]);
  });
});
