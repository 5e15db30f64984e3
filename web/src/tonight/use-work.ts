import { mixNeeded } from '@eveningtide/core/coverage';
import { alreadyDone, plainEntry, withAnotherRound, type LogEntry } from '@eveningtide/core/log';
import { SOMETHING_ELSE, withRemedy, type Judged, type Trouble } from '@eveningtide/core/remedies';
import type { Piece } from '@eveningtide/core/subjects';
import type { Job, Timer } from '@eveningtide/core/tonight';
import { nanoid } from '@reduxjs/toolkit';
import { cupOf, cupWords, useCountedCups } from '../mixing/use-counted-cups.js';
import { mixWords } from '../pieces/mix-words.js';
import { useLazyPiecesQuery, useSavePieceMutation, useWorkshopQuery } from '../store/api.js';
import { useBenchAir } from '../store/air.js';
import { useLog, useWriteLog } from '../store/log.js';
import { useShown } from '../ui/shown.js';
import { notifyFailure, notifyWithUndo } from '../ui/notify.js';
import { useOnHand, usePlan } from '../workers/outlook-context.js';
import { benchMoment, benchOffsetMin } from '../store/bench-clock.js';

export interface Work {
  /** What was written of a job; null where nothing was. */
  entryOf: (job: Job) => LogEntry | null;
  start: (job: Job) => void;
  done: (job: Job) => void;
  /** Put down as far as this, in coats from the beginning of its step: the rest is planned again. */
  putDown: (job: Job, to: number) => void;
  /** It was done without being told: it took what was planned. */
  doneAlready: (job: Job) => void;
  leaveOut: (jobs: readonly Job[], words: string) => void;
  /** Nothing comes off on a dry finger: what the timer waited for is there. */
  foundDry: (timer: Timer) => void;
  /** One more round of it, or of its group. */
  again: (job: Job) => Promise<void>;
  /** What went wrong is written down, and the sequence adapted to the remedy. */
  wentWrong: (what: { job: Job; entry: LogEntry; trouble: Trouble; remedy: Judged | null }) => Promise<void>;
  /** Something that has no name here: a remark in one's own words. */
  somethingElse: (job: Job, words: string) => void;
  change: (entry: LogEntry, patch: Partial<LogEntry>) => void;
  takeBack: (entry: LogEntry) => void;
}

/** As an entry without a part has it. */
const isWholeCoat = ({ sitting, part }: Job): boolean => part.from === sitting && part.to === sitting + 1;

/** Now; where another screen's clock is ahead, when it says that it began. */
const notBefore = (startedAt: string): string => {
  const now = benchMoment();
  return now < startedAt ? startedAt : now;
};

