import { filmOf, grooveLost, stateAfter, type Build, type Layer, type SequenceProblem, type ZoneState } from '../sequence/index.js';
import type { Relief } from '../subjects/index.js';
import { seededFrom } from '../units/index.js';
import { closed, dilated, noise, smoothed } from './profile.js';

/**
 * A cut through the surface of a zone after a sequence: a groove, a face and a crest with every layer where its technique
 * really puts it, in micrometres in both directions. Heights are over the bare face; one value a column.
 */
export interface Section {
  columnUm: number;
  /** The bare surface. */
  base: number[];
  bands: Band[];
  /** Where the groove and the crest lie, in columns; null on a smooth zone. */
  groove: Span | null;
  crest: Span | null;
  build: Build;
  /** Share of the groove that is gone, and by what. */
  lost: ReturnType<typeof grooveLost>;
}

interface Span {
  from: number;
  to: number;
}

/** One layer in the cut: from `low` up to `high`, equal where it leaves nothing. */
export interface Band {
  stepIndex: number;
  name: string;
  colour: string;
  clear: boolean;
  loose: boolean;
  low: number[];
  high: number[];
}

const COLUMNS = 400;
/** A smooth zone is drawn as a piece of about this width, µm. */
const SMOOTH_WIDTH_UM = 600;
/** Walls of a groove lean by this share of its width; drawn from memory of moulded and scribed joints. */
const DRAFT = 0.1;
/** Loose grains lie about this thick where they lie, µm (from memory). */
const GRAIN_UM = 14;
/** Patches of sponge, speckle and streak are about so wide, µm (our number). */
const PATCH_UM = 60;

interface Ground {
  columnUm: number;
  base: number[];
  groove: Span | null;
  crest: Span | null;
}

/** The bare surface of a relief: face, groove, face, crest, face. */
function groundOf({ grooveDepthUm, grooveWidthUm, crestHeightUm }: Relief): Ground {
  const hasGroove = grooveDepthUm > 0 && grooveWidthUm > 0;
  const grooveUm = hasGroove ? grooveWidthUm : 0;
  const crestUm = crestHeightUm > 0 ? Math.max(crestHeightUm, 120) : 0;
  const faceUm = grooveUm + crestUm > 0 ? Math.max(grooveUm, crestUm) * 0.4 : SMOOTH_WIDTH_UM / 3;
  const widthUm = 3 * faceUm + grooveUm + crestUm;
  const columnUm = widthUm / COLUMNS;
  const column = (um: number): number => Math.round(um / columnUm);
  const groove = hasGroove ? { from: column(faceUm), to: column(faceUm + grooveUm) } : null;
  const crestFrom = 2 * faceUm + grooveUm;
  const crest = crestUm > 0 ? { from: column(crestFrom), to: column(crestFrom + crestUm) } : null;
  const base = Array.from({ length: COLUMNS }, (_, i) => {
    if (groove && i >= groove.from && i <= groove.to) {
      const inUm = Math.min(i - groove.from, groove.to - i) * columnUm;
      return -grooveDepthUm * Math.min(1, inUm / (grooveWidthUm * DRAFT));
    }
    if (crest && i >= crest.from && i <= crest.to) {
      const share = (2 * (i - crest.from)) / (crest.to - crest.from) - 1;
      return crestHeightUm * (1 - share ** 4) ** 0.6;
    }
    return 0;
  });
  return { columnUm, base, groove, crest };
}

type Place = 'recess' | 'face' | 'crest';

/** What kind of place each column of the bare surface is. */
function placesOf({ base, groove, crest }: Ground, relief: Relief): Place[] {
  return base.map((height, i) => {
    if (groove && i >= groove.from && i <= groove.to && height < -0.4 * relief.grooveDepthUm) return 'recess';
    if (crest && i >= crest.from && i <= crest.to && height > 0.5 * relief.crestHeightUm) return 'crest';
    return 'face';
  });
}

type Lay = (surface: number[], layer: Layer, places: readonly Place[], ground: Ground) => number[];

const filmAt = (layer: Layer, places: readonly Place[]): number[] => {
  const whole = filmOf({ ...layer, coverPct: 100 });
  const film = { recess: whole.recessUm, face: whole.faceUm, crest: whole.crestUm };
  return places.map((place) => film[place]);
};

