import type { AirSpan } from '../climate/index.js';
import type { MaterialRole } from '../materials/index.js';
import { substrateById, type Step, type Substrate } from '../subjects/index.js';
import type { Incoming } from './incoming.js';
import { agedMin, isBarrier, layerOf, thinned, type Layer } from './layer.js';
import { isSamePlace, workableLayer, workableMin } from './meeting.js';
import { NO_BUILD, addBuild, type Build } from './build.js';
import { maskedMin } from './chains.js';
import { bindsLoose, lookAfter, startLook, type LookStep, type ZoneLook } from './look.js';
import { zonesNamed, type Subject, type SubjectZone } from './subject.js';

/** What lies on one zone. `layers` runs from the substrate up. */
export interface ZoneState {
  zone: SubjectZone;
  substrate: Substrate;
  layers: Layer[];
  /** Film laid so far. */
  build: Build;
  look: ZoneLook;
  /** How it looked before the last step that reached it. */
  lookBefore: ZoneLook;
  /** What that step did to its look; null: none has reached it. */
  stroke: LookStep | null;
  masked: boolean;
  /** Minute the present mask went on; null when there is none. */
  maskedSinceMin: number | null;
  /** Until when that comes off clean. */
  maskedUntilMin: number | null;
  off: boolean;
}

export interface SequenceState {
  subject: Subject;
  /** Kinds of material that lie anywhere by now: a rule that waits for one can leave at once. */
  laidRoles: Set<MaterialRole>;
  /** What burns and was used last: its vapour is in the air of the bench. */
  burns: { stepIndex: number; what: string; endMin: number } | null;
  /** False where only times are asked for: then the look of zones stays as it was. */
  looks: boolean;
  zones: Map<string, ZoneState>;
}

const SHEEN_GU = { matt: 5, satin: 30, gloss: 80 } as const;
/** A slurry or paste that covers at least half of a zone sets its sheen (our number). */
const SHEEN_COVER_PCT = 50;
/** From this share on what is wet holds what falls into it: beside it the rest lies loose (our number). */
const HOLDS_FROM = 0.5;

export function startState(subject: Subject, looks = true): SequenceState {
  const zones = subject.zones.map((zone): [string, ZoneState] => {
    const substrate = substrateById(zone.substrate);
    const look = startLook(zone, substrate);
    const bare = {
      layers: [],
      build: { ...NO_BUILD },
      look,
      lookBefore: look,
      stroke: null,
      masked: false,
      maskedSinceMin: null,
      maskedUntilMin: null,
      off: false,
    };
    return [zone.id, { zone, substrate, ...bare }];
  });
  return { subject, laidRoles: new Set(), burns: null, looks, zones: new Map(zones) };
}

/**
 * The zones a step really reaches: named, and not masked. What is taken off lies apart: it is reached where a step names
 * it, not by `all`. Unmasking and refitting reach what is covered or off; taking off and refitting take the whole part.
 */
export function zonesReached(state: SequenceState, step: Step, incoming: Incoming): ZoneState[] {
  const { effect } = incoming.technique;
  const through = HANDLES_COVERED.has(effect);
  const named = zonesNamed(state.subject, step.zones);
  const parts = effect === 'take-off' || effect === 'refit' ? new Set(named.map((zone) => zone.partId)) : null;
  const zones = parts ? state.subject.zones.filter((zone) => parts.has(zone.partId)) : named;
  const out: ZoneState[] = [];
  for (const zone of zones) {
    const found = state.zones.get(zone.id);
    if (found && (through || (!found.masked && (!found.off || step.zones.includes(zone.id))))) out.push(found);
  }
  return out;
}

const HANDLES_COVERED: ReadonlySet<Incoming['technique']['effect']> = new Set(['mask', 'unmask', 'refit', 'take-off'] as const);

