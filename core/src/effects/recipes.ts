import type { Piece, PieceKind, Wish } from '../subjects/index.js';
import { effectById } from './catalogue/index.js';
import { groundFor, plainWish, protectionFor, suits, wishesOn } from './story.js';

/** A look to start from, as one would name it across the table. */
export interface Recipe {
  id: string;
  name: string;
  /** What one sees. */
  shows: string;
  /** Kinds of piece it is meant for. */
  kinds: readonly PieceKind[];
  /** Effects with how strongly; what does not suit a piece is left out there. */
  effects: readonly (readonly [effect: string, intensity: number])[];
}

const STOCK = ['rolling-stock', 'vehicle'] as const;
const WALLS = ['structure'] as const;

/** Starting points of the trade (common practice; the strengths are ours): all can be changed afterwards. */
export const RECIPES: readonly Recipe[] = [
  {
    id: 'shaded',
    name: 'Shaded and matt',
    shows: 'Shade in the recesses under a dead flat coat: the quickest way from a toy to a model.',
    kinds: ['rolling-stock', 'vehicle', 'structure', 'ground', 'load'],
    effects: [
      ['recess-shade', 0.5],
      ['protection', 0.5],
    ],
  },
  {
    id: 'in-work',
    name: 'In daily work',
    shows: 'Shaded, a little dust, brake dust on the wheels, bright where metal rubs.',
    kinds: STOCK,
    effects: [
      ['recess-shade', 0.4],
      ['dust', 0.4],
      ['wheel-rust', 0.4],
      ['bright-treads', 0.3],
    ],
  },
  {
    id: 'dusty',
    name: 'Dusty',
    shows: 'Dust of the region from below, shade under it.',
    kinds: [...STOCK, 'structure', 'load'],
    effects: [
      ['recess-shade', 0.35],
      ['dust', 0.6],
    ],
  },
  {
    id: 'rusty',
    name: 'Rusty',
    shows: 'A wash, rust where the paint went, streaks that run from it.',
    kinds: [...STOCK, 'structure'],
    effects: [
      ['recess-shade', 0.4],
      ['rust-tones', 0.2],
      ['rust-streaks', 0.5],
    ],
  },
  {
    id: 'chipped',
    name: 'Chipped',
    shows: 'Paint knocked off at edges and corners, a few streaks.',
    kinds: STOCK,
    effects: [
      ['recess-shade', 0.4],
      ['painted-chips', 0.5],
      ['rust-streaks', 0.3],
    ],
  },
  {
    id: 'faded',
    name: 'Faded',
    shows: 'Bleached by years of sun and rain, grime over all of it.',
    kinds: [...STOCK, 'structure'],
    effects: [
      ['faded-paint', 0.5],
      ['grime', 0.35],
    ],
  },
  {
    id: 'sooty',
    name: 'Sooty',
    shows: 'Soot from above, grime in every corner.',
    kinds: [...STOCK, 'structure'],
    effects: [
      ['grime', 0.4],
      ['soot', 0.6],
    ],
  },
  {
    id: 'muddy',
    name: 'Muddy',
    shows: 'Dried mud below, paler higher up, dust above.',
    kinds: STOCK,
    effects: [
      ['mud-dried', 0.5],
      ['mud-tones', 0.4],
      ['dust', 0.3],
    ],
  },
  {
    id: 'harbour',
    name: 'By the sea',
    shows: 'Rust streaks, salt and grime of a harbour.',
    kinds: [...STOCK, 'structure'],
    effects: [
      ['grime', 0.35],
      ['rust-streaks', 0.4],
      ['salt-bloom', 0.4],
    ],
  },
  {
    id: 'limewashed',
    name: 'Limewashed',
    shows: 'Worn limewash on stone, green at the foot.',
    kinds: WALLS,
    effects: [
      ['limewash', 0.6],
      ['green-foot', 0.3],
    ],
  },
  {
    id: 'stone',
    name: 'Old stone',
    shows: 'Dark joints, single stones in other tones, light edges.',
    kinds: WALLS,
    effects: [
      ['inked-joints', 0.5],
      ['stone-variation', 0.5],
      ['edge-lights', 0.4],
    ],
  },
  {
    id: 'concrete',
    name: 'Stained concrete',
    shows: 'Mottled, water stains and dark joints.',
    kinds: WALLS,
    effects: [
      ['mottled', 0.5],
      ['inked-joints', 0.4],
      ['water-stains', 0.4],
    ],
  },
  {
    id: 'crag',
    name: 'Crag',
    shows: 'Dark cracks, tones from dark to light, moss.',
    kinds: ['ground'],
    effects: [
      ['recess-shade', 0.5],
      ['tone-ladder', 0.5],
      ['moss', 0.3],
    ],
  },
  {
    id: 'turf',
    name: 'Under turf',
    shows: 'Earth with grass and turf on it.',
    kinds: ['ground'],
    effects: [['grass-tufts', 0.6]],
  },
  {
    id: 'heap',
    name: 'Loose load',
    shows: 'A heap of loose matter, bound so that it lifts out.',
    kinds: ['load'],
    effects: [['loose-load', 0.7]],
  },
];

/** Recipes of which something is left on a piece. */
export const recipesFor = (piece: Piece): readonly Recipe[] =>
  RECIPES.filter(({ kinds, effects }) => kinds.includes(piece.kind) && effects.some(([effect]) => suits(effectById(effect), piece)));

/**
 * What a recipe wishes for on a piece: colour first where it is bare or asked for, its effects where they make sense, a coat that protects what is handled.
 * `bodyColour` is the colour it is to have, #rrggbb; null keeps what it comes in.
 */
export function recipeWishes(piece: Piece, recipe: Recipe, bodyColour: string | null): Wish[] {
  const ground = groundFor(piece);
  const colour = bodyColour === null || ground.some(({ effect }) => effect === 'body-colour') ? [] : [plainWish('body-colour')];
  const effects = recipe.effects.flatMap(([effect, intensity]) => {
    const known = effectById(effect);
    return suits(known, piece) ? wishesOn(known, piece, intensity) : [];
  });
  const protection = effects.some(({ effect }) => effect === 'protection') ? [] : protectionFor(piece);
  return [...ground, ...colour, ...effects, ...protection].map((wish) => ({
    ...wish,
    // a recipe is chosen as a whole
    priority: 'must',
    ...(wish.effect === 'body-colour' ? { colour: bodyColour } : {}),
  }));
}