/** What the painter does at the bench, written to the log. */
export function useWork(): Work {
  const { soFar: outlook, given } = usePlan();
  const { supplies, mixes } = useOnHand();
  const { data: stored } = useWorkshopQuery();
  const air = useBenchAir();
  const log = useLog() ?? [];
  const { write, takeBack } = useWriteLog();
  const shown = useShown();
  const cups = useCountedCups();
  const [fetch] = useLazyPiecesQuery();
  const [save] = useSavePieceMutation();
  const workshop = stored?.workshop;

  const pieceOf = (job: Job): Piece | undefined => given?.pieces.find(({ id }) => id === job.pieceId);

  const entryFor = (job: Job, kind: LogEntry['kind']): LogEntry => {
    const piece = pieceOf(job);
    const cup = cupOf(cups, job.pieceId, job.stepIndex);
    const mix = piece && mixNeeded(job.step, piece, supplies, workshop?.dropsPerMl, mixes);
    return plainEntry({
      id: nanoid(16),
      kind,
      pieceId: job.pieceId,
      stepId: job.step.id,
      sitting: job.sitting,
      ...(isWholeCoat(job) ? {} : { part: job.part }),
      step: job.step,
      startedAt: benchMoment(),
      utcOffsetMin: benchOffsetMin(),
      plannedMin: job.plannedMin,
      air: air?.air ?? null,
      airFrom: air?.from ?? 'typed',
      mix: cup ? cupWords(cup) : mix ? mixWords(mix, shown) : '',
    });
  };
  /** Saves the piece changed; returns the way back. */
  const changePiece = async (job: Job, to: (piece: Piece, newId: (n: number) => string) => Piece): Promise<() => Promise<unknown>> => {
    const before = (await fetch(undefined, true).unwrap()).find(({ piece }) => piece.id === job.pieceId);
    if (!before) throw new Error('the piece is not there any more');
    const seed = nanoid(8);
    const after = await save({ version: before.version, piece: to(before.piece, (n) => `${seed}${String(n)}`) }).unwrap();
    return () => save({ version: after.version, piece: before.piece }).unwrap();
  };
  const entryOf = (job: Job): LogEntry | null =>
    log.find(
      ({ kind, pieceId, stepId, sitting }) =>
        kind === 'work' && pieceId === job.pieceId && stepId === job.step.id && sitting === job.sitting,
    ) ?? null;

  return {
    entryOf,
    takeBack: ({ id }) => {
      takeBack(id);
    },
    change: (entry, patch) => {
      write({ ...entry, ...patch });
    },
    start: (job) => {
      if (!entryOf(job)) write(entryFor(job, 'work'));
    },
    done: (job) => {
      const entry = entryOf(job);
      if (entry && entry.endedAt === null) write({ ...entry, endedAt: notBefore(entry.startedAt) });
    },
    putDown: (job, to) => {
      const entry = entryOf(job);
      if (!entry || entry.endedAt !== null) return;
      write({ ...entry, endedAt: notBefore(entry.startedAt), part: { from: job.part.from, to } });
      notifyWithUndo('Put down: the rest is planned again', () => {
        write(entry);
      });
    },
    doneAlready: (job) => {
      if (!entryOf(job)) write(alreadyDone(entryFor(job, 'work'), job.plannedMin, log));
    },
    leaveOut: (jobs, words) => {
      const entries = jobs.map((job) => entryFor(job, 'left-out'));
      entries.forEach(write);
      notifyWithUndo(words, () => {
        entries.forEach(({ id }) => {
          takeBack(id);
        });
      });
    },
    foundDry: ({ pieceId, doneIndex, labelMin }) => {
      const own = outlook?.pieces.find((piece) => piece.pieceId === pieceId);
      const stepId = own?.steps[doneIndex]?.id;
      const entry = log.findLast((one) => one.kind === 'work' && one.pieceId === pieceId && one.stepId === stepId && one.endedAt !== null);
      if (!entry?.endedAt || labelMin === null) return;
      write({ ...entry, dryTest: { at: notBefore(entry.endedAt), labelMin } });
      notifyWithUndo('Dry: the next step may come, and the bottle’s own time is learnt', () => {
        write(entry);
      });
    },
    again: async (job) => {
      try {
        const undo = await changePiece(job, (piece, newId) => withAnotherRound(piece, job.step.id, newId));
        notifyWithUndo('One more round is planned', undo);
      } catch (error) {
        notifyFailure('No round was added', error);
      }
    },
    somethingElse: (job, words) => {
      const told = { ...entryFor(job, 'trouble'), met: { trouble: SOMETHING_ELSE.id, remedy: null }, note: words };
      write(told);
      notifyWithUndo('Written down: something else', () => {
        takeBack(told.id);
      });
    },
    wentWrong: async ({ job, entry, trouble, remedy }) => {
      const met = { trouble: trouble.id, remedy: remedy?.id ?? null };
      try {
        // what is taken off was not done: its entry becomes the trouble, and the step is planned again
        const told = remedy?.redoes
          ? { ...entry, kind: 'trouble' as const, endedAt: entry.endedAt ?? notBefore(entry.startedAt), met, note: remedy.words }
          : { ...entryFor(job, 'trouble'), met, note: remedy?.words ?? '' };
        const undo =
          remedy && remedy.steps.length > 0
            ? await changePiece(job, (piece, newId) => withRemedy(piece, job.step.id, remedy.steps, newId))
            : null;
        write(told);
        notifyWithUndo(
          `Written down: ${trouble.name.toLowerCase()}`,
          async () => {
            if (remedy?.redoes) write(entry);
            else takeBack(told.id);
            await undo?.();
          },
          { description: remedy?.redoes ? 'The step is planned again.' : undo ? 'The sequence goes on with the remedy.' : undefined },
        );
      } catch (error) {
        notifyFailure('It was not written down', error);
      }
    },
  };
}
