import { MOST_PARTS, MOST_ZONES } from '@eveningtide/core/limits';
import { bodyKind, withBody, type Body, type Piece } from '@eveningtide/core/subjects';
import { nanoid } from '@reduxjs/toolkit';
import { useState } from 'react';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { toast } from '../store/toast.js';
import { Button } from '../ui/button.js';
import { useShown } from '../ui/shown.js';
import { BodyFields } from './body-fields.js';
import type { Shaping } from './zone-choice.js';
import { tried } from './tried.js';
import { Views } from './views.js';

/** A body to begin with: a third as long as the piece, of what most of it is made. */
function firstBody({ sizeMm, zones }: Piece): Body {
  const most = zones.toSorted((a, b) => b.areaMm2 - a.areaMm2)[0];
  const mm = (of: number | undefined): number => Math.max(1, Math.round((of ?? 60) / 3));
  return {
    id: nanoid(8),
    kind: 'box',
    name: bodyKind('box').name,
    size: { lengthMm: mm(sizeMm?.lengthMm), widthMm: mm(sizeMm?.widthMm), heightMm: mm(sizeMm?.heightMm) },
    surface: 'smooth',
    substrate: most?.substrate ?? 'polystyrene',
    where: 'on',
    removable: false,
  };
}

/** A piece is put together further: a body more, shown before it is there. */
export function BodyMode({ piece, viewId, onView }: Shaping) {
  const dispatch = useAppDispatch();
  const shown = useShown();
  const [body, setBody] = useState(() => firstBody(piece));
  const { made, why } = tried(() => withBody(piece, body));
  const own = made?.zones.filter(({ partId }) => partId === body.id) ?? [];
  const isFull = made !== null && (made.zones.length > MOST_ZONES || made.parts.length > MOST_PARTS);
  return (
    <>
      <Views
        piece={made ?? piece}
        viewId={viewId}
        onView={onView}
        chosen={[]}
        added={own.map(({ id }) => id)}
        cut={null}
        onPoint={() => undefined}
      />
      <BodyFields
        body={body}
        scaleRatio={piece.scaleRatio}
        onChange={(change) => {
          setBody({ ...body, ...change });
        }}
      />
      <p role="status" className="mt-1">
        {why && `Not so: ${why}.`}
        {isFull
          ? `A piece has at most ${String(MOST_ZONES)} zones and ${String(MOST_PARTS)} parts.`
          : own.map(({ name, areaMm2 }) => `${name} ${shown.text(areaMm2, 'area')}`).join(' · ')}
      </p>
      <Button
        look="ink"
        className="mt-2"
        disabled={isFull || !made}
        onClick={() => {
          if (!made) return;
          dispatch(editorActions.reshaped(made));
          toast(`${body.name} is there`);
          setBody({ ...body, id: nanoid(8) });
        }}
      >
        Put it there
      </Button>
    </>
  );
}
