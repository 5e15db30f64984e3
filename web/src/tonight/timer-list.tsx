import type { Timer } from '@eveningtide/core/tonight';
import { useDays } from '../ui/days.js';
import { dryingWedgePath } from '../ui/drying-wedge.js';
import { countDown } from './clock-words.js';

const WIDTH = 372;
const FLOOR = 22;
const HEIGHT = 18;
/** From here on a window that closes is shown as pressing, minutes. */
const PRESSING_MIN = 5;

export interface NamedTimer extends Timer {
  pieceName: string;
  words: string;
  /** It was tried with a dry finger; null where that tells nothing. */
  onDry: (() => void) | null;
}

/**
 * All that dries or closes by itself: how long still, and how it stands.
 * While the plan does not know the last press yet (`isCurrent` false), an empty list claims nothing.
 */
export function TimerList(props: { timers: readonly NamedTimer[]; nowMin: number; originDate: string; isCurrent: boolean }) {
  const { timers, nowMin, originDate, isCurrent } = props;
  return (
    <section aria-labelledby="timers" aria-busy={!isCurrent}>
      <h2 id="timers" className="sr-only">
        Timers
      </h2>
      {timers.length === 0 && (
        <p className="border-b border-line-strong py-3 text-lg text-ink-2">
          {isCurrent ? 'Nothing is drying or waiting.' : 'Working out what dries …'}
        </p>
      )}
      <ul>
        {timers.map((timer) => (
          <TimerItem key={timer.id} timer={timer} nowMin={nowMin} originDate={originDate} />
        ))}
      </ul>
    </section>
  );
}

function TimerItem({ timer, nowMin, originDate }: { timer: NamedTimer; nowMin: number; originDate: string }) {
  const days = useDays();
  const at = days.at(originDate, timer.toMin, nowMin);
  const left = timer.toMin - nowMin;
  const isMissed = left <= 0;
  const presses = timer.kind === 'closes' && left < PRESSING_MIN;
  const share = Math.min(1, Math.max(0, (nowMin - timer.fromMin) / Math.max(1e-6, timer.toMin - timer.fromMin)));
  const colour = presses ? 'text-brick' : 'text-tide';
  return (
    <li className="border-b border-line-strong py-2.5">
      <div className="flex items-end justify-between gap-2">
        <div className="min-w-0">
          <b className="block text-[1.25rem] leading-6">{timer.pieceName}</b>
          <span className={`text-lg leading-6 ${presses ? 'font-semibold text-brick' : 'text-ink-2'}`}>
            {isMissed ? `closed at ${at}: ${timer.words}` : `${at} · ${timer.words}`}
          </span>
        </div>
        {timer.onDry && (
          <button
            type="button"
            className="min-h-16 shrink-0 rounded-sm border-2 border-ink px-3 text-lg font-semibold"
            aria-label={`${timer.pieceName}: nothing comes off on a dry finger`}
            onClick={timer.onDry}
          >
            Dry
          </button>
        )}
        <strong
          role="timer"
          aria-label={`${timer.pieceName}, ${timer.words}`}
          className={`figures text-[2.75rem] leading-[2.75rem] font-semibold tracking-[-0.06em] ${presses ? 'text-brick' : ''}`}
        >
          {countDown(left)}
        </strong>
      </div>
      <svg viewBox={`0 0 ${String(WIDTH)} 26`} className={`mt-1 block h-6 w-full ${colour}`} preserveAspectRatio="none" aria-hidden="true">
        <path d={dryingWedgePath(0, WIDTH - 8, FLOOR, HEIGHT)} className="fill-wet" opacity={0.45} />
        <clipPath id={`past-${timer.id}`}>
          <rect x={0} y={0} width={share * (WIDTH - 8)} height={26} />
        </clipPath>
        <path d={dryingWedgePath(0, WIDTH - 8, FLOOR, HEIGHT)} fill="currentColor" clipPath={`url(#past-${timer.id})`} />
        <path d={`M0 ${String(FLOOR)}H${String(WIDTH)}`} stroke="var(--color-ink)" strokeWidth={1} />
        <path d={`M${String(share * (WIDTH - 8))} 2V${String(FLOOR + 3)}`} stroke="var(--color-ink)" strokeWidth={3} />
        {timer.kind === 'closes' ? (
          <path d={`M${String(WIDTH - 10)} 3h6v20h-6`} fill="none" stroke="currentColor" strokeWidth={3} />
        ) : (
          <path d={`M${String(WIDTH - 8)} ${String(FLOOR)}V3l7 4-7 4`} fill="none" stroke="currentColor" strokeWidth={2.5} />
        )}
      </svg>
    </li>
  );
}
