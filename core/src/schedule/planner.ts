import { intersect, type Interval } from '../units/index.js';
import { BenchTime } from './bench-time.js';
import { doneAt } from './elapse.js';
import type { Lag, Operation, Placed, Plan, PlanningProblem } from './problem.js';

/**
 * Earliest finish by list scheduling with look-back: jobs give up their operations in order; operations that hang
 * together by a window that closes are placed as one chain, and when the chain's end misses its window, its head is
 * moved later and the chain is tried again. Several priority rules are tried; the best plan is kept.
 */

/** How often a chain's head may be moved before the chain counts as impossible (our number). */
const LOOK_BACKS = 400;

interface Job {
  id: string;
  chains: Operation[][];
  next: number;
  /** Work and least waiting still to come after each chain, minutes: what makes a job urgent. */
  tailMin: number[];
}

interface Draft {
  chain: Operation[];
  slots: Placed[];
}

export function planEvenings(problem: PlanningProblem): Plan {
  const lagsTo = new Map<string, Lag[]>();
  for (const lag of problem.lags) lagsTo.set(lag.to, [...(lagsTo.get(lag.to) ?? []), lag]);
  const rules: ((job: Job, startMin: number) => number)[] = [
    (_job, startMin) => startMin,
    (job, startMin) => startMin - (job.tailMin[job.next] ?? 0) / 4,
    (job) => -(job.tailMin[job.next] ?? 0),
  ];
  const plans = rules.map((rule) => schedule(problem, lagsTo, rule));
  return plans.reduce((best, plan) => (isBetter(plan, best) ? plan : best));
}

function isBetter(a: Plan, b: Plan): boolean {
  if (a.unplaced.length !== b.unplaced.length) return a.unplaced.length < b.unplaced.length;
  return (a.finishMin ?? 0) < (b.finishMin ?? 0);
}

function schedule(problem: PlanningProblem, lagsTo: Map<string, Lag[]>, priority: (job: Job, startMin: number) => number): Plan {
  const jobs = jobsOf(problem, lagsTo);
  const bench = new BenchTime(problem);
  const ends = new Map<string, number>();
  const placed: Placed[] = [];
  const unplaced: Plan['unplaced'] = [];
  // a draft stays good until something that was placed since takes its time
  const drafts = new Map<string, Draft>();

  for (;;) {
    const ready = jobs.filter((job) => job.next < job.chains.length);
    if (ready.length === 0) break;
    let best: { job: Job; draft: Draft; score: number } | null = null;
    for (const job of ready) {
      const chain = job.chains[job.next] ?? [];
      const draft = drafts.get(job.id) ?? draftChain(problem, lagsTo, bench, ends, chain, job);
      if (!draft) {
        for (const operation of job.chains.slice(job.next).flat())
          unplaced.push({ id: operation.id, why: whyNot(problem, operation, chain) });
        job.next = job.chains.length;
        continue;
      }
      drafts.set(job.id, draft);
      const score = priority(job, draft.slots[0]?.startMin ?? Infinity);
      if (!best || score < best.score) best = { job, draft, score };
    }
    if (!best) continue;
    const { job, draft } = best;
    drafts.delete(job.id);
    // a draft made before others were placed may have lost its time: then it is made anew on the next round
    if (!takeAll(bench, draft)) continue;
    for (const slot of draft.slots) ends.set(slot.id, slot.endMin);
    placed.push(...draft.slots);
    job.next++;
    const touched = draft.slots;
    for (const [id, other] of drafts)
      if (
        other.slots.some((o) =>
          touched.some((t) => o.startMin < t.endMin + problem.airbrushCleanMin && t.startMin < o.endMin + problem.airbrushCleanMin),
        )
      )
        drafts.delete(id);
  }
  const finishMin = placed.length === 0 ? null : Math.max(...placed.map((p) => p.endMin));
  const eveningsUsed = problem.evenings.filter((e) => placed.some((p) => p.startMin >= e.fromMin && p.startMin < e.toMin)).length;
  return { placed: placed.sort((a, b) => a.startMin - b.startMin), cleanings: bench.cleanings, unplaced, finishMin, eveningsUsed };
}

function takeAll(bench: BenchTime, draft: Draft): boolean {
  const undo = bench.mark();
  for (const [i, operation] of draft.chain.entries()) {
    const startMin = draft.slots[i]?.startMin ?? NaN;
    const slot = bench.find(operation, [{ fromMin: startMin, toMin: startMin }]);
    if (!slot) {
      undo();
      return false;
    }
    bench.take(operation, slot);
  }
  return true;
}

