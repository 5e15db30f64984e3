import type { Load, LoadFacts } from '../loads/index.js';
import type { Planting, PlantingFacts } from '../planting/index.js';

/** What a load or a ground takes of one thing, as a line of a table: plain words and numbers, units in the head. An empty cell: not measured so. */
export type AmountRow = Record<'sheet' | 'what' | 'size mm' | 'number' | 'mL' | 'g', string | number>;

const tenth = (value: number): number => Math.round(value * 10) / 10;

/** All of its loads together: grains, what fills it, water, glue. */
export function amountsOfLoad({ name, count }: Load, facts: LoadFacts): AmountRow[] {
  const liquid = (what: string, ml: number): AmountRow[] =>
    ml > 0 ? [{ sheet: name, what, 'size mm': '', number: '', mL: tenth(ml * count), g: '' }] : [];
  return [
    ...facts.grains.map(({ grain, ml, g }) => ({
      ...{ sheet: name, what: grain.name, 'size mm': grain.grainMm, number: '' },
      ...{ mL: tenth(ml * count), g: tenth(g * count) },
    })),
    ...liquid('Former', facts.formerMl),
    ...liquid('Water to wet it', facts.wettingMl),
    ...liquid('White glue', facts.glueMl),
    ...liquid('Water into the glue', facts.waterMl),
    ...(facts.detergentDrops > 0
      ? [{ sheet: name, what: 'Drops of washing-up liquid', 'size mm': '', number: facts.detergentDrops * count, mL: '', g: '' }]
      : []),
  ];
}

/** What grows on a ground, and the glue that holds it; of plants those that stand. */
export const amountsOfPlanting = ({ name }: Planting, facts: PlantingFacts): AmountRow[] => [
  ...facts.growths.map(({ growth, ml, g }) => ({
    ...{ sheet: name, what: growth.name, 'size mm': growth.fibreMm ?? '', number: '' },
    ...{ mL: tenth(ml), g: tenth(g) },
  })),
  ...(facts.glueMl > 0 ? [{ sheet: name, what: 'White glue', 'size mm': '', number: '', mL: tenth(facts.glueMl), g: '' }] : []),
  ...facts.plants
    .filter(({ standing }) => standing > 0)
    .map(({ plants, standing }) => ({ sheet: name, what: plants.name, 'size mm': plants.heightMm, number: standing, mL: '', g: '' })),
  ...facts.holes.map(({ holeMm, count }) => ({ sheet: name, what: 'Holes', 'size mm': holeMm, number: count, mL: '', g: '' })),
];
