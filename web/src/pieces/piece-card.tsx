import { mixNeeded } from '@eveningtide/core/coverage';
import { incomingOf, openAt, stepPaint } from '@eveningtide/core/sequence';
import { formatDilution } from '@eveningtide/core/mixing';
import { isStepDone, waitAfter } from '@eveningtide/core/schedule';
import { PIECE_KIND_NAMES, elevationsOf, membersOf, substrateById, type Piece, type Step } from '@eveningtide/core/subjects';
import { formatMinutes } from '@eveningtide/core/units';
import { ArrowLeft, Printer } from 'lucide-react';
import { Link, useParams } from 'react-router';
import { cupOf, cupWords, useCountedCups } from '../mixing/use-counted-cups.js';
import { usePiecesQuery, useWorkshopQuery } from '../store/api.js';
import { useAppSelector } from '../store/store.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { useShown } from '../ui/shown.js';
import { Empty, Failed, Loading } from '../ui/states.js';
import { Swatch } from '../ui/swatch.js';
import { TickBox } from '../ui/tick-box.js';
import { useOnHand, usePieceOutlook, usePlan } from '../workers/outlook-context.js';
import { scaleFor } from '../looks/elevation-scale.js';
import { Elevation, KeepCleanPattern } from '../looks/elevation.js';
import { mixWords } from './mix-words.js';
import { OpenFindings } from './open-findings.js';
import { WhereDrawn } from './where-drawn.js';
import { zoneWords } from './zone-words.js';

/** So many lines of steps fill a page; the ticks of a batch take half a line more each. */
const FULL_FROM = 10;

/** Its steps are set closer on paper, without their drawings, so that it stays one page where that goes. */
const isFull = ({ steps, members }: Piece): boolean => steps.length * (members.length > 1 ? 1.5 : 1) > FULL_FROM;

/** The whole piece on paper: drawing, zones, steps in order with what to mix and when, checklists to tick. */
export function PieceCard() {
  const { pieceId = '' } = useParams();
  const { data, isError, refetch } = usePiecesQuery();
  const edited = useAppSelector((state) => state.editor.piece);
  const piece = edited?.id === pieceId ? edited : data?.find((one) => one.piece.id === pieceId)?.piece;
  if (isError && !data)
    return (
      <Failed
        what="the piece"
        onRetry={() => {
          void refetch();
        }}
      />
    );
  if (!data) return <Loading what="the piece" />;
  if (!piece)
    return (
      <Empty title="This piece is not here" go={{ to: '/pieces', words: 'To the pieces' }}>
        It may have been deleted, or a plan file has taken its place.
      </Empty>
    );
  return <Card piece={piece} />;
}

function Card({ piece }: { piece: Piece }) {
  const shown = useShown();
  const days = useDays();
  const views = elevationsOf(piece);
  return (
    <main className="sheet piece-card max-w-4xl px-6 py-4 print:max-w-none" data-full={isFull(piece) || undefined}>
      <KeepCleanPattern />
      <div className="no-print mb-3 flex justify-between">
        <Link to={`/pieces/${piece.id}`} className="flex items-center gap-1 underline">
          <ArrowLeft size={15} aria-hidden="true" /> Back to the piece
        </Link>
        <Button
          onClick={() => {
            window.print();
          }}
        >
          <Printer size={17} aria-hidden="true" /> Print the card
        </Button>
      </div>
      <header className="mb-2 border-b border-line-strong pb-2">
        <h1 className="text-[1.6875rem] leading-8 font-bold">{piece.name}</h1>
        <p className="text-ink-2">
          {PIECE_KIND_NAMES[piece.kind]}, <span className="figures">1 : {piece.scaleRatio}</span>
          {piece.sizeMm &&
            `, ${shown.text(piece.sizeMm.lengthMm, 'length')} × ${shown.text(piece.sizeMm.widthMm, 'length')} × ${shown.text(piece.sizeMm.heightMm, 'length')}`}
          {`, ${piece.sheenWanted} wanted`}
          {piece.doneBy && `, done by ${days.day(piece.doneBy)}`}
        </p>
        {piece.note && <p>{piece.note}</p>}
        {piece.members.length > 0 && (
          <p>
            {piece.members
              .map((member) => `${member.label}${member.differences.length > 0 ? ` (${member.differences.join(', ')})` : ''}`)
              .join(' · ')}
          </p>
        )}
      </header>
      <section aria-label="Zones" className="mb-2 flex flex-wrap items-end gap-x-6 gap-y-1">
        {views.map((view) => (
          <Elevation
            key={view.id}
            piece={piece}
            view={view}
            views={views}
            mmPerPx={scaleFor(views, 260, 120)}
            selected={[]}
            tint={() => null}
          />
        ))}
        <ul className="columns-3 gap-x-6 text-[0.8125rem] max-[40rem]:columns-1">
          {piece.zones.map((zone) => (
            <li key={zone.id}>
              {zone.name}:{' '}
              {zone.keepClean ? 'keep clean' : `${shown.text(zone.areaMm2, 'area')}, ${substrateById(zone.substrate).name.toLowerCase()}`}
            </li>
          ))}
        </ul>
      </section>
      <Checks piece={piece} when="before" title="Before" />
      <StepTable piece={piece} />
      <Checks piece={piece} when="after" title="After" />
    </main>
  );
}

