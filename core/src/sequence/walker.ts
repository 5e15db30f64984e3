import { airAt, constantAir } from '../climate/index.js';
import { CATALOGUE, slowed } from '../materials/index.js';
import type { Step, Waiver } from '../subjects/index.js';
import { USUAL_SCHOOLS, techniqueById } from '../techniques/index.js';
import { MINUTES_PER_DAY, firstOpen } from '../units/index.js';
import type { Finding, RuleSeverities } from './finding.js';
import { incomingOf, type Incoming } from './incoming.js';
import { readyMin, type Layer } from './layer.js';
import type { Moment } from './moment.js';
import { isAlike, openingsOn, type Opening, type WaitReason } from './openings.js';
import { RULES, rulesFor } from './rules/index.js';
import type { SequenceProblem } from './problem.js';
import type { Caused } from './rules/rule.js';
import { stepIdOf } from './rounds.js';
import { applyStep, forked, startState, zonesReached, type SequenceState, type ZoneState } from './state.js';
import { takeBack, type TakeBack } from './take-back.js';

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
  /** Why it is held up; null where it is not. */
  waits: WaitReason | null;
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

/** A later step floods or seals what is scattered on the zone. */
const isBoundLater = (steps: readonly Step[], stepIndex: number, zoneId: string): boolean =>
  steps
    .slice(stepIndex + 1)
    .some((later) => techniqueById(later.technique).binds && (later.zones.includes('all') || later.zones.includes(zoneId)));

interface AskedZone {
  zone: ZoneState;
  boundLater: boolean;
  openings: readonly Opening[];
}

/** What each zone asks of a step. Zones with the same layers ask the same: one answers for all, and alone where only times are wanted. */
function openingsFor(
  zones: readonly ZoneState[],
  steps: readonly Step[],
  stepIndex: number,
  incoming: Incoming,
  fromMin: number,
  onceEach: boolean,
) {
  const out: { zone: ZoneState; opening: Opening }[] = [];
  const asked: AskedZone[] = [];
  for (const zone of zones) {
    const boundLater = incoming.need === 'wet-glue' && isBoundLater(steps, stepIndex, zone.zone.id);
    const alike = asked.find((one) => one.boundLater === boundLater && isAlike(one.zone, zone));
    if (alike && onceEach) continue;
    const openings = alike?.openings ?? openingsOn(zone, incoming, boundLater, fromMin);
    if (!alike) asked.push({ zone, boundLater, openings });
    for (const opening of openings) out.push({ zone, opening });
  }
  return out;
}

/** Earliest minute, not before `fromMin`, at which every opening lets the step start; where windows exclude each other, the latest of their own. */
function earliest(fromMin: number, openings: readonly { opening: Opening }[]): { atMin: number; heldUpBy: Opening | null } {
  let atMin = fromMin;
  let heldUpBy: Opening | null = null;
  // windows can push each other on; each pass moves at least one window ahead, so the number of layers bounds the passes
  for (let pass = 0; pass <= openings.length; pass++) {
    const before = atMin;
    for (const { opening } of openings) {
      const open = firstOpen(opening.list, atMin);
      if (open !== null && open > atMin && Number.isFinite(open)) {
        atMin = open;
        heldUpBy = opening;
      }
    }
    if (atMin === before) break;
  }
  return { atMin, heldUpBy };
}

/** One step of the walk: what it meets before it is done. */
export interface Visit {
  moment: Moment;
  earliestMin: number;
  heldUpBy: Opening | null;
  closesMin: number | null;
  startMin: number;
  endMin: number;
}

export interface Visitor {
  /** The state is as the step finds it. */
  before(visit: Visit): void;
  /** The step is done; its layer, where it left one, lies on top of the zones it reached. */
  after?(visit: Visit): void;
  /** Every opening is wanted, also of layers that have long settled, once for zones that stand alike, and nothing but openings. */
  wantsAll?: boolean;
}

const asSeen = (incoming: Incoming, factor: number): Incoming =>
  factor === 1 || !incoming.material ? incoming : { ...incoming, material: slowed(incoming.material, factor) };

/**
 * The walk that everything shares: each step in time order, then its outcome applied. It can be forked, to go on from
 * the same place in several ways.
 */
