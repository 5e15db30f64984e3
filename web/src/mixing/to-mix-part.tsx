import { suppliesName } from '@eveningtide/core/materials';
import type { PlannedMix } from '@eveningtide/core/needs';
import { plainParts } from '@eveningtide/core/matching';
import { stepIdOf } from '@eveningtide/core/sequence';
import { formatMinutes } from '@eveningtide/core/units';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { usePiecesQuery } from '../store/api.js';
import { EMPTY_CUP, cupActions } from '../store/cup.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Check } from '../ui/check.js';
import { useDays } from '../ui/days.js';
import { useShown } from '../ui/shown.js';
import { Empty } from '../ui/states.js';
import { Swatch } from '../ui/swatch.js';
import { CountedTable } from './counted-table.js';
import { Labels, type Label } from './labels.js';
import { useBench } from './use-bench.js';
import type { CountedCup } from './use-counted-cups.js';
import { componentColour } from './words.js';

const idOf = ({ key, time }: PlannedMix): string => `${key} ${String(time)}`;

/** The cups of the plan, soonest first: each is mixed once for everything that takes it while it keeps. */
export function ToMixPart({ cups }: { cups: readonly CountedCup[] }) {
  const { supplies, mixes: kept } = useBench();
  const days = useDays();
  const shown = useShown();
  const { data } = usePiecesQuery();
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const pieceName = (id: string): string => data?.find(({ piece }) => piece.id === id)?.piece.name ?? id;
  if (cups.length === 0)
    return (
      <Empty title="Nothing to mix" go={{ to: '/pieces', words: 'To the pieces' }}>
        No step of the plan thins anything. Give a step a dilution, or a mix of your own, and it stands here with how much of it all pieces
        need.
      </Empty>
    );
  const nameOf = (mix: PlannedMix): string => {
    const own = kept.find(({ id }) => mix.key === `mix ${id}`);
    const [first] = mix.components;
    return own ? `no. ${String(own.number)}, ${own.name}` : first ? suppliesName(first, supplies) : '';
  };
  const rows = cups.map(({ mix, letter, counted }) => {
    const dates = [...new Set(mix.for.flatMap(({ date }) => (date === null ? [] : [date])))];
    return {
      mix,
      id: idOf(mix),
      letter,
      name: nameOf(mix),
      counted,
      dates,
    };
  });
  const labels = rows
    .filter(({ id }) => !left.has(id))
    .map(({ mix, letter, name, counted, dates }): Label => ({
      mark: letter,
      name,
      colour: mix.colour ?? (mix.components[0] ? componentColour(mix.components[0], supplies) : '#888888'),
      lines: mix.components.map((component, i) => ({ component, out: counted.components[i] })),
      mixedOn: dates[0] ?? null,
      keeps: Number.isFinite(mix.keeps.minutes) ? formatMinutes(mix.keeps.minutes) : 'on',
      for: [...new Set(mix.for.map(({ pieceId }) => pieceName(pieceId)))].join(', '),
    }));
  return (
    <>
      <div className="no-print mb-3 flex items-center gap-4">
        <p className="text-ink-2">
          Each cup is mixed once for every step that takes it while it keeps, over all pieces and evenings. Letters stand on the labels.
        </p>
        <Button
          className="ml-auto"
          disabled={labels.length === 0}
          onClick={() => {
            window.print();
          }}
        >
          <Printer size={16} aria-hidden="true" /> Print {labels.length} {labels.length === 1 ? 'label' : 'labels'}
        </Button>
      </div>
      <ol className="no-print grid items-start gap-3 xl:grid-cols-2">
        {rows.map(({ mix, id, letter, name, counted, dates }) => (
          <li key={id} className="border border-line-strong bg-paper px-4 py-3">
            <div className="mb-1 flex items-start gap-3">
              <b className="figures flex size-8 shrink-0 items-center justify-center border border-ink text-lg">{letter}</b>
              <div className="min-w-0 flex-1">
                <h2 className="flex items-center gap-1.5 font-semibold">
                  <Swatch colour={mix.colour ?? (mix.components[0] ? componentColour(mix.components[0], supplies) : '#888888')} /> {name}
                </h2>
                <p className="text-[0.8125rem] text-ink-2">
                  {dates.length === 0 ? 'no evening yet' : dates.map(days.day).join(', ')} · keeps{' '}
                  {Number.isFinite(mix.keeps.minutes) ? formatMinutes(mix.keeps.minutes) : 'on'} closed
                </p>
              </div>
              <OpenInCup mix={mix} name={name} totalMl={counted.totalMl} />
            </div>
            <CountedTable components={mix.components} counted={counted} />
            <p className="mt-1 text-[0.8125rem]">
              For{' '}
              {mix.for.map(({ pieceId, step, stepIndex }, i) => (
                <span key={`${pieceId} ${String(stepIndex)}`}>
                  {i > 0 && ', '}
                  <Link className="underline" to={`/pieces/${pieceId}?step=${stepIdOf(step.id)}`}>
                    {pieceName(pieceId)}
                  </Link>
                </span>
              ))}
            </p>
            <p className="text-[0.8125rem] text-ink-2">{shown.text(mix.residueMl, 'volume')} of it stays in cup and brush.</p>
            {mix.time > 1 && (
              <p className="mt-1 text-[0.8125rem] font-semibold">
                Made anew: the cup before no longer keeps ({mix.keeps.why}). Mixed and used nearer together it would be one.
              </p>
            )}
            {mix.keeps.freshOnly && <p className="mt-1 text-[0.8125rem] font-semibold">Mix it only when it is needed: {mix.keeps.why}.</p>}
            <Check
              className="mt-1 text-[0.8125rem]"
              checked={!left.has(id)}
              onChange={(yes) => {
                const next = new Set(left);
                if (yes) next.delete(id);
                else next.add(id);
                setLeft(next);
              }}
            >
              print its label
            </Check>
          </li>
        ))}
      </ol>
      <Labels labels={labels} />
    </>
  );
}

function OpenInCup({ mix, name, totalMl }: { mix: PlannedMix; name: string; totalMl: number }) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const step = mix.for[0]?.step;
  const parts = plainParts(mix.components.map((component) => component.parts));
  return (
    <Button
      small
      onClick={() => {
        dispatch(
          cupActions.set({
            ...EMPTY_CUP,
            name,
            components: mix.components.map((component, i) => ({ ...component, parts: parts[i] ?? 0 })),
            totalMl,
            technique: step?.technique ?? EMPTY_CUP.technique,
            tool: step?.tool ?? null,
          }),
        );
        void navigate('/mixing?part=cup');
      }}
    >
      Open in the cup
    </Button>
  );
}
