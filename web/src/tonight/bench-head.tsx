import type { Evening } from '@eveningtide/core/tonight';
import { formatMinutes } from '@eveningtide/core/units';
import { Bell, BellOff, Printer } from 'lucide-react';
import { Link } from 'react-router';
import { wallAheadMin } from '../store/bench-clock.js';
import { displayActions } from '../store/display.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { Ribbon } from './ribbon.js';

interface BenchHeadProps {
  evening: Evening;
  originDate: string;
  clock: Date;
  nowMin: number;
  chosen: string | null;
}

export function PrintButton({ words }: { words: string }) {
  return (
    <Button
      className="min-h-11"
      onClick={() => {
        window.print();
      }}
    >
      <Printer size={18} aria-hidden="true" /> {words}
    </Button>
  );
}

/** The evening as a ribbon, and the clock. */
export function BenchHead({ evening, originDate, clock, nowMin, chosen }: BenchHeadProps) {
  const dispatch = useAppDispatch();
  const silent = useAppSelector((state) => state.display.silent);
  const days = useDays();
  const { span, isTonight } = evening;
  const ahead = wallAheadMin(clock);
  const isOn = isTonight && nowMin >= span.fromMin && nowMin < span.toMin;
  return (
    <div className="@container">
      <header className="flex flex-wrap items-center gap-x-5 gap-y-1 border-b border-line-strong px-5 py-2">
        <div className="min-w-0 flex-1 @max-[56rem]:order-last @max-[56rem]:basis-full">
          <Ribbon evening={evening} nowMin={nowMin} chosen={chosen} />
        </div>
        <div className="flex gap-2">
          <Button
            className="min-h-11"
            aria-pressed={!silent}
            onClick={() => {
              // asked at a press only, as browsers want it
              if (silent && 'Notification' in window) void Notification.requestPermission();
              dispatch(displayActions.silentSet(!silent));
            }}
          >
            {silent ? <BellOff size={18} aria-hidden="true" /> : <Bell size={18} aria-hidden="true" />} {silent ? 'Sound off' : 'Sound on'}
          </Button>
          <Link
            to="/tonight?part=card"
            className="inline-flex min-h-11 items-center rounded-sm border border-line-strong px-3 font-semibold hover:bg-paper"
          >
            On one page
          </Link>
          <Link
            to="/tonight?part=cautions"
            className="inline-flex min-h-11 items-center rounded-sm border border-brick px-3 font-semibold text-brick hover:bg-paper"
          >
            Cautions
          </Link>
        </div>
        <p className="text-right whitespace-nowrap">
          <b className="figures block text-[2.75rem] leading-[2.625rem] font-semibold tracking-[-0.05em]">
            {days.clock(Math.floor(nowMin))}
          </b>
          <span className="text-lg leading-6 text-ink-2">
            {isOn
              ? `${formatMinutes(span.toMin - nowMin)} left tonight`
              : `${isTonight ? 'tonight' : days.dayOf(originDate, span.fromMin)} from ${days.clock(span.fromMin)}`}
          </span>
          {ahead !== 0 && (
            <span className="block text-[0.8125rem] text-ink-2">the clocks were changed: on the wall it is {days.moment(clock)}</span>
          )}
        </p>
      </header>
    </div>
  );
}
