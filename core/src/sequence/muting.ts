import { toneOf, type Tone } from '../colour/index.js';
import type { Layer } from './layer.js';

/** What a clear coat or fixer leaves of loose powder, and how much stronger to put it on (common practice; factors are ours). */
export const MUTED: Record<Exclude<Tone, 'dark'>, { left: string; allowance: number }> = {
  mid: { left: 'a clear coat leaves about half of a mid tone', allowance: 2 },
  pale: { left: 'a pale dust almost vanishes under it', allowance: 3 },
};

/** The tone of loose powder that was put on without allowance; null where nothing is muted: soot hardly changes. */
export function mutedTone(layer: Layer): Exclude<Tone, 'dark'> | null {
  if (!layer.loose || layer.material.role !== 'powder' || layer.allowance > 1) return null;
  const tone = toneOf(layer.colour);
  return tone === 'dark' ? null : tone;
}

/** How much stronger the powder wants to be; null where it is strong enough. */
export function allowanceFor(layer: Layer): number | null {
  const tone = mutedTone(layer);
  return tone === null ? null : MUTED[tone].allowance;
}
