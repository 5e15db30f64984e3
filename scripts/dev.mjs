// `npm run dev`: compiler, server and web app side by side, each watching its files. Web on 4171, interface on 4170.
import { spawn } from 'node:child_process';
import { installIfNeeded } from './lib/install.mjs';
import { buildLibraries } from './lib/build.mjs';
import { ROOT } from './lib/run.mjs';

await installIfNeeded();
await buildLibraries();
const children = [
  ['node_modules/typescript/bin/tsc', '-b', '--watch', '--preserveWatchOutput'],
  ['--watch-path=server/dist', '--watch-path=core/dist', 'server/dist/main.js', '--demo'],
  ['node_modules/vite/bin/vite.js', 'web'],
].map((args) => spawn(process.execPath, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, EVENINGTIDE_WEB: 'none' } }));
const end = () => children.forEach((child) => child.kill());
process.on('SIGINT', end);
process.on('SIGTERM', end);
