import { ownSets, type Piece, type Step } from '@eveningtide/core/subjects';

/** `all`, `weather side`, `all but roof`, `side, lower; ends`: the shortest that says it. */
export function zoneWords(piece: Piece, step: Step): string {
  if (step.zones.includes('all')) return 'all';
  const set = ownSets(piece).find(({ ids }) => ids.length === step.zones.length && ids.every((id) => step.zones.includes(id)));
  if (set) return set.name;
  const open = piece.zones.filter((zone) => !zone.keepClean);
  const named = piece.zones.filter((zone) => step.zones.includes(zone.id));
  const missing = open.filter((zone) => !step.zones.includes(zone.id));
  const plainOnly = named.every((zone) => !zone.keepClean);
  if (plainOnly && missing.length === 0) return 'all';
  if (plainOnly && missing.length > 0 && missing.length < named.length && missing.length <= 2)
    return `all but ${missing.map((zone) => zone.name.toLowerCase()).join(', ')}`;
  return named.map((zone) => zone.name.toLowerCase()).join('; ');
}

/** Every zone by its name instead of `all`: none changes, but each can be taken out. */
export const namedZones = (piece: Piece, step: Step): string[] => {
  const open = piece.zones.filter((zone) => !zone.keepClean).map((zone) => zone.id);
  return [...open, ...step.zones.filter((zone) => zone !== 'all')];
};

/** What pressing a zone in the drawing makes of a step: of one that is done all over, it is this zone that is meant. */
export const pressedZone = (piece: Piece, step: Step, id: string): string[] =>
  step.zones.includes('all') ? [id] : toggledZone(piece, step, id);

/** The zones of a step with one put in or taken out. A step is done somewhere: the last zone cannot be taken away. */
export function toggledZone(piece: Piece, step: Step, id: string): string[] {
  const open = piece.zones.filter((zone) => !zone.keepClean).map((zone) => zone.id);
  const now = step.zones.includes('all') ? namedZones(piece, step) : step.zones;
  const next = now.includes(id) ? now.filter((zone) => zone !== id) : [...now, id];
  if (next.length === 0) return step.zones;
  return open.every((zone) => next.includes(zone)) ? ['all', ...next.filter((zone) => !open.includes(zone))] : next;
}
