// `npm run demo` and `npm start`: installs if needed, builds what changed, then serves until stopped, and opens the browser where there is one (`--no-open`: not).
import { spawn } from 'node:child_process';
import { installIfNeeded } from './lib/install.mjs';
import { buildAll } from './lib/build.mjs';
import { hasScreen } from './lib/desktop.mjs';
import { ROOT } from './lib/run.mjs';

const args = process.argv.slice(2);
const address = `http://127.0.0.1:${process.env.EVENINGTIDE_PORT ?? '4170'}`;
const opens = args.includes('--open') || (!args.includes('--no-open') && hasScreen(process.platform, process.env));

/** A browser that does not come up is no reason not to serve. */
async function openBrowser() {
  const { default: open } = await import('open');
  await open(address).catch(() => undefined);
}

/** It runs already: pressed once more, it is only shown. */
const answers = () =>
  fetch(address, { signal: AbortSignal.timeout(1500) }).then(
    () => true,
    () => false,
  );

await installIfNeeded();
if (args.includes('--open') && (await answers())) {
  await openBrowser();
  process.exit(0);
}
await buildAll();
const passed = args.filter((arg) => arg !== '--open' && arg !== '--no-open');
const server = spawn(process.execPath, ['server/dist/main.js', ...passed], { cwd: ROOT, stdio: ['inherit', 'pipe', 'inherit'] });
let shown = !opens;
server.stdout.on('data', (said) => {
  process.stdout.write(said);
  if (shown || !String(said).includes(address)) return;
  shown = true;
  void openBrowser();
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('close', (code, signal) => process.exit(signal ? 0 : (code ?? 1)));
