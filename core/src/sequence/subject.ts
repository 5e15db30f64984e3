import type { KeepClean, Piece, Relief, Sheen, SubstrateId } from '../subjects/index.js';

/** What the walker must know of a piece; a plan's piece and a reference case both come down to this. */
export interface SubjectZone {
  id: string;
  name: string;
  substrate: SubstrateId;
  startSheen: Sheen;
  relief: Relief;
  /** Must stay free of paint: never part of `all`. */
  keepClean: KeepClean | null;
  /** Taken off and refitted with its part. */
  partId: string;
}

export interface Subject {
  kind: Piece['kind'];
  handled: boolean;
  sheenWanted: Exclude<Sheen, 'bare'>;
  zones: SubjectZone[];
  keepClean: KeepClean[];
}

export function subjectOf(piece: Piece): Subject {
  return {
    kind: piece.kind,
    handled: piece.handled,
    sheenWanted: piece.sheenWanted,
    zones: piece.zones.map(({ id, name, substrate, startSheen, relief, keepClean, partId }) => ({
      id,
      name,
      substrate,
      startSheen,
      relief,
      keepClean,
      partId,
    })),
    keepClean: [...new Set(piece.zones.flatMap((zone) => (zone.keepClean ? [zone.keepClean] : [])))],
  };
}

/** The zones that a step's names stand for; `all` is every zone that need not be kept clean. */
export function zonesNamed(subject: Subject, names: readonly string[]): SubjectZone[] {
  const all = names.includes('all');
  return subject.zones.filter((zone) => names.includes(zone.id) || (all && !zone.keepClean));
}
