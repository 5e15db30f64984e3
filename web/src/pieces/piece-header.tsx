import { completionOf, type Completion } from '@eveningtide/core/schedule';
import { dateOf, formatMinutes } from '@eveningtide/core/units';
import type { Piece } from '@eveningtide/core/subjects';
import { LONGEST_NAME } from '@eveningtide/core/limits';
import { Redo2, Undo2 } from 'lucide-react';
import { Link, NavLink } from 'react-router';
import { editorActions, type SaveState } from '../store/editor.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { Button } from '../ui/button.js';
import { useDays, type Days } from '../ui/days.js';
import { usePieceOutlook, usePlan } from '../workers/outlook-context.js';
import { likelyDay, useLikely } from '../workers/use-likely.js';
import { PieceMenu } from './piece-menu.js';
import { countWords } from '../ui/words.js';

// eslint-disable-next-line complexity -- one fact after the other, each shown where it is known
export function PieceHeader({ piece }: { piece: Piece }) {
  const dispatch = useAppDispatch();
  const { past, future, version } = useAppSelector((state) => state.editor);
  const { soFar: outlook } = usePlan();
  const own = usePieceOutlook(piece.id);
  const days = useDays();
  const completion = own ? completionOf(own) : null;
  const likelyMin = useLikely()?.likelyMin[piece.id] ?? null;
  const likely = outlook && completion && likelyDay(completion.paintedMin, likelyMin, outlook.originDate);
  const homeless = own?.placed.filter((isPlaced) => !isPlaced).length ?? 0;
  const snags = own?.findings.filter((f) => f.severity === 'snag' && f.waived === null).length ?? 0;
  const handsOn = own?.handsOnMin.reduce((a, b) => a + b, 0) ?? 0;
  const facts = [
    `1 : ${String(piece.scaleRatio)}`,
    countWords(piece.steps.length, 'step'),
    ...(own ? [`${formatMinutes(handsOn)} of hands-on`] : []),
  ];
  return (
    <header className="sticky top-0 z-10 border-b border-line-strong bg-page px-4 py-2.5">
      <div className="flex items-start justify-between gap-x-4 gap-y-1 max-[40rem]:flex-wrap">
        <div className="min-w-0 flex-1 max-[40rem]:basis-full">
          <h1>
            <input
              aria-label="Name of the piece"
              value={piece.name}
              maxLength={LONGEST_NAME}
              onChange={(event) => {
                if (event.target.value.trim()) dispatch(editorActions.renamed(event.target.value));
              }}
              className="-ml-1 w-full rounded-sm border border-transparent bg-transparent px-1 text-[1.6875rem] leading-8 font-bold hover:border-line focus:bg-field"
            />
          </h1>
          <p className="flex flex-wrap gap-x-3 text-ink-2">
            {facts.map((fact) => (
              <span key={fact} className="border-r border-line-strong pr-3 last:border-0">
                {fact}
              </span>
            ))}
            {piece.archivedOn !== null && <b className="font-semibold">in the archive: it takes no evenings</b>}
            {snags > 0 && <b className="text-brick">{countWords(snags, 'snag')}</b>}
          </p>
        </div>
        {outlook && (completion || homeless > 0) && (
          <p className="text-right text-ink-2 max-[40rem]:text-left">
            {completion ? (likelyMin === null ? 'painted' : 'likely painted') : 'not done'}
            <Link
              to="/evenings"
              className="block text-xl font-bold text-ink underline decoration-line-strong underline-offset-2 hover:decoration-ink"
            >
              {likely
                ? Number.isFinite(likely.atMin)
                  ? days.dayOf(outlook.originDate, likely.atMin)
                  : 'not sure'
                : `${countWords(homeless, 'step')} without an evening`}
            </Link>
            {completion && dryWords(completion, outlook.originDate, days)}
            {completion && likely?.isLater && (
              <span className="block">at the earliest {days.dayOf(outlook.originDate, completion.paintedMin)}</span>
            )}
          </p>
        )}
        <div className="no-print flex flex-col items-end gap-1">
          <div className="flex gap-1">
            <Button small disabled={past.length === 0} onClick={() => dispatch(editorActions.undone())}>
              <Undo2 size={15} aria-hidden="true" /> Undo
            </Button>
            <Button small disabled={future.length === 0} onClick={() => dispatch(editorActions.redone())}>
              <Redo2 size={15} aria-hidden="true" /> Redo
            </Button>
            <PieceMenu stored={{ version, piece }} />
          </div>
          <SaveLine />
        </div>
      </div>
      <nav aria-label="Of this piece" className="no-print -mb-2.5 mt-1 flex gap-1">
        <Part to={`/pieces/${piece.id}`} name="Sequence" count={piece.steps.length} />
        <Part to={`/pieces/${piece.id}/wishes`} name="Wishes" count={piece.intent?.wishes.length ?? 0} />
        <Part to={`/pieces/${piece.id}/surface`} name="Look" count={null} />
        <Part to={`/pieces/${piece.id}/film`} name="Film" count={null} />
        <Part to={`/pieces/${piece.id}/card`} name="Card" count={null} />
      </nav>
      <Conflict />
    </header>
  );
}

