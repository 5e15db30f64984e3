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
  effects: readonly { effect: string; intensity: number }[];
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
      { effect: 'recess-shade', intensity: 0.5 },
      { effect: 'protection', intensity: 0.5 },
    ],
  },
  {
    id: 'in-work',
    name: 'In daily work',
    shows: 'Shaded, a little dust, brake dust on the wheels, bright where metal rubs.',
    kinds: STOCK,
    effects: [
      { effect: 'recess-shade', intensity: 0.4 },
      { effect: 'dust', intensity: 0.4 },
      { effect: 'wheel-rust', intensity: 0.4 },
      { effect: 'bright-treads', intensity: 0.3 },
    ],
  },
  {
    id: 'dusty',
    name: 'Dusty',
    shows: 'Dust of the region from below, shade under it.',
    kinds: [...STOCK, 'structure'],
    effects: [
      { effect: 'recess-shade', intensity: 0.35 },
      { effect: 'dust', intensity: 0.6 },
    ],
  },
  {
    id: 'rusty',
    name: 'Rusty',
    shows: 'A wash, rust where the paint went, streaks that run from it.',
    kinds: [...STOCK, 'structure'],
    effects: [
      { effect: 'recess-shade', intensity: 0.4 },
      { effect: 'rust-tones', intensity: 0.2 },
      { effect: 'rust-streaks', intensity: 0.5 },
    ],
  },
  {
    id: 'chipped',
    name: 'Chipped',
    shows: 'Paint knocked off at edges and corners, a few streaks.',
    kinds: STOCK,
    effects: [
      { effect: 'recess-shade', intensity: 0.4 },
      { effect: 'painted-chips', intensity: 0.5 },
      { effect: 'rust-streaks', intensity: 0.3 },
    ],
  },
  {
    id: 'faded',
    name: 'Faded',
    shows: 'Bleached by years of sun and rain, grime over all of it.',
    kinds: [...STOCK, 'structure'],
    effects: [
      { effect: 'faded-paint', intensity: 0.5 },
      { effect: 'grime', intensity: 0.35 },
    ],
  },
  {
    id: 'sooty',
    name: 'Sooty',
    shows: 'Soot from above, grime in every corner.',
    kinds: [...STOCK, 'structure'],
    effects: [
      { effect: 'grime', intensity: 0.4 },
      { effect: 'soot', intensity: 0.6 },
    ],
  },
  {
    id: 'muddy',
    name: 'Muddy',
    shows: 'Dried mud below, paler higher up, dust above.',
    kinds: STOCK,
    effects: [
      { effect: 'mud-dried', intensity: 0.5 },
      { effect: 'mud-tones', intensity: 0.4 },
      { effect: 'dust', intensity: 0.3 },
    ],
  },
  {
    id: 'harbour',
    name: 'By the sea',
    shows: 'Rust streaks, salt and grime of a harbour.',
    kinds: [...STOCK, 'structure'],
    effects: [
      { effect: 'grime', intensity: 0.35 },
      { effect: 'rust-streaks', intensity: 0.4 },
      { effect: 'salt-bloom', intensity: 0.4 },
    ],
  },
  {
    id: 'limewashed',
    name: 'Limewashed',
    shows: 'Worn limewash on stone, green at the foot.',
    kinds: WALLS,
    effects: [
      { effect: 'limewash', intensity: 0.6 },
      { effect: 'green-foot', intensity: 0.3 },
    ],
  },
  {
    id: 'stone',
    name: 'Old stone',
    shows: 'Dark joints, single stones in other tones, light edges.',
    kinds: WALLS,
    effects: [
      { effect: 'inked-joints', intensity: 0.5 },
      { effect: 'stone-variation', intensity: 0.5 },
      { effect: 'edge-lights', intensity: 0.4 },
    ],
  },
  {
    id: 'concrete',
    name: 'Stained concrete',
    shows: 'Mottled, water stains and dark joints.',
    kinds: WALLS,
    effects: [
      { effect: 'mottled', intensity: 0.5 },
      { effect: 'inked-joints', intensity: 0.4 },
      { effect: 'water-stains', intensity: 0.4 },
    ],
  },
  {
    id: 'crag',
    name: 'Crag',
    shows: 'Dark cracks, tones from dark to light, moss.',
    kinds: ['ground'],
    effects: [
      { effect: 'recess-shade', intensity: 0.5 },
      { effect: 'tone-ladder', intensity: 0.5 },
      { effect: 'moss', intensity: 0.3 },
    ],
  },
  {
    id: 'turf',
    name: 'Under turf',
    shows: 'Earth with grass and turf on it.',
    kinds: ['ground'],
    effects: [{ effect: 'grass-tufts', intensity: 0.6 }],
  },
  {
    id: 'heap',
    name: 'Loose load',
    shows: 'A heap of loose matter, bound so that it lifts out.',
    kinds: ['load'],
    effects: [{ effect: 'loose-load', intensity: 0.7 }],
  },
];

/** Recipes of which something is left on a piece. */
export const recipesFor = (piece: Piece): readonly Recipe[] =>
  RECIPES.filter(({ kinds, effects }) => kinds.includes(piece.kind) && effects.some(({ effect }) => suits(effectById(effect), piece)));

/**
 * What a recipe wishes for on a piece: colour first where it is bare or asked for, its effects where they make sense, a coat that protects what is handled.
 * `bodyColour` is the colour it is to have, #rrggbb; null keeps what it comes in.
 */
export function recipeWishes(piece: Piece, recipe: Recipe, bodyColour: string | null): Wish[] {
  const ground = groundFor(piece);
  const colour = bodyColour === null || ground.some(({ effect }) => effect === 'body-colour') ? [] : [plainWish('body-colour')];
  const effects = recipe.effects.flatMap(({ effect, intensity }) => {
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