export class Walk {
  private constructor(
    private readonly problem: Omit<SequenceProblem, 'steps' | 'startsMin' | 'durationsMin'>,
    readonly state: SequenceState,
    /** When the last step ended. */
    private clock: number,
  ) {}

  static begin(problem: Omit<SequenceProblem, 'steps' | 'startsMin' | 'durationsMin'>, looks = true): Walk {
    return new Walk(problem, startState(problem.subject, looks), 0);
  }

  get clockMin(): number {
    return this.clock;
  }

  fork(): Walk {
    return new Walk(this.problem, forked(this.state), this.clock);
  }

  /** Takes one of `steps`, shows it to the visitor before and after, and applies its outcome. */
  take(steps: readonly Step[], stepIndex: number, { startMin: given, durationMin }: Timing, visitor: Visitor): void {
    const { subject, supplies = CATALOGUE, schools = USUAL_SCHOOLS, bench, places } = this.problem;
    const step = steps[stepIndex];
    if (!step) throw new RangeError(`step ${String(stepIndex)} is not one of ${String(steps.length)}`);
    const { state } = this;
    const incoming = asSeen(incomingOf(step, supplies), this.problem.dryFactors?.[stepIndex] ?? 1);
    const zones = zonesReached(state, step, incoming);
    const fromMin = this.clock + (step.waitMin ?? 0);
    const openings = visitor.wantsAll
      ? openingsFor(zones, steps, stepIndex, incoming, -Infinity, true)
      : openingsFor(zones, steps, stepIndex, incoming, Math.min(fromMin, given ?? fromMin), false);
    const { atMin: earliestMin, heldUpBy } = earliest(fromMin, openings);
    const startMin = given ?? earliestMin;
    const endMin = startMin + durationMin;
    const openedDays = this.problem.bottleAgesDays?.[stepIndex] ?? null;
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
      air: airAt(bench, startMin),
      supplies,
      schools,
      bottle: supplies.bottle(step.bottleId),
      bottleAgeDays: openedDays === null ? null : openedDays + startMin / MINUTES_PER_DAY,
    };
    const closesMin = closing(openings, startMin) ?? tapeUntil(state, moment);
    const visit = { moment, earliestMin, heldUpBy, closesMin, startMin, endMin };
    visitor.before(visit);
    const placeAir = step.dryingPlace === null ? undefined : places?.[step.dryingPlace];
    applyStep(state, step, stepIndex, incoming, zones, visit, placeAir ? constantAir(placeAir) : bench);
    visitor.after?.(visit);
    this.clock = endMin;
  }

  /** What the rules that look back say when nothing comes any more. */
  end(steps: readonly Step[]): Caused[] {
    const { subject, supplies = CATALOGUE, schools = USUAL_SCHOOLS } = this.problem;
    return RULES.flatMap((rule) => rule.checkEnd?.({ subject, steps, state: this.state, supplies, schools }) ?? []);
  }
}

/** When a step starts, null for as soon as it may, and how long it takes. */
export interface Timing {
  startMin: number | null;
  durationMin: number;
}

/** The whole walk at once. */
function walk(problem: SequenceProblem, visitor: Visitor): Walk {
  const { steps, startsMin, durationsMin } = problem;
  const going = Walk.begin(problem, !visitor.wantsAll);
  for (let i = 0; i < steps.length; i++)
    going.take(steps, i, { startMin: startsMin[i] ?? null, durationMin: durationsMin[i] ?? 0 }, visitor);
  return going;
}

/** How the piece stands when all steps are done. */
export const stateAfter = (problem: SequenceProblem): SequenceState => walk(problem, { before: () => undefined }).state;

/** Every opening that every step meets, in walking order; once for zones that stand alike. */
export function allOpenings(problem: SequenceProblem): { stepIndex: number; opening: Opening }[] {
  const out: { stepIndex: number; opening: Opening }[] = [];
  const before = ({ moment }: Visit) => {
    for (const { opening } of moment.openings) out.push({ stepIndex: moment.stepIndex, opening });
  };
  walk(problem, { before, wantsAll: true });
  return out;
}

/** End of the window that is open at a minute, or of the last one that was; null where nothing closes. */
function closing(openings: Moment['openings'], atMin: number): number | null {
  let first = Infinity;
  for (const { opening } of openings) {
    const gap = opening.list.find((g) => g.toMin >= atMin) ?? opening.list.at(-1);
    if (gap && gap.toMin < first) first = gap.toMin;
  }
  return Number.isFinite(first) ? first : null;
}

