import { liftsUntil } from '../materials/index.js';
import { TOUCH_WANTS } from '../techniques/index.js';
import type { DryingStage } from '../materials/index.js';
import type { Interval } from '../units/index.js';
import type { Incoming } from './incoming.js';
import { agedMin, hardenedMin, readyMin, type Layer } from './layer.js';
import {
  LEAST_SHARE,
  goesInto,
  isSameAgain,
  isSamePlace,
  isShielded,
  openUntilMin,
  shareMet,
  workableLayer,
  workableMin,
} from './meeting.js';
import { solubleIndex, underSoluble, type ZoneState } from './state.js';

/** Why a step waits for a layer. */
export const WAITS = ['touch', 'recoat', 'hard', 'liquid', 'coats', 'wrinkle', 'solvent', 'sprinkle', 'open', 'chip'] as const;
export type WaitReason = (typeof WAITS)[number];

/**
 * When a step may come onto a layer. One function answers for the walker (start as soon as possible), the rules
 * (too soon, too late, in between) and the planner (time lags), so that they never disagree.
 */
export interface Opening {
  layer: Layer;
  /** Absolute minutes in which the step may start; sorted. */
  list: Interval[];
  /** Minutes before those in which it goes as well, though nobody plans for it: wet in wet. */
  tolerated?: Interval;
  /** The first window is the one that is meant. */
  prefersFirst?: true;
  /** Why the list is as it is. */
  why: WaitReason;
  /** How much of layer or step it concerns, 0–1. */
  share: number;
}

/** All minutes in which nothing is said of it. */
export const heeded = ({ list, tolerated }: Opening): Interval[] => (tolerated ? [tolerated, ...list] : list);

const from = (fromMin: number, toMin = Infinity): Interval[] => [{ fromMin, toMin }];

const isFullCoat = (layer: Layer): boolean => layer.technique.effect === 'film';

/** The stages in their order, with what a step waits for when it waits for them. */
const WAITS_FOR: Partial<Record<DryingStage, WaitReason>> = { tackFree: 'touch', recoatFrom: 'recoat', dryHard: 'hard' };

/** A coat or decal locks in what still has to leave. */
const traps = ({ technique, touch, sprayed }: Incoming): boolean =>
  technique.effect === 'inlay' || (technique.effect === 'film' && (sprayed || touch === 'working'));

interface Ready {
  atMin: number;
  why: WaitReason;
}

/** When the layer stands the touch of the tool, holds under the liquid and has let go of what would be trapped. */
function readyFor(layer: Layer, zone: ZoneState, incoming: Incoming): Ready | null {
  let ready: Ready | null = null;
  const wait = (stage: DryingStage, why: WaitReason): void => {
    const atMin = readyMin(layer, stage);
    if (ready === null || atMin > ready.atMin) ready = { atMin, why };
  };
  const touched = TOUCH_WANTS[incoming.touch];
  if (touched) wait(touched, WAITS_FOR[touched] ?? 'touch');
  if (traps(incoming)) wait('recoatFrom', 'recoat');
  if (isShielded(layer, zone, incoming)) return ready;
  for (const { solvent } of incoming.solvents) {
    const stage = liftsUntil(layer.material.family, solvent, incoming.dose);
    if (stage) wait(stage, 'liquid');
  }
  return ready;
}

/** A coat of one's own solvent goes on within the hour or after days; one of hot solvent only when nothing gives way any more. */
function onWrinkle(layer: Layer, incoming: Incoming, share: number): Opening | null {
  const wrinkle = layer.material.windows?.wrinkle;
  if (!wrinkle || !isFullCoat(layer) || incoming.technique.effect !== 'film') return null;
  const isOwn = layer.material.carrier === 'hot';
  if (!isOwn && incoming.solvents.some(({ solvent }) => solvent === 'hot'))
    return { layer, list: from(readyMin(layer, 'solventProof')), why: 'solvent', share };
  if (!incoming.solvents.some(({ solvent }) => wrinkle.solvents.includes(solvent))) return null;
  const wet = { fromMin: agedMin(layer, wrinkle.wetFromMin), toMin: agedMin(layer, wrinkle.wetUntilMin) };
  const list = [wet, ...from(hardenedMin(layer, wrinkle.hardFromMin))];
  if (!goesInto(layer, incoming)) return { layer, list, why: 'wrinkle', share };
  return { layer, list, why: 'wrinkle', share, tolerated: { fromMin: layer.endMin, toMin: wet.fromMin } };
}

/** Dry matter falls into what is sticky, or comes when it is no longer. */
function onSticky(layer: Layer, incoming: Incoming, ready: Ready, share: number): Opening | null {
  const sprinkle = layer.material.windows?.sprinkle;
  if (!sprinkle || incoming.technique.effect !== 'loose' || incoming.material?.carrier !== 'none') return null;
  const wet = { fromMin: agedMin(layer, sprinkle.fromMin), toMin: agedMin(layer, sprinkle.toMin) };
  const later = from(Math.max(ready.atMin, wet.toMin));
  if (isSamePlace(layer, incoming)) return { layer, list: [wet, ...later], prefersFirst: true, why: 'sprinkle', share };
  return { layer, list: later, tolerated: wet, why: 'sprinkle', share };
}

