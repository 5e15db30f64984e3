import { strokesOfAll, type ZoneStrokes } from '@eveningtide/core/sequence';
import { elevationsOf, type Piece, type View } from '@eveningtide/core/subjects';
import { useEffect, useState } from 'react';
import { sequenceOf } from './look.js';
import { whenIdle } from '../ui/when-idle.js';
import { useSupplies } from '../workers/outlook-context.js';
import { ElevationPicture } from './elevation-picture.js';
import { scaleFor } from './elevation-scale.js';
import { useHarms } from './use-harms.js';
import { Silhouette } from './silhouette.js';

/** Painted so many times finer than it is shown: it has no outlines to hide coarse edges. */
const FINER = 2;

interface FinishedLookProps {
  piece: Piece;
  widthPx?: number;
  heightPx?: number;
}

/** A piece as it is planned to look in the end. It is painted when there is time: a list must not wait for it. */
export function FinishedLook({ piece, widthPx = 126, heightPx = 56 }: FinishedLookProps) {
  const supplies = useSupplies();
  const harms = useHarms(piece.id);
  const [known, setKnown] = useState<{ view: View; strokes: ReadonlyMap<string, ZoneStrokes> } | null>(null);
  useEffect(
    () =>
      whenIdle(() => {
        const [view] = elevationsOf(piece);
        try {
          setKnown(view && piece.steps.length > 0 ? { view, strokes: strokesOfAll(sequenceOf(piece, supplies, null), harms) } : null);
        } catch {
          // a piece that cannot be worked out is drawn as it came
          setKnown(null);
        }
      }),
    [piece, supplies, harms],
  );
  if (!known)
    return (
      <Silhouette
        piece={piece}
        widthPx={widthPx}
        heightPx={heightPx}
        tint={(zoneId) => piece.zones.find(({ id }) => id === zoneId)?.startColour ?? null}
      />
    );
  const { view, strokes } = known;
  const pxPerMm = 1 / scaleFor([view], widthPx, heightPx);
  return (
    <span aria-hidden="true" className="flex shrink-0 items-end justify-center" style={{ width: widthPx, height: heightPx }}>
      <span style={{ width: view.widthMm * pxPerMm }}>
        <ElevationPicture
          place={null}
          piece={piece}
          view={view}
          strokes={strokes}
          untilStep={Infinity}
          pxPerMm={pxPerMm * FINER}
          words={null}
          className="block h-auto w-full"
        />
      </span>
    </span>
  );
}
