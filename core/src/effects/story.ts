import type { Piece, Region, Story, Upkeep, Wish, Distance } from '../subjects/index.js';
import { EFFECTS } from './catalogue/index.js';
import { zonesFor } from './places.js';
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

/** Wishes that the story proposes for a piece, in the order of the catalogue; what no zone shows is not among them. */
export function proposedWishes(piece: Piece, story: Story): Wish[] {
  return EFFECTS.flatMap((effect): Wish[] => {
    const intensity = likelyIntensity(effect, story);
    if (intensity === 0 || !suits(effect, piece)) return [];
    const feature = piece.features.find(({ kind }) => effect.features.includes(kind));
    return [
      {
        id: effect.id,
        effect: effect.id,
        way: null,
        zones: null,
        featureId: effect.needsFeature ? (feature?.id ?? null) : null,
        intensity,
        priority: intensity >= 0.45 ? 'should' : 'may',
        colour: null,
      },
    ];
  });
}

/** The effect makes sense on the piece: its kind, a zone of it that is seen, a feature where it needs one. */
export const suits = (effect: Effect, piece: Piece): boolean =>
  effect.kinds.includes(piece.kind) &&
  zonesFor(effect, piece).length > 0 &&
  (!effect.needsFeature || piece.features.some(({ kind }) => effect.features.includes(kind)));

/** Soil and dust by region: humid and cold brown, clay reddish, desert pale, dry plains tan (common practice; tones from memory). */
export const SOIL: Record<Region, `#${string}`> = {
  coast: '#6f6350',
  humid: '#5d4a36',
  clay: '#84513a',
  desert: '#b4946a',
  plains: '#8f7650',
};
export const DUST: Record<Region, `#${string}`> = {
  coast: '#a79d88',
  humid: '#8d7b62',
  clay: '#a97a5d',
  desert: '#d0b88e',
  plains: '#b89c6e',
};

export const REGION_NAMES: Record<Region, string> = {
  coast: 'Coast and estuary: grey-brown, salt',
  humid: 'Humid and cold: brown',
  clay: 'Clay: reddish',
  desert: 'Desert: pale',
  plains: 'Dry plains: tan',
};
