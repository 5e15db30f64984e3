import { waitsOf, type PlanInput, type Waiting } from '@eveningtide/core/schedule';
import { splitPiece } from '@eveningtide/core/subjects';
import { techniqueById } from '@eveningtide/core/techniques';
import { formatMinutes } from '@eveningtide/core/units';
import { nanoid } from 'nanoid';
import { useMemo } from 'react';
import { countWords } from '../ui/words.js';
import { useDeletePieceMutation, usePiecesQuery, useSavePieceMutation } from '../store/api.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { Loading } from '../ui/states.js';
import { TableHead } from '../ui/table-head.js';
import { eveningsService } from '../workers/threads.js';
import { useAsked } from '../workers/use-asked.js';
import { usePlan } from '../workers/outlook-context.js';
import { notifyFailure, notifyWithUndo } from '../ui/notify.js';

const pairingsOf = (given: PlanInput) => eveningsService().pairings(given);
const splitsOf = (given: PlanInput) => eveningsService().splits(given);

/** Waits within evenings: what fills them, how many models of a batch would make them vanish, and batches better worked in two. */
export function WaitingPart() {
  const { given, outlook } = usePlan();
  const waits = useMemo(
    () =>
      given && outlook
        ? waitsOf(
            given.pieces.filter(({ archivedOn }) => archivedOn === null),
            outlook,
          )
        : null,
    [given, outlook],
  );
  if (!given || !outlook || !waits) return <Loading what="the plan" />;
  const name = (id: string): string => given.pieces.find((piece) => piece.id === id)?.name ?? id;
  const step = (pieceId: string, index: number): string => {
    const one = outlook.pieces.find((piece) => piece.pieceId === pieceId)?.steps[index];
    return one ? techniqueById(one.technique).name.toLowerCase() : '';
  };
  return (
    <div className="px-4 py-3">
      <div className="grid items-start gap-x-8 gap-y-3 lg:grid-cols-2">
        <Splits />
        <Pairs />
      </div>
      <h2 className="mt-3 text-lg font-semibold">Waiting within evenings</h2>
      {waits.length === 0 ? (
        <p className="text-ink-2">No step waits for another within an evening.</p>
      ) : (
        <>
          <p className="mb-1 text-ink-2">
            Something dries {waits.length} times while the evening goes on. In all your hands rest{' '}
            <b className="figures">{formatMinutes(outlook.cost.idleMin)}</b>.
          </p>
          <p className="mb-2 flex flex-wrap gap-x-5 text-[0.8125rem] text-ink-2">
            <span>
              <span aria-hidden="true" className="mr-1.5 inline-block h-3 w-6 border border-ink bg-tide align-middle" />
              other work fills it
            </span>
            <span>
              <span aria-hidden="true" className="hatched mr-1.5 inline-block h-3 w-6 border border-ink align-middle" />
              hands rest
            </span>
          </p>
          <table className="w-full border-y border-line">
            <TableHead heads={['What dries', 'How long', 'What you do meanwhile', 'Models for no wait']} />
            <tbody>
              {waits.map((wait) => (
                <WaitRow
                  key={`${wait.pieceId} ${String(wait.stepIndex)} ${String(wait.nextIndex)} ${String(wait.waitMin)}`}
                  wait={wait}
                  longestMin={Math.max(...waits.map(({ waitMin }) => waitMin))}
                  name={name}
                  step={step}
                />
              ))}
            </tbody>
          </table>
        </>
      )}
    </div>
  );
}

interface WaitRowProps {
  wait: Waiting;
  longestMin: number;
  name: (pieceId: string) => string;
  step: (pieceId: string, index: number) => string;
}

