import { newestOf, type Finish } from '@eveningtide/core/finishes';
import { stepPaint } from '@eveningtide/core/sequence';
import { PIECE_KIND_NAMES, type Step } from '@eveningtide/core/subjects';
import { GitCompare, Layers, Share, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { countWords } from '../ui/words.js';
import { useDeleteFinishMutation, useFinishesQuery, usePiecesQuery, useRestoreDeletedMutation, type StoredFinish } from '../store/api.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { Empty, Failed, Loading } from '../ui/states.js';
import { usePassOn } from '../passing/use-pass-on.js';
import { FinishedLook } from '../looks/finished-look.js';
import { useOnHand } from '../workers/outlook-context.js';
import { ApplyFinishDialog } from './apply-finish-dialog.js';
import { notifyDeleted, notifyFailure } from '../ui/notify.js';

/** Saved sequences, to be put onto other pieces and held side by side. */
export function FinishesView() {
  const { data, isError, refetch } = useFinishesQuery();
  const navigate = useNavigate();
  const [picked, setPicked] = useState<string[]>([]);
  const [putting, setPutting] = useState<Finish | null>(null);
  if (isError && !data)
    return (
      <Failed
        what="your finishes"
        onRetry={() => {
          void refetch();
        }}
      />
    );
  if (!data) return <Loading what="your finishes" />;
  const pick = (key: string, on: boolean) => {
    setPicked(on ? [...picked, key].slice(-2) : picked.filter((other) => other !== key));
  };
  return (
    <main className="p-4">
      <header className="mb-3 flex items-center justify-between gap-4">
        <h1 className="text-[1.6875rem] leading-8 font-bold">Finishes</h1>
        <div className="flex items-center gap-3">
          <Button
            disabled={picked.length !== 2}
            onClick={() => {
              void navigate(`/finishes/compare?left=${picked[0] ?? ''}&right=${picked[1] ?? ''}`);
            }}
          >
            <GitCompare size={16} aria-hidden="true" /> Side by side
          </Button>
        </div>
      </header>
      {data.length === 0 ? (
        <Empty title="No finish yet" go={{ to: '/pieces', words: 'To the pieces' }}>
          A finish is a sequence kept to be used again: on the next casting of a row, on a whole train, next year. Open a piece whose
          sequence is right and choose “Save as a finish” from its menu.
        </Empty>
      ) : (
        <ul className="divide-y divide-line border-y border-line">
          {data.map((stored) => (
            <FinishItem key={stored.finish.id} stored={stored} picked={picked} onPick={pick} onPut={setPutting} />
          ))}
        </ul>
      )}
      {data.length > 0 && <p className="mt-2 text-[0.8125rem] text-ink-3">Tick two versions to hold them side by side.</p>}
      {putting && (
        <ApplyFinishDialog
          finish={putting}
          onPieces={[]}
          onClose={() => {
            setPutting(null);
          }}
        />
      )}
    </main>
  );
}

interface FinishItemProps {
  stored: StoredFinish;
  picked: readonly string[];
  onPick: (key: string, on: boolean) => void;
  onPut: (finish: Finish) => void;
}

function FinishItem({ stored, picked, onPick, onPut }: FinishItemProps) {
  const { finish } = stored;
  const days = useDays();
  const passOn = usePassOn();
  const newest = newestOf(finish);
  const { data: pieces = [] } = usePiecesQuery();
  const [remove] = useDeleteFinishMutation();
  const [restore] = useRestoreDeletedMutation();
  // the piece that wears it, or that it was taken from
  const shownOn = (
    pieces.find(({ piece }) => piece.finish?.finishId === finish.id) ?? pieces.find(({ piece }) => piece.name === newest.fromPiece)
  )?.piece;
  const users = pieces.filter(({ piece }) => piece.finish?.finishId === finish.id).map(({ piece }) => piece.name);
  const throwAway = async () => {
    try {
      await remove(finish.id).unwrap();
      notifyDeleted(`${finish.name} deleted; pieces keep their steps`, { kind: 'finish', id: finish.id }, restore);
    } catch (error) {
      notifyFailure(`${finish.name} was not deleted`, error);
    }
  };
  return (
    <li className="grid grid-cols-[8.5rem_minmax(0,1.4fr)_minmax(0,2fr)_auto] items-start gap-4 px-2 py-2.5 hover:bg-paper max-[52rem]:grid-cols-[8.5rem_minmax(0,1fr)]">
      {shownOn ? <FinishedLook piece={shownOn} /> : <span />}
      <div>
        <p className="text-lg font-semibold">{finish.name}</p>
        <Tones steps={newest.steps} />
        <p className="text-ink-2">
          {PIECE_KIND_NAMES[newest.kind]}, <span className="figures">1 : {newest.scaleRatio}</span>,{' '}
          {countWords(newest.steps.length, 'step')}
        </p>
        {users.length > 0 && <p className="text-[0.8125rem] text-ink-2">on {users.join(', ')}</p>}
      </div>
      <ul>
        {[...finish.versions].reverse().map((version) => {
          const key = `${finish.id}:${String(version.version)}`;
          return (
            <li key={version.version}>
              <label className="flex min-h-6 items-center gap-2">
                <input
                  type="checkbox"
                  checked={picked.includes(key)}
                  onChange={(event) => {
                    onPick(key, event.target.checked);
                  }}
                />
                <span>
                  Version {version.version}, {days.day(version.savedOn)}, from {version.fromPiece}
                  {version.note && <span className="text-ink-2">: {version.note}</span>}
                </span>
              </label>
            </li>
          );
        })}
      </ul>
      <div className="flex gap-1">
        <Button
          small
          onClick={() => {
            onPut(finish);
          }}
        >
          <Layers size={14} aria-hidden="true" /> Put it on …
        </Button>
        <button
          type="button"
          aria-label={`Save ${finish.name} to a file`}
          title="Save to a file"
          className="rounded-sm p-1.5 hover:bg-ground"
          onClick={() => {
            void passOn('finishes', finish.id, finish.name);
          }}
        >
          <Share size={17} aria-hidden="true" />
        </button>
        <button
          type="button"
          aria-label={`Delete ${finish.name}`}
          className="rounded-sm p-1.5 hover:bg-ground"
          onClick={() => {
            void throwAway();
          }}
        >
          <Trash2 size={17} aria-hidden="true" />
        </button>
      </div>
    </li>
  );
}

/** The colours of its steps, in their order. */
function Tones({ steps }: { steps: readonly Step[] }) {
  const { supplies, mixes } = useOnHand();
  const colours = steps.flatMap((step) => stepPaint(step, supplies, mixes)?.colour ?? []);
  return (
    <span aria-hidden="true" className="my-1 flex h-4 max-w-56 border border-ink/45">
      {colours.map((colour, i) => (
        <span key={i} className="h-full flex-1" style={{ background: colour }} />
      ))}
    </span>
  );
}
