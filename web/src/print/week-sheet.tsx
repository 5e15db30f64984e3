import { incomingOf, stepPaint } from '@eveningtide/core/sequence';
import type { Piece } from '@eveningtide/core/subjects';
import { busyLeftMin, stillWet, type Evening, type Job } from '@eveningtide/core/tonight';
import { MINUTES_PER_DAY, formatMinutes } from '@eveningtide/core/units';
import { zoneWords } from '../pieces/zone-words.js';
import type { StoredPiece } from '../store/api.js';
import { useDays } from '../ui/days.js';
import { partWords } from '../ui/part-words.js';
import { Empty } from '../ui/states.js';
import { Swatch } from '../ui/swatch.js';
import { TickBox } from '../ui/tick-box.js';
import { useOnHand } from '../workers/outlook-context.js';
import { PrintFrame } from './print-frame.js';
import { useEveningsAhead } from './use-evenings-ahead.js';

const DAYS = 7;

/** The evenings of the next seven days under each other, a line a step. */
export function WeekSheet({ stored }: { stored: readonly StoredPiece[] }) {
  const ahead = useEveningsAhead();
  const days = useDays();
  if (!ahead) return null;
  const { originDate } = ahead;
  const evenings = ahead.evenings.filter(({ span }) => span.fromMin < DAYS * MINUTES_PER_DAY);
  return (
    <PrintFrame name="The week">
      <div className="sheet max-w-4xl print:max-w-none">
        <h2 className="mb-2 text-[1.6875rem] leading-8 font-bold print:text-2xl">
          The week from {days.day(originDate)} to {days.dayOf(originDate, (DAYS - 1) * MINUTES_PER_DAY)}
        </h2>
        {evenings.length === 0 && <Empty title="No evening of this week is planned">Later evenings are on the plan sheet.</Empty>}
        {evenings.map((evening) => (
          <EveningLines key={evening.span.fromMin} evening={evening} stored={stored} originDate={originDate} />
        ))}
      </div>
    </PrintFrame>
  );
}

function EveningLines({ evening, stored, originDate }: { evening: Evening; stored: readonly StoredPiece[]; originDate: string }) {
  const days = useDays();
  const pieces = new Map(stored.map(({ piece }) => [piece.id, piece]));
  const jobs = evening.jobs.filter(({ state }) => state !== 'done');
  const wet = stillWet(evening);
  const day = days.dayOf(originDate, evening.span.fromMin);
  return (
    <section aria-label={day} className="mb-3">
      <h3 className="flex flex-wrap items-baseline gap-x-3 break-after-avoid border-b border-line-strong text-lg font-semibold print:text-base">
        {day}
        <span className="figures font-normal text-ink-2">
          {days.clock(evening.span.fromMin)}–{days.clock(evening.span.toMin)}
        </span>
        <span className="font-normal text-ink-2">{formatMinutes(busyLeftMin(evening))} with cleaning</span>
      </h3>
      <table className="w-full text-left">
        <thead className="sr-only">
          <tr>
            {['Begins', 'Piece', 'Step', 'With', 'Minutes'].map((head) => (
              <th key={head} scope="col">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {jobs.map((job) => (
            <JobLine key={job.id} job={job} piece={pieces.get(job.pieceId)} />
          ))}
        </tbody>
      </table>
      {wet.length > 0 && (
        <p className="text-tide">
          Leave alone:{' '}
          {wet
            .map(({ pieceId, readyMin }) => {
              const name = pieces.get(pieceId)?.name ?? '';
              return Number.isFinite(readyMin)
                ? `${name} until ${days.when(originDate, readyMin)}`
                : `${name}, which does not dry in this air`;
            })
            .join(', ')}
        </p>
      )}
    </section>
  );
}

function JobLine({ job, piece }: { job: Job; piece: Piece | undefined }) {
  const { supplies, mixes } = useOnHand();
  const days = useDays();
  if (!piece) return null;
  const { technique } = incomingOf(job.step, supplies);
  const paint = stepPaint(job.step, supplies, mixes);
  const part = partWords(job, { piece, step: job.step });
  return (
    <tr className="break-inside-avoid border-b border-line align-top">
      <td className="figures w-20 py-0.5 pr-2 whitespace-nowrap">
        <TickBox className="mr-2" />
        {days.clock(job.startMin)}
      </td>
      <td className="w-[27%] py-0.5 pr-3 font-semibold">{piece.name}</td>
      <td className="py-0.5 pr-3">
        {technique.name}
        {part !== '' && `, ${part}`}, {zoneWords(piece, job.step)}
      </td>
      <td className="w-[24%] py-0.5 pr-3">
        {paint && (
          <>
            <Swatch colour={paint.colour} size={11} /> {paint.name}
          </>
        )}
      </td>
      <td className="figures w-16 py-0.5 text-right whitespace-nowrap">{Math.round(job.endMin - job.startMin)} min</td>
    </tr>
  );
}
