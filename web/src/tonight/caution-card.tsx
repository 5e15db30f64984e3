import { cautionCard, type AirFigure, type CautionCard as CautionCardOf, type Limit, type TooMuch } from '@eveningtide/core/safety';
import type { Piece } from '@eveningtide/core/subjects';
import { techniqueById } from '@eveningtide/core/techniques';
import type { Evening } from '@eveningtide/core/tonight';
import { formatNumber } from '@eveningtide/core/units';
import { ShieldAlert } from 'lucide-react';
import { useMemo } from 'react';
import { OpenFindings } from '../pieces/open-findings.js';
import { useWorkshopQuery, type StoredPiece } from '../store/api.js';
import { useDays } from '../ui/days.js';
import { useOnHand, usePlan } from '../workers/outlook-context.js';

/** Under this it is only a trace; said as such (our number). */
const TRACE_PCT = 1;

/** What to mind in an evening, from the materials that are used in it, and what that leaves in the room's air at least. */
export function CautionCard({ evening, stored }: { evening: Evening; stored: readonly StoredPiece[] }) {
  const { soFar: outlook } = usePlan();
  const { supplies, mixes } = useOnHand();
  const { data } = useWorkshopQuery();
  const days = useDays();
  const workshop = data?.workshop;
  const card = useMemo(() => {
    if (!workshop) return null;
    const pieces = new Map(stored.map(({ piece }) => [piece.id, piece]));
    const jobs = evening.jobs.flatMap(({ step, pieceId, startMin, endMin }) => {
      const piece: Piece | undefined = pieces.get(pieceId);
      return piece ? [{ step, piece, startMin, endMin }] : [];
    });
    return cautionCard(jobs, workshop.room, { supplies, mixes, droppers: workshop.dropsPerMl });
  }, [evening, stored, workshop, supplies, mixes]);
  if (!card || !workshop || !outlook) return null;
  const { room } = workshop;
  return (
    <div className="max-w-4xl px-6 py-4 print:px-0 print:text-sheet">
      <h2 className="flex items-center gap-3 text-[1.6875rem] leading-8 font-bold text-brick print:text-xl">
        <ShieldAlert size={28} aria-hidden="true" /> Caution card, {days.dayOf(outlook.originDate, evening.span.fromMin)}
      </h2>
      <TooMuchInTheAir card={card} />
      {card.cautions.length === 0 ? (
        <p className="mt-3 text-lg">Nothing in this evening’s materials asks for more than fresh air and clean hands.</p>
      ) : (
        <ul className="mt-3 divide-y divide-line border-y border-line">
          {card.cautions.map(({ id, words, because }) => (
            <li key={id} className="py-2 text-lg print:py-1 print:text-sheet">
              <b>{words}</b>
              <span className="block text-[1rem] text-ink-2 print:text-sheet">For {because.join(', ')}.</span>
            </li>
          ))}
        </ul>
      )}
      <OpenTonight evening={evening} stored={stored} />
      {card.air.length > 0 && (
        <section aria-labelledby="room-air" className="mt-4">
          <h3 id="room-air" className="text-lg font-semibold">
            In the air of the room, at least
          </h3>
          <ul className="text-lg print:text-sheet">
            {card.air.map((figure) => (
              <li key={figure.kind}>{airWords(figure, days.clock)}</li>
            ))}
          </ul>
          <p className="mt-1 text-ink-2">
            Calculated for {formatNumber(room.volumeM3, 0)} m³ with {formatNumber(room.airChangesPerH, 1)} changes of air an hour, as if
            well mixed. At the bench, where you breathe, it is more: this is a lower bound and never says that it is safe.
          </p>
        </section>
      )}
      <p className="mt-4 border-2 border-brick px-4 py-2 font-semibold text-brick">
        The safety data sheet, local rules and licensed people decide. {card.defer}
      </p>
    </div>
  );
}

/** What is still open at the steps of the evening: what spoils a piece, or may. */
function OpenTonight({ evening, stored }: { evening: Evening; stored: readonly StoredPiece[] }) {
  const open = evening.jobs.filter((job) => job.state !== 'done' && job.open.length > 0);
  if (open.length === 0) return null;
  return (
    <section aria-labelledby="open-tonight" className="mt-4">
      <h3 id="open-tonight" className="text-lg font-semibold">
        Still open at its steps
      </h3>
      <ul className="space-y-1 text-lg print:text-sheet">
        {open.map((job) => (
          <li key={job.id}>
            {stored.find(({ piece }) => piece.id === job.pieceId)?.piece.name}: {techniqueById(job.step.technique).name.toLowerCase()}
            <OpenFindings findings={job.open} />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What the least that can be in the air is too much for. */
const TOO_MUCH: Record<TooMuch['of'], string> = {
  explosive: 'a tenth of what a spark can set off',
  short: 'what may be breathed for a quarter of an hour',
  day: 'what may be breathed on a working day',
  'strictest-day': 'the strictest common limit for a working day',
};

/** Said before everything else: what stands in the air is more than it may be, even if the room is well mixed. */
function TooMuchInTheAir({ card }: { card: CautionCardOf }) {
  const [worst] = card.tooMuch;
  if (!worst) return null;
  const times = worst.share < 10 ? formatNumber(worst.share, 1) : formatNumber(worst.share, 0);
  return (
    <p className="mt-3 border-2 border-brick px-4 py-2 text-lg font-bold text-brick print:text-sheet">
      {card.notInThisRoom ? 'Not in this room: ' : 'More air: '}
      what is sprayed and dries this evening is at least {times} times {TOO_MUCH[worst.of]}.{' '}
      <span className="font-normal">
        {card.notInThisRoom
          ? 'Spray outside or in a booth that blows to the open air, or on several evenings.'
          : 'Open windows on two sides, draw the air off to the open, or spray on several evenings.'}
      </span>
    </p>
  );
}

function airWords(
  { name, grams, peakMgPerM3, peakMin, meanMgPerM3, quarterMgPerM3, day, strictestDay, short }: AirFigure,
  at: (minute: number) => string,
): string {
  const limits = strictestDay.mgPerM3 < day.mgPerM3 ? [day, strictestDay] : [day];
  const ofDay = limits.map((one) => shareWords(meanMgPerM3, one)).join(' and ');
  return (
    `${formatNumber(grams, 1)} g of ${name}: up to ${formatNumber(peakMgPerM3, 0)} mg/m³ at ${at(peakMin)}. ` +
    `In the worst quarter of an hour ${shareWords(quarterMgPerM3, short)}; over the evening ${ofDay}, for a working day.`
  );
}

function shareWords(mgPerM3: number, { mgPerM3: limit, source }: Limit): string {
  const pct = (mgPerM3 / limit) * 100;
  return `${pct < TRACE_PCT ? 'less than 1' : formatNumber(pct, 0)} % of ${formatNumber(limit, 0)} mg/m³ (${source})`;
}
