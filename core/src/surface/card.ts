import type { MadeOf, Relief } from '../subjects/index.js';
import type { Stroke, ZoneStrokes } from '../sequence/index.js';
import { fieldsOf, type Fields } from './fields.js';
import { asItComes, paintedOver, type Painted } from './painted.js';
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
}

/** What of a stroke changes the picture. */
const keyOf = ({ technique, material, hides, coverPct, colour, loose, dryUm, sprayed, sheenGu, stepIndex }: Stroke): string =>
  JSON.stringify([stepIndex, technique.id, material?.role, hides, coverPct, colour, loose, dryUm, sprayed, sheenGu]);

/**
 * A test card: a patch of a zone's surface that strokes are laid on. Layers that were painted are kept: where a step is changed only it and what follows is painted
 * anew.
 */
export class TestCard {
  readonly fields: Fields;
  private readonly seed: number;
  private kept: { key: string; painted: Painted }[] = [];

  constructor({ of, relief, pxPerMm, seed }: CardGround) {
    this.seed = seed;
    this.fields = fieldsOf(bareSurface(grainOf(of, relief), relief, { ...CARD_MM, pxPerMm }, seed));
  }

  /** The card after each of the strokes that are done; the first is as the zone comes. */
  after(zone: ZoneStrokes, count = zone.strokes.length): Painted {
    const keys = [JSON.stringify([zone.start.light, zone.start.sheenGu]), ...zone.strokes.slice(0, count).map(keyOf)];
    let same = 0;
    while (same < keys.length && this.kept[same]?.key === keys[same]) same++;
    if (same < keys.length) this.kept.length = same;
    for (let i = same; i < keys.length; i++) {
      const before = this.kept[i - 1]?.painted;
      const stroke = zone.strokes[i - 1];
      const painted = before && stroke ? paintedOver(before, stroke, this.fields, this.seed) : asItComes(zone, this.fields);
      this.kept.push({ key: keys[i] ?? '', painted });
    }
    return this.kept[keys.length - 1]?.painted ?? asItComes(zone, this.fields);
  }
}
