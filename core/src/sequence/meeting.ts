import type { MaterialRole } from '../materials/index.js';
import type { Incoming } from './incoming.js';
import { agedMin, readyMin, type Layer } from './layer.js';
import type { SubjectZone } from './subject.js';

/** Where and how a step and a layer come together: how much of them meets, and whether they are meant to. */

/** What lies on a zone, as far as that matters here. */
interface Ground {
  zone: Pick<SubjectZone, 'keepClean'>;
  layers: readonly Layer[];
}

/** Less than this of either meets: no wait is asked, and nothing worse than a hint is said (our number). */
export const LEAST_SHARE = 0.1;

/** What counts whole, because its size is not the point. */
const WHOLE: ReadonlySet<MaterialRole> = new Set<MaterialRole>(['decal', 'masking']);

/** Dry matter that comes to something sticky no smaller than itself is meant for it. */
const isMeantForIt = (layer: Layer, { material, technique, coverPct, intoWet }: Incoming): boolean =>
  intoWet !== false &&
  technique.effect === 'loose' &&
  material?.carrier === 'none' &&
  layer.material.windows?.sprinkle !== undefined &&
  coverPct <= layer.coverPct;

/** The step is for the very place where the layer lies. */
export function isSamePlace(layer: Layer, incoming: Incoming): boolean {
  if (incoming.intoWet === true || incoming.need !== 'ground' || isMeantForIt(layer, incoming)) return true;
  for (const place of incoming.places) if (layer.places.has(place)) return true;
  return false;
}

/**
 * How much of the layer is met, or of the step that meets it, whichever is more, 0–1: what lies about by chance meets by the
 * product of its covers, so the share of the layer is what the step covers, and the other way round.
 */
export function shareMet(layer: Layer, zone: Ground, incoming: Incoming): number {
  if (zone.zone.keepClean !== null || WHOLE.has(layer.material.role) || isSamePlace(layer, incoming)) return 1;
  return Math.min(1, Math.max(layer.coverPct, incoming.coverPct) / 100);
}

/** The same bottle or can once more, as a step of its own: as if it were one step with more coats. */
export const isSameAgain = (layer: Layer, incoming: Incoming): boolean =>
  layer.technique.effect === 'film' &&
  incoming.technique.effect === 'film' &&
  layer.material.id === incoming.material?.id &&
  layer.bottleId === incoming.bottleId &&
  layer.colour === (incoming.colour ?? layer.colour);

/** What is a ground to work into: a wash that is to be moved is drawn out or wiped, or it is told. */
const GROUNDS: ReadonlySet<Layer['technique']['effect']> = new Set(['film', 'slurry'] as const);

/** What of wet colour is worked into one another. */
const MEDIA: ReadonlySet<MaterialRole> = new Set<MaterialRole>(['paint', 'wash', 'filter']);

/** The step can go into this layer while that is wet: the same liquid, and a technique that does so. */
export function goesInto(layer: Layer, { technique, material, solvents, sprayed, intoWet }: Incoming): boolean {
  if (!material || sprayed || intoWet === false || !technique.wetInWet.includes(material.role) || !layer.material.drying) return false;
  if (layer.material.role === 'decal') return material.role === 'thinner' && technique.effect === 'inlay';
  // into dots and washes nobody works without meaning to: what goes over them dissolves them
  if (material.role !== 'thinner' && intoWet !== true && !GROUNDS.has(layer.technique.effect)) return false;
  const isAlike =
    material.role === 'thinner' || layer.material.role === material.role || (MEDIA.has(layer.material.role) && MEDIA.has(material.role));
  return isAlike && solvents.some(({ solvent }) => solvent === layer.material.carrier);
}

/** Minute until which it can be worked into: its open time, or until it is set to touch. */
export function openUntilMin(layer: Layer): number {
  const blend = layer.material.windows?.blend;
  return blend ? agedMin(layer, blend.toMin) : readyMin(layer, 'touch');
}

/** Minutes between which it can be moved or wiped with its thinner: its blend window, or until it is tack-free. */
export function workableMin(layer: Layer): { fromMin: number; toMin: number } {
  const blend = layer.material.windows?.blend;
  return blend
    ? { fromMin: agedMin(layer, blend.fromMin), toMin: agedMin(layer, blend.toMin) }
    : { fromMin: layer.endMin, toMin: readyMin(layer, 'tackFree') };
}

/** The topmost layer that a step with thinner can move by kind; its window says whether it can now. */
export const workableLayer = (zone: Ground, { solvents }: Incoming): Layer | undefined =>
  zone.layers.findLast(
    ({ material }) =>
      material.windows?.blend !== undefined || (MEDIA.has(material.role) && solvents.some(({ solvent }) => solvent === material.carrier)),
  );

/** What wets or floods loose matter is drunk up by it before it comes to what lies below. */
export const isShielded = (layer: Layer, zone: Ground, { technique }: Incoming): boolean =>
  technique.soaksLoose && zone.layers.findLastIndex(({ material }) => material.role === 'aggregate') > zone.layers.indexOf(layer);

/** It comes while the layer is wet, and is meant to. */
export function isIntoWet(layer: Layer, zone: Ground, incoming: Incoming, atMin: number): boolean {
  if (incoming.need === 'workable' && layer === workableLayer(zone, incoming)) return atMin <= workableMin(layer).toMin;
  return goesInto(layer, incoming) && (layer.material.role === 'decal' || atMin <= openUntilMin(layer));
}
