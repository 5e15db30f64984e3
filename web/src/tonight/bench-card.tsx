import { dewPointC } from '@eveningtide/core/climate';
import { mixNeeded } from '@eveningtide/core/coverage';
import { CAUTIONS, DEFER, type Hazard } from '@eveningtide/core/materials';
import { dateOf, formatMinutes, formatNumber } from '@eveningtide/core/units';
import { incomingOf, stepPaint } from '@eveningtide/core/sequence';
import { membersOf, type Piece, type Step } from '@eveningtide/core/subjects';
import { busyLeftMin, stillWet, type Evening, type Job } from '@eveningtide/core/tonight';
import { Eye, Wind } from 'lucide-react';
import { Link } from 'react-router';
import { useBenchAir } from '../store/air.js';
import { type StoredPiece } from '../store/api.js';
import { mixWords } from '../pieces/mix-words.js';
import { cupOf, cupWords, useCountedCups, type CountedCup } from '../mixing/use-counted-cups.js';
import { howWords } from '../pieces/how-words.js';
import { KeepCleanPattern } from '../looks/elevation.js';
import { OpenFindings } from '../pieces/open-findings.js';
import { WhereDrawn } from '../pieces/where-drawn.js';
import { zoneWords } from '../pieces/zone-words.js';
import { Swatch } from '../ui/swatch.js';
import { TickBox } from '../ui/tick-box.js';
import { useDays } from '../ui/days.js';
import { useShown } from '../ui/shown.js';
import { usePlan, useSupplies } from '../workers/outlook-context.js';
import { directWords } from '../mixing/direct-words.js';
import { useBench } from '../mixing/use-bench.js';
import { partWords } from '../ui/part-words.js';
import { TooMuchAir } from './too-much-air.js';
import { useCautions } from './use-cautions.js';

/** With more lines than these they are set closer on paper, then without their drawings, so that it stays one page. */
const CLOSE_FROM = 10;
const BARE_FROM = 14;

/** The evening on one page: what to do in order, what to leave alone, what to mind. Readable without the screen. */
export function BenchCard({ evening, stored }: { evening: Evening; stored: readonly StoredPiece[] }) {
  const { soFar: outlook } = usePlan();
  const days = useDays();
  const shown = useShown();
  const bench = useBenchAir();
  const card = useCautions(evening, stored);
  if (!outlook || !bench) return null;
  const pieces = new Map(stored.map(({ piece }) => [piece.id, piece]));
  const { air } = bench;
  const left = { ...evening, jobs: evening.jobs.filter(({ state }) => state !== 'done') };
  const lines = left.jobs.length + evening.cleanings.length;
  return (
    <div className="sheet bench-card px-6 py-4" data-full={lines > BARE_FROM ? 'bare' : lines > CLOSE_FROM ? 'close' : undefined}>
      <header className="border-b border-line-strong pb-3">
        <h2 className="text-[1.6875rem] leading-8 font-bold print:text-2xl">
          {evening.isTonight ? 'Tonight' : 'Evening'}, {days.dayOf(outlook.originDate, evening.span.fromMin)}
        </h2>
        <p className="text-lg text-ink-2 print:text-sheet">
          <span className="figures">
            {days.clock(evening.span.fromMin)}–{days.clock(evening.span.toMin)}
          </span>{' '}
          · {formatMinutes(busyLeftMin(evening))} with cleaning · at the bench {shown.text(air.tempC, 'temperature')},{' '}
          {formatNumber(air.rhPct, 0)} %RH, dew point {shown.text(dewPointC(air), 'temperature')}
        </p>
      </header>
      {card && <TooMuchAir card={card} />}
      <KeepCleanPattern />
      <JobList evening={left} pieces={pieces} originDate={outlook.originDate} />
      <LeaveAlone evening={evening} pieces={pieces} originDate={outlook.originDate} />
      <Cautions jobs={left.jobs} />
    </div>
  );
}

type Line = { at: number; job: Job } | { at: number; cleanMin: number };

function JobList({ evening, pieces, originDate }: { evening: Evening; pieces: ReadonlyMap<string, Piece>; originDate: string }) {
  const lines: Line[] = [
    ...evening.jobs.map((job) => ({ at: job.startMin, job })),
    ...evening.cleanings.map((c) => ({ at: c.fromMin, cleanMin: c.toMin - c.fromMin })),
  ].sort((a, b) => a.at - b.at);
  const cups = useCountedCups();
  const days = useDays();
  return (
    <ol className="divide-y divide-line">
      {lines.map((line) =>
        'job' in line ? (
          <JobItem
            key={line.job.id}
            job={line.job}
            piece={pieces.get(line.job.pieceId)}
            originDate={originDate}
            cup={cupOf(cups, line.job.pieceId, line.job.stepIndex)}
          />
        ) : (
          <li
            key={`clean ${String(line.at)}`}
            className="grid grid-cols-[5.625rem_1fr_4.375rem] gap-3 py-1.5 text-ink-2 print:grid-cols-[3.75rem_1fr_3.125rem] print:py-0.5"
          >
            <span className="figures text-lg print:text-sheet">{days.clock(line.at)}</span>
            <span className="text-lg print:text-sheet">Clean the airbrush</span>
            <span className="figures text-right">{line.cleanMin} min</span>
          </li>
        ),
      )}
    </ol>
  );
}

/** From when on another coat would stand, after the last of what is laid in parts. */
function NextCoat({ job, originDate }: { job: Job; originDate: string }) {
  const days = useDays();
  const ready = job.report.ripening?.recoatFromMin ?? null;
  if (ready === null || job.coat !== job.coats || job.partNumber !== job.parts) return null;
  return (
    <p className="text-tide">
      {Number.isFinite(ready)
        ? `next coat from ${dateOf(originDate, ready) === dateOf(originDate, job.startMin) ? days.clock(ready) : days.when(originDate, ready)}`
        : 'does not dry in this air'}
    </p>
  );
}

