// Writes docs/plan-file.schema.json from the classes that check plan files; a test holds the file against them.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { buildLibraries } from './lib/build.mjs';
import { ROOT } from './lib/run.mjs';

await buildLibraries({ quiet: true });
await import('reflect-metadata');
const { planFileSchema } = await import('../server/dist/plan-file/plan-file-schema.js');
writeFileSync(join(ROOT, 'docs', 'plan-file.schema.json'), `${JSON.stringify(await planFileSchema(), null, 2)}\n`);
