import type { AirFigure, Limit } from '@eveningtide/core/safety';
import { techniqueById } from '@eveningtide/core/techniques';
import type { Evening } from '@eveningtide/core/tonight';
import { formatNumber } from '@eveningtide/core/units';
import { ShieldAlert } from 'lucide-react';
import { OpenFindings } from '../pieces/open-findings.js';
import { useWorkshopQuery, type StoredPiece } from '../store/api.js';
import { useDays } from '../ui/days.js';
import { usePlan } from '../workers/outlook-context.js';
import { TooMuchAir } from './too-much-air.js';
import { useCautions } from './use-cautions.js';

/** Under this it is only a trace; said as such (our number). */
const TRACE_PCT = 1;

/** What to mind in an evening, from the materials that are used in it, and what that leaves in the room's air at least. */
export function CautionCard({ evening, stored }: { evening: Evening; stored: readonly StoredPiece[] }) {
  const { soFar: outlook } = usePlan();
  const { data } = useWorkshopQuery();
  const days = useDays();
  const card = useCautions(evening, stored);
  if (!card || !data || !outlook) return null;
  const { room } = data.workshop;
  return (
    <div className="max-w-4xl px-6 py-4 print:px-0 print:text-sheet">
      <h2 className="flex items-center gap-3 text-[1.6875rem] leading-8 font-bold text-brick print:text-xl">
        <ShieldAlert size={28} aria-hidden="true" /> Caution card, {days.dayOf(outlook.originDate, evening.span.fromMin)}
      </h2>
      <TooMuchAir card={card} />
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
