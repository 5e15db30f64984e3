import type { Stroke, ZoneStrokes } from '../sequence/index.js';
import type { Fields } from './fields.js';
import { FAULTS } from './faults/index.js';
import { asItComes, paintedOver, type Painted } from './painted.js';

/** What of a stroke changes the picture. */
const keyOf = ({ technique, material, hides, coverPct, colour, loose, dryUm, sprayed, sheenGu, stepIndex, spoilt }: Stroke): string =>
  JSON.stringify([stepIndex, technique.id, material?.role, hides, coverPct, colour, loose, dryUm, sprayed, sheenGu, spoilt]);

/** What one fault looks like is of its own, whatever the stroke is seeded with. */
const FAULT_SEED = 577;
/** Faults of one stroke are seeded apart. */
const NEXT_FAULT = 6151;

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
          ? this.withFaults(before, paintedOver(before, stroke, this.fields, this.seed), stroke, zone)
          : asItComes(zone, this.fields);
      this.kept.push({ key: keys[i] ?? '', painted });
    }
    return this.kept[keys.length - 1]?.painted ?? asItComes(zone, this.fields);
  }

  /** What the stroke spoils, as the check says. */
  private withFaults(before: Painted, painted: Painted, { spoilt, stepIndex }: Stroke, { strokes }: ZoneStrokes): Painted {
    return spoilt.reduce((harmed, { spoil, causeIndex }, i) => {
      // as it was before the layer that comes to harm
      const under = causeIndex === null ? undefined : this.kept[strokes.findIndex((one) => one.stepIndex === causeIndex)]?.painted;
      const seed = this.seed * FAULT_SEED + stepIndex + NEXT_FAULT * i;
      return FAULTS[spoil]({ painted: harmed, before, below: (under ?? before).light, fields: this.fields, seed });
    }, painted);
  }
}
