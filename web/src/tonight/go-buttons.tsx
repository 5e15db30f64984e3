import type { LogEntry } from '@eveningtide/core/log';
import type { Piece } from '@eveningtide/core/subjects';
import { techniqueById } from '@eveningtide/core/techniques';
import { heldBack, type Held, type Job } from '@eveningtide/core/tonight';
import { stepIdOf } from '@eveningtide/core/sequence';
import { formatMinutes, minuteOf } from '@eveningtide/core/units';
import { useState } from 'react';
import { Link } from 'react-router';
import { PutDownDialog } from './put-down-dialog.js';
import type { Work } from './use-work.js';
import { benchMoment } from '../store/bench-clock.js';
import { useDays } from '../ui/days.js';
import { countDown } from './clock-words.js';

interface GoButtonsProps {
  job: Job;
  piece: Piece;
  entry: LogEntry | null;
  clock: Date;
  nowMin: number;
  bench: Work;
  onWrong: () => void;
}

const BIG = 'min-h-[6.75rem] rounded-sm border-2 px-3 text-[1.375rem] leading-7 font-semibold';
const SMALL = 'min-h-11 text-lg underline underline-offset-4';

/** In the place of Start while it should not be begun: how long to wait, or where what is open is seen to. */
function HeldButton({ held, job }: { held: Held; job: Job }) {
  const look = `${BIG} flex items-center justify-center border-ink text-center !text-[2.25rem] !leading-10 font-bold`;
  if (held.by === 'wait')
    return (
      <button type="button" aria-disabled="true" className={`${look} bg-rail text-ink-2`}>
        <span>
          Wait <span className="whitespace-nowrap">{formatMinutes(held.minutes)}</span>
        </span>
      </button>
    );
  return (
    <Link to={`/pieces/${job.pieceId}?step=${stepIdOf(job.step.id)}`} className={look}>
      See to it first
    </Link>
  );
}

/** The few things to press, each as large as a knuckle needs. */
export function GoButtons({ job, piece, entry, clock, nowMin, bench, onWrong }: GoButtonsProps) {
  const days = useDays();
  const name = techniqueById(job.step.technique).name;
  const [puttingDown, setPuttingDown] = useState(false);
  const isRunning = job.state === 'running';
  const held = heldBack(job, nowMin);
  const took = entry
    ? minuteOf(entry.startedAt.slice(0, 10), benchMoment(clock)) - minuteOf(entry.startedAt.slice(0, 10), entry.startedAt)
    : 0;
  return (
    <div className="sticky bottom-0 mt-auto ml-1.5 grid grid-cols-[minmax(0,1fr)_minmax(0,1.4fr)_minmax(0,0.7fr)] gap-3 border-t border-line bg-page px-5 py-4 max-[40rem]:gap-2 max-[40rem]:px-3 max-[40rem]:py-2">
      {isRunning && entry ? (
        <div className={`${BIG} flex flex-col justify-center border-line-strong bg-rail`}>
          Started {days.time(entry.startedAt)}
          <strong
            role="timer"
            aria-label="Since the start"
            className="figures block text-[2.375rem] leading-10 font-semibold tracking-[-0.05em] max-[40rem]:text-[1.75rem] max-[40rem]:leading-8"
          >
            {countDown(took)}
          </strong>
        </div>
      ) : (
        <button
          type="button"
          className={`${BIG} border-ink`}
          onClick={() => {
            bench.doneAlready(job);
          }}
        >
          Done already
        </button>
      )}
      {held ? (
        <HeldButton held={held} job={job} />
      ) : (
        <button
          type="button"
          className={`${BIG} border-ink bg-lamp !text-[2.75rem] font-bold text-[#131d28]`}
          aria-keyshortcuts="Space"
          onClick={() => {
            if (isRunning) bench.done(job);
            else bench.start(job);
          }}
        >
          {isRunning ? 'Done' : 'Start'}
        </button>
      )}
      {isRunning && entry ? (
        <button type="button" className={`${BIG} border-ink`} onClick={onWrong}>
          Went wrong
        </button>
      ) : (
        <button
          type="button"
          className={`${BIG} border-ink`}
          onClick={() => {
            bench.leaveOut([job], `${piece.name}: ${name.toLowerCase()} is left out`);
          }}
        >
          Leave it out
        </button>
      )}
      {held && (
        <p className="col-span-3 text-center">
          <button
            type="button"
            className={SMALL}
            onClick={() => {
              bench.start(job);
            }}
          >
            Start anyway
          </button>
        </p>
      )}
      {isRunning && entry && (
        <p className="col-span-3 flex flex-wrap gap-x-8">
          <button
            type="button"
            className={SMALL}
            onClick={() => {
              setPuttingDown(true);
            }}
          >
            Put it down here
          </button>
          <button
            type="button"
            className={SMALL}
            onClick={() => {
              bench.takeBack(entry);
            }}
          >
            Not begun after all
          </button>
        </p>
      )}
      {puttingDown && (
        <PutDownDialog
          job={job}
          piece={piece}
          onPut={(to) => {
            bench.putDown(job, to);
          }}
          onClose={() => {
            setPuttingDown(false);
          }}
        />
      )}
    </div>
  );
}