/** Gloss of the surface as it is, GU at 60°, and the layer that gives it (null: the piece as it came). */
export function surfaceSheen(zone: ZoneState): { sheenGu: number; layer: Layer | null } {
  for (let i = zone.layers.length - 1; i >= 0; i--) {
    const layer = zone.layers[i];
    if (!layer) continue;
    // what is scattered is dull, and glue that floods it soaks in
    if (layer.material.role === 'aggregate' && layer.coverPct >= SHEEN_COVER_PCT) return { sheenGu: SHEEN_GU.matt, layer };
    if (layer.material.sheenGu === null || soaksIn(zone, layer)) continue;
    if ((layer.technique.effect === 'film' || layer.technique.effect === 'slurry') && layer.coverPct >= SHEEN_COVER_PCT)
      return { sheenGu: layer.material.sheenGu, layer };
  }
  const { startSheen } = zone.zone;
  return { sheenGu: startSheen === 'bare' ? zone.substrate.bareSheenGu : SHEEN_GU[startSheen], layer: null };
}

const soaksIn = (zone: ZoneState, layer: Layer): boolean =>
  layer.technique.id === 'flood-glue' &&
  zone.layers.some((below) => below.material.role === 'aggregate' && below.stepIndex < layer.stepIndex);

/** The layers a liquid gets at, from the top down, until an unbroken one holds it off; and whether it gets to the substrate. */
export function exposedTo(zone: ZoneState, solvent: Parameters<typeof isBarrier>[1], dose: Incoming['dose'], atMin: number): Layer[] {
  const out: Layer[] = [];
  for (let i = zone.layers.length - 1; i >= 0; i--) {
    const layer = zone.layers[i];
    if (!layer) break;
    if (isBarrier(layer, solvent, dose, atMin)) break;
    out.push(layer);
  }
  return out;
}

/** Index of the soluble layer a chip would open; -1 when there is none. */
export const solubleIndex = (zone: ZoneState): number =>
  zone.layers.findLastIndex((layer) => layer.material.role === 'soluble' && layer.technique.effect === 'film');

/** The coat that lies under the soluble one, however many coats that was laid in. */
export const underSoluble = (zone: ZoneState, at: number): Layer | undefined =>
  zone.layers.slice(0, at).findLast(({ technique, material }) => technique.effect === 'film' && material.role !== 'soluble');

/** Dry matter that falls into something still wet is held by it, on that one's own share. */
export function fallsIntoWet(zone: ZoneState, incoming: Incoming, atMin: number): boolean {
  const top = zone.layers.findLast((layer) => layer.technique.effect !== 'loose');
  const sprinkle = top?.material.windows?.sprinkle;
  if (top === undefined || sprinkle === undefined || atMin > agedMin(top, sprinkle.toMin)) return false;
  return isSamePlace(top, incoming) || top.coverPct / 100 >= HOLDS_FROM;
}

/** What a step does to a layer, done once: zones that share the layer go on sharing what becomes of it. */
function sharedBy(change: (layer: Layer) => Layer): (layer: Layer) => Layer {
  let made: Map<Layer, Layer> | null = null;
  return (layer) => {
    made ??= new Map();
    let after = made.get(layer);
    if (!after) made.set(layer, (after = change(layer)));
    return after;
  };
}

/** A dryer held over what lies there. */
function blownBy(step: Step, { technique, airflow }: Incoming, endMin: number): (layer: Layer) => Layer {
  const minutes = step.handsOnMin ?? technique.handsOn.perPieceMin;
  const blowing = { fromMin: endMin - minutes, minutes, airflow };
  return sharedBy((layer) => (layer.clock.settledMin <= blowing.fromMin ? layer : { ...layer, clock: layer.clock.withBlowing(blowing) }));
}

/** What is wiped off with thinner leaves a thin film, where it is begun while that can be moved at all. */
function wipeBack(zone: ZoneState, incoming: Incoming, startMin: number, wiped: (layer: Layer) => Layer): void {
  const layer = workableLayer(zone, incoming);
  if (layer && startMin <= workableMin(layer).toMin) zone.layers[zone.layers.indexOf(layer)] = wiped(layer);
}

