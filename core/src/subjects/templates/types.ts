import type { Shape } from '../drawing.js';
import type { Check, KeepClean, MadeOf, Part, PieceKind, Relief, Size, Zone } from '../piece.js';
import type { SubstrateId } from '../substrates.js';

export interface ZonePlan {
  id: string;
  name: string;
  part: string;
  /** The place it is on any piece, where that is not its id. */
  role?: string;
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
