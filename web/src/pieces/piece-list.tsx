import { PIECE_KIND_NAMES } from '@eveningtide/core/subjects';
import { useState } from 'react';
import type { StoredPiece } from '../store/api.js';
import { displayActions, type PiecesAs } from '../store/display.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { NearView } from '../ui/near-view.js';
import { OneOf } from '../ui/one-of.js';
import { SearchField } from '../ui/search-field.js';
import { Empty } from '../ui/states.js';
import { PieceRow, PieceTile } from './piece-item.js';
import { ORDERS, useOrdered, type Order } from './piece-order.js';
import { substrateWords } from './substrate-words.js';

/** So many rows are made at once; more when they come near what is seen. */
const FIRST_ROWS = 12;
const [ROW_PX, TILE_PX] = [88, 300];
const SHOWN_AS: readonly { id: PiecesAs; name: string }[] = [
  { id: 'gallery', name: 'Pictures' },
  { id: 'list', name: 'List' },
];
/** From so many pieces on they are searched and sorted. */
const MANY = 2;

export function PieceList({ pieces, searched = false }: { pieces: readonly StoredPiece[]; searched?: boolean }) {
  const [words, setWords] = useState('');
  const [order, setOrder] = useState<Order>('made');
  const dispatch = useAppDispatch();
  const shownAs = useAppSelector((state) => state.display.piecesAs);
  const isGallery = shownAs === 'gallery';
  const ordered = useOrdered(pieces, order);
  const asked = words.toLowerCase().split(/\s+/);
  const found = ordered.filter(({ piece }) => {
    const said = `${piece.name} ${PIECE_KIND_NAMES[piece.kind]} ${substrateWords(piece)}`.toLowerCase();
    return asked.every((word) => said.includes(word));
  });
  return (
    <>
      {searched && pieces.length >= MANY && (
        <div className="flex flex-wrap items-start gap-3">
          <SearchField label="Search your pieces" placeholder="name, kind, made of …" text={words} onChange={setWords} />
          <select
            aria-label="In which order"
            className="field !w-auto"
            value={order}
            onChange={(event) => {
              setOrder(event.target.value as Order);
            }}
          >
            {ORDERS.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
          <OneOf
            label="Show them as"
            value={shownAs}
            options={SHOWN_AS}
            onChange={(as) => {
              dispatch(displayActions.piecesAsSet(as));
            }}
          />
        </div>
      )}
      {found.length === 0 ? (
        <Empty title="Nothing found">No piece of that name or kind.</Empty>
      ) : (
        <ul
          className={isGallery ? 'grid grid-cols-[repeat(auto-fill,minmax(16rem,1fr))] gap-3' : 'divide-y divide-line border-y border-line'}
        >
          {found.map((stored, i) => (
            <li key={stored.piece.id}>
              <NearView height={isGallery ? TILE_PX : ROW_PX} always={i < FIRST_ROWS}>
                {() => (isGallery ? <PieceTile stored={stored} /> : <PieceRow stored={stored} />)}
              </NearView>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
