import { beforeAll, describe, expect, test } from '@jest/globals';
import * as loaded from 'highs';
import { seededFrom } from '../units/index.js';
import { scheduleFaults, solveSchedule, type ScheduleLag, type ScheduleOperation, type ScheduleProblem } from './index.js';

/** The same problems put to HiGHS, a mixed-integer solver of others, as a program with one yes or no for each pair on a resource. */
let highs: loaded.Highs;
beforeAll(async () => {
  // the package is typed as CommonJS and comes as a module
  const load = loaded.default as unknown as typeof loaded.default.default;
  highs = await load();
});

const BIG = 1000;

function asLp({ operations, lags, setup }: ScheduleProblem): string {
  const v = (id: string): string => `s_${id}`;
  const rows: string[] = operations.map(({ id, durationMin }) => `makespan - ${v(id)} >= ${String(durationMin)}`);
  const duration = new Map(operations.map(({ id, durationMin }) => [id, durationMin]));
  for (const { from, to, minMin, maxMin } of lags) {
    const length = duration.get(from) ?? 0;
    rows.push(`${v(to)} - ${v(from)} >= ${String(length + minMin)}`);
    if (maxMin !== null) rows.push(`${v(to)} - ${v(from)} <= ${String(length + maxMin)}`);
  }
  const choices: string[] = [];
  for (const [i, one] of operations.entries())
    for (const other of operations.slice(i + 1)) {
      const shared = one.resources.filter((resource) => other.resources.includes(resource));
      if (shared.length === 0) continue;
      const wants = setup && shared.includes(setup.resource) && (one.colour ?? null) !== (other.colour ?? null) ? setup.minutes : 0;
      const y = `y_${one.id}_${other.id}`;
      choices.push(y);
      // y = 1: one comes first
      rows.push(`${v(other.id)} - ${v(one.id)} - ${String(BIG)} ${y} >= ${String(one.durationMin + wants - BIG)}`);
      rows.push(`${v(one.id)} - ${v(other.id)} + ${String(BIG)} ${y} >= ${String(other.durationMin + wants)}`);
    }
  return `Minimize\n obj: makespan\nSubject To\n${rows.map((row, i) => ` c${String(i)}: ${row}`).join('\n')}\nBounds\n makespan >= 0\nBinary\n ${choices.join(' ')}\nEnd\n`;
}

/** A middle-sized problem of the bench: some jobs with drying between, windows that close, an airbrush in two or three colours. */
function middle(seed: number): ScheduleProblem {
  const random = seededFrom(seed);
  const whole = (from: number, to: number): number => from + Math.floor(random() * (to - from + 1));
  const operations: ScheduleOperation[] = [];
  const lags: ScheduleLag[] = [];
  const jobs = whole(2, 3);
  for (let j = 0; j < jobs; j++)
    for (let k = 0; k < whole(3, 4); k++) {
      const id = `j${String(j)}k${String(k)}`;
      const sprayed = random() < 0.5;
      operations.push({
        id,
        durationMin: 5 * whole(1, 6),
        resources: sprayed ? ['hands', 'airbrush'] : ['hands'],
        colour: sprayed ? (random() < 0.5 ? 'green' : 'red') : null,
      });
      if (k === 0) continue;
      const minMin = 5 * whole(0, 10);
      lags.push({ from: `j${String(j)}k${String(k - 1)}`, to: id, minMin, maxMin: random() < 0.35 ? minMin + 5 * whole(0, 6) : null });
    }
  const known = new Set(operations.map(({ id }) => id));
  return {
    operations,
    lags: lags.filter(({ from, to }) => known.has(from) && known.has(to)),
    setup: { resource: 'airbrush', minutes: 5 * whole(0, 4) },
  };
}

describe('against a solver of others', () => {
  test.each(Array.from({ length: 30 }, (_, i) => i + 1))('problem %d: the same makespan, or the same no', (seed) => {
    const problem = middle(seed);
    let ticks = 0;
    const { schedule, proven } = solveSchedule(problem, { timeLimitMs: Infinity, now: () => ticks++ });
    const theirs = highs.solve(asLp(problem));
    expect(proven).toBe(true);
    if (theirs.Status === 'Infeasible') expect(schedule).toBeNull();
    else {
      expect(theirs.Status).toBe('Optimal');
      expect(scheduleFaults(problem, schedule!)).toEqual([]);
      expect(schedule!.makespanMin).toBeCloseTo(theirs.ObjectiveValue, 4);
    }
  });
});