/** Places a chain on a bench that is then put back as it was; null when its windows cannot all be met. */
function draftChain(
  problem: PlanningProblem,
  lagsTo: Map<string, Lag[]>,
  bench: BenchTime,
  ends: ReadonlyMap<string, number>,
  chain: readonly Operation[],
  job: Job,
): Draft | null {
  const last = job.chains[job.next - 1]?.at(-1);
  let headFrom = Math.max(problem.notBeforeMin, last ? (ends.get(last.id) ?? 0) : 0);
  for (let tries = 0; tries < LOOK_BACKS; tries++) {
    const undo = bench.mark();
    const drafted = new Map(ends);
    const slots: Placed[] = [];
    let lateBy: number | null = null;
    let before = headFrom;
    for (const operation of chain) {
      const earliest = before + operation.waitMin;
      const allowed = allowedFor(problem, lagsTo.get(operation.id) ?? [], drafted, operation, earliest);
      const slot = bench.find(operation, allowed);
      if (!slot) {
        const anywhere = bench.find(operation, [{ fromMin: Math.max(earliest, allowed[0]?.fromMin ?? earliest), toMin: Infinity }]);
        lateBy = anywhere ? anywhere.startMin - Math.max(earliest, allowed.at(-1)?.toMin ?? earliest) : null;
        if (!anywhere || slots.length === 0) {
          undo();
          return null;
        }
        break;
      }
      bench.take(operation, slot);
      drafted.set(operation.id, slot.endMin);
      slots.push({ id: operation.id, startMin: slot.startMin, endMin: slot.endMin });
      before = slot.endMin;
    }
    undo();
    if (slots.length === chain.length) return { chain: [...chain], slots };
    // the head moves by what the chain was late, at least a minute: nothing earlier can work
    headFrom = (slots[0]?.startMin ?? headFrom) + Math.max(1, Math.min(lateBy ?? 1, 60));
  }
  return null;
}

/** Minutes at which an operation may start, by its order, its pin and the lags from what is already placed. */
function allowedFor(
  problem: PlanningProblem,
  lags: readonly Lag[],
  ends: ReadonlyMap<string, number>,
  operation: Operation,
  earliestMin: number,
): Interval[] {
  if (operation.pinnedMin !== null) return [{ fromMin: Math.max(earliestMin, operation.pinnedMin), toMin: Infinity }];
  let allowed: Interval[] = [{ fromMin: earliestMin, toMin: Infinity }];
  for (const lag of lags) {
    const end = ends.get(lag.from);
    if (end === undefined) continue;
    const windows = lag.windows.map(({ open, close }) => ({
      fromMin: doneAt(problem.evenings, end, open),
      toMin: close ? doneAt(problem.evenings, end, close) : Infinity,
    }));
    allowed = intersect(allowed, windows);
  }
  return allowed;
}

const closes = (lag: Lag): boolean => lag.windows.at(-1)?.close != null;

function jobsOf(problem: PlanningProblem, lagsTo: Map<string, Lag[]>): Job[] {
  const byJob = new Map<string, Operation[]>();
  for (const operation of problem.operations) byJob.set(operation.job, [...(byJob.get(operation.job) ?? []), operation]);
  return [...byJob].map(([id, operations]) => {
    const chains = chainsOf(operations, lagsTo);
    const workMin = chains.map((chain) => chain.reduce((sum, o) => sum + o.durationMin + leastWait(lagsTo.get(o.id) ?? []), 0));
    return { id, chains, next: 0, tailMin: workMin.map((_, i) => workMin.slice(i).reduce((a, b) => a + b, 0)) };
  });
}

const leastWait = (lags: readonly Lag[]): number =>
  Math.max(
    0,
    ...lags.map((lag) => Math.min(lag.windows[0]?.open.eveningMin ?? 0, lag.windows[0]?.open.nightMin ?? 0)).filter(Number.isFinite),
  );

/** Runs of operations held together by windows that close. */
function chainsOf(operations: readonly Operation[], lagsTo: Map<string, Lag[]>): Operation[][] {
  const index = new Map(operations.map((o, i) => [o.id, i]));
  const startOfChain = operations.map((_, i) => i);
  operations.forEach((operation, i) => {
    for (const lag of lagsTo.get(operation.id) ?? []) {
      const head = index.get(lag.from);
      if (head === undefined || !closes(lag) || operation.pinnedMin !== null) continue;
      for (let k = head; k <= i; k++) startOfChain[k] = Math.min(startOfChain[k] ?? k, startOfChain[head] ?? head);
    }
  });
  const chains: Operation[][] = [];
  operations.forEach((operation, i) => {
    const chain = chains.at(-1);
    if (chain && startOfChain[i] !== i) chain.push(operation);
    else chains.push([operation]);
  });
  return chains;
}

function whyNot(problem: PlanningProblem, operation: Operation, chain: readonly Operation[]): string {
  const longest = Math.max(0, ...problem.evenings.map((e) => e.toMin - e.fromMin));
  const clean = operation.resources.includes('airbrush') ? problem.airbrushCleanMin : 0;
  if (problem.evenings.length === 0) return 'there are no evenings to work in';
  const missing = operation.resources.find((wanted) => !problem.resources.includes(wanted));
  if (missing) return `the workshop has no ${missing}`;
  if (operation.durationMin + clean > longest)
    return `takes ${String(operation.durationMin + clean)} min with cleaning, the longest evening has ${String(Math.round(longest))} min`;
  if (chain.length > 1) return 'the windows of this step and those it hangs together with fit into no evening';
  return 'no free time in the evenings planned ahead, or the layer below never dries in this air';
}
