import { airAt, constantAir, type Air, type AirSpan } from '../climate/index.js';
import type { Step } from '../subjects/index.js';
import { firstOpen } from '../units/index.js';
import type { Finding } from './finding.js';
import { incomingOf, type Incoming } from './incoming.js';
import { readyMin } from './layer.js';
import { openingsOn, type Opening } from './openings.js';
import { RULES } from './rules/index.js';
import type { Caused } from './rules/rule.js';
import { applyStep, startState, zonesReached, type SequenceState, type ZoneState } from './state.js';
import type { Subject } from './subject.js';
import { takeBack, type TakeBack } from './take-back.js';

/** A sequence and the time it is carried out in. */
export interface SequenceProblem {
  subject: Subject;
  steps: readonly Step[];
  /** Absolute start of each step, minutes; null starts as soon as everything before allows. */
  startsMin: readonly (number | null)[];
  /** Hands-on minutes of each step. */
  durationsMin: readonly number[];
  /** Bench air over the same clock. */
  bench: readonly AirSpan[];
  /** Air of drying places by id; a place that is not listed is the bench. */
  places?: Readonly<Record<string, Air>>;
}

/** When the layer that a step left reaches its stages; absolute minutes, Infinity for never in this air. */
export interface Ripening {
  touchMin: number;
  recoatFromMin: number;
  dryHardMin: number;
  solventProofMin: number;
}

export interface StepReport {
  stepIndex: number;
  startMin: number;
  endMin: number;
  /** Earliest start that everything before allows, and the step that holds it up. */
  earliestMin: number;
  heldUpBy: number | null;
  /** Latest start before a window below closes; null where none does. */
  closesMin: number | null;
  ripening: Ripening | null;
  takeBack: TakeBack | null;
  /** Looks darker or stronger until then; null where it does not shift. */
  judgeFromMin: number | null;
}

export interface SequenceReport {
  steps: StepReport[];
  findings: Finding[];
}

/** What a rule may read when a step is about to be done: the state before it, and the step. */
export interface Moment {
  subject: Subject;
  steps: readonly Step[];
  step: Step;
  stepIndex: number;
  startMin: number;
  /** Minutes between the end of the step before and this start, beyond the step's own wait. */
  sinceLastMin: number;
  incoming: Incoming;
  state: SequenceState;
  zones: readonly ZoneState[];
  openings: readonly { zone: ZoneState; opening: Opening }[];
  air: Air;
}

function openingsFor(
  zones: readonly ZoneState[],
  steps: readonly Step[],
  stepIndex: number,
  incoming: Incoming,
): { zone: ZoneState; opening: Opening }[] {
  return zones.flatMap((zone) => {
    const flooded =
      incoming.need === 'wet-glue' &&
      steps
        .slice(stepIndex + 1)
        .some(
          (later) => ['flood-glue', 'fix', 'clear-coat'].includes(later.technique) && (later.zones.includes('all') || later.zones.includes(zone.zone.id)),
        );
    return openingsOn(zone, incoming, flooded).map((opening) => ({ zone, opening }));
  });
}

/** Earliest minute, not before `fromMin`, at which every opening lets the step start; where windows exclude each other, the latest of their own. */
function earliest(fromMin: number, openings: readonly { opening: Opening }[]): { atMin: number; heldUpBy: number | null } {
  let atMin = fromMin;
  let heldUpBy: number | null = null;
  // windows can push each other on; each pass moves at least one window ahead, so the number of layers bounds the passes
  for (let pass = 0; pass <= openings.length; pass++) {
    const before = atMin;
    for (const { opening } of openings) {
      const open = firstOpen(opening.list, atMin);
      if (open !== null && open > atMin && Number.isFinite(open)) {
        atMin = open;
        heldUpBy = opening.layer.stepIndex;
      }
    }
    if (atMin === before) break;
  }
  return { atMin, heldUpBy };
}

/** One step of the walk: what it meets before it is done, and the zones after. */
interface Stage {
  moment: Moment;
  earliestMin: number;
  heldUpBy: number | null;
  endMin: number;
}

