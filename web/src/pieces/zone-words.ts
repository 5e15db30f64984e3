import type { Piece, Step } from '@eveningtide/core/subjects';

/** `all`, `all but roof`, `side, lower; ends`: the shortest that says it. */
export function zoneWords(piece: Piece, step: Step): string {
  if (step.zones.includes('all')) return 'all';
  const open = piece.zones.filter((zone) => !zone.keepClean);
  const named = piece.zones.filter((zone) => step.zones.includes(zone.id));
  const missing = open.filter((zone) => !step.zones.includes(zone.id));
  const plainOnly = named.every((zone) => !zone.keepClean);
  if (plainOnly && missing.length > 0 && missing.length < named.length && missing.length <= 2)
    return `all but ${missing.map((zone) => zone.name.toLowerCase()).join(', ')}`;
  return named.map((zone) => zone.name.toLowerCase()).join('; ');
}
