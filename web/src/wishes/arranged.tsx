import type { Arrangement } from '@eveningtide/core/arrange';
import { NO_INTENT, type Piece, type Step } from '@eveningtide/core/subjects';
import { formatDilution } from '@eveningtide/core/mixing';
import { incomingOf, stepPaint, ruleById } from '@eveningtide/core/sequence';
import { formatMinutes } from '@eveningtide/core/units';
import { ListOrdered } from 'lucide-react';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { countWords } from '../ui/words.js';
import { zoneWords } from '../pieces/zone-words.js';
import { useWorkshopQuery } from '../store/api.js';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Swatch } from '../ui/swatch.js';
import type { SentProblem } from '../workers/arrange.worker.js';
import { useBenchNow, useOnHand, useSupplies } from '../workers/outlook-context.js';
import { arrangeService } from '../workers/threads.js';
import { useAsked } from '../workers/use-asked.js';
import { CollisionBox } from './collision-box.js';
import { orderAskedFor } from '../workers/order-asked-for.js';
import { notifyWithUndo } from '../ui/notify.js';

function useProblem(piece: Piece): SentProblem | null {
  const { shelf } = useOnHand();
  const now = useBenchNow();
  const { data } = useWorkshopQuery();
  return useMemo(() => {
    const intent = piece.intent ?? NO_INTENT;
    if (!shelf || !data || intent.wishes.length === 0) return null;
    return orderAskedFor(piece, intent, { shelf, workshop: data.workshop, today: now.date });
  }, [piece, shelf, data, now.date]);
}

const arrange = (problem: SentProblem) => arrangeService().arrange(problem);

/** The order that comes of the wishes, a line of reason for every decision, and a button to take it. */
export function Arranged({ piece }: { piece: Piece }) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const problem = useProblem(piece);
  const { answer: arrangement, error, working } = useAsked(problem, arrange, { showsOlder: true });
  const isTaken = arrangement?.steps ? sameSteps(arrangement.steps, piece.steps) : false;
  const take = () => {
    if (!arrangement?.steps) return;
    const groups = piece.groups.filter(({ id }) => arrangement.steps?.some(({ groupId }) => groupId === id));
    dispatch(editorActions.stepsTaken({ steps: arrangement.steps, groups }));
    notifyWithUndo(`The sequence is as arranged: ${countWords(arrangement.steps.length, 'step')}`, () => dispatch(editorActions.undone()), {
      brief: true,
    });
    void navigate(`/pieces/${piece.id}`);
  };
  return (
    <section
      aria-label="Arranged order"
      aria-busy={working}
      className="min-w-0 overflow-y-auto pb-10 @max-[46rem]:overflow-visible @max-[46rem]:border-t @max-[46rem]:border-line-strong"
    >
      <header className="sticky top-0 z-[5] border-b border-line bg-page px-4 py-2.5">
        <div className="flex items-start justify-between gap-3">
          <div>
            <h2 className="font-semibold">The order</h2>
            <p role="status" className="text-[0.8125rem] text-ink-2">
              {statusWords(problem !== null, working, arrangement)}
            </p>
          </div>
          <Button look="ink" disabled={working || !arrangement?.steps || isTaken} onClick={take}>
            <ListOrdered size={16} aria-hidden="true" /> {isTaken ? 'In use' : 'Use this order'}
          </Button>
        </div>
      </header>
      {error && (
        <p role="alert" className="m-4 border-l-4 border-brick bg-paper px-3 py-2 font-semibold text-brick">
          No order could be looked for: {error}
        </p>
      )}
      {problem && arrangement && <Answer piece={piece} arrangement={arrangement} />}
      {!problem && <p className="p-4 text-ink-2">Wish for something, and the order stands here, with the reason for every step.</p>}
    </section>
  );
}

