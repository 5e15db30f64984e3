import { execFile } from 'node:child_process';
import { createServer, type Server } from 'node:net';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, test } from '@playwright/test';
import { startServer } from '../scripts/lib/server.mjs';

const ROOT = fileURLToPath(new URL('..', import.meta.url));

interface Ended {
  code: number;
  said: string;
}

/** Runs the server until it ends by itself. */
function ends(env: Record<string, string>): Promise<Ended> {
  return new Promise((resolve) => {
    execFile(
      process.execPath,
      ['server/dist/main.js'],
      { cwd: ROOT, env: { ...process.env, EVENINGTIDE_WEB: 'none', ...env }, timeout: 20_000 },
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
      },
    }),
  });
  expect(made.status).toBe(200);
  await own.stop();

  const demo = await startServer({ folder });
  expect(((await (await fetch(`${demo.url}/api/pieces`)).json()) as unknown[]).length).toBe(5);
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
