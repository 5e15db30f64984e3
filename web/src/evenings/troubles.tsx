import { latePieces, operationOf } from '@eveningtide/core/schedule';
import type { Plan, PlanWish } from '@eveningtide/core/solver';
import { useState } from 'react';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { eveningsService } from '../workers/threads.js';
import { usePlan } from '../workers/outlook-context.js';
import { useStepWords } from './step-words.js';

/** So many are told before it is asked for more: a long list hides what it is about. */
const FIRST = 6;

/** What of the plan does not work: steps without an evening, dates that are missed; and on asking, which wishes collide. */
export function Troubles() {
  const { outlook, given } = usePlan();
  const words = useStepWords();
  const days = useDays();
  const [answer, setAnswer] = useState<PlanWish[] | null | 'none' | 'asking'>('none');
  if (!outlook || !given) return null;
  const { plan, cost } = outlook;
  const late = latePieces(given.pieces, outlook);
  if (plan.unplaced.length === 0 && late.length === 0 && cost.missedPins === 0) return null;

  const ask = async () => {
    setAnswer('asking');
    setAnswer(await eveningsService().colliding(given));
  };
  const wishWords = ({ kind, id, from }: PlanWish): string => {
    const piece = given.pieces.find((one) => one.id === operationOf(id).pieceId);
    if (kind === 'pinned') return `${words(id)} is pinned`;
    if (kind === 'due') return `${piece?.name ?? ''} is to be done by ${piece?.doneBy ? days.day(piece.doneBy) : 'its date'}`;
    if (kind === 'daylight') return `${words(id)} needs daylight`;
    return `${words(id)} must come before the window on ${from === null ? 'what lies below' : words(from)} closes`;
  };
  return (
    <div role="alert" className="border-b border-brick bg-paper px-4 py-2">
      <ul className="text-brick">
        <Unplaced unplaced={plan.unplaced} />
        {late.map(({ piece, doneBy, doneOn }) => (
          <li key={piece.id}>
            <b>{piece.name}</b> should be done by {days.day(doneBy)} and will be done {days.day(doneOn)}.
          </li>
        ))}
        {cost.missedPins > 0 && (
          <li>{cost.missedPins === 1 ? 'A pinned step' : `${String(cost.missedPins)} pinned steps`} could not be kept to the minute.</li>
        )}
      </ul>
      {answer === 'none' && (
        <Button small className="mt-1" onClick={() => void ask()}>
          What collides?
        </Button>
      )}
      {answer === 'asking' && <p role="status">Looking for the wishes that collide …</p>}
      {answer === null && <p>It is no wish that is in the way: a step that fits into no evening, or paint that never dries in this air.</p>}
      {Array.isArray(answer) && answer.length === 0 && <p>All could be met: press Improve.</p>}
      {Array.isArray(answer) && answer.length > 0 && (
        <p>
          {answer.length === 1 ? 'This cannot be met:' : 'These cannot all be met; giving up one of them is enough:'}{' '}
          {answer.map((wish, i) => (
            <span key={`${wish.kind} ${wish.id}`}>
              {i > 0 && '; '}
              <b>{wishWords(wish)}</b>
            </span>
          ))}
          .
        </p>
      )}
    </div>
  );
}

/** Steps that found no evening, the first few of them until all are asked for. */
function Unplaced({ unplaced }: { unplaced: Plan['unplaced'] }) {
  const words = useStepWords();
  const [all, setAll] = useState(false);
  const more = all ? 0 : unplaced.length - FIRST;
  return (
    <>
      {unplaced.slice(0, all ? Infinity : FIRST).map(({ id, why }) => (
        <li key={id}>
          <b>{words(id, true)}</b> found no evening: {why}.
        </li>
      ))}
      {more > 0 && (
        <li>
          <Button
            small
            onClick={() => {
              setAll(true);
            }}
          >
            Show {more} more without an evening
          </Button>
        </li>
      )}
    </>
  );
}
