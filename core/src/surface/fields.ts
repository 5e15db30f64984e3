import { AREA_OF_PLACES } from '../sequence/index.js';
import type { HeightMap } from './relief.js';

/** What is known of every place of a surface, each 0–1, row by row. The three kinds of place sum to 1 everywhere. */
export interface Fields {
  map: HeightMap;
  recess: Float32Array;
  face: Float32Array;
  crest: Float32Array;
  /** How high it stands among its neighbours, by rank: 0 the deepest, 1 what stands out most. */
  rank: Float32Array;
  /** How sharply it breaks away: edges of boards, rivets, arrises. */
  edge: Float32Array;
  /** Upper sides of what juts out: dust lies there. */
  ledge: Float32Array;
  /** Where it juts out and water drips from, below it. */
  drip: Float32Array;
  /** Which places are recess, on the way to the face, face, on the way to the crest, crest. */
  kinds: readonly Uint32Array[];
}

/** Up to which rank a place is recess, and from which it is crest: by the shares that looks of zones are reckoned with. */
const [RECESS, CREST] = [AREA_OF_PLACES.recess, 1 - AREA_OF_PLACES.crest];
/** How softly they pass into the face (our number). */
const SOFT = 0.05;
/** Neighbours are looked at so far around, mm (our numbers): the seam, and the board or stone that it belongs to. */
const [NEAR_MM, FAR_MM] = [0.7, 2.4];
const BINS = 4096;

const clamp = (value: number): number => (value < 0 ? 0 : value > 1 ? 1 : value);
export const smoothstep = (from: number, to: number, value: number): number => {
  const share = clamp((value - from) / (to - from));
  return share * share * (3 - 2 * share);
};

/** The mean around each place, over a square of `radiusPx` to each side, along rows then along columns. */
export function blurred(field: Float32Array, widthPx: number, heightPx: number, radiusPx: { x: number; y: number }): Float32Array {
  const across = new Float32Array(field.length);
  const out = new Float32Array(field.length);
  run(field, across, { lines: heightPx, step: widthPx, length: widthPx, along: 1, radius: Math.round(radiusPx.x) });
  run(across, out, { lines: widthPx, step: 1, length: heightPx, along: widthPx, radius: Math.round(radiusPx.y) });
  return out;
}

interface Run {
  lines: number;
  /** From one line to the next, and along a line. */
  step: number;
  along: number;
  length: number;
  radius: number;
}

/** A sliding mean along each line; beyond its ends the last value goes on. */
function run(from: Float32Array, to: Float32Array, { lines, step, along, length, radius }: Run): void {
  const count = 2 * radius + 1;
  for (let line = 0; line < lines; line++) {
    const base = line * step;
    const at = (i: number): number => from[base + Math.min(length - 1, Math.max(0, i)) * along] ?? 0;
    let sum = 0;
    for (let i = -radius; i <= radius; i++) sum += at(i);
    for (let i = 0; i < length; i++) {
      to[base + i * along] = sum / count;
      sum += at(i + radius + 1) - at(i - radius);
    }
  }
}

/** Each value as its rank among all, 0–1, to a four-thousandth. */
export function ranked(field: Float32Array): Float32Array {
  let [least, most] = [Infinity, -Infinity];
  for (const value of field) {
    if (value < least) least = value;
    if (value > most) most = value;
  }
  const scale = most > least ? (BINS - 1) / (most - least) : 0;
  const counts = new Float64Array(BINS + 1);
  for (const value of field) {
    const bin = Math.floor((value - least) * scale) + 1;
    counts[bin] = (counts[bin] ?? 0) + 1;
  }
  for (let i = 1; i <= BINS; i++) counts[i] = (counts[i] ?? 0) + (counts[i - 1] ?? 0);
  const out = new Float32Array(field.length);
  for (let i = 0; i < field.length; i++) {
    const place = ((field[i] ?? 0) - least) * scale;
    const bin = Math.floor(place);
    const [from, to] = [counts[bin] ?? 0, counts[bin + 1] ?? 0];
    out[i] = (from + (to - from) * (place - bin)) / field.length;
  }
  return out;
}

/** Up to which rank it is recess, on the way to the face, face, on the way to the crest; above, it is crest. */
const KINDS_TO = [RECESS - SOFT, RECESS + SOFT, CREST - SOFT, CREST + SOFT] as const;

