import type { Plan } from '@eveningtide/core/schedule';
import type { Interval } from '@eveningtide/core/units';
import { useDays } from '../ui/days.js';

/** A plan at a glance: each evening it uses, filled as far as hands are busy. */
export function PlanStrip({
  label,
  plan,
  evenings,
  originDate,
}: {
  label: string;
  plan: Plan;
  evenings: readonly Interval[];
  originDate: string;
}) {
  const days = useDays();
  const used = evenings.flatMap((evening) => {
    const busyMin = [...plan.placed.map(({ startMin, endMin }) => ({ fromMin: startMin, toMin: endMin })), ...plan.cleanings]
      .filter(({ fromMin }) => fromMin >= evening.fromMin && fromMin < evening.toMin)
      .reduce((sum, { fromMin, toMin }) => sum + toMin - fromMin, 0);
    return busyMin > 0 ? [{ evening, share: Math.min(1, busyMin / (evening.toMin - evening.fromMin)), busyMin }] : [];
  });
  return (
    <div className="flex items-center gap-2 py-0.5">
      <span className="w-12 shrink-0 text-[0.8125rem] text-ink-2">{label}</span>
      <ol className="flex flex-wrap gap-1" aria-label={`${label}: ${String(used.length)} evenings`}>
        {used.map(({ evening, share, busyMin }) => (
          <li
            key={evening.fromMin}
            className="w-24 border border-line-strong bg-page text-[0.8125rem]"
            title={`${String(Math.round(busyMin))} min`}
          >
            <span className="block px-1 whitespace-nowrap">{days.dayOf(originDate, evening.fromMin)}</span>
            <span className="block h-1.5 bg-ink" style={{ width: `${String(Math.round(share * 100))}%` }} />
          </li>
        ))}
      </ol>
    </div>
  );
}
