import { completionOf, type Outlook } from '@eveningtide/core/schedule';
import { stepPaint } from '@eveningtide/core/sequence';
import { techniqueById } from '@eveningtide/core/techniques';
import type { Evening } from '@eveningtide/core/tonight';

import type { Piece } from '@eveningtide/core/subjects';
import { CompletionWords } from '../pieces/completion-words.js';
import { FinishedLook } from '../looks/finished-look.js';
import type { StoredPiece } from '../store/api.js';
import { useDays } from '../ui/days.js';
import { Empty } from '../ui/states.js';
import { Swatch } from '../ui/swatch.js';
import { TickBox } from '../ui/tick-box.js';
import { useOnHand, usePlan } from '../workers/outlook-context.js';
import { PrintFrame } from './print-frame.js';
import { useEveningsAhead } from './use-evenings-ahead.js';

/** Evenings that stand beside each other on a page that lies. */
const ABREAST = 6;

/** All pieces against all evenings, for the wall: what is done when, and when each is finished. */
export function PlanSheet({ stored }: { stored: readonly StoredPiece[] }) {
  const ahead = useEveningsAhead();
  const { outlook } = usePlan();
  if (!ahead || !outlook) return null;
  const pages = Array.from({ length: Math.ceil(ahead.evenings.length / ABREAST) }, (_, i) =>
    ahead.evenings.slice(i * ABREAST, (i + 1) * ABREAST),
  );
  return (
    <PrintFrame name="Plan sheet">
      {pages.length === 0 && (
        <Empty title="Nothing is planned" go={{ to: '/pieces', words: 'To the pieces' }}>
          Give a piece some steps, and the plan of all evenings can be printed here.
        </Empty>
      )}
      {pages.map((evenings) => (
        <PlanPage key={evenings[0]?.span.fromMin} evenings={evenings} stored={stored} outlook={outlook} />
      ))}
    </PrintFrame>
  );
}

function PlanPage({ evenings, stored, outlook }: { evenings: readonly Evening[]; stored: readonly StoredPiece[]; outlook: Outlook }) {
  const days = useDays();
  const worked = new Set(evenings.flatMap(({ jobs }) => jobs.map(({ pieceId }) => pieceId)));
  const [first, last] = [evenings[0], evenings.at(-1)];
  if (!first || !last) return null;
  const dayOf = ({ span }: Evening): string => days.dayOf(outlook.originDate, span.fromMin);
  return (
    <div className="sheet sheet-lying mb-8 overflow-x-auto print:mb-0 print:overflow-visible">
      <h2 className="mb-2 text-[1.6875rem] leading-8 font-bold print:text-2xl">
        {first === last ? dayOf(first) : `${dayOf(first)} to ${dayOf(last)}`}
      </h2>
      <table className="w-full min-w-[56rem] table-fixed border-collapse text-left print:min-w-0">
        <thead>
          <tr className="border-b border-line-strong align-bottom">
            <th scope="col" className="w-[15%] pr-2 pb-1 font-semibold">
              Piece
            </th>
            {evenings.map((evening) => (
              <th key={evening.span.fromMin} scope="col" className="pr-2 pb-1 font-semibold">
                {dayOf(evening)}{' '}
                <span className="figures block font-normal whitespace-nowrap text-ink-2">
                  {days.clock(evening.span.fromMin)}–{days.clock(evening.span.toMin)}
                </span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {stored
            .filter(({ piece }) => worked.has(piece.id))
            .map(({ piece }) => (
              <PieceRow key={piece.id} piece={piece} evenings={evenings} outlook={outlook} />
            ))}
        </tbody>
      </table>
    </div>
  );
}

function PieceRow({ piece, evenings, outlook }: { piece: Piece; evenings: readonly Evening[]; outlook: Outlook }) {
  const { supplies, mixes } = useOnHand();
  const days = useDays();
  const own = outlook.pieces.find(({ pieceId }) => pieceId === piece.id);
  const completion = own ? completionOf(own) : null;
  return (
    <tr className="break-inside-avoid border-b border-line align-top">
      <th scope="row" className="py-1 pr-2 font-normal">
        <FinishedLook piece={piece} />
        <b className="block font-semibold">{piece.name}</b>
        {completion && <CompletionWords completion={completion} originDate={outlook.originDate} days={days} />}
      </th>
      {evenings.map(({ span, jobs }) => (
        <td key={span.fromMin} className="py-1 pr-2">
          <ul>
            {jobs
              .filter(({ pieceId }) => pieceId === piece.id)
              .map(({ id, step, state, startMin }) => {
                const paint = stepPaint(step, supplies, mixes);
                return (
                  <li key={id} className="mb-0.5">
                    {state !== 'done' && <TickBox className="mr-1" />}
                    <span className="figures">{days.clock(startMin)}</span> {paint && <Swatch colour={paint.colour} size={11} />}{' '}
                    {techniqueById(step.technique).name}
                    {state === 'done' && <span className="text-ink-2">, done</span>}
                  </li>
                );
              })}
          </ul>
        </td>
      ))}
    </tr>
  );
}
