import { mixFacts } from '@eveningtide/core/coverage';
import { colourOfMix } from '@eveningtide/core/matching';
import { countedOut, keepsOfMix, truerAmount, unmixable, volumesOfCup, type Countable } from '@eveningtide/core/mixing';
import { techniqueById } from '@eveningtide/core/techniques';
import { formatMinutes, formatNumber } from '@eveningtide/core/units';
import { Scale } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { cupActions, type CupState } from '../store/cup.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Check } from '../ui/check.js';
import { Row } from '../ui/panel.js';
import { SelectField } from '../ui/select-field.js';
import { Swatch } from '../ui/swatch.js';
import { CountedTable } from './counted-table.js';
import { Delta } from '../ui/delta.js';
import { LAYING } from './for-pieces.js';
import { KeepMix } from './keep-mix.js';
import { useBench } from './use-bench.js';

const WeighCupDialog = lazy(async () => ({ default: (await import('./weigh-cup-dialog.js')).WeighCupDialog }));

const COUNT_BY: readonly { id: Exclude<Countable, 'spoons'>; name: string }[] = [
  { id: 'drops', name: 'drops' },
  { id: 'syringe', name: 'marks of the syringe' },
  { id: 'caps', name: 'bottle caps' },
];

/** What the cup comes to: counts, film, flow, how long it keeps, its colour. */
export function CupResult({ cup }: { cup: CupState }) {
  const dispatch = useAppDispatch();
  const { supplies, measured, measuring } = useBench();
  const [by, setBy] = useState<Exclude<Countable, 'spoons'> | null>(null);
  const [truer, setTruer] = useState(true);
  const [weighs, setWeighs] = useState(false);
  const countBy = by ?? measuring.countBy;
  const what = measured(cup.components);
  const volumes = volumesOfCup(cup);
  const counted = truer ? truerAmount(volumes, countBy, what, measuring) : countedOut(volumes, countBy, what, measuring);
  const technique = techniqueById(cup.technique);
  const tool = cup.tool !== null && technique.tools.some((one) => one === cup.tool) ? cup.tool : null;
  const facts = mixFacts(cup.components, technique.id, tool, { supplies });
  const keeps = keepsOfMix(cup, supplies);
  const colour = colourOfMix(cup.components, supplies);
  const strangers = unmixable(cup, supplies);
  return (
    <section aria-label="What it comes to" className="border border-line-strong bg-paper px-4 py-3">
      {strangers.map(([one, other]) => (
        <p key={`${one} ${other}`} role="alert" className="mb-2 border-l-4 border-brick pl-2 font-semibold text-brick">
          {one} and {other} do not stir into each other: they curdle or separate.
        </p>
      ))}
      <div className="mb-2 flex flex-wrap items-end gap-4">
        <SelectField label="Count in" className="w-44" value={countBy} options={COUNT_BY} onChange={setBy} />
        <Check checked={truer} onChange={setTruer} className="pb-1">
          a little more where that makes the ratio truer
        </Check>
      </div>
      <CountedTable components={cup.components} counted={counted} />
      <Button
        small
        className="mt-2"
        onClick={() => {
          setWeighs(true);
        }}
      >
        <Scale size={15} aria-hidden="true" /> Weigh it in …
      </Button>
      <Suspense>
        {weighs && (
          <WeighCupDialog
            cup={cup}
            onClose={() => {
              setWeighs(false);
            }}
          />
        )}
      </Suspense>
      <div className="mt-3 grid grid-cols-2 gap-2 border-t border-line pt-2">
        <SelectField
          label="Put on by"
          value={technique.id}
          options={LAYING}
          onChange={(id) => dispatch(cupActions.set({ technique: id, tool: null }))}
        />
        <SelectField
          label="With"
          value={tool ?? technique.tools[0] ?? 'hand'}
          options={technique.tools.map((id) => ({ id, name: id }))}
          onChange={(id) => dispatch(cupActions.set({ tool: id }))}
        />
      </div>
      <dl className="mt-2">
        {facts && (
          <>
            <Row what="volume solids of the mix">
              <span className="figures">{formatNumber(facts.solidsPct, 1)} %</span>
            </Row>
            <Row what="wet film for the usual dry one">
              <span className="figures">
                {formatNumber(facts.wetFilmUm, 0)} µm wet, {formatNumber(facts.dryFilmUm, 1)} µm dry
              </span>
            </Row>
            <Row what="covers, losses counted">
              <span className="figures">{formatNumber(facts.spreadingCm2PerMl, 0)} cm²</span> a millilitre
            </Row>
            <Row what="flows">
              {facts.flow.feels}
              {facts.flow.pressureBar && (
                <span className="figures">
                  {' '}
                  · {formatNumber(facts.flow.pressureBar[0], 1)}–{formatNumber(facts.flow.pressureBar[1], 1)} bar
                </span>
              )}
            </Row>
          </>
        )}
        <Row what="keeps, closed">
          {Number.isFinite(keeps.minutes) ? formatMinutes(keeps.minutes) : 'on'}
          {keeps.why && <span className="font-normal">: {keeps.why}</span>}
        </Row>
        {colour && (
          <Row what="dries to about">
            <span className="inline-flex items-center gap-1.5">
              <Swatch colour={colour.colour} size={18} /> <span className="figures">{colour.colour}</span>
              <span className="font-normal">
                <Delta de00={null} plusMinus={colour.plusMinusDe00} />
              </span>
            </span>
          </Row>
        )}
      </dl>
      {facts && facts.flow.verdict !== 'right' && (
        <p className="mt-1 font-semibold text-brick">
          For this it is {facts.flow.verdict}. <span className="font-normal text-ink">{facts.flow.words}</span>
        </p>
      )}
      {keeps.freshOnly && <p className="mt-1">Mix it only when it is needed: {keeps.why}.</p>}
      <KeepMix key={cup.mixId} cup={cup} totalMl={counted.totalMl} volumesMl={counted.components.map(({ ml }) => ml)} />
    </section>
  );
}