const kindAt = (rank: number): number => {
  let kind = 0;
  while (kind < KINDS_TO.length && rank > (KINDS_TO[kind] ?? 1)) kind++;
  return kind;
};

/** The places of each kind, one list after the other. */
function kindsOf(rank: Float32Array): Uint32Array[] {
  const counts = new Uint32Array(KINDS_TO.length + 1);
  for (const one of rank) counts[kindAt(one)] = (counts[kindAt(one)] ?? 0) + 1;
  const kinds = Array.from(counts, (count) => new Uint32Array(count));
  counts.fill(0);
  for (let i = 0; i < rank.length; i++) {
    const kind = kindAt(rank[i] ?? 0);
    const at = counts[kind] ?? 0;
    counts[kind] = at + 1;
    const list = kinds[kind];
    if (list) list[at] = i;
  }
  return kinds;
}

/** The rank of each value among those of its own kind of place. */
export function rankedByKind(values: Float32Array, { kinds }: Pick<Fields, 'kinds'>): Float32Array {
  const out = new Float32Array(values.length);
  for (const own of kinds) {
    const held = new Float32Array(own.length);
    for (let k = 0; k < own.length; k++) held[k] = values[own[k] ?? 0] ?? 0;
    const ranks = ranked(held);
    for (let k = 0; k < own.length; k++) out[own[k] ?? 0] = ranks[k] ?? 0;
  }
  return out;
}

/** What the shape of a surface says of each of its places. */
export function fieldsOf(map: HeightMap): Fields {
  const { um, widthPx, heightPx, pxPerMm } = map;
  const around = (mm: number): Float32Array => blurred(um, widthPx, heightPx, { x: mm * pxPerMm, y: mm * pxPerMm });
  const [near, far] = [around(NEAR_MM), around(FAR_MM)];
  const n = um.length;
  const cavity = new Float32Array(n);
  for (let i = 0; i < n; i++) cavity[i] = (um[i] ?? 0) - 0.6 * (near[i] ?? 0) - 0.4 * (far[i] ?? 0);
  const rank = ranked(cavity);
  const [recess, face, crest] = [new Float32Array(n), new Float32Array(n), new Float32Array(n)];
  for (let i = 0; i < n; i++) {
    const r = rank[i] ?? 0;
    const deep = 1 - smoothstep(RECESS - SOFT, RECESS + SOFT, r);
    const high = smoothstep(CREST - SOFT, CREST + SOFT, r);
    recess[i] = deep;
    crest[i] = high;
    face[i] = 1 - deep - high;
  }
  return { map, recess, face, crest, rank, kinds: kindsOf(rank), ...slopes(map) };
}

/** Slopes of grain and roughness are no ledge: they are looked at over so much, mm (our number). */
const LEDGE_MM = 0.25;
/** A slope this steep counts in full, µm over a millimetre (our number). */
const STEEP_UM_PER_MM = 500;

function slopes({ um, widthPx, heightPx, pxPerMm }: HeightMap): Pick<Fields, 'edge' | 'ledge' | 'drip'> {
  const n = um.length;
  const [edge, ledge, drip] = [new Float32Array(n), new Float32Array(n), new Float32Array(n)];
  const scale = pxPerMm / 2 / STEEP_UM_PER_MM;
  const calm = blurred(um, widthPx, heightPx, { x: 3 * LEDGE_MM * pxPerMm, y: LEDGE_MM * pxPerMm });
  for (let row = 0, i = 0; row < heightPx; row++)
    for (let column = 0; column < widthPx; column++, i++) {
      const left = um[column > 0 ? i - 1 : i] ?? 0;
      const right = um[column < widthPx - 1 ? i + 1 : i] ?? 0;
      const [above, below] = [row > 0 ? i - widthPx : i, row < heightPx - 1 ? i + widthPx : i];
      edge[i] = clamp(Math.hypot(right - left, (um[below] ?? 0) - (um[above] ?? 0)) * scale);
      // it comes forward as one goes down: a ledge; it goes back: what hangs over
      const forward = ((calm[below] ?? 0) - (calm[above] ?? 0)) * scale;
      ledge[i] = clamp(forward);
      drip[i] = clamp(-forward);
    }
  return { edge, ledge, drip };
}
