import { CAUTIONS, DEFER } from '@eveningtide/core/materials';
import { mixNeeded } from '@eveningtide/core/coverage';
import { variationFor } from '@eveningtide/core/finishes';
import { isDropped } from '@eveningtide/core/mixing';
import { WAIT_WORDS, incomingOf, minutesMade, type StepReport } from '@eveningtide/core/sequence';
import { benchOf } from '@eveningtide/core/schedule';
import { membersOf, type Piece, type Step } from '@eveningtide/core/subjects';
import { formatNumber } from '@eveningtide/core/units';
import { Plus } from 'lucide-react';
import { Link } from 'react-router';
import { directWords } from '../mixing/direct-words.js';
import { useBench } from '../mixing/use-bench.js';
import { cupOf, cupWords, useCountedCups } from '../mixing/use-counted-cups.js';
import { useWorkshopQuery } from '../store/api.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { Term } from '../terms/term.js';
import { Heading, Panel, Row } from '../ui/panel.js';
import { useShown } from '../ui/shown.js';
import { Swatch } from '../ui/swatch.js';
import { usePieceOutlook, usePlan, useSupplies } from '../workers/outlook-context.js';
import { countWords, solventWords } from '../ui/words.js';

/** What the open step means in minutes, millilitres and cautions. */
export function StepFacts({ piece, stepId, onAddAfter }: { piece: Piece; stepId: string; onAddAfter: (stepId: string) => void }) {
  const { soFar: outlook } = usePlan();
  const supplies = useSupplies();
  const days = useDays();
  const own = usePieceOutlook(piece.id);
  const index = own?.steps.findIndex((s) => s.id === stepId) ?? -1;
  const report = own?.reports[index];
  const step = piece.steps.find((s) => s.id === stepId);
  if (!outlook || !own || !report || !step) return <p className="px-4 py-3 text-ink-2">Working it out …</p>;
  const { material } = incomingOf(step, supplies);
  const when = (minute: number) => (Number.isFinite(minute) ? days.when(outlook.originDate, minute) : 'not in this air');
  return (
    <Panel title={`Step ${String(piece.steps.indexOf(step) + 1)}`}>
      <Heading>In the plan</Heading>
      <dl>
        <Row what="starts">
          {own.placed[index] ? (
            <Link className="underline" to={`/evenings?step=${piece.id}/${stepId}`}>
              {when(report.startMin)}
            </Link>
          ) : (
            'no evening found'
          )}
        </Row>
        {report.heldUpBy !== null && (
          <>
            <Row what="could start">{when(report.earliestMin)}</Row>
            <Row what="waits for">step {report.heldUpBy + 1}</Row>
          </>
        )}
      </dl>
      {report.waits && <p className="text-[0.8125rem] text-ink-3">It waits {WAIT_WORDS[report.waits]}.</p>}
      <MinutesFacts piece={piece} step={step} inPlan={own.handsOnMin[index]} />
      <Variations piece={piece} step={step} />
      <MixFacts piece={piece} step={step} index={index} />
      <DryingFacts report={report} when={when} source={material?.drying?.source} />
      {material && material.hazards.length > 0 && (
        <>
          <Heading>Mind</Heading>
          <ul className="list-disc space-y-1 pl-4 text-[0.8125rem]">
            {material.hazards.map((hazard) => (
              <li key={hazard}>{CAUTIONS[hazard]}</li>
            ))}
            <li>{DEFER}</li>
          </ul>
        </>
      )}
      <Button
        small
        className="mt-4"
        onClick={() => {
          onAddAfter(stepId);
        }}
      >
        <Plus size={15} aria-hidden="true" /> Add a step after it
      </Button>
    </Panel>
  );
}

/** How its minutes come about. */
function MinutesFacts({ piece, step, inPlan }: { piece: Piece; step: Step; inPlan: number | undefined }) {
  const supplies = useSupplies();
  const { data: workshop } = useWorkshopQuery();
  const models = membersOf(step, piece).length || 1;
  if (step.handsOnMin !== null || inPlan === undefined || !workshop) return null;
  const { setUpMin, handlingMin, workMin, dryerMin, brushMm } = minutesMade(step, piece, benchOf(workshop.workshop, supplies));
  const minutes = (n: number): string => `${formatNumber(n, 1)} min`;
  return (
    <>
      <Heading>Its minutes</Heading>
      <dl>
        <Row what="set-up">{minutes(setUpMin)}</Row>
        <Row what={models > 1 ? 'to handle, each' : 'to handle'}>{minutes(handlingMin)}</Row>
        {workMin > 0 && <Row what={brushMm === null ? 'work' : `work, ${String(brushMm)} mm brush`}>{minutes(workMin)}</Row>}
        {dryerMin > 0 && <Row what="dryer in hand">{minutes(dryerMin)}</Row>}
        <Row what="in the plan">{minutes(inPlan)}</Row>
      </dl>
      <p className="text-[0.8125rem] text-ink-3">Common practice, figures from memory; type your own under Minutes.</p>
    </>
  );
}

