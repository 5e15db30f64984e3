// Runs check data through the public core: `npm run -s reference -- DIR`, default the project's own reference/.
import { fileURLToPath } from 'node:url';
import { buildLibraries } from './lib/build.mjs';

await buildLibraries({ quiet: true });
const { runFolder } = await import('../reference/dist/index.js');
const folder = process.argv[2] ?? fileURLToPath(new URL('../reference', import.meta.url));
const tally = runFolder(folder);
for (const line of tally.lines) console.log(line);
console.log(`${tally.passed} passed, ${tally.failed} failed`);
process.exitCode = tally.failed > 0 || tally.unknownKinds.length > 0 ? 1 : 0;