function statusWords(asked: boolean, working: boolean, arrangement: Arrangement | null): string {
  if (!asked) return 'nothing is wished for yet';
  if (working || !arrangement) return 'looking for the best order …';
  const { cost, minutes, exact, overMin } = arrangement;
  if (!cost) return 'no order is valid';
  return [
    cost.coats === 0 ? 'no coat added' : `${countWords(cost.coats, 'coat')} added`,
    `dry ${formatMinutes(cost.dryMin)} after the first step at the earliest, evenings not counted`,
    `${countWords(cost.changes, 'change')} of medium or airbrush colour`,
    `${formatMinutes(minutes)} hands-on${overMin > 0 ? `, ${formatMinutes(overMin)} more than there is` : ''}`,
    ...(exact ? ['every other order was ruled out'] : []),
  ].join(' · ');
}

/** Steps that are the same but for what the painter pinned meanwhile. */
const sameSteps = (a: readonly Step[], b: readonly Step[]): boolean =>
  JSON.stringify(a) === JSON.stringify(b.map((step) => ({ ...step, pinnedAt: a.find(({ id }) => id === step.id)?.pinnedAt ?? null })));

function Answer({ piece, arrangement }: { piece: Piece; arrangement: Arrangement }) {
  const supplies = useSupplies();
  const isMissing = ({ material, bottleId }: Step): boolean =>
    supplies.bottles.length > 0 &&
    bottleId === null &&
    material !== null &&
    !['thinner', 'masking', 'aggregate'].includes(supplies.material(material).role);
  return (
    <>
      {arrangement.collision && <CollisionBox piece={piece} collision={arrangement.collision} />}
      {arrangement.letStand.length > 0 && (
        <p role="note" className="border-b border-line px-4 py-2">
          <b className="font-semibold">No order is without a caution.</b> It stands in the sequence with what helps:{' '}
          {arrangement.letStand.map((rule) => ruleById(rule).title.toLowerCase()).join('; ')}.
        </p>
      )}
      {arrangement.leftOut.length > 0 && (
        <div className="border-b border-line px-4 py-2">
          <h3 className="font-semibold">Left out</h3>
          <ul className="text-[0.9375rem]">
            {arrangement.leftOut.map(({ id, name, why }) => (
              <li key={id}>
                <b className="font-semibold">{name}.</b> {why}
              </li>
            ))}
          </ul>
        </div>
      )}
      <ol>
        {arrangement.steps?.map((step, i) => {
          const { technique, coverPct, material } = incomingOf(step, supplies);
          const paint = stepPaint(step, supplies);
          const reasons = arrangement.reasons.filter(({ stepId }) => stepId === step.id);
          return (
            <li
              key={step.id}
              className={`border-b border-line px-4 py-1.5 ${step.fromWish === 'arranged' ? 'border-l-4 border-l-tide' : ''}`}
            >
              <p className="flex flex-wrap items-baseline gap-x-2">
                <span className="figures text-ink-2">{i + 1}</span>
                <b className="font-semibold">{technique.name}</b>
                {step.coats > 1 && <span className="figures text-ink-2">× {step.coats}</span>}
                {paint && (
                  <span className="flex items-center gap-1.5">
                    <Swatch colour={paint.colour} size={11} /> {paint.name}
                  </span>
                )}
                {step.dilution && <span className="text-[0.8125rem]">{formatDilution(step.dilution)}</span>}
                <span className="text-[0.8125rem] text-ink-2">
                  {zoneWords(piece, step)}
                  {material && coverPct < 100 ? `, ${String(coverPct)} %` : ''}
                  {step.fromWish === 'arranged' ? ' · added' : ''}
                  {isMissing(step) ? ' · not on your shelf' : ''}
                </span>
              </p>
              {reasons.map(({ text }) => (
                <p key={text} className="pl-5 text-[0.8125rem] text-ink-2">
                  {text}
                </p>
              ))}
              {step.gate && <p className="pl-5 text-[0.8125rem] text-tide">Look: {step.gate}</p>}
            </li>
          );
        })}
      </ol>
    </>
  );
}
