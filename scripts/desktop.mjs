// `npm run desktop`: a file to press that starts Eveningtide with your own data and opens it in the browser. Run again after the folder was moved.
import { chmodSync, mkdirSync, writeFileSync } from 'node:fs';
import { homedir } from 'node:os';
import { dirname } from 'node:path';
import { desktopEntry } from './lib/desktop.mjs';
import { ROOT } from './lib/run.mjs';

const entry = desktopEntry(process.platform, { node: process.execPath, root: ROOT, home: homedir() });
if (!entry) {
  console.error(`There is no desktop entry for ${process.platform} yet. Start with: npm start`);
  process.exit(1);
}
mkdirSync(dirname(entry.path), { recursive: true });
writeFileSync(entry.path, entry.text);
chmodSync(entry.path, entry.mode);
console.log(`${entry.words}\n${entry.path}`);
