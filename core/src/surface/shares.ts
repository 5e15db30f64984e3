import type { Hides } from '../sequence/index.js';
import { rankedByKind, smoothstep, type Fields } from './fields.js';
import type { Spread } from './spread/index.js';

/** What a step hides at each place, when it was spread: its mean over the surface is what the look of a zone is reckoned with. */
export type Shares = Float32Array;

/** What is cut off at full cover is laid elsewhere, so many times over. */
const ROUNDS = 5;
const HAIR = 1e-9;
const CLOSE = 1e-3;
const NEAR = 0.01;

type HidesAt = Pick<Hides, 'recess' | 'face' | 'crest' | 'patch'>;

/** What is hidden where it lies: told, or what would be hidden everywhere if it covered all. */
export const mostHidden = ({ recess, face, crest, patch }: HidesAt, coverPct: number): number =>
  Math.min(1, Math.max(recess, face, crest, patch ?? Math.max(recess, face, crest) / Math.max(0.01, coverPct / 100)));

/** Recess, face and crest get what the technique leaves them; within each it lies as it is spread. Nothing is lost by it and nothing gained. */
export function sharesOf(hides: HidesAt, coverPct: number, spread: Spread, fields: Fields): Shares {
  const base = baseOf(hides, fields);
  return spread.kind === 'film' ? asFilm(base, spread.weight, fields) : inPatches(base, mostHidden(hides, coverPct), spread, fields);
}

/** What each place would hide if nothing were spread, and all of it. */
interface Base {
  base: Float32Array;
  sum: number;
}

function baseOf(hides: HidesAt, { recess, face, crest }: Fields): Base {
  const base = new Float32Array(recess.length);
  let sum = 0;
  for (let i = 0; i < base.length; i++) {
    const here = (recess[i] ?? 0) * hides.recess + (face[i] ?? 0) * hides.face + (crest[i] ?? 0) * hides.crest;
    base[i] = here;
    sum += here;
  }
  return { base, sum };
}

/** Scales what lies there to a sum, where nothing can hide more than `most`. */
function scaledTo(sum: number, shares: Float32Array, most: number): Float32Array {
  let now = 0;
  for (let i = 0; i < shares.length; i++) now += shares[i] ?? 0;
  for (let round = 0; round < ROUNDS; round++) {
    const factor = sum / Math.max(HAIR, now);
    if (Math.abs(factor - 1) < CLOSE) break;
    now = 0;
    for (let i = 0; i < shares.length; i++) {
      const share = Math.min(most, (shares[i] ?? 0) * factor);
      shares[i] = share;
      now += share;
    }
  }
  return shares;
}

/** How much lies at each place against the mean of its kind of place. */
function asFilm({ base, sum }: Base, weight: Float32Array, { recess, face, crest }: Fields): Shares {
  let [inRecess, onFace, onCrest] = [0, 0, 0];
  let [recesses, faces, crests] = [0, 0, 0];
  for (let i = 0; i < weight.length; i++) {
    const w = weight[i] ?? 0;
    const r = recess[i] ?? 0;
    const f = face[i] ?? 0;
    const c = crest[i] ?? 0;
    inRecess += r * w;
    onFace += f * w;
    onCrest += c * w;
    recesses += r;
    faces += f;
    crests += c;
  }
  const even = (weighed: number, all: number): number => (weighed > HAIR ? all / weighed : 0);
  inRecess = even(inRecess, recesses);
  onFace = even(onFace, faces);
  onCrest = even(onCrest, crests);
  const shares = new Float32Array(base.length);
  for (let i = 0; i < base.length; i++) {
    const of = (recess[i] ?? 0) * inRecess + (face[i] ?? 0) * onFace + (crest[i] ?? 0) * onCrest;
    shares[i] = Math.min(1, (base[i] ?? 0) * (weight[i] ?? 0) * of);
  }
  return scaledTo(sum, shares, 1);
}

function inPatches({ base, sum }: Base, most: number, { order, soft }: Spread & { kind: 'patches' }, fields: Fields): Shares {
  const shares = new Float32Array(base.length);
  if (most < HAIR) return shares;
  const rank = rankedByKind(order, fields);
  // what is covered first lies where more is laid anyway: cover is put right until all of it is laid
  let more = 1;
  for (let round = 0; round < ROUNDS; round++) {
    let now = 0;
    for (let i = 0; i < base.length; i++) {
      const cover = Math.min(1, (more * (base[i] ?? 0)) / most);
      const share = cover < HAIR ? 0 : most * coveredAt(rank[i] ?? 0, cover, soft);
      shares[i] = share;
      now += share;
    }
    const factor = sum / Math.max(HAIR, now);
    if (Math.abs(factor - 1) < NEAR) break;
    more *= factor;
  }
  return scaledTo(sum, shares, most);
}

/** Whether a place of this rank is covered, when so much of all is; patches are no softer than they are large. */
function coveredAt(rank: number, cover: number, soft: number): number {
  if (cover > 0.999) return 1;
  const over = Math.min(soft, cover / 2, (1 - cover) / 2 + 0.002);
  return smoothstep(1 - cover - over, 1 - cover + over, rank);
}
