import { coatDays, isStepDone, waitAfter, type Outlook, type PieceOutlook } from '@eveningtide/core/schedule';
import { shareOf } from '@eveningtide/core/tonight';
import { dateOf, formatMinutes } from '@eveningtide/core/units';
import { dryingWedgePath } from '../ui/drying-wedge.js';
import { useDays, type Days } from '../ui/days.js';
import { useBenchNow, usePlan } from '../workers/outlook-context.js';
import { partWords } from '../ui/part-words.js';
import { solventWords } from '../ui/words.js';

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

/** Coats or parts of one step that come on several evenings: the nights between them are told like those between steps. */
function CoatNights({ outlook, own, index }: { outlook: Outlook; own: PieceOutlook; index: number }) {
  const days = useDays();
  const coats = coatDays(outlook, own, index);
  if (new Set(coats).size < 2) return null;
  const all = own.sittings[index] ?? [];
  const called = all.map(({ sitting }) => partWords(shareOf(all, sitting)));
  return (
    <p className="bg-night py-0.5 pr-9 pl-[3.75rem] text-[0.8125rem] text-night-text">
      <b className="font-semibold">Over nights</b>:{' '}
      {coats.map((date, i) => `${called[i] ?? ''} ${date === null ? 'without an evening' : days.day(date)}`).join(', ')}
    </p>
  );
}

/** What is told of the time after a step, in minutes from its end. */
interface GapFacts {
  /** Minutes until the next step may come; Infinity: never in this air. Null: nothing is waited for. */
  readyIn: number | null;
  closesIn: number | null;
  nextIn: number | null;
  /** The day to which the night leads; null: it goes on in the same evening. */
  nightTo: string | null;
  /** Clock time of the next step. */
  nextAt: string | null;
  takeBack: string | null;
  driesLighter: boolean;
}

function gapFacts({ originDate }: Outlook, own: PieceOutlook, index: number, days: Days): GapFacts | null {
  const report = own.reports[index];
  if (!report) return null;
  const next = own.reports[index + 1];
  const wait = waitAfter(own, index);
  const since = (minute: number | null | undefined): number | null => (minute == null ? null : minute - report.endMin);
  const nextDay = next ? dateOf(originDate, next.startMin) : null;
  const { takeBack } = report;
  return {
    readyIn: since(wait?.readyMin),
    closesIn: since(wait?.closesMin),
    nextIn: since(next?.startMin),
    nightTo: nextDay !== dateOf(originDate, report.endMin) ? nextDay : null,
    nextAt: next ? days.clock(next.startMin) : null,
    takeBack:
      takeBack &&
      `undo with ${solventWords(takeBack.withSolvent)} ${Number.isFinite(takeBack.untilMin) ? formatMinutes(takeBack.untilMin - report.endMin) : 'until sealed'}`,
    driesLighter: report.judgeFromMin !== null,
  };
}

/** The facts in words, without the night. */
function gapWords({ readyIn, closesIn, nightTo, nextAt, takeBack, driesLighter }: GapFacts): string[] {
  const isReady = readyIn !== null && Number.isFinite(readyIn);
  return [
    isReady ? `ready after ${formatMinutes(readyIn)}` : readyIn !== null && 'does not dry in this air',
    closesIn !== null && `best before ${formatMinutes(closesIn)}`,
    isReady && nightTo === null && nextAt !== null && `next at ${nextAt}`,
    takeBack,
    driesLighter && 'dries lighter',
  ].filter((words) => typeof words === 'string');
}

/** It was done, and nothing is waited for any more: then only its day is told. */
function isOver(own: PieceOutlook, index: number, nowMin: number): boolean {
  if (!isStepDone(own, index)) return false;
  const wait = waitAfter(own, index);
  return isStepDone(own, index + 1) || !wait || Math.max(wait.readyMin, wait.closesMin ?? -Infinity) <= nowMin;
}

function Gap({ outlook, own, index }: { outlook: Outlook; own: PieceOutlook; index: number }) {
  const days = useDays();
  const now = useBenchNow();
  const facts = gapFacts(outlook, own, index, days);
  const report = own.reports[index];
  if (!facts || !report) return null;
  if (isOver(own, index, now.minute))
    return <p className="pr-9 pl-[3.75rem] text-[0.8125rem] text-ink-2">{days.dayOf(outlook.originDate, report.endMin)}</p>;
  const { readyIn, nightTo } = facts;
  if (nightTo === null && readyIn === null) return null;
  const isNight = nightTo !== null;
  const words = gapWords(facts);
  return (
    <div
      className={`flex items-center gap-3 pr-9 pl-[3.75rem] text-[0.8125rem] ${isNight ? 'bg-night py-0.5 text-night-text' : 'text-ink-2'}`}
    >
      <p className="min-w-0 flex-1 truncate" title={words.join(' · ')}>
        {isNight && (
          <>
            <b className="font-semibold">Night</b> to {days.day(nightTo)}
            {words.length > 0 ? ' · ' : ''}
          </>
        )}
        {words.join(' · ')}
      </p>
      <GapScale facts={facts} isNight={isNight} />
    </div>
  );
}

function GapScale({ facts: { readyIn, closesIn, nextIn }, isNight }: { facts: GapFacts; isNight: boolean }) {
  return (
    <svg
      viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
      preserveAspectRatio="none"
      aria-hidden="true"
      style={{ height: HEIGHT }}
      className={`w-[8rem] shrink-0 @min-[64rem]:w-[10.5rem] ${isNight ? 'text-tide-lit' : 'text-tide'}`}
    >
      {readyIn !== null && Number.isFinite(readyIn) && (
        <>
          <path d={dryingWedgePath(0, x(readyIn), FLOOR, 10)} className={isNight ? 'fill-wet-lit' : 'fill-wet'} />
          <path
            d={`M${String(x(readyIn))} ${String(FLOOR)}H${String(x(closesIn ?? LONGEST_MIN))}`}
            stroke="currentColor"
            strokeWidth={1.5}
          />
          <path d={`M${String(x(readyIn))} 4V${String(FLOOR + 1)}`} stroke="currentColor" strokeWidth={2} />
        </>
      )}
      {closesIn !== null && (
        <path
          d={`M${String(x(closesIn) - 4)} 3h4v11h-4`}
          fill="none"
          className={isNight ? 'stroke-brick-lit' : 'stroke-brick'}
          strokeWidth={1.5}
        />
      )}
      {nextIn !== null && <path d={`M${String(x(nextIn) - 4)} 1h8l-4 6z`} className={isNight ? 'fill-night-text' : 'fill-ink'} />}
    </svg>
  );
}
