import {
  PIECE_KINDS,
  PIECE_KIND_NAMES,
  TEMPLATES,
  beginningOf,
  beginningOfShape,
  type Beginning,
  type PieceKind,
} from '@eveningtide/core/subjects';
import { X } from 'lucide-react';
import { useMemo, useState } from 'react';
import { foundBy } from '../find/find.js';
import { useDeleteShapeMutation, useRestoreDeletedMutation, useShapesQuery } from '../store/api.js';
import { notifyDeleted, notifyFailure } from '../ui/notify.js';
import { OneOf } from '../ui/one-of.js';
import { SearchField } from '../ui/search-field.js';
import { Silhouette } from '../looks/silhouette.js';

type Sort = PieceKind | 'all' | 'own';
interface Sorted {
  id: Sort;
  name: string;
}
const ALL: Sorted = { id: 'all', name: 'All' };
const OWN: Sorted = { id: 'own', name: 'Own' };
const KINDS = PIECE_KINDS.map((id): Sorted => ({ id, name: PIECE_KIND_NAMES[id] }));

/** What a new piece is, chosen by its picture: all kinds, those of one sort, or what a few words find. */
export function KindPicker({ onChoose }: { onChoose: (beginning: Beginning) => void }) {
  const [words, setWords] = useState('');
  const [sort, setSort] = useState<Sort>('all');
  const { data: kept } = useShapesQuery();
  const [deleteShape] = useDeleteShapeMutation();
  const [restore] = useRestoreDeletedMutation();
  const all = useMemo(
    () =>
      [...(kept ?? []).map(({ shape }) => beginningOfShape(shape)), ...TEMPLATES.map(beginningOf)].map((beginning) => ({
        beginning,
        drawn: beginning.piece(beginning),
      })),
    [kept],
  );
  const forget = ({ id, name }: Beginning): void => {
    deleteShape(id)
      .unwrap()
      .then(() => {
        notifyDeleted(`The shape ${name} deleted; pieces keep theirs`, { kind: 'shape', id }, restore);
      })
      .catch((error: unknown) => {
        notifyFailure(`The shape ${name} stays`, error);
      });
  };
  const found = foundBy(
    words,
    all.filter(({ beginning: { kind, isOwn } }) => sort === 'all' || (sort === 'own' ? isOwn : kind === sort)),
    ({ beginning: { name, kind, isOwn } }) => ({ name, text: `${PIECE_KIND_NAMES[kind]}${isOwn ? ' own' : ''}` }),
  );
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        // who types takes the first
        if (found[0]) onChoose(found[0].beginning);
      }}
    >
      <div className="flex flex-wrap items-start gap-x-4">
        <SearchField label="Find a kind" placeholder="wagon, wall, load …" text={words} onChange={setWords} />
        <OneOf
          label="Only these"
          className="mb-3"
          value={sort}
          options={kept?.length ? [ALL, OWN, ...KINDS] : [ALL, ...KINDS]}
          onChange={setSort}
        />
      </div>
      {found.length === 0 && <p className="text-ink-2">No kind of that name. Take the nearest one: zones and sizes can be changed.</p>}
      <ul className="grid grid-cols-4 gap-2 max-[40rem]:grid-cols-2">
        {found.map(({ beginning, drawn }) => (
          <li key={beginning.id} className="relative">
            <button
              type="button"
              className="flex h-full w-full flex-col items-center gap-1.5 rounded-sm border border-line bg-paper px-2 pt-3 pb-2 text-center leading-tight hover:border-ink"
              onClick={() => {
                onChoose(beginning);
              }}
            >
              <Silhouette piece={drawn} widthPx={120} heightPx={56} />
              {beginning.name}
            </button>
            {beginning.isOwn && (
              <button
                type="button"
                aria-label={`Delete the shape ${beginning.name}`}
                className="absolute top-0 right-0 flex size-7 items-center justify-center"
                onClick={() => {
                  forget(beginning);
                }}
              >
                <X size={14} aria-hidden="true" />
              </button>
            )}
          </li>
        ))}
      </ul>
    </form>
  );
}
