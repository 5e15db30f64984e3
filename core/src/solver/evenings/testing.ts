import type { Interval } from '../../units/index.js';
import type { DryingLag, DryingWork, ScheduleOperation, ScheduleProblem } from '../problem.js';

/** For tests: small problems of an airbrush and a pair of hands, written in a line each. */
export const DAY = 1440;

/** Half past seven to half past nine, so many days on end. */
export const eveningsFor = (days: number): Interval[] =>
  Array.from({ length: days }, (_, day) => ({ fromMin: day * DAY + 1170, toMin: day * DAY + 1290 }));

/** Drying that takes as long by night as in the evening. */
export const work = (minutes: number): DryingWork => ({ eveningMin: minutes, nightMin: minutes });

/** Belongs to the job that its id begins with. */
export const op = (id: string, durationMin: number, more: Partial<ScheduleOperation> = {}): ScheduleOperation => ({
  id,
  job: id[0] ?? '',
  durationMin,
  resources: ['hands'],
  ...more,
});

export const spray = (id: string, durationMin: number, colour: string, more: Partial<ScheduleOperation> = {}): ScheduleOperation =>
  op(id, durationMin, { resources: ['hands', 'airbrush'], colour, ...more });

export const dry = (from: string, to: string, open: number, close: number | null = null): DryingLag => ({
  from,
  to,
  windows: [{ open: work(open), close: close === null ? null : work(close) }],
});

type More = Partial<Omit<ScheduleProblem, 'calendar'> & NonNullable<ScheduleProblem['calendar']>>;

/** Operations of one job follow each other in the order given; what is not said is as at a usual bench. */
export function inEvenings(operations: ScheduleOperation[], drying: DryingLag[] = [], more: More = {}): ScheduleProblem {
  const { evenings = eveningsFor(20), daylight = [], notBeforeMin = 0, fillShare = 1, overNights = 1, ...rest } = more;
  return {
    operations,
    lags: operations.flatMap(({ id, job }, i) => {
      const before = operations
        .slice(0, i)
        .reverse()
        .find((one) => one.job === job);
      return before ? [{ from: before.id, to: id, minMin: 0, maxMin: null }] : [];
    }),
    drying,
    setup: { resource: 'airbrush', minutes: 6, holds: ['hands'] },
    capacities: { hands: 1, airbrush: 1 },
    calendar: { evenings, daylight, notBeforeMin, fillShare, overNights },
    ...rest,
  };
}
