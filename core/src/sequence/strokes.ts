import { meanLight, type LookStep } from './look.js';
import { startState, surfaceSheen, type ZoneState } from './state.js';
import { Walk } from './walker.js';
import type { SequenceProblem } from './problem.js';
import type { Linear } from '../colour/index.js';

/** What a step does to one zone, and what is seen of it from afar afterwards. */
export interface Stroke extends LookStep {
  /** Film of one coat, µm, dry; 0 where it leaves none. */
  dryUm: number;
  sprayed: boolean;
  /** Gloss of the surface afterwards, GU at 60°. */
  sheenGu: number;
  /** The mean of the zone afterwards. */
  mean: Linear;
  /** Its kinds of place afterwards. */
  places: PlacesLight;
}

/** The light of each kind of place. */
export interface PlacesLight {
  recess: Linear;
  face: Linear;
  crest: Linear;
}

/** A zone as it comes, and what each step that reaches it does there. */
export interface ZoneStrokes {
  start: { light: Linear; sheenGu: number; places: PlacesLight };
  strokes: Stroke[];
}

const placesOf = ({ look: { recess, face, crest } }: ZoneState): PlacesLight => ({ recess, face, crest });

const strokeOf = (zone: ZoneState, stroke: LookStep): Stroke => {
  const layer = zone.layers.at(-1);
  const own = layer?.stepIndex === stroke.stepIndex ? layer : null;
  return {
    ...stroke,
    dryUm: own ? own.dryUm * own.coats : 0,
    sprayed: own?.sprayed ?? false,
    sheenGu: surfaceSheen(zone).sheenGu,
    mean: meanLight(zone.look),
    places: placesOf(zone),
  };
};

/** What happens to one zone along a sequence. What moves a layer that is still wet is a stroke too. @throws RangeError when there is no such zone. */
export function strokesAlong(problem: SequenceProblem, zoneId: string): ZoneStrokes {
  const { steps, startsMin, durationsMin, subject } = problem;
  const bare = startState(subject).zones.get(zoneId);
  if (!bare) throw new RangeError(`zone '${zoneId}' is not one of this piece`);
  const walk = Walk.begin(problem);
  const strokes: Stroke[] = [];
  for (let i = 0; i < steps.length; i++) {
    walk.take(steps, i, { startMin: startsMin[i] ?? null, durationMin: durationsMin[i] ?? 0 }, { before: () => undefined });
    const zone = walk.state.zones.get(zoneId);
    if (zone?.stroke?.stepIndex === i) strokes.push(strokeOf(zone, zone.stroke));
  }
  return { start: { light: meanLight(bare.look), sheenGu: surfaceSheen(bare).sheenGu, places: placesOf(bare) }, strokes };
}
