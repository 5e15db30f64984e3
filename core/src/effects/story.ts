import { madeLike, substrateById, type Piece, type Region, type Story, type Upkeep, type Wish, type Distance } from '../subjects/index.js';
import { EFFECTS } from './catalogue/index.js';
import { featuresFor, zonesFor } from './places.js';
import type { Effect } from './types.js';

/** Care leaves less to be seen, neglect more (our numbers). */
const UPKEEP: Record<Upkeep, number> = { 'cared-for': 0.45, usual: 1, neglected: 1.5 };
/** From farther away broad effects must be stronger to be seen, and fine ones are not seen at all (our numbers). */
const BROAD: Record<Distance, number> = { hand: 0.85, metre: 1, room: 1.25 };
const FINE: Record<Distance, number> = { hand: 1, metre: 0.8, room: 0 };
/** A camera flattens: contrast is put on stronger for it (common practice; the number is ours). */
const CAMERA = 1.2;
/** Weaker than this nobody would miss it. */
const LEAST = 0.25;

const aged = (years: number, until: number): number => (until === 0 ? 1 : 1 - Math.exp(-years / until));

/** How strong an effect would be on a piece of this story, 0–1; 0 where it would not be there. */
export function likelyIntensity({ likely }: Effect, story: Story): number {
  if (!likely) return 0;
  const region = likely.regions?.[story.region] ?? 1;
  const era = likely.eras?.[story.era] ?? 1;
  const care = likely.neglect ? UPKEEP[story.upkeep] : 1;
  const seen = (likely.fine ? FINE : BROAD)[story.seenFrom] * (story.camera ? CAMERA : 1);
  const intensity = Math.min(1, likely.usual * aged(story.ageYears, likely.years) * region * era * care * seen);
  return intensity < LEAST ? 0 : Math.round(intensity * 20) / 20;
}

/** From this strength on it should be there; weaker it may be left out (our number). */
const SHOULD_FROM = 0.45;

/** How much of it all is proposed. */
export const AMOUNTS = ['light', 'typical', 'heavy'] as const;
export type Amount = (typeof AMOUNTS)[number];
/** So many effects beside the base coat and the protection: what one names when one describes such a piece (our numbers). */
const MOST: Record<Amount, number> = { light: 3, typical: 5, heavy: 9 };

/** What a story brings on a piece: what is proposed, in the order of the catalogue, and what would be possible too, the likeliest first. */
export interface Proposal {
  wishes: Wish[];
  alsoPossible: Wish[];
}

export function proposalOf(piece: Piece, story: Story, amount: Amount = 'typical'): Proposal {
  const likely = EFFECTS.flatMap((effect): Wish[] => {
    const intensity = likelyIntensity(effect, story);
    return intensity === 0 || !suits(effect, piece) ? [] : wishesOn(effect, piece, intensity);
  });
  const ranked = likely.toSorted((a, b) => b.intensity - a.intensity);
  const chosen = new Set(ranked.slice(0, MOST[amount]));
  return {
    wishes: [...groundFor(piece), ...likely.filter((wish) => chosen.has(wish)), ...protectionFor(piece)],
    alsoPossible: ranked.slice(MOST[amount]),
  };
}

/** The same, what is proposed only. */
export const proposedWishes = (piece: Piece, story: Story, amount?: Amount): Wish[] => proposalOf(piece, story, amount).wishes;

/** A wish for an effect on the zones where the real thing is made of what shows it; none where there is none. */
export function wishesOn(effect: Effect, piece: Piece, intensity: number): Wish[] {
  const all = zonesFor(effect, piece);
  const made = madeLike(piece);
  const zones = all.filter((id) => {
    const like = made.get(id);
    return !like || ((effect.on?.includes(like.of) ?? true) && (!effect.ofLoad || like.carries));
  });
  if (zones.length === 0) return [];
  const feature = piece.features.find(({ kind }) => effect.features.includes(kind));
  return [
    plainWish(effect.id, {
      zones: zones.length === all.length || effect.needsFeature ? null : zones,
      featureId: effect.needsFeature ? (feature?.id ?? null) : null,
      intensity,
      priority: intensity >= SHOULD_FROM ? 'should' : 'may',
    }),
  ];
}

export const plainWish = (effect: string, more: Partial<Wish> = {}): Wish => ({
  id: effect,
  effect,
  way: null,
  zones: null,
  featureId: null,
  intensity: 0.5,
  priority: 'must',
  colour: null,
  ...more,
});

/** An effect as it is wished for when the painter picks it: half strong, at the first place that it runs from; a ground is no matter of choice. */
export const chosenWish = (effect: Effect, piece: Piece): Wish =>
  plainWish(effect.id, {
    featureId: effect.needsFeature ? (featuresFor(effect, piece)[0]?.id ?? null) : null,
    priority: effect.phase === 'undercoat' || effect.phase === 'base' ? 'must' : 'should',
  });

/** What is bare gets its colour first, metal a ground below it. */
export function groundFor(piece: Piece): Wish[] {
  const open = piece.zones.filter(({ keepClean, seen }) => keepClean === null && seen !== 'never');
  const isBare = open.some(({ startSheen, startColour }) => startSheen === 'bare' && startColour === null);
  if (!isBare || piece.steps.some(({ fromWish }) => fromWish === null)) return [];
  const metal = open.filter(({ substrate }) => substrateById(substrate).kind === 'metal').map(({ id }) => id);
  const ground = metal.length > 0 ? [plainWish('undercoat', { way: 'etch', zones: metal.length === open.length ? null : metal })] : [];
  return [...ground, plainWish('body-colour')];
}

/** What goes through hands gets a coat that stands them. */
export const protectionFor = ({ handled }: Piece): Wish[] => (handled ? [plainWish('protection', { priority: 'should' })] : []);

/** The effect makes sense on the piece: its kind, a zone of it that is seen, a feature where it needs one. */
export const suits = (effect: Effect, piece: Piece): boolean =>
  effect.kinds.includes(piece.kind) &&
  zonesFor(effect, piece).length > 0 &&
  (!effect.needsFeature || piece.features.some(({ kind }) => effect.features.includes(kind)));

export const REGION_NAMES: Record<Region, string> = {
  coast: 'Coast and estuary: grey-brown, salt',
  humid: 'Humid and cold: brown',
  clay: 'Clay: reddish',
  desert: 'Desert: pale',
  plains: 'Dry plains: tan',
};
