import type { Outlook } from '@eveningtide/core/schedule';
import {
  heldBack,
  cleaningAfterMin,
  cleaningUntilMin,
  jobNow,
  readyNow,
  stillWet,
  timersOf,
  type Evening,
  type Job,
  type Timer,
} from '@eveningtide/core/tonight';
import { techniqueById } from '@eveningtide/core/techniques';

import { useMemo, useState } from 'react';
import type { StoredPiece } from '../store/api.js';
import { useAppSelector } from '../store/store.js';
import { useDays } from '../ui/days.js';
import { BenchHead } from './bench-head.js';
import { Delayed } from './delayed.js';
import { GoButtons } from './go-buttons.js';
import { Happened } from './happened.js';
import { NextUp } from './next-up.js';
import { StepNow } from './step-now.js';
import { TimerList } from './timer-list.js';
import { alarmWords, timerWords } from './timer-words.js';
import type { TimerMoment } from './due.js';
import { useAlarms } from './use-alarms.js';
import { useAwake } from './use-awake.js';
import { useWork } from './use-work.js';
import { WrongDialog } from './wrong-dialog.js';
import { useBenchKeys } from './use-bench-keys.js';
import { benchMinute } from '../store/bench-clock.js';
import { TooMuchAir } from './too-much-air.js';
import { useCautions } from './use-cautions.js';
import { useClock } from './use-clock.js';

interface BenchScreenProps {
  outlook: Outlook;
  evening: Evening;
  /** The outlook knows all that the log was told; for a moment after each press it does not. */
  isCurrent: boolean;
  stored: readonly StoredPiece[];
}

// eslint-disable-next-line complexity -- what is shown of a step depends on the evening, and stands together
export function BenchScreen({ outlook, evening, isCurrent, stored }: BenchScreenProps) {
  const clock = useClock();
  const bench = useWork();
  const [wrong, setWrong] = useState<Job | null>(null);
  const [chosenId, setChosen] = useState<string | null>(null);
  const pieces = useMemo(() => new Map(stored.map(({ piece }) => [piece.id, piece])), [stored]);
  const pieceName = (id: string): string => pieces.get(id)?.name ?? '';
  const nowMin = benchMinute(clock, outlook.originDate);
  const open = evening.jobs.filter(({ state }) => state !== 'done');
  const job = open.find(({ id }) => id === chosenId) ?? jobNow(evening);
  const piece = job && pieces.get(job.pieceId);
  const waits = job?.state === 'planned' && job.report.earliestMin > nowMin + 0.5;
  // of the same piece there may be something that it waits for: that is not done while it dries, but before
  const first = job ? open.filter((one) => one.pieceId === job.pieceId && comesBefore(one, job)) : [];
  const meanwhile = waits && first.length === 0 ? readyNow(evening, nowMin).filter(({ pieceId }) => pieceId !== job.pieceId) : [];
  const lastDone = evening.jobs.findLast(({ state }) => state === 'done');
  const coming = open.filter((one) => one !== job && !meanwhile.includes(one) && !first.includes(one));
  const entry = lastDone && bench.entryOf(lastDone);
  const told = useTimerAlarms(outlook, nowMin, pieceName);
  const choose = (by: number): void => {
    const at = open.findIndex(({ id }) => id === job?.id);
    const next = open[Math.min(Math.max(0, at + by), open.length - 1)];
    if (next) setChosen(next.id);
  };
  useAwake(evening.isTonight);
  useBenchKeys({
    onGo: () => {
      if (job?.state === 'running') bench.done(job);
      else if (job && !heldBack(job, nowMin)) bench.start(job);
    },
    onStep: choose,
  });
  const wrongEntry = wrong && bench.entryOf(wrong);
  const card = useCautions(evening, stored);
  const lists = { chosen: job?.id ?? null, pieceName, onChoose: setChosen };
  return (
    <>
      <BenchHead evening={evening} originDate={outlook.originDate} clock={clock} nowMin={nowMin} chosen={job?.id ?? null} />
      <p role="status" className="sr-only">
        {told}
      </p>
      <Delayed />
      <div className="@container flex min-h-0 flex-1 flex-col">
        <div className="grid min-h-0 flex-1 grid-cols-1 content-start overflow-y-auto @min-[50rem]:content-stretch @min-[50rem]:grid-cols-[minmax(0,1fr)_min(25.5rem,38%)] @min-[50rem]:overflow-hidden">
          <section
            aria-label="The step"
            className="relative flex flex-col border-line-strong before:absolute before:inset-y-0 before:left-0 before:w-1.5 before:bg-lamp @min-[50rem]:overflow-y-auto @min-[50rem]:border-r"
          >
            {job && piece ? (
              <>
                {card?.notInThisRoom && (
                  <div className="px-6 pb-3">
                    <TooMuchAir card={card} />
                  </div>
                )}
                <StepNow
                  job={job}
                  piece={piece}
                  nowMin={nowMin}
                  cleanMin={cleaningAfterMin(evening, job)}
                  cleanUntilMin={job.state === 'planned' ? cleaningUntilMin(evening, nowMin) : null}
                />
                <GoButtons
                  job={job}
                  piece={piece}
                  entry={bench.entryOf(job)}
                  clock={clock}
                  nowMin={nowMin}
                  bench={bench}
                  onWrong={() => {
                    setWrong(job);
                  }}
                />
              </>
            ) : (
              <AllDone evening={evening} outlook={outlook} pieceName={pieceName} />
            )}
          </section>
          <div className="relative flex flex-col px-4 @min-[50rem]:overflow-y-auto">
            <TimerList
              timers={namedTimers(outlook, nowMin, pieceName, bench.foundDry)}
              nowMin={nowMin}
              originDate={outlook.originDate}
              isCurrent={isCurrent}
            />
            <NextUp title="This comes first" jobs={first} {...lists} />
            <NextUp title="While this dries" jobs={meanwhile} {...lists} />
            {lastDone && entry && (
              <Happened
                key={entry.id}
                job={lastDone}
                outlook={outlook}
                entry={entry}
                pieceName={pieceName(lastDone.pieceId)}
                bench={bench}
                onWrong={() => {
                  setWrong(lastDone);
                }}
              />
            )}
            <NextUp title="Next up" jobs={coming} {...lists} />
          </div>
        </div>
      </div>
      {wrong && wrongEntry && (
        <WrongDialog
          job={wrong}
          entry={wrongEntry}
          pieceName={pieceName(wrong.pieceId)}
          bench={bench}
          onClose={() => {
            setWrong(null);
          }}
        />
      )}
    </>
  );
}