function JobItem({ job, piece, originDate, cup }: { job: Job; piece: Piece | undefined; originDate: string; cup: CountedCup | null }) {
  const stores = useBench();
  const days = useDays();
  const { supplies, mixes, droppers } = stores;
  const shown = useShown();
  if (!piece) return null;
  const { step } = job;
  const { technique, tool } = incomingOf(step, supplies);
  const paint = stepPaint(step, supplies, mixes);
  const mix = mixNeeded(step, piece, supplies, droppers, mixes);
  const taken = cup || mix ? [] : directWords(step, piece, stores, shown);
  const part = partWords(job, { piece, step });
  const how = howWords(step, supplies);
  return (
    <li className="grid grid-cols-[5.625rem_1fr_auto_4.375rem] gap-3 py-3 print:break-inside-avoid print:grid-cols-[3.75rem_1fr_auto_3.125rem] print:py-1.5 max-[40rem]:[&>figure]:hidden">
      <span className="figures text-2xl leading-8 font-semibold print:text-base">{days.clock(job.startMin)}</span>
      <div className="min-w-0">
        <h3 className="text-2xl leading-8 font-bold print:text-base print:leading-5">
          <TickBox className="mr-2" />
          {technique.name}
          {part !== '' && `, ${part}`}
          <span className="font-normal text-ink-2"> · </span>
          <Link
            to={`/pieces/${piece.id}?step=${step.id}`}
            className="font-normal text-ink-2 underline decoration-line-strong underline-offset-2 print:no-underline"
          >
            {piece.name}
          </Link>
        </h3>
        <p className="text-lg print:text-sheet">
          {zoneWords(piece, step)}, {tool}
          {job.coats === 1 && step.coats > 1 ? `, ${String(step.coats)} coats` : ''}
          {how === '' ? '' : `, ${how}`}
        </p>
        <MemberTicks piece={piece} step={step} />
        {paint && (
          <p className="flex items-center gap-2 text-lg print:text-sheet">
            <Swatch colour={paint.colour} size={18} /> <b>{paint.name}</b>{' '}
            {cup ? (
              <span>
                cup {cup.letter}: {cupWords(cup)}
              </span>
            ) : (
              <span>{mix ? mixWords(mix, shown) : taken.map(({ amount }) => amount).join(', ')}</span>
            )}
          </p>
        )}
        <OpenFindings findings={job.open} />
        {step.gate !== null && (
          <p className="flex items-center gap-2 text-lg print:text-sheet">
            <Eye size={18} aria-hidden="true" /> Before going on, look: {step.gate}
          </p>
        )}
        {step.note !== '' && <p className="text-ink-2">{step.note}</p>}
        <NextCoat job={job} originDate={originDate} />
      </div>
      {step.zones.includes('all') ? <span /> : <WhereDrawn piece={piece} step={step} widthPx={120} heightPx={44} />}
      <span className="figures text-right text-lg print:text-sheet">{job.endMin - job.startMin} min</span>
    </li>
  );
}

/** Each of a batch that a step is done on, to be ticked on paper. */
function MemberTicks({ piece, step }: { piece: Piece; step: Step }) {
  if (piece.members.length < 2) return null;
  return (
    <p className="member-ticks flex flex-wrap gap-x-4 text-lg print:text-sheet">
      {membersOf(step, piece).map((member) => (
        <span key={member.id} className="inline-flex items-center gap-1.5 whitespace-nowrap">
          <TickBox />
          {member.label}
        </span>
      ))}
    </p>
  );
}

function LeaveAlone({ evening, pieces, originDate }: { evening: Evening; pieces: ReadonlyMap<string, Piece>; originDate: string }) {
  const days = useDays();
  const supplies = useSupplies();
  const wet = stillWet(evening);
  if (wet.length === 0) return null;
  return (
    <section aria-labelledby="leave" className="border-t border-line py-2 print:text-sheet">
      <h3 id="leave" className="text-lg font-semibold print:text-sheet">
        Leave alone overnight
      </h3>
      <ul>
        {wet.map(({ pieceId, job, readyMin }) => (
          <li key={pieceId}>
            {pieces.get(pieceId)?.name}: {incomingOf(job.step, supplies).technique.name.toLowerCase()},{' '}
            {Number.isFinite(readyMin) ? `ready ${days.when(originDate, readyMin)}` : 'does not dry in this air'}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Cautions({ jobs }: { jobs: readonly Job[] }) {
  const supplies = useSupplies();
  const used = jobs
    .flatMap(({ step }) => [step.material, step.dilution?.thinner ?? null])
    .flatMap((id) => (id === null ? [] : supplies.material(id).hazards));
  const hazards = [...new Set<Hazard>(used)];
  if (hazards.length === 0) return null;
  return (
    <section aria-labelledby="mind" className="mt-4 break-inside-avoid border-2 border-brick px-4 py-2 print:mt-2 print:text-sheet">
      <h3 id="mind" className="flex items-center gap-2 font-semibold text-brick">
        <Wind size={18} aria-hidden="true" /> Safety tonight
      </h3>
      <ul className="list-disc pl-5 print:list-none print:pl-0 print:[&>li]:inline print:[&>li+li]:before:content-['_·_']">
        {hazards.map((hazard) => (
          <li key={hazard}>{CAUTIONS[hazard]}</li>
        ))}
        <li>{DEFER}</li>
      </ul>
    </section>
  );
}
