import { strokesOfAll, type ZoneStrokes } from '@eveningtide/core/sequence';
import type { Piece, View } from '@eveningtide/core/subjects';
import { useEffect, useState, type ReactNode } from 'react';
import { ElevationPicture } from '../looks/elevation-picture.js';
import { doneAfter, sequenceOf } from '../looks/look.js';
import { useHarms } from '../looks/use-harms.js';
import { whenIdle } from '../ui/when-idle.js';
import { useSupplies } from '../workers/outlook-context.js';

interface Painted {
  piece: Piece;
  strokes: ReadonlyMap<string, ZoneStrokes>;
  /** So many steps of the sequence are done after each of the planned ones. */
  doneAfter: readonly number[];
}

/** The views of a piece as they will look when so many of its steps are done, to lie under their drawings; null until that is known. Nothing waits for it. */
export function usePaintedViews(
  piece: Piece,
  planned: number,
  pxPerMm: number,
  words: string | null = null,
): ((view: View) => ReactNode) | null {
  const supplies = useSupplies();
  const harms = useHarms(piece.id);
  const [known, setKnown] = useState<Painted | null>(null);
  useEffect(
    () =>
      whenIdle(() => {
        try {
          const problem = sequenceOf(piece, supplies, null);
          const done = Array.from({ length: piece.steps.length + 1 }, (_, i) => doneAfter(piece, problem, i));
          setKnown({ piece, strokes: strokesOfAll(problem, harms), doneAfter: done });
        } catch {
          // a piece that cannot be worked out keeps its flat colours
          setKnown(null);
        }
      }),
    [piece, supplies, harms],
  );
  if (known?.piece.id !== piece.id) return null;
  const untilStep = known.doneAfter[Math.min(planned, known.doneAfter.length - 1)] ?? 0;
  return (view) => (
    <ElevationPicture
      place={`panel ${view.id}`}
      piece={known.piece}
      view={view}
      strokes={known.strokes}
      untilStep={untilStep}
      pxPerMm={pxPerMm * Math.min(2, window.devicePixelRatio)}
      words={words}
      className="block h-auto w-full"
    />
  );
}
