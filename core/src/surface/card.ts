import type { MadeOf, Relief } from '../subjects/index.js';
import { fieldsOf } from './fields.js';
import { PaintedSurface } from './painted-surface.js';
import { bareSurface, grainOf } from './relief.js';

/** A patch of the piece's own kind of surface, mm. */
export const CARD_MM = { widthMm: 60, heightMm: 40 } as const;

/** What a card is a patch of. */
export interface CardGround {
  of: MadeOf | null;
  relief: Relief;
  pxPerMm: number;
  /** Another number, another patch of the same. */
  seed: number;
  /** How much of the surface, where it is not a card's size. */
  size?: { widthMm: number; heightMm: number };
}

/** A test card: a patch of a zone's surface that strokes are laid on. */
export class TestCard extends PaintedSurface {
  constructor({ of, relief, pxPerMm, seed, size = CARD_MM }: CardGround) {
    super(fieldsOf(bareSurface(grainOf(of, relief), relief, { ...size, pxPerMm }, seed)), seed);
  }
}
