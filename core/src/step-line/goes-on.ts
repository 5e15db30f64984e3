import type { Piece, Step } from '../subjects/index.js';
import { isOnSurface, techniqueById } from '../techniques/index.js';

/** The last of some steps that laid or drew something on the surface: a new one goes on from there. Masks, treads and looks do not count. */
export const lastLaid = (steps: readonly Step[]): Step | null =>
  steps.findLast(({ technique }) => isOnSurface(techniqueById(technique))) ?? null;

/** Where a new step goes on from another one: on its zones, but for those that must stay clean; `all` where there are none, or all of them. */
export function zonesGoingOn({ zones }: Piece, before: Step | null): string[] {
  const open = zones.filter(({ keepClean }) => keepClean === null).map(({ id }) => id);
  const kept = (before?.zones ?? []).filter((id) => id === 'all' || open.includes(id));
  // told one by one, all of them are all
  return kept.length === 0 || open.every((id) => kept.includes(id)) ? ['all'] : kept;
}