/** Sprayed: a parallel offset, the same thickness across the surface everywhere. */
const spray: Lay = (surface, layer, _places, { columnUm }) => dilated(surface, (layer.dryUm * layer.coats) / columnUm, columnUm);

/** Brushed or poured: by place, levelled a little into corners. */
const flow: Lay = (surface, layer, places, { columnUm }) => {
  const film = smoothed(filmAt(layer, places), 3);
  const level = closed(surface, Math.max(1, (layer.dryUm * layer.coats) / columnUm), columnUm);
  return surface.map((height, i) => height + (film[i] ?? 0) + Math.min((level[i] ?? height) - height, (film[i] ?? 0) / 2));
};

/** Here and there: patches that cover their share of each kind of place. */
const patches: Lay = (surface, layer, places, { columnUm }) => {
  const film = filmAt(layer, places);
  const reach = noise(seededFrom(layer.stepIndex + 1), surface.length, PATCH_UM / columnUm);
  const covered = layer.coverPct / 100;
  return surface.map((height, i) => height + ((reach[i] ?? 1) < covered ? Math.max(film[i] ?? 0, film[i] ? 1 : 0) : 0));
};

/** Loose: grains that lie where they can, by the share of the place. */
const grains: Lay = (surface, layer, places, ground) => {
  if (layer.dryUm > 0) return heap(surface, layer, places, ground);
  const share = layer.technique.deposit;
  const random = seededFrom(layer.stepIndex + 101);
  const lies = surface.map((_, i) =>
    random() < share[places[i] ?? 'face'] * Math.min(1, layer.coverPct / 60) ? GRAIN_UM * (0.4 + 0.9 * random()) : 0,
  );
  return smoothed(lies, 2).map((grain, i) => (surface[i] ?? 0) + grain);
};

/** Thick and uneven: fills, and stands up by itself. */
const heap: Lay = (surface, layer, places, ground) => {
  const laid = flow(surface, layer, places, ground);
  const reach = noise(seededFrom(layer.stepIndex + 7), surface.length, 12);
  const covered = Math.max(layer.coverPct / 100, 0.2);
  return laid.map((height, i) => ((reach[i] ?? 1) < covered ? height : (surface[i] ?? 0)));
};

function layOf(layer: Layer): Lay | null {
  if (layer.material.role === 'thinner' || layer.material.role === 'masking') return null;
  const { recess, face, crest } = layer.technique.deposit;
  if (recess + face + crest === 0) return null;
  switch (layer.technique.effect) {
    case 'film':
      if (layer.material.role === 'paste' || layer.material.role === 'filler') return heap;
      return layer.sprayed ? spray : flow;
    case 'tint':
    case 'inlay':
      return layer.sprayed ? spray : flow;
    case 'accent':
      return patches;
    case 'loose':
      return grains;
    case 'slurry':
      return heap;
    default:
      return null;
  }
}

/** The cut through one zone when all steps of the problem are done. @throws RangeError when there is no such zone. */
export function sectionOf(problem: SequenceProblem, zoneId: string): Section {
  const zone = stateAfter(problem).zones.get(zoneId);
  if (!zone) throw new RangeError(`zone '${zoneId}' is not one of this piece`);
  return cutThrough(zone);
}

function cutThrough({ zone, layers, build }: ZoneState): Section {
  const ground = groundOf(zone.relief);
  const places = placesOf(ground, zone.relief);
  const bands: Band[] = [];
  let surface = ground.base;
  for (const layer of layers) {
    const lay = layOf(layer);
    if (!lay) continue;
    const before = surface;
    // nothing sinks into what lies below
    const high = lay(before, layer, places, ground).map((height, i) => Math.max(height, before[i] ?? height));
    bands.push({
      stepIndex: layer.stepIndex,
      name: layer.material.name,
      colour: layer.colour,
      clear: layer.material.role === 'clear' || layer.material.role === 'fixer',
      loose: layer.technique.effect === 'loose',
      low: before,
      high,
    });
    surface = high;
  }
  return { ...ground, bands, build, lost: grooveLost(build, zone.relief) };
}
