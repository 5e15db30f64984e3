import { EXAMPLE_RELIEF, RULES } from '@eveningtide/core/sequence';
import { TestCard, exampleOf, lit, seenExamples, type CardGround, type SeenExample } from '@eveningtide/core/surface';

/** A card that is painted the same each time. */
export interface Painted {
  widthPx: number;
  heightPx: number;
  /** Red, green, blue and alpha of each pixel, 0–255. */
  rgba: Uint8ClampedArray;
}

const ON: Readonly<Record<'planks' | 'plates' | 'stone', CardGround>> = {
  planks: { of: 'timber', relief: EXAMPLE_RELIEF, pxPerMm: 2, seed: 1 },
  plates: { of: 'steel', relief: EXAMPLE_RELIEF, pxPerMm: 2, seed: 1 },
  stone: { of: 'stone', relief: { ...EXAMPLE_RELIEF, crestHeightUm: 600 }, pxPerMm: 2, seed: 1 },
};

/** Techniques, each on the ground that it is seen best on. */
const TECHNIQUES: readonly (readonly [technique: string, on: keyof typeof ON])[] = [
  ['brush-coat', 'planks'],
  ['airbrush-zenithal', 'plates'],
  ['wash', 'planks'],
  ['pin-wash', 'plates'],
  ['blend', 'planks'],
  ['streak', 'plates'],
  ['sponge', 'plates'],
  ['chip', 'plates'],
  ['drybrush', 'planks'],
  ['powder-dry', 'stone'],
  ['stipple-paste', 'stone'],
  ['speckle', 'plates'],
];

/** Rules, each where it warns. */
const WARNED = [
  'solvent-lifts-layer',
  'between-windows',
  'powder-needs-tooth',
  'chip-stack-incomplete',
  'mask-on-soft-paint',
  'refit-wet',
  'solvent-attacks-substrate',
  'climate',
] as const;

function painted(ground: CardGround, { zone, count }: SeenExample): Painted {
  const card = new TestCard(ground);
  const { widthPx, heightPx } = card.fields.map;
  return { widthPx, heightPx, rgba: lit(card.after(zone, count), card.fields.map, 'day') };
}

function found<T>(what: T | null | undefined, name: string): T {
  if (what === null || what === undefined) throw new RangeError(`nothing is seen of '${name}'`);
  return what;
}

/** The cards that are kept as pictures, by the names of their files. */
export const CARDS: ReadonlyMap<string, () => Painted> = new Map([
  ...TECHNIQUES.map(([id, on]): [string, () => Painted] => [
    `${id}-on-${on}`,
    () => {
      const zone = found(exampleOf(id), id);
      return painted(ON[on], { zone, count: zone.strokes.length });
    },
  ]),
  ...WARNED.map((id): [string, () => Painted] => [
    `warned-${id}`,
    () => {
      const rule = found(
        RULES.find((one) => one.id === id),
        id,
      );
      return painted(ON.plates, found(seenExamples(rule), id).fires);
    },
  ]),
]);