/** Columns by their shares of the page: a batch's ticks stand beside each other under the step. */
const HEADS = [
  { head: '', width: 'w-[5%]' },
  { head: 'Step', width: 'w-[27%]' },
  { head: 'With', width: 'w-[29%]' },
  { head: 'Where', width: 'w-[19%]' },
  { head: 'When, and how long to wait after it', width: 'w-[20%]' },
] as const;

function StepTable({ piece }: { piece: Piece }) {
  return (
    <table className="my-2 w-full table-fixed border-collapse text-left max-[40rem]:table-auto">
      <thead>
        <tr className="border-b border-line-strong text-[0.8125rem] text-ink-2">
          {HEADS.map(({ head, width }) => (
            <th key={head} scope="col" className={`py-0.5 pr-2 font-normal ${width}`}>
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {piece.steps.map((step, i) => (
          <StepRow key={step.id} piece={piece} step={step} number={i + 1} />
        ))}
      </tbody>
    </table>
  );
}

// eslint-disable-next-line complexity -- one cell after the other, each shown where there is something
function StepRow({ piece, step, number }: { piece: Piece; step: Step; number: number }) {
  const { outlook } = usePlan();
  const { supplies, mixes } = useOnHand();
  const own = usePieceOutlook(piece.id);
  const cups = useCountedCups();
  const { data: workshop } = useWorkshopQuery();
  const days = useDays();
  const shown = useShown();
  const { technique, tool, material, coverPct } = incomingOf(step, supplies);
  const paint = stepPaint(step, supplies, mixes);
  const mix = mixNeeded(step, piece, supplies, workshop?.workshop.dropsPerMl, mixes);
  const at = own?.steps.findIndex((one) => one.id === step.id) ?? -1;
  const report = own?.reports[at];
  const wait = own ? waitAfter(own, at) : null;
  const cup = cupOf(cups, piece.id, at);
  const isDone = own !== null && isStepDone(own, at);
  const group = piece.groups.find((one) => one.id === step.groupId);
  return (
    <tr className="break-inside-avoid border-b border-line align-top">
      <td className="figures py-1 pr-2 whitespace-nowrap">
        <span aria-hidden="true" className={`mr-1 inline-block size-2.5 border border-ink ${isDone ? 'bg-ink' : ''}`} />
        {number}
        {isDone && <span className="sr-only">, done</span>}
      </td>
      <td className="py-1 pr-2">
        <b className="font-semibold">{technique.name}</b>
        {step.coats > 1 && ` × ${String(step.coats)}`}, {tool}
        {step.priority !== 'must' && ` (${step.priority})`}
        {group && ` · ${group.name}, ${String(group.rounds)} rounds${group.gate ? `, look: ${group.gate}` : ''}`}
        {step.gate && <span className="block">Look: {step.gate}</span>}
        {piece.members.length > 1 && (
          <span className="flex flex-wrap gap-x-3">
            {membersOf(step, piece).map((member) => (
              <span key={member.id} className="inline-flex items-center gap-1 whitespace-nowrap">
                <TickBox /> {member.label}
              </span>
            ))}
          </span>
        )}
        <OpenFindings findings={own ? openAt(own.findings, at) : []} />
        {step.note && <span className="block text-ink-2">{step.note}</span>}
      </td>
      <td className="py-1 pr-2">
        {paint && (
          <span className="flex items-center gap-1.5">
            <Swatch colour={paint.colour} size={11} />
            {paint.name}
          </span>
        )}
        <span className="block text-ink-2">
          {[step.dilution ? formatDilution(step.dilution) : '', cup ? cupWords(cup) : mix ? mixWords(mix, shown) : '']
            .filter((words) => words !== '')
            .join(': ')}
        </span>
      </td>
      <td className="py-1 pr-2">
        {zoneWords(piece, step)}
        {material && coverPct < 100 && ` · ${String(coverPct)} %`}
        {!step.zones.includes('all') && (
          <div className="[&_figcaption]:sr-only">
            <WhereDrawn piece={piece} step={step} widthPx={72} heightPx={30} />
          </div>
        )}
      </td>
      <td className="py-1 whitespace-nowrap">
        {outlook && report && (own.placed[at] ? days.when(outlook.originDate, report.startMin) : 'no evening')}
        {wait && report && (
          <span className="block text-ink-2">
            {Number.isFinite(wait.readyMin) ? `then wait ${formatMinutes(wait.readyMin - report.endMin)}` : 'never dry in this air'}
          </span>
        )}
      </td>
    </tr>
  );
}

function Checks({ piece, when, title }: { piece: Piece; when: 'before' | 'after'; title: string }) {
  const own = piece.checks.filter((check) => check.when === when);
  if (own.length === 0) return null;
  return (
    <section aria-label={title} className="my-1">
      <h2 className="font-semibold">{title}</h2>
      <ul className="columns-2">
        {own.map((check) => (
          <li key={check.id} className="flex items-center gap-2">
            <span aria-hidden="true" className={`inline-block size-2.5 border border-ink ${check.done ? 'bg-ink' : ''}`} />
            {check.text}
            {check.done && <span className="sr-only">, done</span>}
          </li>
        ))}
      </ul>
    </section>
  );
}
