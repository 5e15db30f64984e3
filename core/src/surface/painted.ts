import { toneOf, type Linear } from '../colour/index.js';
import { bindsLoose, chippedOpen, leftUnderClear, type Stroke, type ZoneStrokes } from '../sequence/index.js';
import { blurred, type Fields } from './fields.js';
import { mostHidden, sharesOf, type Shares } from './shares.js';
import { SPREADS, usualSpread } from './spread/index.js';

/** Light of every place, red, green and blue one after the other. */
export type Light = Float32Array;

/** A surface as it is after some strokes. */
export interface Painted {
  light: Light;
  /** Height of what lies on the bare surface, µm. */
  filmUm: Float32Array;
  sheenGu: number;
  /** As it was under what lies loose, and what of that a clear coat leaves. */
  loose: { under: Light; left: number } | null;
  /** As it was when the soluble layer came. */
  soluble: Light | null;
  /** What was laid last, for what moves it while it is wet. */
  last: { under: Light; shares: Shares; light: Linear } | null;
}

/** The surface as it comes. */
export function asItComes({ start }: ZoneStrokes, { map }: Fields): Painted {
  const n = map.um.length;
  const light = new Float32Array(3 * n);
  for (let c = 0; c < 3; c++) light.fill(start.light[c] ?? 0, c * n, (c + 1) * n);
  return { light, filmUm: new Float32Array(n), sheenGu: start.sheenGu, loose: null, soluble: null, last: null };
}

/** One light over another. */
function over(below: Light, shares: Shares, above: Linear): Light {
  const n = shares.length;
  const out = new Float32Array(below.length);
  for (let c = 0; c < 3; c++) {
    const value = above[c] ?? 0;
    for (let i = 0, k = c * n; i < n; i++, k++) {
      const under = below[k] ?? 0;
      out[k] = under + (value - under) * (shares[i] ?? 0);
    }
  }
  return out;
}

/** So much of one surface seen beside another, at each place or everywhere. */
function mixed(a: Light, b: Light, share: (i: number) => number): Light {
  const n = a.length / 3;
  const out = new Float32Array(a.length);
  for (let i = 0; i < n; i++) {
    const part = share(i);
    for (let k = i; k < a.length; k += n) out[k] = (a[k] ?? 0) + ((b[k] ?? 0) - (a[k] ?? 0)) * part;
  }
  return out;
}

const seedOf = (seed: number, stroke: Stroke): number => seed * 1009 + stroke.stepIndex * 131;

/** The surface after one more stroke. The one before stays as it was. */
export function paintedOver(before: Painted, stroke: Stroke, fields: Fields, seed: number): Painted {
  const { technique, material, hides } = stroke;
  const after = { ...before, sheenGu: stroke.sheenGu };
  if (technique.effect === 'remove') return opened(after, stroke, fields, seed);
  if (material?.role === 'soluble') return { ...after, soluble: after.light, last: null };
  if (technique.leaves < 1) return moved(after, stroke, fields);
  const from = bindsLoose(technique) ? bound(after) : after;
  if (!hides) return from;
  const spread = (SPREADS.get(technique.id) ?? usualSpread(technique.effect))(fields, stroke, seedOf(seed, stroke));
  const shares = sharesOf(hides, stroke.coverPct, spread, fields);
  return {
    ...from,
    light: over(from.light, shares, hides.light),
    filmUm: heightened(from.filmUm, shares, mostHidden(hides, stroke.coverPct), stroke),
    loose: stroke.loose
      ? { under: from.loose?.under ?? from.light, left: stroke.colour === null ? 1 : leftUnderClear(toneOf(stroke.colour)) }
      : from.loose,
    last: { under: from.light, shares, light: hides.light },
  };
}

/** A clear coat wets what lies loose: part of it is no longer seen. */
function bound(painted: Painted): Painted {
  const { loose } = painted;
  if (!loose) return painted;
  return { ...painted, light: mixed(loose.under, painted.light, () => loose.left), loose: null };
}

/** What of a zone a chip opens. */
function opened(painted: Painted, stroke: Stroke, fields: Fields, seed: number): Painted {
  const { soluble } = painted;
  if (!soluble) return painted;
  const hides = { ...chippedOpen(stroke.coverPct), patch: 1 };
  const spread = (SPREADS.get('chip') ?? usualSpread('accent'))(fields, stroke, seedOf(seed, stroke));
  const shares = sharesOf(hides, stroke.coverPct, spread, fields);
  return { ...painted, light: mixed(painted.light, soluble, (i) => shares[i] ?? 0), last: null };
}

/** A soft brush blends so far around, a flat one draws down so far, mm (our numbers). */
const MOVES_MM: ReadonlyMap<string, { x: number; y: number }> = new Map([
  ['blend', { x: 1.6, y: 1.6 }],
  ['draw-out', { x: 0.25, y: 5 }],
  ['wipe-back', { x: 0.8, y: 0.8 }],
]);

/** What was laid last is moved while it is wet: the same amount of it, elsewhere. */
function moved(painted: Painted, { technique }: Stroke, { map }: Fields): Painted {
  const { last } = painted;
  const reach = MOVES_MM.get(technique.id);
  if (!last || !reach) return painted;
  const { widthPx, heightPx, pxPerMm } = map;
  const shares = blurred(last.shares, widthPx, heightPx, { x: reach.x * pxPerMm, y: reach.y * pxPerMm });
  return { ...painted, light: over(last.under, shares, last.light), last: { ...last, shares } };
}

/** What is scattered, pasted or planted stands up so far, µm (from memory). */
const STANDS_UM: ReadonlyMap<string, number> = new Map([
  ['scatter', 350],
  ['plant', 900],
  ['stipple-paste', 260],
  ['glue', 60],
  ['powder-dry', 12],
  ['powder-slurry', 25],
]);

/** Height grows with what lies there. */
function heightened(filmUm: Float32Array, shares: Shares, most: number, { technique, dryUm }: Stroke): Float32Array {
  const stands = Math.max(dryUm, STANDS_UM.get(technique.id) ?? 0);
  if (most === 0 || stands < 1) return filmUm;
  const out = new Float32Array(filmUm.length);
  for (let i = 0; i < out.length; i++) out[i] = (filmUm[i] ?? 0) + (stands * (shares[i] ?? 0)) / most;
  return out;
}

/** The mean light of a surface. */
export function meanOf(light: Light): Linear {
  const n = light.length / 3;
  const mean = (c: number): number => {
    let sum = 0;
    for (let k = c * n; k < (c + 1) * n; k++) sum += light[k] ?? 0;
    return sum / n;
  };
  return [mean(0), mean(1), mean(2)];
}
