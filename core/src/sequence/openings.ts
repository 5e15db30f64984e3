import type { Interval } from '../units/index.js';
import type { Incoming } from './incoming.js';
import { agedMin, isBarrier, layerResistance, readyMin, type Layer } from './layer.js';
import { solubleIndex, workableLayer, type ZoneState } from './state.js';

/**
 * When a step may come onto a layer. One function answers for the walker (start as soon as possible), the rules
 * (too soon, too late, in between) and the planner (time lags), so that they never disagree.
 */
export interface Opening {
  layer: Layer;
  /** Absolute minutes in which the step may start; sorted. */
  list: Interval[];
  /** Why the list is as it is. */
  why: 'recoat' | 'wrinkle' | 'dry-hard' | 'touch' | 'sprinkle' | 'blend' | 'chip';
}

const from = (fromMin: number, toMin = Infinity): Interval[] => [{ fromMin, toMin }];

/** A dry unbroken layer above keeps this solvent away. */
const isCovered = (layer: Layer, zone: ZoneState, incoming: Incoming): boolean =>
  zone.layers
    .slice(zone.layers.indexOf(layer) + 1)
    .some((above) => incoming.solvents.every((s) => isBarrier(above, s.solvent, incoming.dose, readyMin(above, 'dryHard'))));

const isFullCoat = (layer: Layer): boolean => layer.technique.effect === 'film';

function onRecoat(layer: Layer, zone: ZoneState, incoming: Incoming): Opening {
  const windows = layer.material.windows;
  const wrinkle = windows?.wrinkle;
  if (
    wrinkle &&
    isFullCoat(layer) &&
    !isCovered(layer, zone, incoming) &&
    incoming.solvents.some((s) => wrinkle.solvents.includes(s.solvent))
  ) {
    const list = [
      { fromMin: agedMin(layer, wrinkle.wetFromMin), toMin: agedMin(layer, wrinkle.wetUntilMin) },
      { fromMin: agedMin(layer, wrinkle.hardFromMin), toMin: Infinity },
    ];
    return { layer, list, why: 'wrinkle' };
  }
  const recoatFrom = readyMin(layer, 'recoatFrom');
  const holdsThen = incoming.solvents.every((s) => layerResistance(layer, s.solvent, incoming.dose, recoatFrom) === 'holds');
  const opens = holdsThen ? recoatFrom : Math.max(recoatFrom, readyMin(layer, 'dryHard'));
  // once a coat has come in time, the window has done its work
  const waits = windows?.recoatUntilMin !== undefined && !zone.layers.slice(zone.layers.indexOf(layer) + 1).some(isFullCoat);
  const closes = waits ? agedMin(layer, windows.recoatUntilMin ?? Infinity) : Infinity;
  return { layer, list: from(opens, Math.max(opens, closes)), why: 'recoat' };
}

function onChip(zone: ZoneState): Opening[] {
  const soluble = zone.layers[solubleIndex(zone)];
  const chip = soluble?.material.windows?.chip;
  if (!soluble || !chip) return [];
  const at = zone.layers.indexOf(soluble);
  const topCoats = zone.layers.slice(at + 1).filter(isFullCoat);
  // the water floods what lies under the soluble layer as well
  const below = zone.layers.slice(0, at).findLast(isFullCoat);
  return [
    ...(below ? [{ layer: below, list: from(readyMin(below, 'dryHard')), why: 'dry-hard' } satisfies Opening] : []),
    ...topCoats.map((layer): Opening => ({
      layer,
      list: from(agedMin(layer, chip.fromMin), agedMin(layer, chip.poorFromMin)),
      why: 'chip',
    })),
  ];
}

// eslint-disable-next-line complexity -- one need after the other
function openingOf(layer: Layer, zone: ZoneState, incoming: Incoming): Opening | null {
  const windows = layer.material.windows;
  switch (incoming.need) {
    case 'nothing':
    case 'chip':
      return null;
    case 'touch':
      return { layer, list: from(readyMin(layer, 'touch')), why: 'touch' };
    case 'recoat':
      return onRecoat(layer, zone, incoming);
    case 'workable': {
      if (layer !== workableLayer(zone) || !windows?.blend || incoming.technique.id !== 'blend') return null;
      return { layer, list: from(agedMin(layer, windows.blend.fromMin), agedMin(layer, windows.blend.toMin)), why: 'blend' };
    }
    case 'wet-glue': {
      if (!windows?.sprinkle) return null;
      return { layer, list: from(agedMin(layer, windows.sprinkle.fromMin), agedMin(layer, windows.sprinkle.toMin)), why: 'sprinkle' };
    }
    case 'dry-hard': {
      const hard = readyMin(layer, 'dryHard');
      const dryMatter = incoming.material?.role === 'powder' && incoming.technique.effect === 'loose';
      if (dryMatter && windows?.sprinkle) {
        const wet = { fromMin: agedMin(layer, windows.sprinkle.fromMin), toMin: agedMin(layer, windows.sprinkle.toMin) };
        return { layer, list: [wet, { fromMin: hard, toMin: Infinity }], why: 'sprinkle' };
      }
      return { layer, list: from(hard), why: 'dry-hard' };
    }
  }
}

/**
 * What each layer of a zone asks of a step. `floodedLater`: dry matter that a later step floods with glue needs
 * nothing wet to fall into; dry matter looks for wet glue at the top only. Layers that have settled by `fromMin` ask
 * nothing and are left out.
 */
export function openingsOn(zone: ZoneState, incoming: Incoming, floodedLater: boolean, fromMin: number): Opening[] {
  if (incoming.need === 'chip') return onChip(zone);
  if (incoming.need === 'wet-glue') {
    const top = zone.layers.findLast((layer) => layer.technique.effect !== 'loose');
    const opening = top && !floodedLater ? openingOf(top, zone, incoming) : null;
    return opening ? [opening] : [];
  }
  const out: Opening[] = [];
  for (const layer of zone.layers) {
    if (incoming.need !== 'workable' && layer.clock.settledMin <= fromMin) continue;
    const opening = openingOf(layer, zone, incoming);
    if (opening) out.push(opening);
  }
  return out;
}
