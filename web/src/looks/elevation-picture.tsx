import type { ZoneStrokes } from '@eveningtide/core/sequence';
import { madeLike, type Piece, type View } from '@eveningtide/core/subjects';
import type { Lamp } from '@eveningtide/core/surface';
import { useMemo } from 'react';
import { surfaceService } from '../workers/threads.js';
import type { ElevationQuestion } from '../workers/surface.worker.js';
import { ThreadPicture } from './thread-picture.js';

const ask = (question: ElevationQuestion): Promise<ImageBitmap> => surfaceService().elevation(question);

interface ElevationPictureProps {
  /** Pictures at the same place keep the layers that they have in common; null: it is painted once. */
  place: string | null;
  piece: Piece;
  view: View;
  strokes: ReadonlyMap<string, ZoneStrokes>;
  /** After the steps before this one, counted along the sequence with all rounds. */
  untilStep: number;
  lamp?: Lamp;
  seed?: number;
  pxPerMm: number;
  words: string | null;
  className?: string;
}

/** A view of a piece as its paint will look, painted in its thread. */
export function ElevationPicture({ piece, view, words, className = '', ...how }: ElevationPictureProps) {
  const { place, strokes, untilStep, lamp = 'day', seed = 1, pxPerMm } = how;
  const { zones, template } = piece;
  const ground = useMemo(() => {
    const made = madeLike({ zones, template });
    const shown = zones.filter(({ seen }) => seen !== 'never');
    return { view, zones: shown.map(({ id, relief }) => ({ zoneId: id, of: made.get(id)?.of ?? null, relief })), pxPerMm, seed };
  }, [zones, template, view, pxPerMm, seed]);
  const question = useMemo(() => ({ place, ground, strokes, untilStep, lamp }), [place, ground, strokes, untilStep, lamp]);
  return (
    <ThreadPicture question={question} ask={ask} words={words} aspect={view.widthMm / view.heightMm} className={`backdrop ${className}`} />
  );
}
