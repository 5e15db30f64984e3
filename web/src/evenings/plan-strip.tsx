import type { PlannedEvening } from '@eveningtide/core/solver';
import { formatMinutes } from '@eveningtide/core/units';
import { countWords } from '../ui/words.js';
import { useDays } from '../ui/days.js';

/** A plan at a glance: each evening it uses, filled as far as hands are busy. */
export function PlanStrip({ label, evenings, originDate }: { label: string; evenings: readonly PlannedEvening[]; originDate: string }) {
  const days = useDays();
  return (
    <div className="flex items-center gap-2 py-0.5">
      <span className="w-12 shrink-0 text-[0.8125rem] text-ink-2">{label}</span>
      <ol className="flex flex-wrap gap-1" aria-label={`${label}: ${countWords(evenings.length, 'evening')}`}>
        {evenings.map(({ evening: { fromMin, toMin }, busyMin }) => (
          <li
            key={fromMin}
            className="w-24 border border-line-strong bg-page text-[0.8125rem]"
            title={`${formatMinutes(busyMin)} of ${formatMinutes(toMin - fromMin)}`}
          >
            <span className="block px-1 whitespace-nowrap">{days.dayOf(originDate, fromMin)}</span>
            <span className="block h-1.5 bg-ink" style={{ width: `${String(Math.round((100 * busyMin) / (toMin - fromMin)))}%` }} />
          </li>
        ))}
      </ol>
    </div>
  );
}
