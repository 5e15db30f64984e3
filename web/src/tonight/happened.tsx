import { GATE_PASSED, USUAL_MARKS, minutesTaken, type LogEntry } from '@eveningtide/core/log';
import { techniqueById } from '@eveningtide/core/techniques';
import type { Outlook } from '@eveningtide/core/schedule';
import { endsRound, laterRounds, type Job } from '@eveningtide/core/tonight';
import { formatNumber } from '@eveningtide/core/units';
import { useState } from 'react';
import type { Work } from './use-work.js';

const BIG = 'min-h-16 border-2 border-ink px-3 text-lg font-semibold disabled:opacity-50';

interface HappenedProps {
  job: Job;
  outlook: Outlook;
  entry: LogEntry;
  pieceName: string;
  bench: Work;
  onWrong: () => void;
}

/** What really happened with the job that was done last: put right with one knuckle. */
export function Happened({ job, outlook, entry, pieceName, bench, onWrong }: HappenedProps) {
  const isAsked = endsRound(outlook, job);
  const later = laterRounds(outlook, job);
  const [isNoting, setNoting] = useState(false);
  const took = minutesTaken(entry) ?? 0;
  const set = (minutes: number): void => {
    bench.change(entry, { tookMin: Math.max(0, Math.round(minutes)) });
  };
  return (
    <section aria-labelledby="happened" className="border-b border-line-strong pt-2 pb-3">
      <h2 id="happened" className="text-lg font-semibold">
        What really happened
      </h2>
      <p className="mb-2 text-lg leading-6 text-ink-2">
        {pieceName}, {techniqueById(job.step.technique).name.toLowerCase()}, planned {formatNumber(entry.plannedMin ?? 0, 0)} min
      </p>
      {job.step.gate !== null && (
        <div className="mb-2 border-2 border-ink p-2">
          <p className="text-lg leading-6">
            Before going on, look: <b>{job.step.gate}</b>
          </p>
          {entry.marks.includes(GATE_PASSED) ? (
            <p className="text-lg font-semibold text-tide">Looked: it is so.</p>
          ) : (
            <div className="mt-1 grid grid-cols-2 gap-2">
              <button
                type="button"
                className={BIG}
                onClick={() => {
                  bench.change(entry, { marks: [...entry.marks, GATE_PASSED] });
                }}
              >
                It is so
              </button>
              <button type="button" className={BIG} onClick={() => void bench.again(job)}>
                Not yet: once more
              </button>
            </div>
          )}
        </div>
      )}
      <div className="mb-2 grid grid-cols-[4rem_1fr_4rem]">
        <button
          type="button"
          className={BIG}
          aria-label="A minute less"
          onClick={() => {
            set(took - 1);
          }}
        >
          −
        </button>
        <output className="grid place-content-center border-y-2 border-ink text-[1.375rem] font-semibold">
          took {formatNumber(took, 0)} min
        </output>
        <button
          type="button"
          className={BIG}
          aria-label="A minute more"
          onClick={() => {
            set(took + 1);
          }}
        >
          +
        </button>
      </div>
      <div className="grid grid-cols-2 gap-2">
        {USUAL_MARKS.map((mark) => {
          const isOn = entry.marks.includes(mark);
          return (
            <button
              key={mark}
              type="button"
              aria-pressed={isOn}
              className={`${BIG} leading-5 ${isOn ? 'bg-ink text-paper' : ''}`}
              onClick={() => {
                bench.change(entry, { marks: isOn ? entry.marks.filter((one) => one !== mark) : [...entry.marks, mark] });
              }}
            >
              {mark}
            </button>
          );
        })}
        <button type="button" className={BIG} onClick={() => void bench.again(job)}>
          {isAsked ? 'Not yet: one more round' : 'Once more'}
        </button>
        {isAsked && later.length > 0 && (
          <button
            type="button"
            className={BIG}
            onClick={() => {
              bench.leaveOut(later, `${pieceName}: enough, ${String(later.length)} steps of further rounds are left out`);
            }}
          >
            Enough: no more rounds
          </button>
        )}
        <button
          type="button"
          className={BIG}
          aria-expanded={isNoting}
          onClick={() => {
            setNoting(!isNoting);
          }}
        >
          Remark …
        </button>
        <button type="button" className={BIG} onClick={onWrong}>
          Went wrong …
        </button>
      </div>
      {isNoting && (
        <textarea
          autoFocus
          aria-label="Remark"
          rows={2}
          className="field mt-2 text-lg"
          defaultValue={entry.note}
          onBlur={(event) => {
            if (event.target.value !== entry.note) bench.change(entry, { note: event.target.value });
          }}
        />
      )}
      <button
        type="button"
        className="mt-2 min-h-11 text-lg underline underline-offset-4"
        onClick={() => {
          bench.takeBack(entry);
        }}
      >
        It was not done: undo
      </button>
    </section>
  );
}
