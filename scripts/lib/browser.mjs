// Where Chromium is: named by EVENINGTIDE_CHROMIUM, or Debian's, which is installed where that may be done.
import { existsSync } from 'node:fs';
import { run, step, stop } from './run.mjs';

/** Debian's packages of it, the better one first: the one without windows takes a third less time. */
const PACKAGES = ['chromium-headless-shell', 'chromium'];

/** Where the one that is installed is; undefined where none is. */
export const installedChromium = () => PACKAGES.map((name) => `/usr/bin/${name}`).find((path) => existsSync(path));

export const BROWSER_FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

export async function chromiumPath() {
  const named = process.env.EVENINGTIDE_CHROMIUM;
  if (named) {
    if (!existsSync(named)) stop(`EVENINGTIDE_CHROMIUM names ${named}, which does not exist.`);
    return named;
  }
  const path = installedChromium();
  if (path) return path;
  if (process.getuid?.() === 0) {
    await step('Installing Chromium (apt-get)', async () => {
      const apt = (...args) => run('apt-get', args, { quiet: true, env: { DEBIAN_FRONTEND: 'noninteractive' } });
      await apt('update', '-qq');
      for (const name of PACKAGES) if (!installedChromium()) await apt('install', '-y', '-qq', '--no-install-recommends', name);
    });
    const found = installedChromium();
    if (found) return found;
  }
  return stop(
    'The tests drive Chromium. Install it with `sudo apt-get install chromium-headless-shell`, or name one: EVENINGTIDE_CHROMIUM=/path/to/chromium npm test',
  );
}