/** A window for the next coat that closes: once one has come in time, it has done its work. */
function closesMin(layer: Layer, at: number, zone: ZoneState): number {
  const until = layer.material.windows?.recoatUntilMin;
  return until === undefined || zone.layers.slice(at + 1).some(isFullCoat) ? Infinity : hardenedMin(layer, until);
}

function openingOf(layer: Layer, at: number, zone: ZoneState, incoming: Incoming, isTold: boolean): Opening | null {
  const share = shareMet(layer, zone, incoming);
  if (share < LEAST_SHARE) return null;
  const inWet = goesInto(layer, incoming);
  if (inWet && layer.material.role === 'decal') return null;
  const open = { fromMin: layer.endMin, toMin: openUntilMin(layer) };
  if (isTold && inWet) return { layer, list: [open], why: 'open', share };
  const wrinkle = onWrinkle(layer, incoming, share);
  if (wrinkle) return wrinkle;
  const ready: Ready | null = isSameAgain(layer, incoming)
    ? { atMin: agedMin(layer, layer.material.drying?.betweenCoatsMin ?? 0), why: 'coats' }
    : readyFor(layer, zone, incoming);
  if (!ready) return null;
  const sticky = onSticky(layer, incoming, ready, share);
  if (sticky) return sticky;
  const list = from(ready.atMin, Math.max(ready.atMin, incoming.technique.effect === 'film' ? closesMin(layer, at, zone) : Infinity));
  if (!inWet) return { layer, list, why: ready.why, share };
  // what is worked wet below the layer that is meant may be wet as well
  if (incoming.need === 'workable' || incoming.intoWet === true)
    return { layer, list: [open, ...from(Math.max(ready.atMin, open.toMin))], why: ready.why, share };
  return { layer, list, tolerated: open, why: ready.why, share };
}

function onChip(zone: ZoneState): Opening[] {
  const at = solubleIndex(zone);
  const chip = zone.layers[at]?.material.windows?.chip;
  if (!chip) return [];
  const topCoats = zone.layers.slice(at + 1).filter(isFullCoat);
  // the water floods what lies under the soluble layer as well
  const below = underSoluble(zone, at);
  return [
    ...(below ? [{ layer: below, list: from(readyMin(below, 'dryHard')), why: 'hard', share: 1 } satisfies Opening] : []),
    ...topCoats.map((layer): Opening => ({
      layer,
      list: from(agedMin(layer, chip.fromMin), hardenedMin(layer, chip.poorFromMin)),
      why: 'chip',
      share: 1,
    })),
  ];
}

/** Dry matter looks for wet glue at the top only; what is bound later may come afterwards as well. */
function onWetGlue(zone: ZoneState, boundLater: boolean): Opening[] {
  const layer = zone.layers.findLast(({ technique }) => technique.effect !== 'loose');
  const sprinkle = layer?.material.windows?.sprinkle;
  if (!layer || !sprinkle) return [];
  const wet = from(agedMin(layer, sprinkle.fromMin), agedMin(layer, sprinkle.toMin));
  if (!boundLater) return [{ layer, list: wet, why: 'sprinkle', share: 1 }];
  return [{ layer, list: [...wet, ...from(agedMin(layer, sprinkle.toMin))], prefersFirst: true, why: 'sprinkle', share: 1 }];
}

/** What these zones ask of any step is the same: layers are shared by the zones that a step reached, and only their keeping clean matters besides. */
export const isAlike = (a: ZoneState, b: ZoneState): boolean =>
  (a.zone.keepClean === null) === (b.zone.keepClean === null) &&
  a.layers.length === b.layers.length &&
  a.layers.every((layer, i) => layer === b.layers[i]);

/**
 * What each layer of a zone asks of a step. `boundLater`: dry matter that a later step floods with glue or seals needs
 * nothing wet to fall into, but where there is wet glue it is meant for that. Layers that have settled by `fromMin`, and what lies under an unbroken coat, ask nothing
 * and are left out.
 */
export function openingsOn(zone: ZoneState, incoming: Incoming, boundLater: boolean, fromMin: number): Opening[] {
  if (incoming.need === 'chip') return onChip(zone);
  if (incoming.need === 'wet-glue') return onWetGlue(zone, boundLater);
  const out: Opening[] = [];
  const moved = incoming.need === 'workable' ? workableLayer(zone, incoming) : undefined;
  const told = incoming.intoWet === true ? zone.layers.findLast((layer) => goesInto(layer, incoming)) : undefined;
  for (let at = zone.layers.length - 1; at >= 0; at--) {
    const layer = zone.layers[at];
    if (!layer) break;
    if (layer === moved) out.push({ layer, list: [workableMin(layer)], why: 'open', share: 1 });
    else if (layer === told || layer.clock.settledMin > fromMin) {
      const opening = openingOf(layer, at, zone, incoming, layer === told);
      if (opening) out.push(opening);
    }
    if (layer.unbroken) break;
  }
  return out.reverse();
}