/** What is said under the day of the last step: when all is dry. */
function dryWords({ paintedMin, dryMin }: Completion, originDate: string, days: Days): string {
  if (!Number.isFinite(dryMin)) return 'does not dry in this air';
  return dateOf(originDate, dryMin) === dateOf(originDate, paintedMin) ? 'dry the same day' : `dry ${days.dayOf(originDate, dryMin)}`;
}

function Part({ to, name, count }: { to: string; name: string; count: number | null }) {
  return (
    <NavLink
      end
      to={to}
      className={({ isActive }) =>
        `border-b-4 px-2 pb-1 ${isActive ? 'border-ink font-semibold' : 'border-transparent hover:border-line-strong'}`
      }
    >
      {name} {count !== null && <span className="figures text-[0.8125rem] text-ink-2">{count}</span>}
    </NavLink>
  );
}

const SAVE_WORDS: Record<SaveState, string> = {
  saved: 'All saved',
  unsaved: 'Not saved yet …',
  saving: 'Saving …',
  offline: 'Server away; kept here, trying again',
  conflict: 'Changed in two places',
  refused: 'Not saved',
};

function SaveLine() {
  const { save, refusal, trouble } = useAppSelector((state) => state.editor);
  const bad = save === 'offline' || save === 'conflict' || save === 'refused';
  return (
    <p role="status" className={`max-w-72 text-right text-[0.8125rem] ${bad ? 'font-semibold text-brick' : 'text-ink-2'}`}>
      {save === 'offline' && trouble !== null ? 'Not saved; kept here, trying again' : SAVE_WORDS[save]}
      {save === 'refused' && refusal ? `: ${refusal}` : ''}
      {save === 'offline' && trouble !== null ? `: ${trouble}` : ''}
    </p>
  );
}

/** Two tabs changed the same piece: the painter chooses, nothing is overwritten unasked. */
function Conflict() {
  const dispatch = useAppDispatch();
  const { save, theirs, piece } = useAppSelector((state) => state.editor);
  if (save !== 'conflict' || !theirs) return null;
  return (
    <div role="alert" className="mt-2 flex flex-wrap items-center gap-3 border-l-4 border-brick bg-paper px-3 py-2">
      <p className="flex-1">
        <b>This piece was changed elsewhere meanwhile.</b> There: {countWords(theirs.piece.steps.length, 'step')}, “{theirs.piece.name}”.
        Here: {countWords(piece?.steps.length ?? 0, 'step')}, “{piece?.name}”.
      </p>
      <Button small onClick={() => dispatch(editorActions.theirsTaken())}>
        Take the other
      </Button>
      <Button small look="ink" onClick={() => dispatch(editorActions.mineKept())}>
        Keep mine
      </Button>
    </div>
  );
}
