import type { Incoming } from '../sequence/index.js';
import { STIRRED_SLURRY_UM, TINT_LEAST_WET_UM, TINT_MOST_WET_UM } from './dry-use.js';

/**
 * Wet film of one coat, µm, of a mix of these volume solids: what a brush lays of whatever it is dipped into, no more than a wash can stand; what is
 * laid until it covers takes as much as the film wants.
 */
export function wetLaidUm(
  { technique, wetUm, laidUm, stirred }: Pick<Incoming, 'technique' | 'wetUm' | 'laidUm'> & { stirred: boolean },
  volumeSolidsPct: number,
): number {
  if (!(volumeSolidsPct > 0)) return 0;
  const wanted = stirred ? (STIRRED_SLURRY_UM * 100) / volumeSolidsPct : (wetUm ?? (laidUm * 100) / volumeSolidsPct);
  if (technique.effect !== 'tint') return wanted;
  return Math.min(TINT_MOST_WET_UM, Math.max(wanted, wetUm === null ? 0 : TINT_LEAST_WET_UM * technique.filmFactor));
}