/** An earlier step of the same piece, or an earlier coat of the same step. */
const comesBefore = (one: Job, other: Job): boolean =>
  one.stepIndex < other.stepIndex || (one.stepIndex === other.stepIndex && one.sitting < other.sitting);

const stepsOf = (outlook: Outlook, pieceId: string) => outlook.pieces.find((own) => own.pieceId === pieceId)?.steps ?? [];

const namedTimers = (outlook: Outlook, nowMin: number, pieceName: (id: string) => string, onDry: (timer: Timer) => void) =>
  timersOf(outlook, nowMin).map((timer) => ({
    ...timer,
    pieceName: pieceName(timer.pieceId),
    words: timerWords(timer, stepsOf(outlook, timer.pieceId)),
    onDry:
      timer.labelMin === null
        ? null
        : () => {
            onDry(timer);
          },
  }));

/** Says, sounds and notifies what has come. */
function useTimerAlarms(outlook: Outlook, nowMin: number, pieceName: (id: string) => string): string {
  const silent = useAppSelector((state) => state.display.silent);
  const timers = timersOf(outlook, nowMin);
  const words = (timer: Timer, moment: TimerMoment): string =>
    alarmWords(timer, moment, pieceName(timer.pieceId), stepsOf(outlook, timer.pieceId));
  return useAlarms(timers, nowMin, words, silent);
}

/** Nothing is left for tonight: what to leave alone until it is dry. */
function AllDone({ evening, outlook, pieceName }: { evening: Evening; outlook: Outlook; pieceName: (id: string) => string }) {
  const days = useDays();
  const wet = stillWet(evening);
  return (
    <div className="px-7 py-6">
      <h1 className="text-[3rem] leading-[3.25rem] font-bold tracking-tight">All done for tonight</h1>
      {wet.length > 0 && (
        <>
          <p className="mt-4 text-xl">Leave alone overnight:</p>
          <ul className="text-xl">
            {wet.map(({ pieceId, job, readyMin }) => (
              <li key={pieceId}>
                <b>{pieceName(pieceId)}</b>, {techniqueById(job.step.technique).name.toLowerCase()}:{' '}
                {Number.isFinite(readyMin)
                  ? `ready ${days.dayOf(outlook.originDate, readyMin)} ${days.clock(readyMin)}`
                  : 'does not dry in this air'}
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
}
