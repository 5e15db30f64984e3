import type { Check, KeepClean, Part, PieceKind, Relief, Size, Zone } from '../piece.js';
import type { SubstrateId } from '../substrates.js';
import type { Point } from './geometry.js';

/**
 * A surface as it is drawn on a view. The drawing is also what areas are reckoned from: the model has `count` such
 * surfaces, each `stretch` times as large as it looks (a roof that curves away, a slope seen from above). A count of 0
 * shows again what another view counts.
 */
export interface Patch {
  zoneId: string;
  outline: Point[];
  count: number;
  stretch: number;
}

/** One elevation of the piece. */
export interface View {
  id: 'side' | 'end' | 'top';
  name: string;
  widthMm: number;
  heightMm: number;
  patches: Patch[];
  /** Plank joints, door edges, courses: drawn, not painted. */
  lines: Point[][];
}

/** A surface that no view shows: undersides, insides. */
export interface Hidden {
  zoneId: string;
  areaMm2: number;
}

export interface Shape {
  views: View[];
  hidden: Hidden[];
}

/** What the real thing is made of there, whatever the model is made of. */
export type MadeOf = 'timber' | 'steel' | 'stone' | 'rock' | 'earth' | 'load';

export interface ZonePlan {
  id: string;
  name: string;
  part: string;
  relief: Relief;
  /** Real surface against the plane one: planks, ribs, rough stone. */
  reliefFactor: number;
  of: MadeOf;
  /** A load lies on it or in it. */
  carries?: boolean;
  substrate?: SubstrateId;
  keepClean?: KeepClean;
  seen?: Zone['seen'];
}

/** A named point of the template, in shares of the zone's box on the view where it is first drawn. */
export interface FeaturePlan {
  zone: string;
  kind: string;
  label: string;
  xShare: number;
  yShare: number;
}

/** A shape to start a piece from: its parts, its zones with areas from outer dimensions, its features and checklists. */
export interface Template {
  id: string;
  name: string;
  kind: PieceKind;
  substrate: SubstrateId;
  startSheen: Zone['startSheen'];
  handled: boolean;
  /** Outer dimensions of the model to start with, and the scale they are for. */
  size: Size;
  scaleRatio: number;
  parts: Part[];
  zones: ZonePlan[];
  features: FeaturePlan[];
  checks: Omit<Check, 'id' | 'done'>[];
  shape: (size: Size) => Shape;
}
