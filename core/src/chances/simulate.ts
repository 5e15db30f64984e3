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
  /** When each job is done in the middle one of the runs, by its name; Infinity where it is not in most of them. */
  likelyMin: Record<string, number>;
  /** The same for all of them together. */
  likelyAllMin: number;
}

interface Job {
  id: string;
  /** What it belongs to. */
  job: string;
  startMin: number;
  durationMin: number;
  /** Minutes of cleaning right after it. */
  cleanMin: number;
  into: { from: number; lag: DryingLag }[];
  /** What it follows, and how long after. */
  after: { from: number; minMin: number }[];
  /** It is not begun before the plan says: it is pinned, or something that closes hangs on it. */
  isTimed: boolean;
  isPinned: boolean;
  more: MoreRounds | null;
}

/**
 * Carries a plan out many times, with drying and hands-on times that vary and rounds that may be wanted once more. The painter does
 * the work of each evening in it, in the order of the plan but for what is not ready; what is not done in an evening is gone on with in the next. Deterministic by its seed.
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
      bench.endsByJob(),
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

/** A job that may come next. */
interface Turn {
  index: number;
  ready: number;
  closes: number;
  /** It is to be begun by then: when its first window closes, or when it is pinned. */
  byMin: number;
}

/**
 * The first in the order of the plan that is ready, and done before one that comes earlier in it must be begun: nobody fills a short wait with what takes longer.
 * Where none is, the one that is ready soonest.
 */
function soonest(turns: readonly Turn[], freeMin: number, busyFor: (turn: Turn) => number): Turn | undefined {
  const open = turns.filter((turn, i) =>
    turns.slice(0, i).every(({ byMin }) => Math.max(freeMin, turn.ready) + busyFor(turn) <= byMin + 1e-6),
  );
  return (
    open.find(({ ready }) => ready <= freeMin + 1e-6) ??
    open.reduce<Turn | undefined>((first, one) => (first && first.ready <= one.ready ? first : one), undefined)
  );
}

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
    const left = new Set(jobs.keys());
    let doneIn: number | null = null;
    for (let e = this.planned[0] ?? 0; left.size > 0 && e < evenings.length; e++) {
      const toMin = (evenings[e] as Interval).toMin;
      let free = (evenings[e] as Interval).fromMin;
      const lasts = (index: number): number => (takes[index] as number) + (again[index] ? (jobs[index]?.more?.minutes ?? 0) : 0);
      const busyFor = ({ index }: Turn): number => lasts(index) + (jobs[index]?.cleanMin ?? 0);
      const fits = (turn: Turn): boolean => turn.ready + busyFor(turn) <= toMin + 1e-6;
      for (;;) {
        const turns = this.turns(left, e, free, dries);
        const next = soonest(turns.filter(fits), free, busyFor);
        if (!next) {
          const [first] = turns;
          if (first && !blamed.has(e))
            blamed.set(e, { id: jobs[first.index]?.id ?? '', how: first.ready > free + 1e-6 ? 'not-ready' : 'no-time' });
          break;
        }
        // it is done all the same, late, and told
        if (next.ready > next.closes && !blamed.has(e)) blamed.set(e, { id: jobs[next.index]?.id ?? '', how: 'missed' });
        const end = next.ready + lasts(next.index);
        ends[next.index] = end;
        free = end + (jobs[next.index]?.cleanMin ?? 0);
        left.delete(next.index);
      }
      if (left.size === 0) doneIn = e;
    }
    return { doneIn, blamed };
  }

  /** What may come next in an evening, in the order of the plan: what is planned by then, and what it follows is done. */
  private turns(left: ReadonlySet<number>, e: number, freeMin: number, dries: readonly number[]): Turn[] {
    const out: Turn[] = [];
    for (const index of left) {
      if ((this.eveningOf[index] as number) > e) break;
      const job = this.jobs[index] as Job;
      if (job.after.every(({ from }) => !left.has(from))) out.push({ index, ...this.readyFor(job, freeMin, dries) });
    }
    return out;
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

  /** When each job of the last run was done; Infinity where it was not. */
  endsByJob(): Map<string, number> {
    const out = new Map<string, number>();
    for (const [i, { job }] of this.jobs.entries()) {
      const end = this.ends[i] as number;
      out.set(job, Math.max(out.get(job) ?? 0, Number.isNaN(end) ? Infinity : end));
    }
    return out;
  }

  /** When it can be begun, and when the first of its windows closes. */
  private readyFor(job: Job, freeMin: number, dries: readonly number[]): Omit<Turn, 'index'> {
    let ready = job.isTimed ? Math.max(freeMin, job.startMin) : freeMin;
    let closes = Infinity;
    for (const { from, minMin } of job.after) ready = Math.max(ready, (this.ends[from] as number) + minMin);
    for (const { from, lag } of job.into) {
      const open = this.opensAfter(lag, this.ends[from] as number, dries[from] as number, ready);
      ready = Math.max(ready, open.fromMin);
      closes = Math.min(closes, open.toMin);
    }
    return { ready, closes, byMin: job.isPinned ? Math.min(closes, job.startMin) : closes };
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

const middle = (of: readonly number[]): number => [...of].sort((a, b) => a - b)[Math.floor(of.length / 2)] ?? Infinity;

/** What many runs came to. */
class Tally {
  private readonly asPlanned: Map<number, number>;
  private readonly breakers: Map<number, Map<string, { share: number; how: Breaking }>>;
  private readonly doneIn = new Map<number, number>();
  private readonly ends = new Map<string, number[]>();
  private readonly allEnds: number[] = [];
  private all = 0;

  constructor(private readonly planned: readonly number[]) {
    this.asPlanned = new Map(planned.map((e) => [e, 0]));
    this.breakers = new Map(planned.map((e) => [e, new Map<string, { share: number; how: Breaking }>()]));
  }

  /** One run: when it was done, and what broke each of the planned evenings. */
  count(doneIn: number | null, faults: readonly (Blame | null)[], ends: ReadonlyMap<string, number>): void {
    for (const [job, end] of ends) {
      const known = this.ends.get(job);
      if (known) known.push(end);
      else this.ends.set(job, [end]);
    }
    this.allEnds.push(Math.max(...ends.values()));
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
      likelyMin: Object.fromEntries([...this.ends].map(([job, ends]) => [job, middle(ends)])),
      likelyAllMin: middle(this.allEnds),
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
  const after = new Map<string, Job['after']>();
  for (const { from, to, minMin } of [...problem.lags, ...(problem.drying ?? []).map((lag) => ({ ...lag, minMin: 0 }))]) {
    const source = index.get(from);
    if (source !== undefined) after.set(to, [...(after.get(to) ?? []), { from: source, minMin }]);
  }
  const opens = new Set(
    (problem.drying ?? []).filter(({ windows }) => windows.some(({ close }) => close !== null)).map(({ from }) => from),
  );
  const jobOf = new Map(problem.operations.map(({ id, job = id }) => [id, job]));
  return plan.placed.map(({ id, startMin, endMin }) => ({
    id,
    job: jobOf.get(id) ?? id,
    startMin,
    durationMin: endMin - startMin,
    cleanMin: plan.cleanings.reduce((sum, c) => sum + (Math.abs(c.fromMin - endMin) < 1e-6 ? c.toMin - c.fromMin : 0), 0),
    into: into.get(id) ?? [],
    after: after.get(id) ?? [],
    isTimed: pinned.has(id) || opens.has(id),
    isPinned: pinned.has(id),
    more: rounds.find(({ after }) => after === id) ?? null,
  }));
}