/** A wait as a bar, as long as it lasts: what other work fills, and what the hands rest. */
function WaitRow({ wait, longestMin, name, step }: WaitRowProps) {
  const { pieceId, stepIndex, nextIndex, waitMin, idleMin, filledBy, models, modelsForNone } = wait;
  const pct = (minutes: number): string => `${String((Math.max(0, minutes) / longestMin) * 100)}%`;
  return (
    <tr className="border-b border-line align-top">
      <th scope="row" className="w-[26%] px-2 py-1.5 text-left font-semibold">
        {name(pieceId)}
        <span className="block text-[0.8125rem] font-normal text-ink-2">
          {stepIndex === nextIndex
            ? `between coats of ${step(pieceId, stepIndex)}`
            : `${step(pieceId, stepIndex)}, then ${step(pieceId, nextIndex)}`}
        </span>
      </th>
      <td className="w-[24%] px-2 py-1.5">
        <span aria-hidden="true" className="flex h-3.5 w-full">
          <span className="block border border-ink bg-tide" style={{ width: pct(waitMin - idleMin) }} />
          {idleMin > 0 && <span className="hatched block border border-l-0 border-ink" style={{ width: pct(idleMin) }} />}
        </span>
        <span className="figures text-[0.8125rem]">
          {formatMinutes(waitMin)}
          {idleMin > 0 && <span className="text-ink-2">, hands rest {formatMinutes(idleMin)}</span>}
        </span>
      </td>
      <td className="px-2 py-1.5 text-[0.8125rem]">
        {filledBy.length === 0 ? (
          <span className="text-ink-3">nothing</span>
        ) : (
          filledBy.map((one) => `${name(one.pieceId)}: ${step(one.pieceId, one.stepIndex)} (${formatMinutes(one.minutes)})`).join(', ')
        )}
      </td>
      <td className="w-28 px-2 py-1.5 text-[0.8125rem]">
        <span className="figures">{modelsForNone}</span> <span className="text-ink-2">({models} now)</span>
      </td>
    </tr>
  );
}

/** So many pairs are worth reading. */
const MOST_PAIRS = 4;

/** Pieces that go well together on the bench. */
function Pairs() {
  const { given } = usePlan();
  const { answer: pairs, working } = useAsked(given, pairingsOf);
  if (!given) return null;
  const name = (id: string): string => given.pieces.find((piece) => piece.id === id)?.name ?? id;
  return (
    <section aria-labelledby="pairs" aria-busy={working}>
      <h2 id="pairs" className="text-lg font-semibold">
        Good together
      </h2>
      {!pairs ? (
        <p role="status" className="text-ink-2">
          Trying each two pieces together …
        </p>
      ) : pairs.length === 0 ? (
        <p className="text-ink-2">No two pieces fill each other’s waits.</p>
      ) : (
        <ul className="text-[0.8125rem]">
          {pairs.slice(0, MOST_PAIRS).map(({ pieceIds: [first, second], together, apart, idleMin, idleApartMin }) => (
            <li key={`${first} ${second}`}>
              <b>
                {name(first)} and {name(second)}
              </b>
              : {countWords(together, 'evening')} instead of {apart}, hands rest {formatMinutes(idleMin)} instead of{' '}
              {formatMinutes(idleApartMin)}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** Batches that would be done sooner in two parts; splitting makes a second piece, undo brings the one back. */
function Splits() {
  const { given, outlook } = usePlan();
  const days = useDays();
  const { data: stored } = usePiecesQuery();
  const [save] = useSavePieceMutation();
  const [remove] = useDeletePieceMutation();
  const { answer: proposals, working } = useAsked(given, splitsOf);
  if (!given || !outlook) return null;
  const split = async (pieceId: string) => {
    const one = stored?.find(({ piece }) => piece.id === pieceId);
    if (!one) return;
    const [first, second] = splitPiece(one.piece, `${pieceId.slice(0, 50)}-${nanoid(6)}`);
    try {
      // the new one first: if the second save fails, nothing is lost
      await save({ version: 0, piece: second }).unwrap();
      const saved = await save({ version: one.version, piece: first }).unwrap();
      notifyWithUndo(`${one.piece.name} is two batches now`, async () => {
        await save({ version: saved.version, piece: one.piece }).unwrap();
        await remove(second.id).unwrap();
      });
    } catch (error) {
      notifyFailure('The batch was not split', error);
    }
  };
  return (
    <section aria-labelledby="splits" aria-busy={working}>
      <h2 id="splits" className="text-lg font-semibold">
        Batches in two
      </h2>
      {!proposals ? (
        <p role="status" className="text-ink-2">
          Trying each batch in two parts …
        </p>
      ) : proposals.length === 0 ? (
        <p className="text-ink-2">No batch would be done sooner, or in fewer evenings, if it were worked in two parts.</p>
      ) : (
        <ul>
          {proposals.map(({ pieceId, parts, planned: { cost } }) => (
            <li key={pieceId} className="flex items-center gap-3 py-1">
              <span>
                <b>{given.pieces.find(({ id }) => id === pieceId)?.name}</b> as {parts.join(' and ')}:{' '}
                {countWords(cost.evenings, 'evening')} (now {outlook.cost.evenings}), done {days.dayOf(given.originDate, cost.finishMin)}{' '}
                (now {days.dayOf(outlook.originDate, outlook.cost.finishMin)})
              </span>
              <Button small onClick={() => void split(pieceId)}>
                Split it
              </Button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
