import { DEFAULT_SIGMA } from '../drying/index.js';
import { doneAt, firstEndingAfter, type DryingLag, type DryingWork, type Plan, type ScheduleProblem } from '../solver/index.js';
import { seededFrom, type Interval } from '../units/index.js';
import { spreadFactor } from './chance.js';

/** How much times vary: the σ of the logarithm. Drying as the material says by default; hands-on is our number. */
export interface Spread {
  drying: number;
  handsOn: number;
}

export const USUAL_SPREAD: Spread = { drying: DEFAULT_SIGMA, handsOn: 0.15 };

/** After this operation one more round may turn out to be wanted. */
export interface MoreRounds {
  after: string;
  minutes: number;
  chance: number;
}

export interface SimulateOptions {
  runs: number;
  seed: number;
  spread?: Spread;
  rounds?: readonly MoreRounds[];
}

export interface EveningChance {
  fromMin: number;
  /** Share of runs in which all that is planned for it was done in it. */
  chance: number;
  /** What broke it, most often first, as shares of all runs. */
  breakers: { id: string; share: number; how: Breaking }[];
}

/** It was not ready, there was no time left, or its window was missed. */
export type Breaking = 'not-ready' | 'no-time' | 'missed';

export interface Chances {
  runs: number;
  evenings: EveningChance[];
  /** Share of runs in which every evening went as planned. */
  all: number;
  /** Share of runs that were done by the end of each evening, from the first that any was; the last is 1 where all ended. */
  doneBy: { toMin: number; share: number }[];
}

interface Job {
  id: string;
  startMin: number;
  durationMin: number;
  /** Minutes of cleaning right after it. */
  cleanMin: number;
  into: { from: number; lag: DryingLag }[];
  more: MoreRounds | null;
}

/**
 * Carries a plan out many times, with drying and hands-on times that vary and rounds that may be wanted once more. The painter works in the order of
 * the plan and never earlier than it says; what is not done in an evening is gone on with in the next. Deterministic by its seed.
 */
export function simulate(
  problem: ScheduleProblem,
  plan: Plan,
  { runs, seed, spread = USUAL_SPREAD, rounds = [] }: SimulateOptions,
): Chances {
  const chance = seededFrom(seed);
  const bench = new SimulatedBench(problem, plan, rounds);
  const tally = new Tally(bench.planned);
  for (let run = 0; run < runs; run++) {
    const { doneIn, blamed } = bench.workThrough(chance, spread);
    tally.count(
      doneIn,
      bench.planned.map((e) => bench.faultOf(e, blamed)),
    );
  }
  return tally.chances(runs, bench.evenings);
}

interface Blame {
  id: string;
  how: Breaking;
}

/** By evening, in their order: what broke it first. */
type Blamed = Map<number, Blame>;

/** A plan that is carried out once after the other. */
class SimulatedBench {
  readonly evenings: readonly Interval[];
  /** Evenings, by number, in which something is planned. */
  readonly planned: readonly number[];
  private readonly jobs: readonly Job[];
  private readonly eveningOf: readonly number[];
  private readonly ends: Float64Array;

  constructor(
    problem: ScheduleProblem,
    private readonly plan: Plan,
    rounds: readonly MoreRounds[],
  ) {
    this.evenings = problem.calendar?.evenings ?? [];
    this.jobs = jobsOf(problem, plan, rounds);
    this.eveningOf = this.jobs.map(({ startMin }) => firstEndingAfter(this.evenings, startMin));
    this.planned = [...new Set(this.eveningOf)].sort((a, b) => a - b);
    this.ends = new Float64Array(this.jobs.length);
  }

  /** One run: in which evening all was done, if it was, and what broke evenings. */
  workThrough(chance: () => number, spread: Spread): { doneIn: number | null; blamed: Blamed } {
    const { jobs, evenings, ends } = this;
    // one coat of paint dries alike for all that waits for it
    const dries = jobs.map(() => spreadFactor(chance, spread.drying));
    const takes = jobs.map(({ durationMin }) => durationMin * spreadFactor(chance, spread.handsOn));
    const again = jobs.map(({ more }) => more !== null && chance() < more.chance);
    ends.fill(NaN);
    const blamed: Blamed = new Map();
    const blame = (e: number, id: string, how: Breaking): void => {
      if (!blamed.has(e)) blamed.set(e, { id, how });
    };
    let next = 0;
    let missed: number | null = null;
    let doneIn: number | null = null;
    for (let e = this.planned[0] ?? 0; next < jobs.length && e < evenings.length; e++) {
      const evening = evenings[e] as Interval;
      let free = evening.fromMin;
      for (; next < jobs.length && (this.eveningOf[next] as number) <= e; next++) {
        const job = jobs[next] as Job;
        const { ready, closes } = this.readyFor(job, free, dries);
        if (ready > closes && missed !== next) {
          // it is done all the same, late, and told
          missed = next;
          blame(e, job.id, 'missed');
        }
        const end = ready + (takes[next] as number) + (again[next] ? (job.more?.minutes ?? 0) : 0);
        if (end + job.cleanMin > evening.toMin + 1e-6) {
          blame(e, job.id, ready > Math.max(free, job.startMin) + 1e-6 ? 'not-ready' : 'no-time');
          break;
        }
        ends[next] = end;
        free = end + job.cleanMin;
      }
      if (next === jobs.length) doneIn = e;
    }
    return { doneIn, blamed };
  }