/** What is stirred for the step: the cup it shares, or what it takes alone. */
function MixFacts({ piece, step, index }: { piece: Piece; step: Step; index: number }) {
  const stores = useBench();
  const { supplies, mixes, droppers } = stores;
  const shown = useShown();
  const cup = cupOf(useCountedCups(), piece.id, index);
  if (cup)
    return (
      <>
        <Heading>Mix for it</Heading>
        <p>
          <Link className="underline" to="/mixing">
            Cup {cup.letter}
          </Link>
          : {cupWords(cup)}
        </p>
        <p className="text-[0.8125rem] text-ink-3">From area, cover, film and what stays in cup and brush, once a cup.</p>
      </>
    );
  const mix = mixNeeded(step, piece, supplies, droppers, mixes);
  if (!mix) {
    const taken = directWords(step, piece, stores, shown);
    if (taken.length === 0) return null;
    return (
      <>
        <Heading>It takes</Heading>
        {taken.map(({ amount, name }) => (
          <p key={name}>
            {amount} of {name}
          </p>
        ))}
      </>
    );
  }
  return (
    <>
      <Heading>Mix for it</Heading>
      <dl>
        {mix.paints > 1 ? (
          <Row what="of the mix in all">
            <Link className="underline" to="/mixing">
              <span className="figures">{shown.text(mix.totalMl, 'volume')}</span>
            </Link>
          </Row>
        ) : (
          <Row what={mix.thinner ? 'paint' : 'neat'}>
            <span className="figures">{shown.text(mix.paintMl, 'volume')}</span>
            {isDropped(mix.paintMl) && ` · ${countWords(mix.paintDrops, 'drop')}`}
          </Row>
        )}
        {mix.thinner && mix.paints === 1 && (
          <Row what={mix.thinner.toLowerCase()}>
            <span className="figures">{shown.text(mix.thinnerMl, 'volume')}</span>
          </Row>
        )}
      </dl>
      <p className="text-[0.8125rem] text-ink-3">
        From area, cover, film and what stays in cup and brush; rounded up to half a millilitre.
      </p>
    </>
  );
}

interface DryingFactsProps {
  report: StepReport;
  when: (minute: number) => string;
  source: string | undefined;
}

/** When what was laid has come to which stage. */
function DryingFacts({ report: { ripening, takeBack, judgeFromMin }, when, source }: DryingFactsProps) {
  if (!ripening) return null;
  return (
    <>
      <Heading>While it dries</Heading>
      <dl>
        <Row what={<Term id="touch">set to touch</Term>}>{when(ripening.touchMin)}</Row>
        <Row what={<Term id="next-coat">next coat from</Term>}>{when(ripening.recoatFromMin)}</Row>
        <Row what={<Term id="dry-hard">dry-hard</Term>}>{when(ripening.dryHardMin)}</Row>
        <Row what={<Term id="solvent-proof">solvent-proof</Term>}>{when(ripening.solventProofMin)}</Row>
        {judgeFromMin !== null && <Row what="do not judge before">{when(judgeFromMin)}</Row>}
        {takeBack && (
          <Row what={`undo with ${solventWords(takeBack.withSolvent)}`}>
            {Number.isFinite(takeBack.untilMin) ? `until ${when(takeBack.untilMin)}` : 'until it is sealed'}
          </Row>
        )}
      </dl>
      <p className="text-[0.8125rem] text-ink-3">Typical times ({source}); half of all coats take longer.</p>
    </>
  );
}

/** What each of the batch gets, where they are to differ. */
function Variations({ piece, step }: { piece: Piece; step: Step }) {
  const { varySeed, likeness } = piece;
  if (varySeed === null || likeness !== 'own') return null;
  const rows = membersOf(step, piece).flatMap((member) => {
    const variation = variationFor(step, member.id, varySeed, piece.features);
    return variation ? [{ member, variation }] : [];
  });
  if (rows.length === 0) return null;
  return (
    <>
      <Heading>Each its own</Heading>
      <dl>
        {rows.map(({ member, variation }) => (
          <Row key={member.id} what={member.label}>
            <span className="flex items-center justify-end gap-1.5">
              {variation.colour !== null && <Swatch colour={variation.colour} />}
              <span className="figures">
                {variation.coverPct} %{variation.strength !== null && ` · ${String(variation.strength)}`}
              </span>
              {variation.source !== null && <span className="font-normal">{variation.source}</span>}
            </span>
          </Row>
        ))}
      </dl>
    </>
  );
}
