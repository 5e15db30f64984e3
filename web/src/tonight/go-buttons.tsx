import type { LogEntry } from '@eveningtide/core/log';
import type { Piece } from '@eveningtide/core/subjects';
import { techniqueById } from '@eveningtide/core/techniques';
import type { Job } from '@eveningtide/core/tonight';
import { minuteOf } from '@eveningtide/core/units';
import { useState } from 'react';
import { PutDownDialog } from './put-down-dialog.js';
import type { Work } from './use-work.js';
import { benchMoment } from '../store/bench-clock.js';
import { countDown } from './clock-words.js';

interface GoButtonsProps {
  job: Job;
  piece: Piece;
  entry: LogEntry | null;
  clock: Date;
  bench: Work;
  onWrong: () => void;
}

const BIG = 'min-h-[6.75rem] rounded-sm border-2 px-3 text-[1.375rem] leading-7 font-semibold';
const SMALL = 'min-h-11 text-lg underline underline-offset-4';

/** The few things to press, each as large as a knuckle needs. */
export function GoButtons({ job, piece, entry, clock, bench, onWrong }: GoButtonsProps) {
  const name = techniqueById(job.step.technique).name;
  const [puttingDown, setPuttingDown] = useState(false);
  const isRunning = job.state === 'running';
  const took = entry
    ? minuteOf(entry.startedAt.slice(0, 10), benchMoment(clock)) - minuteOf(entry.startedAt.slice(0, 10), entry.startedAt)
    : 0;
  return (
    <div className="mt-auto grid grid-cols-[minmax(0,1fr)_minmax(0,1.4fr)_minmax(0,0.7fr)] gap-3 px-6 pt-4 max-[40rem]:sticky max-[40rem]:bottom-0 max-[40rem]:gap-2 max-[40rem]:bg-page max-[40rem]:px-3 max-[40rem]:py-2">
      {isRunning && entry ? (
        <div className={`${BIG} flex flex-col justify-center border-line-strong bg-rail`}>
          Started {entry.startedAt.slice(11, 16)}
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
