// Small helpers for the scripts: run a command, say what goes on, stop with a clear message.
import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';

export const ROOT = fileURLToPath(new URL('../../', import.meta.url));
const WINDOWS = process.platform === 'win32';

/** Runs a command in the project's folder; resolves with its exit code. Output is shown unless `quiet`, then only on failure. */
export function run(command, args, { quiet = false, env = {} } = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      cwd: ROOT,
      env: { ...process.env, ...env },
      stdio: quiet ? ['ignore', 'pipe', 'pipe'] : 'inherit',
      shell: WINDOWS,
    });
    let said = '';
    for (const stream of [child.stdout, child.stderr]) stream?.on('data', (data) => (said += data));
    child.on('error', () => resolve(127));
    child.on('close', (code) => {
      if (quiet && code !== 0) process.stderr.write(said);
      resolve(code ?? 1);
    });
  });
}

/** A program of the project's node_modules, run by this Node. */
export const runTool = (script, args, options) => run(process.execPath, [`node_modules/${script}`, ...args], options);

export function stop(message) {
  console.error(message);
  process.exit(1);
}

/** Says what begins, and how long it took. */
export async function step(name, work) {
  const began = Date.now();
  process.stdout.write(`${name} … `);
  const result = await work();
  console.log(`${((Date.now() - began) / 1000).toFixed(1)} s`);
  return result;
}
