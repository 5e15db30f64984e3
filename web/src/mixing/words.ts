import { suppliesName, type Bottle, type Supplies } from '@eveningtide/core/materials';
import type { Countable, Counted, Measure, MixComponent } from '@eveningtide/core/mixing';
import { formatNumber } from '@eveningtide/core/units';
import type { Shown } from '../ui/shown.js';

export const MEASURE_NAMES: Record<Measure, string> = {
  parts: 'parts',
  percent: 'per cent',
  drops: 'drops',
  ml: 'millilitres',
  caps: 'caps',
  g: 'grams',
  spoons: 'level spoons',
};

const COUNT_WORDS: Record<Countable, [one: string, many: string]> = {
  drops: ['drop', 'drops'],
  syringe: ['ml', 'ml'],
  caps: ['cap', 'caps'],
  spoons: ['level spoon', 'level spoons'],
};

/** `6 drops`, `0.4 ml`, `2 level spoons`. */
export function countWords({ by, count, ml }: Counted['components'][number]): string {
  if (by === 'syringe') return `${formatNumber(ml, 2)} ml`;
  return `${String(count)} ${COUNT_WORDS[by][count === 1 ? 0 : 1]}`;
}

/** So many drops, caps or spoons are counted; more are measured (our number). */
const MOST_COUNTED = 60;

/** `5 drops Umber wash`; what is more than anybody counts is told as a volume. */
export const amountWords = (out: Counted['components'][number] | undefined, name: string, shown: Pick<Shown, 'text'>): string =>
  `${!out ? '' : out.count > MOST_COUNTED ? shown.text(out.exactMl, 'volume') : countWords(out)} ${name}`.trim();

type Named = Pick<MixComponent, 'material' | 'bottleId'>;

export const componentColour = ({ material, bottleId }: Named, supplies: Supplies): string =>
  supplies.bottle(bottleId)?.colour ?? supplies.material(material).colour;

/** What can be laid out of a bottle by its colour: paint, primer, wash. */
export const isPaint = (bottle: Bottle, supplies: Supplies): boolean =>
  supplies.isMaterial(bottle.material) &&
  ['paint', 'primer', 'wash'].includes(supplies.material(bottle.material).role) &&
  !supplies.material(bottle.material).aerosol;

/** `3 Lichen green : 2 Acrylic thinner` */
export const recipeWords = (components: readonly MixComponent[], supplies: Supplies): string =>
  components.map((component) => `${formatNumber(component.parts, 2)} ${suppliesName(component, supplies)}`).join(' : ');
