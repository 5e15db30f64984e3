import type { Bounds } from '@eveningtide/core/solver';
import { formatMinutes } from '@eveningtide/core/units';
import { countWords } from '../ui/words.js';
import { useDays } from '../ui/days.js';
import { useLikely } from '../workers/use-likely.js';
import type { ToldOutlook } from '../workers/use-outlook.js';

/** The plan in four figures, beside what no plan can beat. */
export function PlanFigures({ outlook: { plan, originDate }, bounds }: { outlook: ToldOutlook; bounds: Bounds | null }) {
  const days = useDays();
  const handsOn = plan.placed.reduce((sum, p) => sum + p.endMin - p.startMin, 0);
  // what no plan can beat tells of plans in which everything is done: beside one that leaves steps out it would contradict it
  const isWhole = plan.unplaced.length === 0;
  const least = bounds?.finishMin ?? null;
  const likely = useLikely()?.likelyAllMin ?? null;
  const isLater =
    likely !== null &&
    plan.finishMin !== null &&
    likely > plan.finishMin &&
    days.dayOf(originDate, likely) !== days.dayOf(originDate, plan.finishMin);
  const earliest = [
    ...(isLater && plan.finishMin !== null ? [`at the earliest ${days.dayOf(originDate, plan.finishMin)}`] : []),
    ...(least === null || least === Infinity ? [] : [`not before ${days.dayOf(originDate, least)}`]),
  ];
  const figures = [
    {
      value: String(plan.eveningsUsed),
      what: `${plan.eveningsUsed === 1 ? 'evening' : 'evenings'}${isWhole && bounds ? `, at least ${String(bounds.evenings)}` : ''}`,
    },
    isWhole
      ? {
          value: plan.finishMin === null ? '–' : days.dayOf(originDate, isLater ? likely : plan.finishMin),
          what: [likely === null ? 'all done' : 'all likely done', ...earliest].join(', '),
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
