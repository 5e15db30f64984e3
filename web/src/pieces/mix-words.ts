import type { MixNeeded } from '@eveningtide/core/coverage';
import { isDropped } from '@eveningtide/core/mixing';
import { countWords } from '../ui/words.js';
import type { Shown } from '../ui/shown.js';

/** `0.5 ml (10 drops) + 1 ml white spirit`, or neat; of a mix of one's own only how much. */
export function mixWords(mix: Omit<MixNeeded, 'portions'>, shown: Pick<Shown, 'text'>): string {
  if (mix.paints > 1) return `${shown.text(mix.totalMl, 'volume')} of it`;
  const paint = shown.text(mix.paintMl, 'volume') + (isDropped(mix.paintMl) ? ` (${countWords(mix.paintDrops, 'drop')})` : '');
  return mix.thinner ? `${paint} + ${shown.text(mix.thinnerMl, 'volume')} ${mix.thinner.toLowerCase()}` : `${paint}, neat`;
}
