import { seededFrom } from '../../units/index.js';
import type { Fields } from '../fields.js';
import { eachPlace, noiseOn } from './each-place.js';
import type { Spread, SpreadOf } from './types.js';

/** Torn sponge: ragged dabs close together here, none there; a little more where hands and ropes pass. */
export const sponge: SpreadOf = (fields, _stroke, seed) => {
  const dabs = noiseOn(fields, seed, { x: 0.75, y: 0.65 });
  const ragged = noiseOn(fields, seed + 1, { x: 0.26, y: 0.26 });
  const press = noiseOn(fields, seed + 2, { x: 6, y: 5 });
  return {
    kind: 'patches',
    soft: 0.012,
    order: eachPlace(fields, (i) => (dabs[i] ?? 0) + 0.55 * (ragged[i] ?? 0) + 0.75 * (press[i] ?? 0) + 0.25 * (fields.edge[i] ?? 0)),
  };
};

/** Chips break at edges first, and run on from there; sharp at their rim. */
export const chips: SpreadOf = (fields, _stroke, seed) => {
  const flakes = noiseOn(fields, seed, { x: 0.9, y: 0.7 });
  const ragged = noiseOn(fields, seed + 1, { x: 0.24, y: 0.22 });
  const worn = noiseOn(fields, seed + 2, { x: 8, y: 6 });
  return {
    kind: 'patches',
    soft: 0.006,
    order: eachPlace(
      fields,
      (i) =>
        0.9 * (flakes[i] ?? 0) +
        0.5 * (ragged[i] ?? 0) +
        0.55 * (worn[i] ?? 0) +
        0.75 * (fields.edge[i] ?? 0) +
        0.4 * (fields.crest[i] ?? 0),
    ),
  };
};

/** Things drawn one after the other: what is drawn first is covered first. */
class Drawn {
  readonly order: Float32Array;
  private turn = 1;
  /** Places that something lies on. */
  private count = 0;
  constructor(private readonly fields: Fields) {
    this.order = new Float32Array(fields.map.um.length);
  }

  /** A dot or a piece of a line around a place; it fades towards its rim. */
  dab(xMm: number, yMm: number, half: { x: number; y: number }): void {
    const { widthPx, heightPx, pxPerMm } = this.fields.map;
    const [cx, cy, hx, hy] = [xMm, yMm, half.x, half.y].map((mm) => mm * pxPerMm) as [number, number, number, number];
    for (let row = Math.max(0, Math.floor(cy - hy)); row <= Math.min(heightPx - 1, Math.ceil(cy + hy)); row++)
      for (let column = Math.max(0, Math.floor(cx - hx)); column <= Math.min(widthPx - 1, Math.ceil(cx + hx)); column++) {
        const from = Math.hypot((column - cx) / Math.max(hx, 0.6), (row - cy) / Math.max(hy, 0.6));
        const i = row * widthPx + column;
        if (from >= 1) continue;
        const before = this.order[i] ?? 0;
        if (before === 0) this.count += 1;
        this.order[i] = Math.max(before, this.turn * (1 - 0.3 * from));
      }
  }

  /** What comes next is covered later. */
  next(): void {
    this.turn *= 0.9985;
  }

  get share(): number {
    return this.count / this.order.length;
  }

  spread(soft: number): Spread {
    return { kind: 'patches', order: this.order, soft };
  }
}

/** More are drawn than are seen, so that cover decides; but no more than so many (our numbers). */
const [DRAWN_OVER, MOST_MARKS] = [1.5, 9000];

function marks(
  fields: Fields,
  coverPct: number,
  seed: number,
  draw: (drawn: Drawn, random: () => number, size: { widthMm: number; heightMm: number }) => void,
): Spread {
  const { widthPx, heightPx, pxPerMm } = fields.map;
  const size = { widthMm: widthPx / pxPerMm, heightMm: heightPx / pxPerMm };
  const random = seededFrom(seed);
  const drawn = new Drawn(fields);
  for (let i = 0; i < MOST_MARKS && drawn.share < Math.min(0.97, (DRAWN_OVER * coverPct) / 100); i++) {
    draw(drawn, random, size);
    drawn.next();
  }
  return drawn.spread(0.004);
}

const USUAL_SPECKLE_PCT = 8;

/** Flicked off a brush: round dots, many small and few large. */
export const speckle: SpreadOf = (fields, { coverPct }, seed) =>
  marks(fields, coverPct, seed, (drawn, random, { widthMm, heightMm }) => {
    // who flicks more of it has more on the brush: dots are larger too (our number)
    const half = (0.09 + 0.3 * random() ** 3) * Math.max(1, Math.sqrt(coverPct / USUAL_SPECKLE_PCT));
    drawn.dab(random() * widthMm, random() * heightMm, { x: half, y: half });
  });

/** Scratches along the way things pass, short and straight. */
export const scrape: SpreadOf = (fields, { coverPct }, seed) =>
  marks(fields, coverPct, seed, (drawn, random, { widthMm, heightMm }) => {
    const [x, y, tilt] = [random() * widthMm, random() * heightMm, (random() - 0.5) * 0.3];
    const lengthMm = 0.6 + 4 * random() ** 2;
    for (let along = 0; along < lengthMm; along += 0.1) drawn.dab(x + along, y + tilt * along, { x: 0.12, y: 0.09 });
  });

/** Lines with a pen: long, thin, one below the other. */
export const lines: SpreadOf = (fields, { coverPct }, seed) =>
  marks(fields, coverPct, seed, (drawn, random, { widthMm, heightMm }) => {
    const [y, x, lengthMm] = [random() * heightMm, random() * widthMm, 5 + 20 * random()];
    for (let along = 0; along < lengthMm; along += 0.12) drawn.dab(x + along, y, { x: 0.14, y: 0.11 });
  });

/** A decal: a plate with letters on it, where such things sit. */
export const decal: SpreadOf = (fields) => {
  const { widthPx, heightPx } = fields.map;
  return {
    kind: 'patches',
    soft: 0.002,
    order: eachPlace(fields, (_i, column, row) => {
      const [u, v] = [Math.abs(column / widthPx - 0.28) / 1.7, Math.abs(row / heightPx - 0.4)];
      return 1 - Math.max(u, v);
    }),
  };
};
