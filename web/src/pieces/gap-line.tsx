import { coatDays, waitAfter, type Outlook, type PieceOutlook } from '@eveningtide/core/schedule';
import { clockOf, dateOf, formatMinutes } from '@eveningtide/core/units';
import { dryingWedgePath } from '../ui/drying-wedge.js';
import { useDays } from '../ui/days.js';
import { usePlan } from '../workers/outlook-context.js';
import { solventWords } from './words.js';

const WIDTH = 250;
const HEIGHT = 16;
const FLOOR = 13;
const LONGEST_MIN = 48 * 60;

/** Square-root axis over two days, the same for every row: minutes and nights can be compared by eye. */
const x = (minutes: number): number => Math.sqrt(Math.min(Math.max(minutes, 0), LONGEST_MIN) / LONGEST_MIN) * (WIDTH - 8);

/**
 * The time between a step and the next, to scale: the wedge is wet paint, its end is when the next step may come, the
 * triangle when the plan does it, the bracket when a window closes.
 */
export function GapLine({ own, stepId }: { own: PieceOutlook; stepId: string }) {
  const { soFar: outlook } = usePlan();
  const index = own.steps.findIndex((step) => step.id === stepId);
  if (!outlook || !own.reports[index]) return null;
  return (
    <>
      <CoatNights outlook={outlook} own={own} index={index} />
      <Gap outlook={outlook} own={own} index={index} />
    </>
  );
}

/** Coats of one step that are laid on several evenings: the nights between them are told like those between steps. */
function CoatNights({ outlook, own, index }: { outlook: Outlook; own: PieceOutlook; index: number }) {
  const days = useDays();
  const coats = coatDays(outlook, own, index);
  if (new Set(coats).size < 2) return null;
  return (
    <p className="bg-night py-0.5 pr-9 pl-[3.75rem] text-[0.8125rem] text-night-text">
      <b className="font-semibold">Over nights</b>:{' '}
      {coats.map((date, coat) => `coat ${String(coat + 1)} ${date === null ? 'without an evening' : days.day(date)}`).join(', ')}
    </p>
  );
}

function Gap({ outlook, own, index }: { outlook: Outlook; own: PieceOutlook; index: number }) {
  const days = useDays();
  const report = own.reports[index];
  const next = own.reports[index + 1];
  if (!report) return null;
  const wait = waitAfter(own, index);
  const waits = wait?.readyMin ?? null;
  const nextDay = next ? dateOf(outlook.originDate, next.startMin) : null;
  const overnight = nextDay !== null && nextDay !== dateOf(outlook.originDate, report.endMin);
  const closes = wait?.closesMin ?? null;
  const back = report.takeBack;
  const backWords = back
    ? `undo with ${solventWords(back.withSolvent)} ${Number.isFinite(back.untilMin) ? formatMinutes(back.untilMin - report.endMin) : 'until sealed'}`
    : '';
  const lighter = report.judgeFromMin === null ? '' : 'dries lighter';
  if (!overnight && waits === null) return null;
  const words =
    waits === null ? '' : Number.isFinite(waits) ? `ready after ${formatMinutes(waits - report.endMin)}` : 'does not dry in this air';
  const until = closes !== null ? `best before ${formatMinutes(closes - report.endMin)}` : '';
  return (
    <div
      className={`flex items-center gap-3 pr-9 pl-[3.75rem] text-[0.8125rem] ${overnight ? 'bg-night py-0.5 text-night-text' : 'text-ink-2'}`}
    >
      <p className="min-w-0 flex-1 truncate" title={[words, until, backWords, lighter].filter(Boolean).join(' · ')}>
        {overnight && nextDay && (
          <>
            <b className="font-semibold">Night</b> to {days.day(nextDay)}
            {words ? ' · ' : ''}
          </>
        )}
        {words}
        {until ? ` · ${until}` : ''}
        {!overnight && next && waits !== null && Number.isFinite(waits) ? ` · next at ${clockOf(next.startMin)}` : ''}
        {backWords ? ` · ${backWords}` : ''}
        {lighter ? ` · ${lighter}` : ''}
      </p>
      <svg
        viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
        preserveAspectRatio="none"
        aria-hidden="true"
        style={{ height: HEIGHT }}
        className={`w-[8rem] shrink-0 @min-[64rem]:w-[10.5rem] ${overnight ? 'text-tide-lit' : 'text-tide'}`}
      >
        {waits !== null && Number.isFinite(waits) && (
          <>
            <path d={dryingWedgePath(0, x(waits - report.endMin), FLOOR, 10)} className={overnight ? 'fill-wet-lit' : 'fill-wet'} />
            <path
              d={`M${String(x(waits - report.endMin))} ${String(FLOOR)}H${String(x(closes === null ? LONGEST_MIN : closes - report.endMin))}`}
              stroke="currentColor"
              strokeWidth={1.5}
            />
            <path d={`M${String(x(waits - report.endMin))} 4V${String(FLOOR + 1)}`} stroke="currentColor" strokeWidth={2} />
          </>
        )}
        {closes !== null && (
          <path
            d={`M${String(x(closes - report.endMin) - 4)} 3h4v11h-4`}
            fill="none"
            className={overnight ? 'stroke-brick-lit' : 'stroke-brick'}
            strokeWidth={1.5}
          />
        )}
        {next && (
          <path d={`M${String(x(next.startMin - report.endMin) - 4)} 1h8l-4 6z`} className={overnight ? 'fill-night-text' : 'fill-ink'} />
        )}
      </svg>
    </div>
  );
}
