import { expect, test } from '@jest/globals';
import { loadFacts, type Load } from '../loads/index.js';
import { plantingFacts, type Planting } from '../planting/index.js';
import { amountsOfLoad, amountsOfPlanting } from './index.js';

const load: Load = {
  ...{
    id: 'l',
    name: 'Cut peat',
    scaleRatio: 76,
    count: 3,
    lengthMm: 66,
    widthMm: 28,
    depthMm: 14,
    overMm: 6,
    profile: 'heap',
    former: 'foam',
  },
  coverMm: 3,
  grains: [
    { id: 'a', name: 'Peat crumbs', matter: 'peat', grainMm: 1.5, parts: 3 },
    { id: 'b', name: 'Cut sods', matter: 'cork', grainMm: 4, parts: 1 },
  ],
  ...{ glueParts: 1, waterParts: 3, lifts: true, leaks: false, wagonId: null, consist: '', wagonMm: null, wagonG: null, note: '' },
};
const bank: Planting = {
  ...{ id: 'p', name: 'Bank', scaleRatio: 76, stance: 'base', lengthMm: 200, widthMm: 120, boards: null, pieceId: null, zoneId: null },
  growths: [{ id: 'g', name: 'Salt grass', kind: 'grass', sharePct: 40, fibreMm: 4, rounds: 1, colour: null }],
  plants: [{ id: 't', name: 'Thorns', plant: 'tree', count: 3, acrossMm: 20, heightMm: 60, inThrees: true }],
  ...{ keepOffs: [], seed: 7, moved: [], note: '' },
};
const NIGHT = { tempC: 15, rhPct: 65 };

test('a table of a load says of all of them what the sheet says of one', () => {
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
  const facts = plantingFacts(bank);
  const rows = amountsOfPlanting(bank, facts);
  expect(rows.filter(({ what }) => what === 'Holes').reduce((sum, { number }) => sum + Number(number), 0)).toBe(
    facts.holes.reduce((sum, { count }) => sum + count, 0),
  );
  for (const { plants, standing } of facts.plants)
    if (standing > 0) expect(rows).toContainEqual(expect.objectContaining({ what: plants.name, number: standing }));
  expect(rows.filter(({ mL }) => mL !== '')).toHaveLength(facts.growths.length + (facts.glueMl > 0 ? 1 : 0));
});
