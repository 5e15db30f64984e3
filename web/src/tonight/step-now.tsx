import { mixNeeded, type MixNeeded } from '@eveningtide/core/coverage';
import { CAUTIONS_SHORT, suppliesName } from '@eveningtide/core/materials';
import { countedOut } from '@eveningtide/core/mixing';
import { incomingOf, stepPaint } from '@eveningtide/core/sequence';
import { membersOf, type Piece } from '@eveningtide/core/subjects';
import { heldBack, type Job } from '@eveningtide/core/tonight';
import { formatMinutes } from '@eveningtide/core/units';
import { Eye, ShieldAlert, Undo2 } from 'lucide-react';
import { Link } from 'react-router';
import { useBench } from '../mixing/use-bench.js';
import { cupOf, useCountedCups, type CountedCup } from '../mixing/use-counted-cups.js';
import { directWords } from '../mixing/direct-words.js';
import { amountWords } from '../mixing/words.js';
import { countWords, solventWords } from '../ui/words.js';
import { howWords, keepOffWords } from '../pieces/how-words.js';
import { OpenFindings } from '../pieces/open-findings.js';
import { zoneWords } from '../pieces/zone-words.js';
import { useDays } from '../ui/days.js';
import { useShown } from '../ui/shown.js';
import { Swatch } from '../ui/swatch.js';
import { usePlan, useSupplies } from '../workers/outlook-context.js';
import { partWords } from '../ui/part-words.js';
import { Places } from './places.js';

interface StepNowProps {
  job: Job;
  piece: Piece;
  nowMin: number;
  /** Minutes of cleaning that follow it; 0 where none does. */
  cleanMin: number;
  /** The airbrush is still to be cleaned until then; null where it is not. */
  cleanUntilMin: number | null;
}

/** The step that is on or comes next: what, where, with what, and what to look at before. */
export function StepNow({ job, piece, nowMin, cleanMin, cleanUntilMin }: StepNowProps) {
  const days = useDays();
  const supplies = useSupplies();
  const { technique, tool } = incomingOf(job.step, supplies);
  const part = partWords(job, { piece, step: job.step });
  const how = howWords(job.step, supplies);
  const keepOff = keepOffWords(piece, job.step, supplies);
  const members = piece.members.length > 1 ? membersOf(job.step, piece).map(({ label }) => label) : [];
  return (
    <div>
      <header className="px-6 pt-3">
        <div>
          <h1 className="text-[3rem] leading-[3.25rem] font-bold tracking-tight">
            {technique.name}
            {part !== '' && <span className="text-[1.75rem] leading-8 font-semibold"> {part}</span>}
          </h1>
          <p className="text-[1.375rem] leading-7 text-ink-2">
            <Link className="underline decoration-line-strong underline-offset-4" to={`/pieces/${piece.id}`}>
              {piece.name}
            </Link>
            , {zoneWords(piece, job.step)}
            {members.length > 0 && ` · ${members.join(', ')}`}
          </p>
          <Link
            className="inline-flex min-h-9 items-center text-lg underline decoration-line-strong underline-offset-4"
            to={`/handbook/techniques/${job.step.technique}`}
          >
            How it is done
          </Link>
          {how !== '' && <p className="text-[1.375rem] leading-7">{how}</p>}
          {keepOff !== '' && <p className="text-lg leading-6 text-ink-2">Keep off: {keepOff}</p>}
        </div>
      </header>
      {job.state !== 'done' && <OpenFindings findings={job.open} size="bench" />}
      <Fetch job={job} piece={piece} tool={tool} />
      <Minded job={job} nowMin={nowMin} />
      <Places piece={piece} step={job.step} />
      {cleanUntilMin !== null && (
        <p className="px-7 py-2 text-[1.375rem] font-semibold">First clean the airbrush, until about {days.clock(cleanUntilMin)}.</p>
      )}
      {cleanMin > 0 && <p className="px-7 py-2 text-lg text-ink-2">Then clean the airbrush, {formatMinutes(cleanMin)}.</p>}
    </div>
  );
}