/** The walk that everything shares: each step in time order, the state before it in the moment, then its outcome applied. */
function* walk(problem: SequenceProblem, state: SequenceState): Generator<Stage, void> {
  const { subject, steps } = problem;
  let clockMin = 0;
  for (const [stepIndex, step] of steps.entries()) {
    const incoming = incomingOf(step);
    const zones = zonesReached(state, step, incoming);
    const openings = openingsFor(zones, steps, stepIndex, incoming);
    const fromMin = clockMin + (step.waitMin ?? 0);
    const { atMin: earliestMin, heldUpBy } = earliest(fromMin, openings);
    const startMin = problem.startsMin[stepIndex] ?? earliestMin;
    const endMin = startMin + (problem.durationsMin[stepIndex] ?? 0);
    const moment: Moment = {
      subject,
      steps,
      step,
      stepIndex,
      startMin,
      sinceLastMin: startMin - fromMin,
      incoming,
      state,
      zones,
      openings,
      air: airAt(problem.bench, startMin),
    };
    yield { moment, earliestMin, heldUpBy, endMin };
    const placeAir = step.dryingPlace === null ? undefined : problem.places?.[step.dryingPlace];
    applyStep(state, step, stepIndex, incoming, endMin, placeAir ? constantAir(placeAir) : problem.bench);
    clockMin = endMin;
  }
}

/** Every opening that every step meets, in walking order. */
export function* walkOpenings(problem: SequenceProblem): Generator<{ stepIndex: number; opening: Opening }, void> {
  for (const { moment } of walk(problem, startState(problem.subject)))
    for (const { opening } of moment.openings) yield { stepIndex: moment.stepIndex, opening };
}

/** End of the window that is open at a minute, or of the last one that was; null where nothing closes. */
function closing(openings: Moment['openings'], atMin: number): number | null {
  const ends = openings.map(({ opening }) => (opening.list.find((gap) => gap.toMin >= atMin) ?? opening.list.at(-1))?.toMin ?? Infinity);
  const first = Math.min(Infinity, ...ends);
  return Number.isFinite(first) ? first : null;
}

/** What became of a step once its layer lies: read after the walk, when the state is complete. */
function reportOf(stage: Stage, state: SequenceState): StepReport {
  const { moment, earliestMin, heldUpBy, endMin } = stage;
  const zones = [...state.zones.values()].filter((zone) => zone.layers.some((layer) => layer.stepIndex === moment.stepIndex));
  const layer = zones[0]?.layers.find((l) => l.stepIndex === moment.stepIndex);
  const dries = layer?.material.drying ? layer : undefined;
  return {
    stepIndex: moment.stepIndex,
    startMin: moment.startMin,
    endMin,
    earliestMin,
    heldUpBy,
    closesMin: closing(moment.openings, moment.startMin),
    ripening: dries
      ? {
          touchMin: readyMin(dries, 'touch'),
          recoatFromMin: readyMin(dries, 'recoatFrom'),
          dryHardMin: readyMin(dries, 'dryHard'),
          solventProofMin: readyMin(dries, 'solventProof'),
        }
      : null,
    takeBack: dries ? takeBack(dries, zones) : null,
    judgeFromMin: dries?.material.driesLighter ? readyMin(dries, 'tackFree') : null,
  };
}

/**
 * Walks the steps in time order and keeps, per zone, the stack of layers; every rule reads this state, none keeps its
 * own. Pure and deterministic. @throws RangeError when a technique, material, thinner or substrate is not known.
 */
export function checkSequence(problem: SequenceProblem): SequenceReport {
  const { subject, steps } = problem;
  const state = startState(subject);
  const stages: Stage[] = [];
  const findings: Finding[] = [];
  const heard = new Set<string>();
  const say = (found: readonly Caused[]) => {
    for (const { cause, finding } of found) {
      if (heard.has(cause)) continue;
      heard.add(cause);
      findings.push(finding);
    }
  };
  for (const stage of walk(problem, state)) {
    stages.push(stage);
    for (const rule of RULES) say(rule.check(stage.moment));
  }
  for (const rule of RULES) if (rule.checkEnd) say(rule.checkEnd({ subject, steps, state }));
  findings.sort((a, b) => a.stepIndex - b.stepIndex);
  return { steps: stages.map((stage) => reportOf(stage, state)), findings };
}
