import type { Shape } from './drawing.js';
import type { Intent } from './intent.js';
import type { Step, StepGroup } from './step.js';
import type { SubstrateId } from './substrates.js';

/**
 * A piece and everything that is planned on it, as the plan file keeps it. Ids are unique within the piece.
 */
export const PIECE_KINDS = ['rolling-stock', 'vehicle', 'load', 'structure', 'ground'] as const;
export type PieceKind = (typeof PIECE_KINDS)[number];

export const PIECE_KIND_NAMES: Record<PieceKind, string> = {
  'rolling-stock': 'Rolling stock',
  vehicle: 'Vehicle',
  load: 'Load',
  structure: 'Structure casting',
  ground: 'Ground',
};

export const SHEENS = ['bare', 'matt', 'satin', 'gloss'] as const;
export type Sheen = (typeof SHEENS)[number];

export const KEEP_CLEAN = ['glazing', 'wheel-treads', 'bearings', 'pick-ups', 'couplers'] as const;
export type KeepClean = (typeof KEEP_CLEAN)[number];

export const SEEN = ['yes', 'glimpsed', 'never'] as const;
export type Seen = (typeof SEEN)[number];

export interface Part {
  id: string;
  name: string;
  /** May be taken off and refitted, with steps of its own. */
  removable: boolean;
}

export interface Relief {
  grooveDepthUm: number;
  grooveWidthUm: number;
  crestHeightUm: number;
}

/** A named place on a zone with a position, mm from the zone's upper left as the piece stands. */
export interface Feature {
  id: string;
  zoneId: string;
  kind: string;
  label: string;
  xMm: number;
  yMm: number;
}

/** What the real thing is made of there, whatever the model is made of. */
export const MADE_OF = ['timber', 'steel', 'stone', 'rock', 'earth', 'load'] as const;
export type MadeOf = (typeof MADE_OF)[number];

/** Which way is down on the zone's drawing as the piece stands. */
export const DOWNS = ['down', 'up', 'left', 'right', 'away'] as const;
export type Down = (typeof DOWNS)[number];

export interface Zone {
  id: string;
  partId: string;
  name: string;
  /** The place it is on any piece of its kind, `roof`, `side-upper`, `face`: what effects and rules go by, whatever the zone is called here. */
  role: string;
  /** Null: as its template says. */
  of: MadeOf | null;
  /** A load lies on it or in it; null: as its template says. */
  carries: boolean | null;
  /** Names of the groups it belongs to, the painter's own: `weather side`. What is in one group is chosen with one press, or one word. */
  sets: string[];
  /** So many things alike that its area is of: bundles, stones, figures. */
  count: number;
  substrate: SubstrateId;
  startSheen: Sheen;
  /** Colour it came in, #rrggbb: factory paint, the plastic's own; null: the bare substrate's. */
  startColour: string | null;
  areaMm2: number;
  down: Down;
  relief: Relief;
  seen: Seen;
  /** What must stay free of paint here; null for an ordinary zone. */
  keepClean: KeepClean | null;
}

/** One piece of a batch and what is its own: number, lettering, place of a repair. */
export interface Member {
  id: string;
  label: string;
  differences: string[];
}

/** How alike the pieces of a batch or a train should be. */
export const LIKENESSES = ['alike', 'own'] as const;
export type Likeness = (typeof LIKENESSES)[number];

/** A finding that the painter has looked at and lets stand. */
export interface Waiver {
  rule: string;
  stepId: string;
  reason: string;
}

/** Which saved finish the steps were taken from, and with which other pieces. */
export interface FinishUse {
  finishId: string;
  version: number;
  /** Pieces that got the finish together share it. */
  setId: string;
}

/** A prototype photograph and the places pinned on it, as shares of its width and height. */
export interface Picture {
  id: string;
  /** Name of the stored file; the same picture always has the same name. */
  fileName: string;
  caption: string;
  /** When it was taken, `YYYY-MM-DD`, as the camera wrote it; null: not known. */
  takenOn: string | null;
  widthPx: number;
  heightPx: number;
  pins: Pin[];
}

/** Ties a place on a picture to a zone or a feature, with the wish for it: “rust runs from here”. */
export interface Pin {
  id: string;
  xShare: number;
  yShare: number;
  zoneId: string | null;
  featureId: string | null;
  note: string;
}

export interface Check {
  id: string;
  when: 'before' | 'after';
  text: string;
  done: boolean;
}

/** Outer dimensions of the model. */
export interface Size {
  lengthMm: number;
  widthMm: number;
  heightMm: number;
}

export interface Piece {
  id: string;
  name: string;
  kind: PieceKind;
  template: string;
  scaleRatio: number;
  /** The elevations are drawn from these; null: not measured, nothing is drawn. */
  sizeMm: Size | null;
  /** Its own drawing, where zones were cut, joined or added; null: as its template draws it. */
  shape: Shape | null;
  handled: boolean;
  /** Grease and release agent are off already: it was washed before it came. */
  cleaned: boolean;
  sheenWanted: Exclude<Sheen, 'bare'>;
  /** Date it should be done by, `YYYY-MM-DD`. */
  doneBy: string | null;
  /** Date it was put into the archive, `YYYY-MM-DD`; an archived piece takes no evenings. */
  archivedOn: string | null;
  note: string;
  likeness: Likeness;
  /** Seed by which each of the batch varies; null: all by the same numbers. */
  varySeed: number | null;
  finish: FinishUse | null;
  /** What it should look like; null where nothing is wished yet. */
  intent: Intent | null;
  waivers: Waiver[];
  parts: Part[];
  zones: Zone[];
  features: Feature[];
  members: Member[];
  pictures: Picture[];
  checks: Check[];
  groups: StepGroup[];
  steps: Step[];
}
