import { buildAll } from './lib/build.mjs';
import { installIfNeeded } from './lib/install.mjs';

await installIfNeeded();
await buildAll();