/** How much of what, in what the painter counts in, and where it stands: the same cup as under Mixing. */
function Fetch({ job, piece, tool }: { job: Job; piece: Piece; tool: string | null }) {
  const stores = useBench();
  const { supplies, mixes, droppers, measuring, measured } = stores;
  const cups = useCountedCups();
  const shown = useShown();
  const { step } = job;
  const paint = stepPaint(step, supplies, mixes);
  const mix = mixNeeded(step, piece, supplies, droppers, mixes);
  const bottle = supplies.bottle(step.bottleId);
  const cup = cupOf(cups, job.pieceId, job.stepIndex);
  const others = cup ? cup.mix.for.length - 1 : 0;
  const taken = cup || mix ? [] : directWords(step, piece, stores, shown).map(({ amount, name }) => `${amount} of ${name}`);
  const [first, ...rest] = cup ? cupLines(cup) : mix ? portionWords(mix) : taken.length > 0 ? taken : [paint?.name ?? 'By hand'];
  return (
    <div className="mx-6 mt-3 flex items-center gap-5 border-y border-line py-4">
      {paint && <Swatch colour={paint.colour} size={72} />}
      <div className="min-w-0">
        <p className="text-[2.5rem] leading-[2.75rem] font-bold tracking-tight">{first}</p>
        {rest.map((words) => (
          <p key={words} className="text-[1.625rem] leading-9 font-semibold">
            {words}
          </p>
        ))}
        <p className="text-lg leading-6 text-ink-2">
          {tool && <>with {tool}</>}
          {bottle?.place && <> · fetch it from {bottle.place}</>}
          {others > 0 && cup && (
            <>
              {' '}
              · cup {cup.letter}, mixed once for this and {countWords(others, 'other step')}
            </>
          )}
        </p>
        {step.note !== '' && <p className="text-lg leading-6">{step.note}</p>}
      </div>
    </div>
  );

  function cupLines({ words, mix: { components, totalMl } }: CountedCup): string[] {
    // a mix of one's own stands ready under its number
    if (components.filter(({ material }) => supplies.material(material).role !== 'thinner').length > 1)
      return [`${shown.text(totalMl, 'volume')} of ${paint?.name ?? 'your mix'}`];
    return words.map((one, i) => (i === 0 ? one : `and ${one}`));
  }

  /** What is poured from one bottle as it is. */
  function portionWords({ portions, paints, totalMl }: MixNeeded): string[] {
    if (paints > 1 || portions.length > 1) return [paint?.name ?? `${shown.text(totalMl, 'volume')} of your mix`];
    const counted = countedOut(
      portions.map(({ ml }) => ml),
      measuring.countBy,
      measured(portions),
      measuring,
    );
    return [...portions.map((portion, i) => amountWords(counted.components[i], suppliesName(portion, supplies), shown)), 'neat'];
  }
}

/** What to look at before, what to mind, and what can still be taken back. */
function Minded({ job, nowMin }: { job: Job; nowMin: number }) {
  const { soFar: outlook } = usePlan();
  const supplies = useSupplies();
  const days = useDays();
  const at = (minute: number): string => (outlook ? days.at(outlook.originDate, minute, nowMin) : days.clock(minute));
  const { step, report } = job;
  const hazards = [
    ...new Set([step.material, step.dilution?.thinner ?? null].flatMap((id) => (id === null ? [] : supplies.material(id).hazards))),
  ];
  const back = report.takeBack;
  return (
    <>
      {step.gate !== null && (
        <div className="flex items-center gap-4 px-7 py-3">
          <Eye size={38} aria-hidden="true" className="shrink-0" />
          <p>
            <span className="block text-lg leading-6 text-ink-2">
              {step.daylight ? 'In daylight, before going on' : 'Before going on, look'}
            </span>
            <b className="text-[1.75rem] leading-8">{step.gate}</b>
          </p>
        </div>
      )}
      {heldBack(job, nowMin)?.by === 'wait' && (
        <p className="px-7 py-2 text-[1.375rem] font-semibold text-tide">
          What lies below is ready at {at(report.earliestMin)}: not before.
        </p>
      )}
      {back && (
        <p className="flex items-center gap-3 px-7 py-2 text-lg text-ink-2">
          <Undo2 size={22} aria-hidden="true" />
          {Number.isFinite(back.untilMin)
            ? `Comes off with ${solventWords(back.withSolvent)} until ${at(back.untilMin)}`
            : `Comes off with ${solventWords(back.withSolvent)} until it is sealed`}
          {report.judgeFromMin !== null &&
            Number.isFinite(report.judgeFromMin) &&
            ` · dries lighter: do not judge before ${at(report.judgeFromMin)}`}
        </p>
      )}
      {hazards.length > 0 && (
        <ul aria-label="Mind" className="mx-6 mt-1 flex flex-wrap border-2 border-brick text-lg font-semibold text-brick">
          {hazards.map((hazard) => (
            <li key={hazard} className="flex flex-1 items-center gap-2 border-brick px-3 py-1.5 not-first:border-l-2">
              <ShieldAlert size={22} aria-hidden="true" className="shrink-0" /> {CAUTIONS_SHORT[hazard]}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
