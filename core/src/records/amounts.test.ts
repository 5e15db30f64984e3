import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import { loadFacts, type Load } from '../loads/index.js';
import { plantingFacts, type Planting } from '../planting/index.js';
import { amountsOfLoad, amountsOfPlanting } from './index.js';

const { loads, plantings } = JSON.parse(
  readFileSync(new URL('../../../demo/marram-and-holm.eveningtide.json', import.meta.url), 'utf8'),
) as { loads: Load[]; plantings: Planting[] };
const NIGHT = { tempC: 15, rhPct: 65 };

test('a table of a load says of all of them what the sheet says of one', () => {
  const load = { ...loads[0]!, count: 3 };
  const facts = loadFacts(load, NIGHT);
  const rows = amountsOfLoad(load, facts);
  expect(rows.slice(0, load.grains.length).map(({ what, 'size mm': size }) => [what, size])).toEqual(
    load.grains.map(({ name, grainMm }) => [name, grainMm]),
  );
  for (const [i, { ml, g }] of facts.grains.entries()) {
    expect(rows[i]!.mL).toBeCloseTo(ml * 3, 1);
    expect(rows[i]!.g).toBeCloseTo(g * 3, 1);
  }
  expect(rows.find(({ what }) => what === 'White glue')!.mL).toBeCloseTo(facts.glueMl * 3, 1);
  expect(new Set(rows.map(({ sheet }) => sheet))).toEqual(new Set([load.name]));
});

test('a table of a ground has what grows by volume, what stands by number, and its holes', () => {
  const facts = plantingFacts(plantings[0]!);
  const rows = amountsOfPlanting(plantings[0]!, facts);
  expect(rows.filter(({ what }) => what === 'Holes').reduce((sum, { number }) => sum + Number(number), 0)).toBe(
    facts.holes.reduce((sum, { count }) => sum + count, 0),
  );
  for (const { plants, standing } of facts.plants)
    if (standing > 0) expect(rows).toContainEqual(expect.objectContaining({ what: plants.name, number: standing }));
  expect(rows.filter(({ mL }) => mL !== '')).toHaveLength(facts.growths.length + (facts.glueMl > 0 ? 1 : 0));
});
