import { recordRows } from '@eveningtide/core/records';
import { Download, FileText, Repeat } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { useSearchParams } from 'react-router';
import { usePiecesQuery, type StoredPiece } from '../store/api.js';
import { useLog } from '../store/log.js';
import { Button } from '../ui/button.js';
import { saveTable } from '../ui/save-table.js';
import { PartTabs } from '../ui/part-tabs.js';
import { SelectField } from '../ui/select-field.js';
import { Empty, Failed, Loading } from '../ui/states.js';
import { useBenchNow, useSupplies } from '../workers/outlook-context.js';
import { EntriesPart } from './entries-part.js';
import { HistoryPart } from './history-part.js';
import { useDossier } from './use-dossier.js';

const LearntPart = lazy(async () => ({ default: (await import('./learnt-part.js')).LearntPart }));
const RepeatDialog = lazy(async () => ({ default: (await import('./repeat-dialog.js')).RepeatDialog }));

const ALL = 'all';

/** What was really done: by evening, by piece, and what the bench has learnt from it. */
export function LogView() {
  const log = useLog();
  const { data: stored, isError, refetch } = usePiecesQuery();
  const [search, setSearch] = useSearchParams();
  const supplies = useSupplies();
  const now = useBenchNow();
  const dossier = useDossier();
  const [isRepeating, setRepeating] = useState(false);
  if (isError && !stored)
    return (
      <Failed
        what="the log"
        onRetry={() => {
          void refetch();
        }}
      />
    );
  if (!log || !stored) return <Loading what="the log" />;
  const pieces = stored.map(({ piece }: StoredPiece) => piece);
  const logged = pieces.filter(({ id }) => log.some(({ pieceId }) => pieceId === id));
  const piece = logged.find(({ id }) => id === search.get('piece')) ?? null;
  const own = piece ? log.filter(({ pieceId }) => pieceId === piece.id) : log;
  const choose = (id: string): void => {
    const next = new URLSearchParams(search);
    if (id === ALL) next.delete('piece');
    else next.set('piece', id);
    setSearch(next, { replace: true });
  };
  return (
    <main className="flex min-h-0 flex-1 flex-col">
      <header className="flex flex-wrap items-end justify-between gap-x-4 gap-y-2 px-4 pt-3 pb-2">
        <div className="flex items-end gap-5">
          <h1 className="text-[1.6875rem] leading-8 font-bold">Log</h1>
          {logged.length > 0 && (
            <SelectField
              label="Piece"
              className="w-64"
              value={piece?.id ?? ALL}
              options={[{ id: ALL, name: 'all pieces' }, ...logged.map(({ id, name }) => ({ id, name }))]}
              onChange={choose}
            />
          )}
        </div>
        <div className="no-print flex flex-wrap gap-2">
          {piece && (
            <>
              <Button
                onClick={() => {
                  setRepeating(true);
                }}
              >
                <Repeat size={16} aria-hidden="true" /> Do it again …
              </Button>
              <Button onClick={() => void dossier(piece, log)}>
                <FileText size={16} aria-hidden="true" /> Dossier
              </Button>
            </>
          )}
          <Button
            disabled={own.length === 0}
            onClick={() => {
              void saveTable(`records-${now.date}`, recordRows(own, pieces, supplies));
            }}
          >
            <Download size={16} aria-hidden="true" /> Records as CSV
          </Button>
        </div>
      </header>
      {log.length === 0 ? (
        <Empty title="Nothing is logged yet" go={{ to: '/tonight', words: 'To tonight' }}>
          Start and end steps in Tonight: what was really done comes to stand here, and plans learn your own times from it.
        </Empty>
      ) : (
        <PartTabs
          label="Parts of the log"
          fill
          tabs={[
            { id: 'done', name: 'What was done', count: own.length, content: <EntriesPart log={own} pieces={pieces} /> },
            ...(piece ? [{ id: 'history', name: 'History', content: <HistoryPart piece={piece} log={own} /> }] : []),
            {
              id: 'learnt',
              name: 'Learnt',
              content: (
                <Suspense fallback={<Loading what="what was learnt" />}>
                  <LearntPart log={log} pieces={pieces} />
                </Suspense>
              ),
            },
          ]}
        />
      )}
      <Suspense fallback={null}>
        {isRepeating && piece && (
          <RepeatDialog
            piece={piece}
            log={log}
            onClose={() => {
              setRepeating(false);
            }}
          />
        )}
      </Suspense>
    </main>
  );
}
