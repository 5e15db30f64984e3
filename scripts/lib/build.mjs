// Builds what changed: TypeScript keeps its own record, the web app is built again when a file it is made of is newer.
import { existsSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, runTool, step, stop } from './run.mjs';

const newest = (path) => {
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return Math.max(0, ...readdirSync(path).map((name) => newest(join(path, name))));
};

const WEB_SOURCES = ['web/src', 'web/public', 'web/index.html', 'web/vite.config.ts', 'core/src', 'package-lock.json'];
const WEB_PAGE = join(ROOT, 'web', 'dist', 'index.html');

function webIsStale() {
  if (!existsSync(WEB_PAGE)) return true;
  const built = statSync(WEB_PAGE).mtimeMs;
  return WEB_SOURCES.some((source) => newest(join(ROOT, source)) > built);
}

const LIBRARY_SOURCES = ['core/src', 'server/src', 'reference/runner', 'tsconfig.json', 'tsconfig.base.json', 'package-lock.json'];
const LIBRARY_STAMP = join(ROOT, 'server', 'dist', '.built');

/** tsc itself takes seconds to find that nothing changed; a look at the dates takes none. */
const librariesAreStale = () =>
  !existsSync(LIBRARY_STAMP) ||
  !existsSync(join(ROOT, 'server', 'dist', 'main.js')) ||
  LIBRARY_SOURCES.some((source) => newest(join(ROOT, source)) > statSync(LIBRARY_STAMP).mtimeMs);

/** Core, server and reference runner. */
export async function buildLibraries({ quiet = false } = {}) {
  if (!librariesAreStale()) return;
  const build = () => runTool('typescript/bin/tsc', ['-b'], { quiet });
  const code = quiet ? await build() : await step('Building core and server', build);
  if (code !== 0) stop('The build failed (see above).');
  writeFileSync(LIBRARY_STAMP, '');
}

export async function buildWeb() {
  if (!webIsStale()) return;
  const code = await step('Building the web app', () =>
    runTool('vite/bin/vite.js', ['build', 'web', '--logLevel', 'warn'], { quiet: true }),
  );
  if (code !== 0) stop('The web app could not be built (see above).');
}

export async function buildAll() {
  await buildLibraries();
  await buildWeb();
}
