import type { Hidden, Patch, Point, Shape } from '../drawing.js';
import type { KeepClean, Seen, Size } from '../piece.js';

/** A surface of a body: the zone it becomes. */
export interface BodyZone {
  key: string;
  /** Said behind the body's name: “Chimney, top”. */
  name: string;
  /** The place it is on any piece: what effects and rules go by. */
  role: string;
  seen?: Seen;
  keepClean?: KeepClean;
  /** What is loaded onto the body lies here. */
  bears?: boolean;
}

/** A plain solid that a piece can be put together from. Its dimensions are outer ones, as it stands. */
export interface BodyKind {
  id: string;
  name: string;
  /** What its three dimensions are where they are not plainly length, width and height. */
  note: string;
  zones: readonly BodyZone[];
  /** Of the real thing, where that is much alike. */
  realMm?: Size;
  /** The solid alone, its views from the upper left; zones by their keys. */
  shape: (size: Size) => Shape;
}

interface Drawn {
  side: Patch[];
  end: Patch[];
  top: Patch[];
  hidden?: Hidden[];
  lines?: Partial<Record<'side' | 'end' | 'top', Point[][]>>;
}

/** The three views of a solid. */
export const views = ({ lengthMm: l, widthMm: w, heightMm: h }: Size, { side, end, top, hidden = [], lines = {} }: Drawn): Shape => ({
  views: [
    { id: 'side', name: 'Side', widthMm: l, heightMm: h, patches: side, lines: lines.side ?? [] },
    { id: 'end', name: 'End', widthMm: w, heightMm: h, patches: end, lines: lines.end ?? [] },
    { id: 'top', name: 'Top', widthMm: l, heightMm: w, patches: top, lines: lines.top ?? [] },
  ],
  hidden,
});
