// Where Chromium is: named by EVENINGTIDE_CHROMIUM, or Debian's, which is installed where that may be done.
import { existsSync } from 'node:fs';
import { run, step, stop } from './run.mjs';

const DEBIAN = '/usr/bin/chromium';
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
  if (existsSync(DEBIAN)) return DEBIAN;
  if (process.getuid?.() === 0) {
    await step('Installing Chromium (apt-get)', async () => {
      await run('apt-get', ['update', '-qq'], { quiet: true });
      await run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], {
        quiet: true,
        env: { DEBIAN_FRONTEND: 'noninteractive' },
      });
    });
    if (existsSync(DEBIAN)) return DEBIAN;
  }
  return stop(
    'The tests drive Chromium. Install it with `sudo apt-get install chromium`, or name one: EVENINGTIDE_CHROMIUM=/path/to/chromium npm test',
  );
}
