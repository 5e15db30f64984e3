import { describe, expect, test } from '@jest/globals';
import { seededFrom } from '../../units/index.js';
import { planEvenings, planFaults, type DryingLag, type ScheduleOperation, type ScheduleProblem, type Wishes } from '../index.js';

/** All times are whole tens of minutes, so that trying each of them tries everything. */
const GRID = 10;
const EVENINGS = [0, 1, 2, 3].map((day) => ({ fromMin: day * 400, toMin: day * 400 + 80 }));
const CLEAN = 10;
const SOONEST: Wishes = { soonest: 100, fewest: 0, easy: 0, safe: 0 };
const FEWEST: Wishes = { soonest: 0, fewest: 10, easy: 0, safe: 0 };

/** Three to five operations of two jobs; some drying between, some windows that close, an airbrush in two colours. */
function small(seed: number): ScheduleProblem {
  const random = seededFrom(seed);
  const tens = (from: number, to: number): number => GRID * (from + Math.floor(random() * (to - from + 1)));
  const operations: ScheduleOperation[] = [];
  const drying: DryingLag[] = [];
  const lags: { from: string; to: string; minMin: number; maxMin: null }[] = [];
  const count = 3 + Math.floor(random() * 3);
  for (let i = 0; i < count; i++) {
    const job = String(i % 2);
    const sprayed = random() < 0.45;
    operations.push({
      id: `o${String(i)}`,
      job,
      durationMin: tens(1, 4),
      resources: sprayed ? ['hands', 'airbrush'] : ['hands'],
      colour: sprayed ? (random() < 0.5 ? 'green' : 'red') : null,
    });
    if (i < 2) continue;
    const [from, to] = [`o${String(i - 2)}`, `o${String(i)}`];
    lags.push({ from, to, minMin: 0, maxMin: null });
    const open = random() < 0.3 ? tens(20, 45) : tens(0, 4);
    const close = random() < 0.4 ? open + tens(0, 4) : null;
    const work = (minutes: number) => ({ eveningMin: minutes, nightMin: minutes });
    drying.push({ from, to, windows: [{ open: work(open), close: close === null ? null : work(close) }] });
  }
  return {
    operations,
    lags,
    drying,
    setup: { resource: 'airbrush', minutes: CLEAN, holds: ['hands'] },
    capacities: { hands: 1, airbrush: 1 },
    calendar: { evenings: EVENINGS, daylight: [], notBeforeMin: 0 },
  };
}

interface Best {
  finishMin: number;
  evenings: number;
}

/** Every start on the grid for every operation, with what they must keep written down anew; the least finish and the fewest evenings. */
function bestOfAll({ operations, drying = [] }: ScheduleProblem): Best {
  const best: Best = { finishMin: Infinity, evenings: Infinity };
  const starts = EVENINGS.flatMap(({ fromMin, toMin }) => Array.from({ length: (toMin - fromMin) / GRID }, (_, i) => fromMin + i * GRID));
  const at: number[] = [];
  const end = (i: number): number => (at[i] ?? 0) + (operations[i]?.durationMin ?? 0);
  const sound = (): boolean => {
    const sprayed = operations.flatMap(({ colour }, i) => (colour ? [i] : []));
    for (const i of sprayed) {
      const goesOn = sprayed.some((k) => k !== i && operations[k]?.colour === operations[i]?.colour && at[k] === end(i));
      if (goesOn) continue;
      if (!EVENINGS.some((e) => (at[i] ?? 0) >= e.fromMin && end(i) + CLEAN <= e.toMin)) return false;
      if (operations.some((_, k) => k !== i && (at[k] ?? 0) < end(i) + CLEAN && end(k) > end(i))) return false;
    }
    return true;
  };
  const step = (i: number): void => {
    const operation = operations[i];
    if (!operation) {
      if (!sound()) return;
      best.finishMin = Math.min(best.finishMin, ...[Math.max(...operations.map((_, k) => end(k)))]);
      best.evenings = Math.min(best.evenings, new Set(at.map((start) => Math.floor(start / 400))).size);
      return;
    }
    for (const start of starts) {
      at[i] = start;
      const evening = EVENINGS.find((e) => start >= e.fromMin && start < e.toMin);
      if (!evening || end(i) > evening.toMin) continue;
      if (operations.some((_, k) => k < i && start < end(k) && (at[k] ?? 0) < end(i))) continue;
      const lag = drying.find(({ to }) => to === operation.id);
      if (lag) {
        const after = start - end(operations.findIndex(({ id }) => id === lag.from));
        const { open, close } = lag.windows[0]!;
        if (after < open.eveningMin || (close && after > close.eveningMin)) continue;
      }
      step(i + 1);
    }
    at.length = i;
  };
  step(0);
  return best;
}

const COUNT = 300;

describe('evenings against trying everything', () => {
  test(`the soonest finish and the fewest evenings of ${String(COUNT)} small problems`, () => {
    const off: string[] = [];
    for (let seed = 1; seed <= COUNT; seed++) {
      const problem = small(seed);
      const best = bestOfAll(problem);
      for (const [wishes, of] of [
        [SOONEST, 'finishMin'],
        [FEWEST, 'evenings'],
      ] as const) {
        const { plan, cost, bounds } = planEvenings(problem, { wishes, drafts: 150 });
        expect(planFaults(problem, plan)).toEqual([]);
        // no bound says more than what there is
        expect(bounds[of] ?? 0).toBeLessThanOrEqual(best[of] + 1e-6);
        const found = plan.unplaced.length > 0 ? Infinity : cost[of];
        if (found !== best[of]) off.push(`${String(seed)} ${of}: ${String(found)}, best ${String(best[of])}`);
      }
    }
    expect(off).toEqual([]);
  });
});
