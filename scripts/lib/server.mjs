// A server of its own for pictures and tests: fresh data in a temporary folder, a free port.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from './run.mjs';

/** How long a server may take to end. */
const PATIENCE_MS = 15_000;

/** Below the ports that a system gives to connections going out: one of those could be taken while the server starts. */
const [FIRST_PORT, PORTS] = [20_000, 12_000];

const isFree = (port) =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });

async function freePort() {
  for (;;) {
    const port = FIRST_PORT + Math.floor(Math.random() * PORTS);
    if (await isFree(port)) return port;
  }
}

/**
 * Starts the built server; resolves when it has printed its address. Without a `folder` it gets one of its own, which
 * goes when it is stopped. `said` is what it has printed so far; `kill` ends it without warning, as a crash would.
 */
export async function startServer({ demo = true, env = {}, folder = null, args = [] } = {}) {
  const data = folder ?? mkdtempSync(join(tmpdir(), 'eveningtide-'));
  const port = await freePort();
  const child = spawn(process.execPath, ['server/dist/main.js', ...(demo ? ['--demo'] : []), ...args], {
    cwd: ROOT,
    env: { ...process.env, EVENINGTIDE_DATA: data, EVENINGTIDE_PORT: String(port), ...env },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  let said = '';
  await new Promise((resolve, reject) => {
    child.stdout.on('data', (more) => {
      said += String(more);
      if (said.includes('http://')) resolve();
    });
    child.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
  });
  const end = (signal) =>
    new Promise((resolve) => {
      child.once('exit', () => {
        if (folder === null) rmSync(data, { recursive: true, force: true });
        resolve();
      });
      child.kill(signal);
      // a server that does not end is itself a fault, but must not hold up everything after it
      setTimeout(() => child.kill('SIGKILL'), PATIENCE_MS).unref();
    });
  return {
    url: `http://127.0.0.1:${port}`,
    port,
    pid: child.pid,
    folder: data,
    said: () => said,
    stop: () => end('SIGTERM'),
    kill: () => end('SIGKILL'),
  };
}
