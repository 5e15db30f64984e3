import type { Bounds } from '@eveningtide/core/solver';
import { formatMinutes } from '@eveningtide/core/units';
import { countWords } from '../ui/words.js';
import { useDays } from '../ui/days.js';
import { likelyDay, useLikely } from '../workers/use-likely.js';
import type { ToldOutlook } from '../workers/use-outlook.js';

/** The plan in four figures, beside what no plan can beat. */
export function PlanFigures({ outlook: { plan, originDate }, bounds }: { outlook: ToldOutlook; bounds: Bounds | null }) {
  const handsOn = plan.placed.reduce((sum, p) => sum + p.endMin - p.startMin, 0);
  // what no plan can beat tells of plans in which everything is done: beside one that leaves steps out it would contradict it
  const isWhole = plan.unplaced.length === 0;
  const least = bounds?.finishMin ?? null;
  const done = useDone(plan.finishMin, originDate, least);
  const figures = [
    {
      value: String(plan.eveningsUsed),
      what: `${plan.eveningsUsed === 1 ? 'evening' : 'evenings'}${isWhole && bounds ? `, at least ${String(bounds.evenings)}` : ''}`,
    },
    isWhole
      ? {
          value: done.day,
          what: done.words,
        }
      : { value: '–', what: `${countWords(plan.unplaced.length, 'step')} without an evening` },
    { value: formatMinutes(handsOn), what: 'hands-on' },
    { value: String(plan.cleanings.length), what: plan.cleanings.length === 1 ? 'cleaning' : 'cleanings' },
  ];
  return (
    <dl className="mt-1 flex">
      {figures.map(({ value, what }) => (
        <div key={what} className="flex flex-col-reverse border-r border-line-strong pr-4 pl-4 first:pl-0 last:border-0">
          <dt className="text-[0.8125rem] text-ink-2">{what}</dt>
          <dd className="text-lg leading-6 font-bold">{value}</dd>
        </div>
      ))}
    </dl>
  );
}

/** The likely day on which all is done, and in words how sure that is, what the plan says and what no plan can beat. */
function useDone(finishMin: number | null, originDate: string, leastMin: number | null): { day: string; words: string } {
  const days = useDays();
  const likelyMin = useLikely()?.likelyAllMin ?? null;
  if (finishMin === null) return { day: '–', words: 'all done' };
  const day = (minute: number): string => days.dayOf(originDate, minute);
  const { atMin, isLater } = likelyDay(finishMin, likelyMin, originDate);
  const words = [
    likelyMin === null ? 'all done' : 'all likely done',
    ...(isLater ? [`at the earliest ${day(finishMin)}`] : []),
    ...(leastMin === null || leastMin === Infinity ? [] : [`not before ${day(leastMin)}`]),
  ];
  return { day: Number.isFinite(atMin) ? day(atMin) : 'not sure', words: words.join(', ') };
}

/** Places in which more models stand wet than have room. */
export function Overfull({
  outlook: { overfull, originDate },
  nameOf,
}: {
  outlook: ToldOutlook;
  nameOf: (pieceId: string) => string | undefined;
}) {
  const days = useDays();
  return (
    <>
      {overfull.map((full) => (
        <p key={full.place} role="status" className="border-b border-line-strong bg-paper px-4 py-2">
          <b>Caution:</b> {days.when(originDate, full.fromMin)} {String(full.models)} models stand wet at {full.place.toLowerCase()}, which
          has room for {full.room}: {full.pieceIds.map(nameOf).join(', ')}.
        </p>
      ))}
    </>
  );
}
