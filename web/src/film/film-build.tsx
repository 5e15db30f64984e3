import { GROOVE_LIMITS, grooveSeverity, readsAsMm, stepPaint, type BuildAt } from '@eveningtide/core/sequence';
import type { Piece } from '@eveningtide/core/subjects';
import { techniqueById } from '@eveningtide/core/techniques';
import { formatNumber } from '@eveningtide/core/units';
import type { TermId } from '@eveningtide/core/words';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { plannedBuilds } from '../looks/look.js';
import { Term } from '../terms/term.js';
import { SelectField } from '../ui/select-field.js';
import { Empty } from '../ui/states.js';
import { useOnHand } from '../workers/outlook-context.js';
import { FilmChart, type ChartRow } from './film-chart.js';
import { Groove, type GrooveAt } from './groove.js';

const HEADS: readonly { words: string; term?: TermId }[] = [
  { words: 'Step' },
  { words: 'On the face, µm', term: 'face' },
  { words: 'In recesses, µm', term: 'recess' },
  { words: 'On edges, µm', term: 'crest' },
  { words: 'Reads as, mm', term: 'film' },
  { words: 'Groove gone' },
];

/** A share of the groove smaller than this is not drawn anew. */
const LEAST_TOLD = 0.005;

const um = (value: number | null): string => (value === null ? '–' : formatNumber(value, 0));

/** How film builds up step by step on a zone, what that leaves of its groove, and what it would be on the prototype. */
export function FilmBuild({ piece }: { piece: Piece }) {
  const { supplies, mixes } = useOnHand();
  const builds = useMemo(() => plannedBuilds(piece, supplies), [piece, supplies]);
  const zones = piece.zones.filter(({ keepClean }) => keepClean === null);
  // the zone that lost most is the one to look at first
  const worst = [...builds].sort((a, b) => (b.along.at(-1)?.lost ?? 0) - (a.along.at(-1)?.lost ?? 0))[0];
  const [zoneId, setZone] = useState<string | null>(null);
  const build = builds.find((one) => one.zoneId === zoneId) ?? worst;
  const last = build?.along.at(-1);
  if (!build || !last || piece.steps.length === 0)
    return (
      <Empty title="No film yet" go={{ to: `/pieces/${piece.id}`, words: 'To the sequence' }}>
        Add steps to the sequence: each coat’s film is drawn here against the grooves of the zone.
      </Empty>
    );
  const rows = piece.steps.map((step, i): ChartRow & { at: BuildAt } => {
    const at = build.along[i + 1] ?? last;
    return {
      at,
      step: i + 1,
      name: techniqueById(step.technique).name,
      face: at.faceUm,
      recess: at.recessUm,
      crest: at.crestUm,
    };
  });
  const grooved = last.widthLeftUm !== null || last.depthLeftUm !== null;
  const grooves = groovesOf(build.along, rows);
  const thickest = Math.max(last.faceUm, last.recessUm, last.crestUm);
  return (
    <div className="overflow-y-auto px-4 py-3">
      <div className="flex flex-wrap items-end gap-4">
        <SelectField label="Zone" className="w-56" value={build.zoneId} options={zones} onChange={setZone} />
        <p className="pb-1">
          In the end up to <b className="figures">{um(thickest)} µm</b>: at 1 : {piece.scaleRatio} it reads as{' '}
          <b className="figures">{formatNumber(readsAsMm(thickest, piece.scaleRatio), 1)} mm</b> of paint.{' '}
          {grooved ? (
            <>
              Of its groove <b className="figures">{formatNumber(last.lost * 100, 0)} %</b> is gone{last.lost > 0 && `, by ${last.by}`}.
            </>
          ) : (
            'The zone is smooth: there is no groove to fill.'
          )}
        </p>
      </div>
      <Verdict piece={piece} cautionAt={build.cautionAt} snagAt={build.snagAt} />
      <FilmChart rows={rows} />
      {grooved && grooves[0] && (
        <section aria-label="The groove, cut across" className="mt-3 flex flex-wrap gap-x-5 gap-y-2">
          {grooves.map((at) => (
            <Groove key={at.step} at={at} bare={grooves[0] ?? at} />
          ))}
        </section>
      )}
      <table className="mt-2 w-full text-right">
        <thead>
          <tr className="border-b border-line text-[0.8125rem] text-ink-3">
            {HEADS.map(({ words, term }, i) => (
              <th key={words} scope="col" className={`px-2 py-1 font-normal ${i === 0 ? 'text-left' : ''}`}>
                {term ? <Term id={term}>{words}</Term> : words}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ at, step, name }, i) => {
            const planned = piece.steps[i];
            const paint = planned ? stepPaint(planned, supplies, mixes) : null;
            const limit = grooveSeverity(at.lost);
            return (
              <tr key={step} className="border-b border-line">
                <th scope="row" className="px-2 py-0.5 text-left font-normal">
                  <span className="figures text-ink-3">{step}</span> {name}
                  {paint && <span className="text-ink-2">, {paint.name}</span>}
                </th>
                <td className="figures px-2">{um(at.faceUm)}</td>
                <td className="figures px-2">{um(at.recessUm)}</td>
                <td className="figures px-2">{um(at.crestUm)}</td>
                <td className="figures px-2">{formatNumber(readsAsMm(at.faceUm, piece.scaleRatio), 1)}</td>
                <td className={`figures px-2 ${limit ? 'font-semibold text-brick' : ''}`}>
                  {grooved ? `${formatNumber(at.lost * 100, 0)} %` : '–'}
                  {limit && ` ${limit}`}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="mt-2 text-[0.8125rem] text-ink-3">
        Sprayed coats take twice their film from a groove’s width; brushed ones, washes and pastes fill its depth. Limits are ours: a
        caution from {GROOVE_LIMITS.cautionFrom * 100} % gone, a snag from {GROOVE_LIMITS.snagFrom * 100} %.
      </p>
    </div>
  );
}

/** The groove bare, and after each step that has filled some of it. */
function groovesOf(along: readonly BuildAt[], rows: readonly ChartRow[]): GrooveAt[] {
  return along.flatMap((at, step) => {
    const before = along[step - 1];
    if (before && at.lost - before.lost < LEAST_TOLD) return [];
    return [{ step, name: rows[step - 1]?.name ?? '', widthUm: at.widthLeftUm, depthUm: at.depthLeftUm, lost: at.lost }];
  });
}

function Verdict({ piece, cautionAt, snagAt }: { piece: Piece; cautionAt: number | null; snagAt: number | null }) {
  const at = snagAt ?? cautionAt;
  const step = at === null ? undefined : piece.steps[at];
  if (at === null || !step) return null;
  return (
    <p className="mt-1 border-l-4 border-brick bg-paper px-3 py-1.5">
      <b className="text-brick">{snagAt === null ? 'Caution' : 'Snag'}</b>: it goes too far at{' '}
      <Link className="underline" to={`/pieces/${piece.id}?step=${step.id}`}>
        step {at + 1}, {techniqueById(step.technique).name.toLowerCase()}
      </Link>
      {snagAt === null ? ': half of the groove is gone.' : ': most of the groove is gone.'}
    </p>
  );
}
