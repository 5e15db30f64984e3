import { describe, expect, test } from '@jest/globals';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { runFolder, type Tally } from './index.js';
import { PENDING_ROWS } from './pending-rows.js';

const own = new URL('..', import.meta.url).pathname;
const read = (name: string) => JSON.parse(readFileSync(join(own, name), 'utf8'));

/** Runs files that are made up for the test. */
function runOn(files: Record<string, unknown>): Tally {
  const folder = mkdtempSync(join(tmpdir(), 'eveningtide-reference-'));
  try {
    for (const [name, content] of Object.entries(files)) writeFileSync(join(folder, name), JSON.stringify(content));
    return runFolder(folder);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

describe('reference data', () => {
  const tally = runFolder(own);

  test('everything passes but what is listed as pending', () => {
    expect(tally.lines.filter((line) => !line.startsWith('PENDING'))).toEqual([]);
    expect(tally.failed).toBe(0);
    expect(tally.pending).toBe(Object.keys(PENDING_ROWS).length);
  });

  test.each(['humidair.json', 'coatings.json', 'modelrail.json', 'solvents.json'])(
    'a figure of %s that is off by five per cent fails',
    (name) => {
      const spoilt = JSON.parse(JSON.stringify(read(name)), (key, value: unknown) =>
        typeof value === 'number' && ['pSatKPa', 'theoreticalM2PerL', 'mmPerScaleFoot', 'boilingPointC'].includes(key)
          ? value * 1.05
          : value,
      );
      if (name === 'solvents.json') for (const row of spoilt.rows) if (row.boilingPointC.value !== null) row.boilingPointC.value *= 1.05;
      const { failed, lines } = runOn({ [name]: spoilt });
      expect(failed).toBeGreaterThan(0);
      expect(lines[0]).toContain(`FAIL ${name}/`);
      expect(lines[0]).toMatch(/expected .* got/);
    },
  );

  test('a case whose expectation is turned round fails', () => {
    const file = read('sequence-cases.json');
    const sound = file.rows.find((row: { name: string }) => row.name === 'sound simple scheme');
    const unsound = file.rows.find((row: { name: string }) => row.name === 'powder on gloss');
    const turned = {
      ...file,
      rows: [
        { ...sound, expect: [{ rule: 'too-soon', step: 4 }] },
        { ...unsound, expect: [], noAlarm: true },
      ],
    };
    expect(runOn({ 'turned.json': turned })).toMatchObject({ passed: 0, failed: 2 });
  });

  test('an order held against what it must not be fails, each part by itself', () => {
    const file = read('arrange.json');
    const row = file.rows.find((one: { name: string }) => one.name === 'tank wagon, spill below the filling hatch');
    const wrong: [Record<string, unknown>, string][] = [
      [{ order: false }, 'no order expected, got one'],
      [{ before: [['spilled-load', 'dust']] }, 'spilled-load must come before dust'],
      [{ last: ['dust'] }, 'dust must be last'],
      [{ never: [{ technique: 'streak', afterEffect: 'dust', sameZone: true }] }, 'no streak may follow dust'],
      [{ count: [{ technique: 'scatter', max: 0 }] }, 'scatter expected 0–0 times got 1'],
      [{ cover: [{ effect: 'dust', minPct: 99 }] }, 'cover of dust expected 99'],
      [{ sheenAtEnd: 'gloss' }, 'sheen expected gloss'],
    ];
    const { lines, failed } = runOn({ 'a.json': { ...file, rows: wrong.map(([expected]) => ({ ...row, expect: expected })) } });
    expect(failed).toBe(wrong.length);
    for (const [i, [, why]] of wrong.entries()) expect(lines[i]).toContain(why);
  });

  test('a kind nobody knows, a broken row and a pending row that passes are told', () => {
    const file = read('sequence-cases.json');
    const named = file.rows.find((row: { name: string }) => row.name === 'sound simple scheme');
    const result = runOn({
      'a.json': { kind: 'horoscope', rows: [] },
      'b.json': { ...file, rows: [{ ...named, steps: [{ technique: 'sneeze', zones: ['all'] }] }] },
    });
    expect(result.unknownKinds).toEqual(['horoscope']);
    expect(result.lines.join('\n')).toContain("technique 'sneeze' is not known");
  });
});
