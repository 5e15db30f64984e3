import { lightened } from '../colour/index.js';
import type { Feature, Step } from '../subjects/index.js';
import { techniqueById } from '../techniques/index.js';
import { seededFrom } from '../units/index.js';

/** What differs from piece to piece: how much, how strong, which tone, where. */
export interface Variation {
  coverPct: number | null;
  strength: number | null;
  colour: string | null;
  source: string | null;
}

/** Sane limits (our numbers): a neighbour, not another wagon. */
const COVER_FACTOR = [0.75, 1.25] as const;
const STRENGTH_BY = 0.15;
const TONE_BY_L = 3;

/** Coats are the same for all; what is laid over them varies. */
const VARIES = new Set(['accent', 'loose', 'slurry', 'tint']);

/** Whether a step differs from piece to piece at all. */
export const varies = (step: Pick<Step, 'technique'>): boolean => VARIES.has(techniqueById(step.technique).effect);

/** A number from a text, the same for the same text (FNV-1a, public domain). */
function hashOf(text: string): number {
  let hash = 0x811c9dc5;
  for (const letter of text) hash = Math.imul(hash ^ (letter.codePointAt(0) ?? 0), 0x01000193) >>> 0;
  return hash;
}

/**
 * What a step is on one piece of a set. The same seed, piece and step give the same; another piece something near it.
 * Null leaves the step's own. `features` are those that a streak could run from instead.
 */
export function variationFor(step: Step, pieceId: string, seed: number, features: readonly Feature[] = []): Variation | null {
  if (!varies(step)) return null;
  const random = seededFrom(hashOf(`${String(seed)} ${pieceId} ${step.id}`));
  const between = (low: number, high: number): number => low + (high - low) * random();
  const { usualCoverPct } = techniqueById(step.technique);
  const cover = (step.coverPct ?? usualCoverPct) * between(...COVER_FACTOR);
  const strength = step.strength === null ? null : step.strength + between(-STRENGTH_BY, STRENGTH_BY);
  const shift = between(-TONE_BY_L, TONE_BY_L);
  const here = features.find(({ label }) => label === step.source);
  const alike = here ? features.filter(({ kind, zoneId }) => kind === here.kind && zoneId === here.zoneId) : [];
  return {
    coverPct: Math.min(100, Math.max(1, Math.round(cover))),
    strength: strength === null ? null : Math.min(1, Math.max(0.1, Math.round(strength * 20) / 20)),
    colour: step.colour === null ? null : lightened(step.colour, shift),
    source: alike[Math.floor(random() * alike.length)]?.label ?? step.source,
  };
}

/** The steps as one piece of a set gets them. */
export const variedSteps = (steps: readonly Step[], pieceId: string, seed: number, features: readonly Feature[] = []): Step[] =>
  steps.map((step) => {
    const variation = variationFor(step, pieceId, seed, features);
    return variation ? { ...step, ...variation } : { ...step };
  });
