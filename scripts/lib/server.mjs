// A server of its own for pictures and tests: fresh data in a temporary folder, a free port.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from './run.mjs';

const freePort = () =>
  new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });

/** Starts the built server; resolves when it has printed its address. */
export async function startServer({ demo = true, env = {} } = {}) {
  const folder = mkdtempSync(join(tmpdir(), 'eveningtide-'));
  const port = await freePort();
  const child = spawn(process.execPath, ['server/dist/main.js', ...(demo ? ['--demo'] : [])], {
    cwd: ROOT,
    env: { ...process.env, EVENINGTIDE_DATA: folder, EVENINGTIDE_PORT: String(port), ...env },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise((resolve, reject) => {
    child.stdout.on('data', (data) => {
      if (String(data).includes('http://')) resolve();
    });
    child.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
  });
  const stop = () =>
    new Promise((resolve) => {
      child.once('exit', () => {
        rmSync(folder, { recursive: true, force: true });
        resolve();
      });
      child.kill();
    });
  return { url: `http://127.0.0.1:${port}`, folder, stop };
}