/** Puts a step's outcome on the zones it reaches. What it meets is met when it begins, as in every window; what it leaves dries from its end. */
export function applyStep(
  state: SequenceState,
  step: Step,
  stepIndex: number,
  incoming: Incoming,
  zones: readonly ZoneState[],
  { startMin, endMin }: { startMin: number; endMin: number },
  spans: readonly AirSpan[],
): void {
  const laid = layerOf(step, stepIndex, incoming, endMin, spans);
  const { leaves, blows } = incoming.technique;
  const wiped = sharedBy((layer) => thinned(layer, leaves));
  const blown = blows ? blownBy(step, incoming, endMin) : null;
  const bound = sharedBy((layer) => ({ ...layer, loose: false }));
  const broken = sharedBy((layer) => ({ ...layer, unbroken: false }));
  if (laid) state.laidRoles.add(laid.material.role);
  if (incoming.burns) state.burns = { stepIndex, what: incoming.burns.name, endMin };
  for (const zone of zones) {
    switch (incoming.technique.effect) {
      case 'mask':
        // a mask that covers part of a zone only leaves the rest open to everything
        if (step.coverPct === null || step.coverPct >= 100)
          Object.assign(zone, { masked: true, maskedSinceMin: endMin, maskedUntilMin: endMin + maskedMin(incoming.material) });
        break;
      case 'unmask':
        Object.assign(zone, { masked: false, maskedSinceMin: null, maskedUntilMin: null });
        break;
      case 'take-off':
        zone.off = true;
        break;
      case 'refit':
        zone.off = false;
        break;
      case 'remove': {
        const soluble = solubleIndex(zone);
        if (soluble >= 0) zone.layers = zone.layers.map((layer, i) => (i < soluble ? layer : broken(layer)));
        showOn(state, zone, stepIndex, incoming, false);
        break;
      }
      default:
        if (leaves < 1) wipeBack(zone, incoming, startMin, wiped);
        if (blown) zone.layers = zone.layers.map(blown);
        // what moves a wet layer leaves none, but it is seen
        if (laid) layOn(state, zone, { laid, incoming, startMin, bound });
        else if (looksMoved(state, incoming)) zone.stroke = strokeOf(stepIndex, incoming, false);
    }
  }
}

interface Laid {
  laid: Layer;
  incoming: Incoming;
  startMin: number;
  bound: (layer: Layer) => Layer;
}

/** A layer breaks and comes loose zone by zone; its drying is the same everywhere. */
function layOn(state: SequenceState, zone: ZoneState, { laid, incoming, startMin, bound }: Laid): void {
  if (bindsLoose(incoming.technique)) bindLoose(zone, bound);
  const loose = laid.loose && !fallsIntoWet(zone, incoming, startMin);
  zone.layers.push(loose === laid.loose ? laid : bound(laid));
  if (incoming.build) addBuild(zone.build, incoming.build);
  showOn(state, zone, laid.stepIndex, incoming, loose);
}

/** What lay loose is bound by what comes over it. */
function bindLoose(zone: ZoneState, bound: (layer: Layer) => Layer): void {
  for (const [i, below] of zone.layers.entries()) if (below.loose) zone.layers[i] = bound(below);
}

function showOn({ looks }: SequenceState, zone: ZoneState, stepIndex: number, incoming: Incoming, loose: boolean): void {
  if (!looks) return;
  zone.lookBefore = zone.look;
  zone.stroke = strokeOf(stepIndex, incoming, loose);
  zone.look = lookAfter(zone.look, zone.stroke);
}

const looksMoved = ({ looks }: SequenceState, { technique }: Incoming): boolean => looks && technique.leaves < 1;

const strokeOf = (stepIndex: number, incoming: Incoming, loose: boolean): LookStep => {
  const { technique, material, coverPct, colour, colourTold, hides } = incoming;
  return { stepIndex, technique, material, coverPct, colour, colourTold, hides, loose };
};

/** The state as it stands, to go on from in another way: nothing that happens to one happens to the other. */
export function forked({ subject, laidRoles, burns, looks, zones }: SequenceState): SequenceState {
  const copies = [...zones].map(([id, zone]): [string, ZoneState] => [id, { ...zone, layers: [...zone.layers], build: { ...zone.build } }]);
  return { subject, laidRoles: new Set(laidRoles), burns, looks, zones: new Map(copies) };
}
