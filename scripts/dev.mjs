// `npm run dev`: compiler, server and web app side by side, each watching its files. Web on 4171, interface on 4170.
import { spawn } from 'node:child_process';
import { installIfNeeded } from './lib/install.mjs';
import { buildLibraries } from './lib/build.mjs';
import { ROOT } from './lib/run.mjs';

await installIfNeeded();
await buildLibraries();
const POSIX = process.platform !== 'win32';
const children = [
  ['node_modules/typescript/bin/tsc', '-b', '--watch', '--preserveWatchOutput'],
  ['--watch', '--watch-preserve-output', 'server/dist/main.js', '--demo'],
  ['node_modules/vite/bin/vite.js', 'web'],
].map((args) =>
  // a group of its own each: a watching Node has children that must end with it
  spawn(process.execPath, args, { cwd: ROOT, stdio: 'inherit', detached: POSIX, env: { ...process.env, EVENINGTIDE_WEB: 'none' } }),
);

function end() {
  for (const child of children) {
    try {
      process.kill(POSIX ? -child.pid : child.pid);
    } catch {
      // it has ended already
    }
  }
  process.exit(0);
}
process.on('SIGINT', end);
process.on('SIGTERM', end);
