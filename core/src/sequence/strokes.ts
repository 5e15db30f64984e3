import { meanLight, type LookStep } from './look.js';
import { startState, surfaceSheen, type ZoneState } from './state.js';
import { solventLiftsLayer } from './rules/solvent-lifts-layer.js';
import { Walk, type Visit } from './walker.js';
import type { Finding } from './finding.js';
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
  /** The step whose layer comes up under it, as the check says; null: all holds. */
  lifts: number | null;
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

const strokeOf = (zone: ZoneState, stroke: LookStep, lifts: number | null): Stroke => {
  const layer = zone.layers.at(-1);
  const own = layer?.stepIndex === stroke.stepIndex ? layer : null;
  return {
    ...stroke,
    dryUm: own ? own.dryUm * own.coats : 0,
    sprayed: own?.sprayed ?? false,
    sheenGu: surfaceSheen(zone).sheenGu,
    mean: meanLight(zone.look),
    places: placesOf(zone),
    lifts,
  };
};

/** What happens to each zone along a sequence, by its id. What moves a layer that is still wet is a stroke too. */
export function strokesOfAll(problem: SequenceProblem): Map<string, ZoneStrokes> {
  const { steps, startsMin, durationsMin, subject } = problem;
  const found = new Map(
    [...startState(subject).zones].map(([id, bare]): [string, ZoneStrokes] => [
      id,
      { start: { light: meanLight(bare.look), sheenGu: surfaceSheen(bare).sheenGu, places: placesOf(bare) }, strokes: [] },
    ]),
  );
  const walk = Walk.begin(problem);
  for (let i = 0; i < steps.length; i++) {
    let lifting: readonly Finding[] = [];
    const before = ({ moment }: Visit): void => {
      lifting = solventLiftsLayer.check(moment).flatMap(({ finding }) => (finding.severity === 'snag' ? [finding] : []));
    };
    walk.take(steps, i, { startMin: startsMin[i] ?? null, durationMin: durationsMin[i] ?? 0 }, { before });
    for (const [id, zone] of walk.state.zones) {
      if (zone.stroke?.stepIndex !== i) continue;
      const lifted = lifting.find(({ zones }) => zones.includes(id));
      found.get(id)?.strokes.push(strokeOf(zone, zone.stroke, lifted?.causeIndex ?? null));
    }
  }
  return found;
}

/** The same of one zone. @throws RangeError when there is no such zone. */
export function strokesAlong(problem: SequenceProblem, zoneId: string): ZoneStrokes {
  const found = strokesOfAll(problem).get(zoneId);
  if (!found) throw new RangeError(`zone '${zoneId}' is not one of this piece`);
  return found;
}
