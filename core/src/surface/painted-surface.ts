import type { Stroke, ZoneStrokes } from '../sequence/index.js';
import type { Fields } from './fields.js';
import { lifted } from './lifted.js';
import { asItComes, paintedOver, type Painted } from './painted.js';

/** What of a stroke changes the picture. */
const keyOf = ({ technique, material, hides, coverPct, colour, loose, dryUm, sprayed, sheenGu, stepIndex, lifts }: Stroke): string =>
  JSON.stringify([stepIndex, technique.id, material?.role, hides, coverPct, colour, loose, dryUm, sprayed, sheenGu, lifts]);

/** What one fault looks like is of its own, whatever the stroke is seeded with. */
const FAULT_SEED = 577;

/** A surface that strokes are laid on. Layers that were painted are kept: where a step is changed only it and what follows is painted anew. */
export class PaintedSurface {
  private kept: { key: string; painted: Painted }[] = [];

  constructor(
    readonly fields: Fields,
    private readonly seed: number,
  ) {}

  /** The surface after so many of the strokes; after none it is as the zone comes. */
  after(zone: ZoneStrokes, count = zone.strokes.length): Painted {
    const keys = [JSON.stringify([zone.start.light, zone.start.sheenGu]), ...zone.strokes.slice(0, count).map(keyOf)];
    let same = 0;
    while (same < keys.length && this.kept[same]?.key === keys[same]) same++;
    if (same < keys.length) this.kept.length = same;
    for (let i = same; i < keys.length; i++) {
      const before = this.kept[i - 1]?.painted;
      const stroke = zone.strokes[i - 1];
      const painted =
        before && stroke
          ? this.withFaults(paintedOver(before, stroke, this.fields, this.seed), stroke, zone)
          : asItComes(zone, this.fields);
      this.kept.push({ key: keys[i] ?? '', painted });
    }
    return this.kept[keys.length - 1]?.painted ?? asItComes(zone, this.fields);
  }

  /** What the stroke spoils, as the check says. */
  private withFaults(painted: Painted, { lifts, stepIndex }: Stroke, { strokes }: ZoneStrokes): Painted {
    // as it was before the layer that comes up
    const below = lifts === null ? undefined : this.kept[strokes.findIndex((one) => one.stepIndex === lifts)]?.painted;
    return below ? lifted(painted, below.light, this.fields, this.seed * FAULT_SEED + stepIndex) : painted;
  }
}