/**
 * Until when tape comes off well: while the edge of what was laid last since it went on gives way, after that within two
 * days; null where none comes off.
 */
function tapeUntil(state: SequenceState, { incoming, zones, startMin }: Moment): number | null {
  if (incoming.technique.effect !== 'unmask') return null;
  const sinceMin = Math.min(...zones.map(({ maskedSinceMin }) => maskedSinceMin ?? Infinity));
  if (sinceMin === Infinity) return null;
  let last: Layer | null = null;
  for (const { layers } of state.zones.values()) {
    const top = layers.at(-1);
    if (top && top.technique.effect === 'film' && top.endMin > Math.max(sinceMin, last?.endMin ?? 0)) last = top;
  }
  const softUntil = last ? readyMin(last, 'dryHard') : -Infinity;
  const untilMin = Math.min(...zones.map(({ maskedUntilMin }) => maskedUntilMin ?? Infinity));
  return softUntil >= startMin ? Math.min(softUntil, untilMin) : untilMin;
}

/** What became of a step, right after it is done. */
function reportOf({ moment, earliestMin, heldUpBy, endMin, closesMin }: Visit): StepReport {
  const { stepIndex, startMin } = moment;
  const top = moment.zones.find((zone) => zone.layers.at(-1)?.stepIndex === stepIndex)?.layers.at(-1);
  const dries = top?.material.drying ? top : undefined;
  return {
    stepIndex,
    startMin,
    endMin,
    earliestMin,
    heldUpBy: heldUpBy?.layer.stepIndex ?? null,
    waits: heldUpBy?.why ?? null,
    closesMin,
    ripening: dries
      ? {
          touchMin: readyMin(dries, 'touch'),
          recoatFromMin: readyMin(dries, 'recoatFrom'),
          dryHardMin: readyMin(dries, 'dryHard'),
          solventProofMin: readyMin(dries, 'solventProof'),
        }
      : null,
    takeBack: dries ? takeBack(dries, moment.zones) : null,
    judgeFromMin: dries?.material.driesLighter ? readyMin(dries, 'tackFree') : null,
  };
}

/**
 * Checks a sequence: walks it in time order with every rule. Findings are sorted by step; each cause is told once. With
 * `propose` each finding carries what its rule proposes, untried. What the painter set otherwise or waived is heeded.
 * @throws RangeError when a technique, material, thinner or substrate is not known.
 */
export function checkSequence(problem: SequenceProblem, { propose = false } = {}): SequenceReport {
  const reports: StepReport[] = [];
  const findings: Finding[] = [];
  const heard = new Set<string>();
  const { severities = {}, waivers = [] } = problem;
  const say = (found: readonly Caused[]) => {
    for (const { cause, finding, propose: proposals } of found) {
      if (heard.has(cause)) continue;
      heard.add(cause);
      const told = asSet(finding, severities, waivers);
      if (told) findings.push(propose && proposals ? { ...told, fixes: proposals() } : told);
    }
  };
  const walked = walk(problem, {
    before: ({ moment }) => {
      // most rules have nothing to say of most steps
      for (const rule of rulesFor(moment.incoming)) {
        const found = rule.check(moment);
        if (found.length > 0) say(found);
      }
    },
    after: (visit) => {
      for (const { checkAfter } of RULES_AFTER) {
        const found = checkAfter(visit.moment);
        if (found.length > 0) say(found);
      }
      reports.push(reportOf(visit));
    },
  });
  say(walked.end(problem.steps));
  findings.sort((a, b) => a.stepIndex - b.stepIndex);
  return { steps: reports, findings };
}

const RULES_AFTER = RULES.flatMap(({ checkAfter }) => (checkAfter ? [{ checkAfter }] : []));

/** The finding as the painter wants to hear it: as serious as set, and marked where it is waived; null where it is turned off. */
function asSet(finding: Finding, severities: RuleSeverities, waivers: readonly Waiver[]): Finding | null {
  const set = severities[finding.rule];
  if (set === 'off') return null;
  const waiver = waivers.find(({ rule, stepId }) => rule === finding.rule && stepIdOf(finding.stepId) === stepId);
  if (set === undefined && !waiver) return finding;
  return { ...finding, severity: set ?? finding.severity, waived: waiver?.reason ?? null };
}