  /** What broke an evening of the last run: in it, or before it and still in the way; null where all that was planned for it was done in it. */
  faultOf(e: number, blamed: Blamed): Blame | null {
    const own = blamed.get(e);
    if (own) return own;
    const isLate = this.jobs.some(
      (_, i) => this.eveningOf[i] === e && !(firstEndingAfter(this.evenings, (this.ends[i] as number) - 1e-6) <= e),
    );
    if (!isLate) return null;
    return [...blamed].filter(([when]) => when <= e).at(-1)?.[1] ?? null;
  }

  /** When it can be begun, and when the first of its windows closes. */
  private readyFor(job: Job, freeMin: number, dries: readonly number[]): { ready: number; closes: number } {
    let ready = Math.max(freeMin, job.startMin);
    let closes = Infinity;
    for (const { from, lag } of job.into) {
      const open = this.opensAfter(lag, this.ends[from] as number, dries[from] as number, ready);
      ready = Math.max(ready, open.fromMin);
      closes = Math.min(closes, open.toMin);
    }
    return { ready, closes };
  }

  /** When the first window that is still to come opens and closes, with drying by a factor. */
  private opensAfter(lag: DryingLag, endMin: number, factor: number, atMin: number): Interval {
    const windows = lag.windowsIf?.[this.plan.chosen[lag.from] ?? ''] ?? lag.windows;
    const after = (work: DryingWork): number =>
      doneAt(this.evenings, endMin, { eveningMin: work.eveningMin * factor, nightMin: work.nightMin * factor });
    let last: Interval = { fromMin: endMin, toMin: Infinity };
    for (const { open, close } of windows) {
      last = { fromMin: after(open), toMin: close ? after(close) : Infinity };
      if (last.toMin >= atMin) return last;
    }
    return last;
  }
}

/** What many runs came to. */
class Tally {
  private readonly asPlanned: Map<number, number>;
  private readonly breakers: Map<number, Map<string, { share: number; how: Breaking }>>;
  private readonly doneIn = new Map<number, number>();
  private all = 0;

  constructor(private readonly planned: readonly number[]) {
    this.asPlanned = new Map(planned.map((e) => [e, 0]));
    this.breakers = new Map(planned.map((e) => [e, new Map<string, { share: number; how: Breaking }>()]));
  }

  /** One run: when it was done, and what broke each of the planned evenings. */
  count(doneIn: number | null, faults: readonly (Blame | null)[]): void {
    if (doneIn !== null) this.doneIn.set(doneIn, (this.doneIn.get(doneIn) ?? 0) + 1);
    if (faults.every((fault) => fault === null)) this.all++;
    for (const [i, fault] of faults.entries()) {
      const e = this.planned[i] as number;
      if (!fault) {
        this.asPlanned.set(e, (this.asPlanned.get(e) ?? 0) + 1);
        continue;
      }
      const list = this.breakers.get(e);
      const known = list?.get(fault.id);
      if (known) known.share++;
      else list?.set(fault.id, { share: 1, how: fault.how });
    }
  }

  chances(runs: number, evenings: readonly Interval[]): Chances {
    let share = 0;
    return {
      runs,
      evenings: this.planned.map((e) => ({
        fromMin: evenings[e]?.fromMin ?? 0,
        chance: (this.asPlanned.get(e) ?? 0) / runs,
        breakers: [...(this.breakers.get(e) ?? [])]
          .map(([id, one]) => ({ id, how: one.how, share: one.share / runs }))
          .sort((a, b) => b.share - a.share),
      })),
      all: this.all / runs,
      doneBy: [...this.doneIn]
        .sort((a, b) => a[0] - b[0])
        .map(([e, count]) => ({ toMin: evenings[e]?.toMin ?? Infinity, share: (share += count / runs) })),
    };
  }
}

function jobsOf(problem: ScheduleProblem, plan: Plan, rounds: readonly MoreRounds[]): Job[] {
  const index = new Map(plan.placed.map(({ id }, i) => [id, i]));
  const pinned = new Set(problem.operations.filter(({ pinnedMin }) => pinnedMin != null).map(({ id }) => id));
  const into = new Map<string, Job['into']>();
  for (const lag of problem.drying ?? []) {
    const from = index.get(lag.from);
    if (from === undefined || pinned.has(lag.to)) continue;
    into.set(lag.to, [...(into.get(lag.to) ?? []), { from, lag }]);
  }
  return plan.placed.map(({ id, startMin, endMin }) => ({
    id,
    startMin,
    durationMin: endMin - startMin,
    cleanMin: plan.cleanings.reduce((sum, c) => sum + (Math.abs(c.fromMin - endMin) < 1e-6 ? c.toMin - c.fromMin : 0), 0),
    into: into.get(id) ?? [],
    more: rounds.find(({ after }) => after === id) ?? null,
  }));
}
