import { constantAir } from '../climate/index.js';
import { meanLight, type LookStep } from './look.js';
import type { Moment } from './moment.js';
import { startState, surfaceSheen, type ZoneState } from './state.js';
import { rulesFor } from './rules/index.js';
import { Walk, type Visit } from './walker.js';
import type { Finding } from './finding.js';
import type { SequenceProblem } from './problem.js';
import type { Spoil, Spoilt } from './spoils.js';
import type { Linear } from '../colour/index.js';
import type { Step } from '../subjects/index.js';

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

/** What is seen of a finding, by the ids of its steps: it holds for a sequence with steps more or fewer, too. */
export interface Harm {
  spoil: Spoil;
  stepId: string;
  /** The step whose layer comes to harm; null where none does. */
  causeId: string | null;
  zones: readonly string[];
}

/** What is seen of findings on a sequence. */
export const harmsOf = (steps: readonly Step[], findings: readonly Finding[]): Harm[] =>
  findings.flatMap(({ spoils, stepId, causeIndex, zones }) =>
    spoils ? [{ spoil: spoils, stepId, causeId: causeIndex === null ? null : (steps[causeIndex]?.id ?? null), zones }] : [],
  );

/** What comes to harm on a zone; of several liquids or layers it does once. */
function spoiltOn(zoneId: string, harms: readonly Harm[], steps: readonly Step[]): Spoilt[] {
  const its = harms.filter(({ zones }) => zones.includes(zoneId));
  const causeAt = (causeId: string | null): number => steps.findIndex(({ id }) => id === causeId);
  return its
    .filter(({ spoil }, i) => its.findIndex((one) => one.spoil === spoil) === i)
    .map(({ spoil, causeId }) => ({ spoil, causeIndex: causeAt(causeId) < 0 ? null : causeAt(causeId) }));
}

/** What reaches a zone though the step is not meant for it: spray on a window. It leaves no layer that is reckoned with. */
const unmeant = ({ incoming: { technique, material, coverPct }, stepIndex }: Moment): LookStep => ({
  stepIndex,
  technique,
  material,
  coverPct,
  colour: null,
  colourTold: true,
  hides: null,
  loose: false,
});

/**
 * What happens to each zone along a sequence, by its id. What moves a layer that is still wet is a stroke too. Harm is what the plan's check `told`; where
 * that is not known, what the check says of the steps at these minutes.
 */
export function strokesOfAll(problem: SequenceProblem, told: readonly Harm[] | null = null): Map<string, ZoneStrokes> {
  const { steps, startsMin, durationsMin, subject } = problem;
  const found = new Map(
    [...startState(subject).zones].map(([id, bare]): [string, ZoneStrokes] => [
      id,
      { start: { light: meanLight(bare.look), sheenGu: surfaceSheen(bare).sheenGu, places: placesOf(bare) }, strokes: [] },
    ]),
  );
  const walk = Walk.begin(problem);
  for (let i = 0; i < steps.length; i++) {
    let harms: readonly Harm[] = [];
    let meant: LookStep | null = null;
    const before = ({ moment }: Visit): void => {
      const here = moment.step.id;
      harms = told
        ? told.filter(({ stepId }) => stepId === here)
        : harmsOf(
            steps,
            rulesFor(moment.incoming).flatMap((rule) => rule.check(moment).map(({ finding }) => finding)),
          );
      meant = unmeant(moment);
    };
    walk.take(steps, i, { startMin: startsMin[i] ?? null, durationMin: durationsMin[i] ?? 0 }, { before });
    for (const [id, zone] of walk.state.zones) {
      const spoilt = spoiltOn(id, harms, steps);
      const stroke = zone.stroke?.stepIndex === i ? zone.stroke : spoilt.length > 0 ? meant : null;
      if (stroke) found.get(id)?.strokes.push(strokeOf(zone, stroke, spoilt));
    }
  }
  return found;
}

/** The same of one zone. @throws RangeError when there is no such zone. */
export function strokesAlong(problem: SequenceProblem, zoneId: string, told: readonly Harm[] | null = null): ZoneStrokes {
  const found = strokesOfAll(problem, told).get(zoneId);
  if (!found) throw new RangeError(`zone '${zoneId}' is not one of this piece`);
  return found;
}

/** Two days between steps: all is hard; and a room in which everything dries. */
export const APART_MIN = 3000;
const ROOM = constantAir({ tempC: 20, rhPct: 50 });

/** What steps do to one zone, each when all before it is hard, or at the minutes given: for pictures of what they leave. */
export const strokesApart = (
  { subject, steps, supplies }: Pick<SequenceProblem, 'subject' | 'steps' | 'supplies'>,
  zoneId: string,
  startsMin: readonly number[] = steps.map((_, i) => i * APART_MIN),
): ZoneStrokes =>
  strokesAlong({ subject, steps, supplies, startsMin: [...startsMin], durationsMin: steps.map(() => 1), bench: ROOM }, zoneId);
