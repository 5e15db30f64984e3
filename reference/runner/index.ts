import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { arrangeCase } from './kinds/arrange-case.js';
import { benchCase } from './kinds/bench-case.js';
import { ciede2000 } from './kinds/ciede2000.js';
import { coatings } from './kinds/coatings.js';
import { cutting } from './kinds/cutting.js';
import { humidair } from './kinds/humidair.js';
import { jobshop } from './kinds/jobshop.js';
import { kubelka } from './kinds/kubelka.js';
import { modelrail } from './kinds/modelrail.js';
import { sequenceCase } from './kinds/sequence-case.js';
import { solvents } from './kinds/solvents.js';
import { timelags } from './kinds/timelags.js';
import type { Outcome, ReferenceFile, RunRow } from './outcome.js';

const KINDS: Record<string, RunRow> = {
  humidair,
  solvents,
  modelrail,
  coatings,
  cutting,
  ciede2000,
  kubelka,
  jobshop,
  timelags,
  'sequence-case': sequenceCase,
  'bench-case': benchCase,
  'arrange-case': arrangeCase,
};

export interface Tally {
  passed: number;
  failed: number;
  pending: number;
  /** What to print, one line per row that did not pass. */
  lines: string[];
  unknownKinds: string[];
}

const rowName = (row: Record<string, unknown>, index: number): string =>
  [row['kind'], row['name'] ?? row['scale'] ?? row['conversion'], `#${String(index + 1)}`]
    .filter((part) => typeof part === 'string')
    .join(' ');

function tryRow(run: RunRow, row: Record<string, unknown>, file: ReferenceFile): Outcome {
  try {
    return run(row, file);
  } catch (error) {
    return { as: 'failed', why: error instanceof Error ? error.message : String(error) };
  }
}

/** Runs every `*.json` of a folder through the public core. */
export function runFolder(folder: string): Tally {
  const tally: Tally = { passed: 0, failed: 0, pending: 0, lines: [], unknownKinds: [] };
  for (const name of readdirSync(folder)
    .filter((f) => f.endsWith('.json'))
    .sort()) {
    const file = JSON.parse(readFileSync(join(folder, name), 'utf8')) as ReferenceFile;
    const run = KINDS[file.kind];
    if (!run) {
      tally.unknownKinds.push(file.kind);
      tally.lines.push(`UNKNOWN ${name}: kind '${file.kind}' is not built`);
      continue;
    }
    file.rows.forEach((row, index) => {
      const outcome = tryRow(run, row, file);
      if (outcome.as === 'passed') tally.passed++;
      if (outcome.as === 'failed') {
        tally.failed++;
        tally.lines.push(`FAIL ${name}/${rowName(row, index)}: ${outcome.why}`);
      }
      if (outcome.as === 'pending') {
        tally.pending++;
        tally.lines.push(`PENDING ${name}/${rowName(row, index)}: waits for ${outcome.why}`);
      }
    });
  }
  return tally;
}
