import type { ScheduleOperation, Setup } from '../solver/index.js';
import type { Interval } from '../units/index.js';

/** The cleaning after the last colour that was sprayed: its operation is done and in no plan any more, but hands still have it before them. */
export interface CleaningOwed {
  /** When the spraying ended. */
  fromMin: number;
  colour: string | null;
}

type Work = Pick<ScheduleOperation, 'resources' | 'colour'>;

/** Minutes of cleaning before an operation: none where the colour stays, a rinse before a darker one. */
function minutesBefore({ resources, colour }: Work, owed: CleaningOwed, setup: Setup): number {
  if (!resources.includes(setup.resource)) return setup.minutes;
  if (colour === owed.colour) return 0;
  const [before, after] = [setup.darkness?.[owed.colour ?? ''], setup.darkness?.[colour ?? '']];
  const isDarker = before !== undefined && after !== undefined && after > before;
  return isDarker ? Math.min(setup.minutes, setup.rinseMin ?? setup.minutes) : setup.minutes;
}

/** The last of what was sprayed, while it is still to be cleaned away; null where there has been time enough for it. */
export function stillOwed(sprayed: readonly CleaningOwed[], setup: Setup, nowMin: number): CleaningOwed | null {
  const last = sprayed.reduce<CleaningOwed | null>((latest, one) => (latest === null || one.fromMin > latest.fromMin ? one : latest), null);
  return last && last.fromMin + setup.minutes > nowMin ? last : null;
}

/** By hand, in a window that would be closed by then: it is done first, and the airbrush cleaned after it. */
const cannotWait = ({ resources, startsIn }: ScheduleOperation, freeMin: number, setup: Setup): boolean =>
  !resources.includes(setup.resource) && (startsIn?.[0]?.toMin ?? Infinity) < freeMin;

/** What is left to do waits for the cleaning that is owed. */
export const afterCleaning = (operations: readonly ScheduleOperation[], owed: CleaningOwed, setup: Setup): ScheduleOperation[] =>
  operations.map((operation) => {
    const freeMin = owed.fromMin + minutesBefore(operation, owed, setup);
    if (cannotWait(operation, freeMin, setup)) return operation;
    return freeMin > (operation.releaseMin ?? -Infinity) ? { ...operation, releaseMin: freeMin } : operation;
  });

/** The stretch in which it is cleaned, by what comes next; null where nothing is cleaned before that. */
export function cleaningBefore(next: Work | null, owed: CleaningOwed, setup: Setup): Interval | null {
  const minutes = next === null ? setup.minutes : minutesBefore(next, owed, setup);
  return minutes > 0 ? { fromMin: owed.fromMin, toMin: owed.fromMin + minutes } : null;
}
