import { meanLight, type LookStep } from './look.js';
import type { Moment } from './moment.js';
import { startState, surfaceSheen, type ZoneState } from './state.js';
import { rulesFor } from './rules/index.js';
import { Walk, type Visit } from './walker.js';
import type { Caused } from './rules/rule.js';
import type { SequenceProblem } from './problem.js';
import type { Spoilt } from './spoils.js';
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
  /** What it spoils here, as the check says. */
  spoilt: readonly Spoilt[];
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

const strokeOf = (zone: ZoneState, stroke: LookStep, spoilt: readonly Spoilt[]): Stroke => {
  const layer = zone.layers.at(-1);
  const own = layer?.stepIndex === stroke.stepIndex ? layer : null;
  return {
    ...stroke,
    dryUm: own ? own.dryUm * own.coats : 0,
    sprayed: own?.sprayed ?? false,
    sheenGu: surfaceSheen(zone).sheenGu,
    mean: meanLight(zone.look),
    places: placesOf(zone),
    spoilt,
  };
};

/** What is told of a zone that is to be seen there. */
const spoiltOn = (zoneId: string, told: readonly Caused[]): Spoilt[] => {
  const all = told.flatMap(({ spoils, finding: { zones, causeIndex } }) =>
    spoils && zones.includes(zoneId) ? [{ spoil: spoils, causeIndex }] : [],
  );
  // told of several liquids or layers, it comes to harm once
  return all.filter(({ spoil }, i) => all.findIndex((one) => one.spoil === spoil) === i);
};

/** What reaches a zone though the step is not meant for it: spray on a window. It leaves no layer that is reckoned with. */
const unmeant = ({ incoming: { technique, material }, step, stepIndex }: Moment): LookStep => ({
  stepIndex,
  technique,
  material,
  coverPct: step.coverPct ?? 100,
  colour: null,
  colourTold: true,
  hides: null,
  loose: false,
});

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
    let told: readonly Caused[] = [];
    let meant: LookStep | null = null;
    const before = ({ moment }: Visit): void => {
      told = rulesFor(moment.incoming).flatMap((rule) => rule.check(moment));
      meant = unmeant(moment);
    };
    walk.take(steps, i, { startMin: startsMin[i] ?? null, durationMin: durationsMin[i] ?? 0 }, { before });
    for (const [id, zone] of walk.state.zones) {
      const spoilt = spoiltOn(id, told);
      const stroke = zone.stroke?.stepIndex === i ? zone.stroke : spoilt.length > 0 ? meant : null;
      if (stroke) found.get(id)?.strokes.push(strokeOf(zone, stroke, spoilt));
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
