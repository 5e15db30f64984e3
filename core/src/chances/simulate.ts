import { DEFAULT_SIGMA } from '../drying/index.js';
import { doneAt, firstEndingAfter, type DryingLag, type Plan, type ScheduleProblem } from '../solver/index.js';
import { seededFrom } from '../units/index.js';
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
  const random = seededFrom(seed);
  const evenings = problem.calendar?.evenings ?? [];
  const jobs = jobsOf(problem, plan, rounds);
  const eveningOf = jobs.map(({ startMin }) => firstEndingAfter(evenings, startMin));
  const planned = [...new Set(eveningOf)].sort((a, b) => a - b);
  const asPlanned = new Map(planned.map((e) => [e, 0]));
  const breakers = new Map(planned.map((e) => [e, new Map<string, { share: number; how: Breaking }>()]));
  const doneIn = new Map<number, number>();
  let all = 0;
  const ends = new Float64Array(jobs.length);
  for (let run = 0; run < runs; run++) {
    const broken = once(random);
    if (broken === 0) all++;
  }
  let share = 0;
  const doneBy = [...doneIn]
    .sort((a, b) => a[0] - b[0])
    .map(([e, count]) => ({ toMin: evenings[e]?.toMin ?? Infinity, share: (share += count / runs) }));
  return {
    runs,
    evenings: planned.map((e) => ({
      fromMin: evenings[e]?.fromMin ?? 0,
      chance: (asPlanned.get(e) ?? 0) / runs,
      breakers: [...(breakers.get(e) ?? [])]
        .map(([id, one]) => ({ id, how: one.how, share: one.share / runs }))
        .sort((a, b) => b.share - a.share),
    })),
    all: all / runs,
    doneBy,
  };

  /** One run; how many evenings did not go as planned. */
  function once(chance: () => number): number {
    // one coat of paint dries alike for all that waits for it
    const dries = jobs.map(() => spreadFactor(chance, spread.drying));
    const takes = jobs.map(({ durationMin }) => durationMin * spreadFactor(chance, spread.handsOn));
    const again = jobs.map(({ more }) => more !== null && chance() < more.chance);
    ends.fill(NaN);
    const blamed = new Map<number, { id: string; how: Breaking }>();
    let next = 0;
    let missed: number | null = null;
    for (let e = planned[0] ?? 0; next < jobs.length && e < evenings.length; e++) {
      const evening = evenings[e];
      if (!evening) break;
      let free = evening.fromMin;
      for (; next < jobs.length; next++) {
        const job = jobs[next] as Job;
        if ((eveningOf[next] as number) > e) break;
        let ready = Math.max(free, job.startMin);
        let closes = Infinity;
        for (const { from, lag } of job.into) {
          const end = ends[from] as number;
          const factor = dries[from] as number;
          const open = opensAfter(lag, end, factor, ready);
          ready = Math.max(ready, open.fromMin);
          closes = Math.min(closes, open.toMin);
        }
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
      if (next === jobs.length) doneIn.set(e, (doneIn.get(e) ?? 0) + 1);
    }
    let broken = 0;
    for (const e of planned) {
      const late = jobs.findIndex((_, i) => eveningOf[i] === e && !(firstEndingAfter(evenings, (ends[i] as number) - 1e-6) <= e));
      const fault = blamed.get(e) ?? (late >= 0 ? lastBlameBefore(e) : undefined);
      if (!fault) asPlanned.set(e, (asPlanned.get(e) ?? 0) + 1);
      else {
        broken++;
        const list = breakers.get(e);
        const known = list?.get(fault.id);
        if (known) known.share++;
        else list?.set(fault.id, { share: 1, how: fault.how });
      }
    }
    return broken;

    function blame(e: number, id: string, how: Breaking): void {
      if (!blamed.has(e)) blamed.set(e, { id, how });
    }

    /** What broke an earlier evening and is still in the way. */
    function lastBlameBefore(e: number): { id: string; how: Breaking } | undefined {
      let last: { id: string; how: Breaking } | undefined;
      for (const [when, what] of blamed) if (when <= e) last = what;
      return last;
    }
  }

  /** When the first window that is still to come opens and closes, with drying by a factor. */
  function opensAfter(lag: DryingLag, endMin: number, factor: number, atMin: number): { fromMin: number; toMin: number } {
    const windows = lag.windowsIf?.[plan.chosen[lag.from] ?? ''] ?? lag.windows;
    const times = (work: { eveningMin: number; nightMin: number }) => ({
      eveningMin: work.eveningMin * factor,
      nightMin: work.nightMin * factor,
    });
    let last = { fromMin: endMin, toMin: Infinity };
    for (const { open, close } of windows) {
      last = { fromMin: doneAt(evenings, endMin, times(open)), toMin: close ? doneAt(evenings, endMin, times(close)) : Infinity };
      if (last.toMin >= atMin) return last;
    }
    return last;
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
