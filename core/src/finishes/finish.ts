import type { Supplies } from '../materials/index.js';
import type { Piece, PieceKind, Sheen, Step, StepGroup, Zone } from '../subjects/index.js';

/** What a finish must know of the zones it was made on, to fit itself to others. */
export type FinishZone = Pick<Zone, 'id' | 'name' | 'substrate' | 'startSheen' | 'relief' | 'seen' | 'keepClean'>;

/** A finish as it was at one time. Saving it again makes the next version; older ones stay as they are. */
export interface FinishVersion {
  version: number;
  /** `YYYY-MM-DD`. */
  savedOn: string;
  note: string;
  /** Name of the piece it was taken from. */
  fromPiece: string;
  kind: PieceKind;
  scaleRatio: number;
  handled: boolean;
  sheenWanted: Exclude<Sheen, 'bare'>;
  zones: FinishZone[];
  groups: StepGroup[];
  steps: Step[];
}

/** A saved sequence to apply again: named, with all its versions, the oldest first. */
export interface Finish {
  id: string;
  name: string;
  versions: FinishVersion[];
}

/** What of a piece a finish keeps. Pins, members and wishes are the piece's own. */
export function finishOf(piece: Piece, supplies: Supplies, given: { version: number; savedOn: string; note: string }): FinishVersion {
  return {
    ...given,
    fromPiece: piece.name,
    kind: piece.kind,
    scaleRatio: piece.scaleRatio,
    handled: piece.handled,
    sheenWanted: piece.sheenWanted,
    zones: piece.zones.map(({ id, name, substrate, startSheen, relief, seen, keepClean }) => ({
      id,
      name,
      substrate,
      startSheen,
      relief: { ...relief },
      seen,
      keepClean,
    })),
    groups: piece.groups.map((group) => ({ ...group })),
    // colour and kind stay known when the bottle or the own material is gone
    steps: piece.steps.map((step) => ({
      ...step,
      material: step.material === null ? null : supplies.like(step.material),
      colour: step.colour ?? supplies.bottle(step.bottleId)?.colour ?? null,
      mixId: null,
      pinnedAt: null,
      members: null,
      fromWish: null,
      dryingPlace: null,
    })),
  };
}

/** The newest version. @throws RangeError when the finish has none. */
export function newestOf(finish: Finish): FinishVersion {
  const newest = finish.versions.at(-1);
  if (!newest) throw new RangeError(`finish '${finish.name}' has no version`);
  return newest;
}
