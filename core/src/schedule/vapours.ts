import { VAPOUR_STAYS_MIN, incomingOf } from '../sequence/index.js';
import type { ScheduleOperation, Vapour } from '../solver/index.js';
import type { Step } from '../subjects/index.js';
import type { Interval } from '../units/index.js';
import type { Doing } from './doing.js';
import { operationId } from './operation-id.js';
import { allSittings, type SplitBench } from './sittings.js';

/** Somewhere a hot-air gun is used; else nobody minds what is in the air. */
export const hasFlame = (doings: readonly Doing[]): boolean =>
  doings.some(({ steps }) => steps.some(({ drying }) => drying === 'heat-gun'));

/** What burns in the air afterwards, and what would light it. */
export function vapourOf(step: Step, { supplies }: Pick<SplitBench, 'supplies'>): Vapour | null {
  const { burns, airflow } = incomingOf(step, supplies);
  if (airflow === 'heat-gun') return burns ? 'both' : 'lights';
  return burns ? 'gives' : null;
}

/** What would light what has been used already waits until the room is clear of it; what is pinned stays, and is told. */
export function whenAired(
  operations: readonly ScheduleOperation[],
  doings: readonly Doing[],
  bench: SplitBench,
  begun: ReadonlyMap<string, Interval>,
): readonly ScheduleOperation[] {
  if (begun.size === 0 || !hasFlame(doings)) return operations;
  const ends = doings.flatMap((doing) =>
    doing.steps.flatMap((step, index) =>
      incomingOf(step, bench.supplies).burns
        ? (allSittings(doing, bench)[index] ?? []).flatMap(
            ({ sitting }) => begun.get(operationId(doing.piece, index, sitting))?.toMin ?? [],
          )
        : [],
    ),
  );
  const airedMin = Math.max(...ends) + VAPOUR_STAYS_MIN;
  return operations.map((operation) =>
    (operation.vapour === 'lights' || operation.vapour === 'both') && operation.pinnedMin === null
      ? { ...operation, releaseMin: Math.max(operation.releaseMin ?? 0, airedMin) }
      : operation,
  );
}
