import type { MixNeeded } from '@eveningtide/core/coverage';
import type { Shown } from '../ui/shown.js';

/** `0.5 ml (10 drops) + 1 ml white spirit`, or neat. */
export function mixWords(mix: MixNeeded, shown: Pick<Shown, 'text'>): string {
  const paint = `${shown.text(mix.paintMl, 'volume')} (${String(mix.paintDrops)} drops)`;
  return mix.thinner ? `${paint} + ${shown.text(mix.thinnerMl, 'volume')} ${mix.thinner.toLowerCase()}` : `${paint}, neat`;
}
