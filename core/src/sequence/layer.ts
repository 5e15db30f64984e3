import type { AirSpan } from '../climate/index.js';
import type { Film } from '../drying/index.js';
import {
  resistance,
  type Dose,
  type FilmState,
  type Material,
  type Resistance,
  type SolventClass,
  type DryingStage,
} from '../materials/index.js';
import type { Step } from '../subjects/index.js';
import type { Technique } from '../techniques/index.js';
import { DryingClock } from './clock.js';
import type { Incoming } from './incoming.js';

/** One layer on one zone, as a step left it. Times are absolute minutes on the sequence's clock. */
export interface Layer {
  stepIndex: number;
  technique: Technique;
  material: Material;
  coats: number;
  coverPct: number;
  dryUm: number;
  sprayed: boolean;
  colour: string;
  /** Put on stronger by this for later muting; 1 is not. */
  allowance: number;
  endMin: number;
  /** Spreads over everything without holes; chipping and abrading break it. */
  unbroken: boolean;
  loose: boolean;
  /** Words that steps for the same place share: they meet wholly, however little of the zone each covers. */
  places: ReadonlySet<string>;
  bottleId: string | null;
  /** When it reaches its stages; shared by all zones that the step reached. */
  clock: DryingClock;
}

const NO_FILM: Film = { dryUm: 0, airflow: 'still' };

/** A full coat may miss this much of a zone and still count as unbroken (our number). */
const UNBROKEN_FROM_PCT = 95;

export function layerOf(step: Step, stepIndex: number, incoming: Incoming, endMin: number, spans: readonly AirSpan[]): Layer | null {
  const { technique, material } = incoming;
  if (!material || !['film', 'tint', 'accent', 'loose', 'slurry', 'inlay', 'wet'].includes(technique.effect)) return null;
  return {
    stepIndex,
    technique,
    material,
    coats: step.coats,
    coverPct: incoming.coverPct,
    dryUm: incoming.laidUm,
    sprayed: incoming.sprayed,
    colour: incoming.colour ?? material.colour,
    allowance: step.allowance ?? 1,
    endMin,
    places: incoming.places,
    bottleId: step.bottleId,
    unbroken: technique.effect === 'film' && incoming.coverPct >= UNBROKEN_FROM_PCT,
    loose: technique.effect === 'loose' && !material.selfAdhesive,
    clock: new DryingClock(material, incoming.film ?? NO_FILM, spans, endMin),
  };
}

/** When the layer reaches a stage; Infinity when it does not in this air. */
export const readyMin = (layer: Layer, stage: DryingStage): number => layer.clock.readyMin(stage);

/** When an age given where the ages hold is reached in this layer's air: by the liquid that has gone. */
export const agedMin = (layer: Layer, referenceMin: number): number => layer.clock.agedMin(referenceMin, 'recoatFrom');

/** The same by how hard the film has become. */
export const hardenedMin = (layer: Layer, referenceMin: number): number => layer.clock.agedMin(referenceMin, 'dryHard');

export function filmStateAt(layer: Layer, atMin: number): FilmState {
  return {
    wet: atMin < readyMin(layer, 'tackFree'),
    fresh: atMin < readyMin(layer, 'recoatFrom'),
    dryHard: atMin >= readyMin(layer, 'dryHard'),
    solventProof: atMin >= readyMin(layer, 'solventProof'),
  };
}

export function layerResistance(layer: Layer, solvent: SolventClass, dose: Dose, atMin: number): Resistance {
  return resistance(layer.material.family, solvent, dose, filmStateAt(layer, atMin));
}

/** Stops a liquid from reaching what lies under it. */
export function isBarrier(layer: Layer, solvent: SolventClass, dose: Dose, atMin: number): boolean {
  return layer.unbroken && !layer.material.chalky && layerResistance(layer, solvent, dose, atMin) === 'holds';
}

/** The layer with only a share of its film left, as when it was laid. */
export const thinned = (layer: Layer, share: number): Layer => ({
  ...layer,
  dryUm: layer.dryUm * share,
  clock: layer.clock.withFilm(share),
});
