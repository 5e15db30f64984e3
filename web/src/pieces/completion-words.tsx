import type { Completion } from '@eveningtide/core/schedule';
import { dateOf } from '@eveningtide/core/units';
import type { Days } from '../ui/days.js';

/** `done Tue 24 Nov`; what is not dry by then says when it is. */
export function CompletionWords({
  completion: { paintedMin, dryMin },
  originDate,
  days,
}: {
  completion: Completion;
  originDate: string;
  days: Days;
}) {
  const day = <b className="font-semibold text-ink">{days.dayOf(originDate, paintedMin)}</b>;
  if (!Number.isFinite(dryMin)) return <>painted {day}, does not dry in this air</>;
  if (dateOf(originDate, dryMin) === dateOf(originDate, paintedMin)) return <>done {day}</>;
  return (
    <>
      painted {day}, dry {days.dayOf(originDate, dryMin)}
    </>
  );
}
