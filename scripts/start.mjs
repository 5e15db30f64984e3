// `npm run demo` and `npm start`: installs if needed, builds what changed, then serves until stopped.
import { installIfNeeded } from './lib/install.mjs';
import { buildAll } from './lib/build.mjs';
import { ROOT } from './lib/run.mjs';
import { spawn } from 'node:child_process';

await installIfNeeded();
await buildAll();
const server = spawn(process.execPath, ['server/dist/main.js', ...process.argv.slice(2)], { cwd: ROOT, stdio: 'inherit' });
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('close', (code, signal) => process.exit(signal ? 0 : (code ?? 1)));
