import type { Feature, Piece, Wish } from '../subjects/index.js';
import type { Effect } from './types.js';

/** Zones of a piece that an effect belongs to: those it has, that are seen, and that need not be kept clean. */
export const zonesFor = (effect: Pick<Effect, 'zones'>, piece: Pick<Piece, 'zones'>): string[] =>
  piece.zones
    .filter(({ role, seen, keepClean }) => effect.zones.includes(role) && seen !== 'never' && keepClean === null)
    .map(({ id }) => id);

/** Features that an effect can sit at or run from. */
export const featuresFor = (effect: Pick<Effect, 'features'>, piece: Pick<Piece, 'features'>): Feature[] =>
  piece.features.filter(({ kind }) => effect.features.includes(kind));

/**
 * Where a wish goes: the zones it names, else the zone of its feature, else all that the effect belongs to. Zones that
 * the piece no longer has, that are never seen or to be kept clean, are left out.
 */
export function zonesOfWish(wish: Wish, effect: Effect, piece: Pick<Piece, 'zones' | 'features'>): string[] {
  const open = new Set(piece.zones.filter(({ seen, keepClean }) => seen !== 'never' && keepClean === null).map(({ id }) => id));
  if (wish.zones) return wish.zones.filter((id) => open.has(id));
  const feature = piece.features.find(({ id }) => id === wish.featureId);
  if (feature) return open.has(feature.zoneId) ? [feature.zoneId] : [];
  return zonesFor(effect, piece);
}
