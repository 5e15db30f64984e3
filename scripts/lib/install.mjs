// Installs the packages when they are missing or the lock file has changed since.
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, run, step, stop } from './run.mjs';

const STAMP = join(ROOT, 'node_modules', '.eveningtide-installed');

const lockHash = () =>
  createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex');

function nodeIsRecent() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  return major > 20 || (major === 20 && minor >= 19);
}

export async function installIfNeeded() {
  if (!nodeIsRecent()) stop(`Eveningtide needs Node 20.19 or newer; this is ${process.versions.node}.`);
  const wanted = lockHash();
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted) return;
  console.log('Installing packages; the database driver is compiled where no ready one can be fetched, which takes some minutes.');
  const code = await step('npm ci', () => run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { quiet: true }));
  if (code !== 0)
    stop(
      'The packages could not be installed (see above). Is the package registry reachable? To compile the database driver, python3, make and a C++ compiler are needed.',
    );
  mkdirSync(join(ROOT, 'node_modules'), { recursive: true });
  writeFileSync(STAMP, wanted);
}
