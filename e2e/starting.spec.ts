import { execFile } from 'node:child_process';
import { createServer, type Server } from 'node:net';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, test } from '@playwright/test';
import { ARCHIVED, PIECES } from './fixtures.js';
import { startServer } from '../scripts/lib/server.mjs';

const ROOT = fileURLToPath(new URL('..', import.meta.url));

interface Ended {
  code: number;
  said: string;
}

/** It ends in a second; a machine that is starved of time is slow, not wrong. */
const ENDS_WITHIN_MS = 100_000;

/** Runs the server until it ends by itself. */
function ends(env: Record<string, string>): Promise<Ended> {
  return new Promise((resolve) => {
    execFile(
      process.execPath,
      ['server/dist/main.js'],
      { cwd: ROOT, env: { ...process.env, EVENINGTIDE_WEB: 'none', ...env }, timeout: ENDS_WITHIN_MS },
      (error, _out, said) => {
        resolve({ code: typeof error?.code === 'number' ? error.code : 0, said });
      },
    );
  });
}

let folder: string;
test.beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'eveningtide-start-'));
});
test.afterEach(() => {
  rmSync(folder, { recursive: true, force: true });
});

test('a port that is taken is told, and the data are not touched', async () => {
  const other: Server = createServer();
  await new Promise<void>((resolve) => other.listen(0, '127.0.0.1', resolve));
  const address = other.address();
  const port = typeof address === 'object' && address ? String(address.port) : '';
  const { code, said } = await ends({ EVENINGTIDE_DATA: folder, EVENINGTIDE_PORT: port });
  other.close();
  expect(code).toBe(1);
  expect(said).toContain(`Port ${port} on 127.0.0.1 is taken`);
  expect(said).not.toContain('at ');
  expect(() => readFileSync(join(folder, 'workshop.sqlite'))).toThrow();
});

test('a folder that cannot be written is told', async () => {
  const file = join(folder, 'a-file');
  writeFileSync(file, '');
  const { code, said } = await ends({ EVENINGTIDE_DATA: file, EVENINGTIDE_PORT: '4999' });
  expect(code).toBe(1);
  expect(said).toContain('cannot be written');
  expect(said).toContain('EVENINGTIDE_DATA');
});

test('a port that is none is told', async () => {
  const { code, said } = await ends({ EVENINGTIDE_DATA: folder, EVENINGTIDE_PORT: 'bench' });
  expect(code).toBe(1);
  expect(said).toContain('EVENINGTIDE_PORT is bench; allowed: a whole number from 1 to 65535');
});

test('the demo lives beside the painter’s own data and never over them', async () => {
  const own = await startServer({ demo: false, folder });
  const made = await fetch(`${own.url}/api/bottles/umber`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      version: 0,
      bottle: {
        id: 'umber',
        name: 'My umber',
        material: 'wash-enamel',
        colour: '#3b2a1e',
        sizeMl: 40,
        leftMl: 31,
        openedOn: null,
        triedOn: null,
        place: '',
        note: '',
        price: null,
        whiteSwatch: null,
        dropsPerMl: null,
      },
    }),
  });
  expect(made.status).toBe(200);
  await own.stop();

  const demo = await startServer({ folder });
  expect(((await (await fetch(`${demo.url}/api/pieces`)).json()) as unknown[]).length).toBe(PIECES.length + ARCHIVED.length);
  await demo.stop();

  const again = await startServer({ demo: false, folder });
  expect(await (await fetch(`${again.url}/api/pieces`)).json()).toEqual([]);
  expect(((await (await fetch(`${again.url}/api/bottles`)).json()) as { bottle: { name: string } }[])[0]?.bottle.name).toBe('My umber');
  await again.stop();
});

test('killed in the middle of saving, it starts again with a whole piece', async () => {
  const first = await startServer({ folder });
  const { version, piece } = (await (await fetch(`${first.url}/api/pieces/quay-wall`)).json()) as {
    version: number;
    piece: { name: string };
  };
  const save = (v: number) =>
    fetch(`${first.url}/api/pieces/quay-wall`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ version: v, piece: { ...piece, name: `Save ${String(v)}` } }),
    });
  await save(version);
  void save(version + 1).catch(() => undefined);
  await first.kill();
  const second = await startServer({ folder });
  const after = (await (await fetch(`${second.url}/api/pieces/quay-wall`)).json()) as {
    version: number;
    piece: { name: string; steps: unknown[] };
  };
  expect([`Save ${String(version)}`, `Save ${String(version + 1)}`]).toContain(after.piece.name);
  expect(after.piece.steps).toHaveLength(10);
  await second.stop();
});

interface Stored {
  piece: { id: string; name: string };
}

const names = async (url: string): Promise<string[]> =>
  ((await (await fetch(`${url}/api/pieces`)).json()) as Stored[]).map(({ piece }) => piece.name);

const waits = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms));

/** Moments after a request was sent, ms: before, while and after the work is done, on a quick machine and on a slow one. */
const MOMENTS_MS = [1, 15, 40, 90, 200];

test('killed at any moment of reading a plan file, it holds either all of the old or all of the new', async () => {
  test.slow();
  const first = await startServer({ folder });
  const plan = (await (await fetch(`${first.url}/api/plan-file`)).json()) as { pieces: { id: string; name: string }[] };
  await first.stop();
  const before = plan.pieces.map((piece) => piece.name);
  // many pieces, so that the reading takes a while
  const many = Array.from({ length: 40 }, (_, i) => ({
    ...plan.pieces[i % plan.pieces.length]!,
    id: `copy-${String(i)}`,
    name: `Copy ${String(i)}`,
  }));
  const after = many.map((piece) => piece.name);
  for (const ms of MOMENTS_MS) {
    const server = await startServer({ folder });
    const found = await names(server.url);
    expect([before.join(), after.join()]).toContain(found.join());
    void fetch(`${server.url}/api/plan-file?today=2026-11-24`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ ...plan, pieces: many }),
    }).catch(() => undefined);
    await waits(ms);
    await server.kill();
  }
  const last = await startServer({ folder });
  expect([before.join(), after.join()]).toContain((await names(last.url)).join());
  await last.stop();
});

test('killed at any moment of making or putting back a backup, nothing is lost and no half file counts as a backup', async () => {
  test.slow();
  const first = await startServer({ folder });
  const before = await names(first.url);
  await fetch(`${first.url}/api/backups`, { method: 'POST' });
  await fetch(`${first.url}/api/pieces/quay-wall`, { method: 'DELETE' });
  const without = await names(first.url);
  await first.stop();
  const backups = async (url: string) => (await (await fetch(`${url}/api/backups`)).json()) as { name: string }[];
  let server = await startServer({ folder });
  for (const ms of MOMENTS_MS)
    for (const work of ['make', 'restore']) {
      const kept = (await backups(server.url))[0]!.name;
      const path = work === 'make' ? '/api/backups' : `/api/backups/${kept}/restore`;
      void fetch(`${server.url}${path}`, { method: 'POST' }).catch(() => undefined);
      await waits(ms);
      await server.kill();
      server = await startServer({ folder });
      expect([before.join(), without.join()]).toContain((await names(server.url)).join());
      // whatever is listed as a backup can be put back
      const newest = (await backups(server.url))[0]!.name;
      expect((await fetch(`${server.url}/api/backups/${newest}/restore`, { method: 'POST' })).status).toBe(204);
    }
  await server.stop();
});
