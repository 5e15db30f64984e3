import { useEffect, useMemo, useRef } from 'react';
import { useAsked } from '../workers/use-asked.js';
import { surfaceService } from '../workers/threads.js';
import type { CardQuestion } from '../workers/surface.worker.js';

const ask = (question: CardQuestion): Promise<ImageBitmap> => surfaceService().card(question);

/** A card as it is painted in its thread; `words` says what is seen there. */
export function CardPicture({ place, ground, zone, count, lamp, wetShare, words }: CardQuestion & { words: string }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const question = useMemo(() => ({ place, ground, zone, count, lamp, wetShare }), [place, ground, zone, count, lamp, wetShare]);
  const { answer, error } = useAsked(question, ask, { showsOlder: true });
  useEffect(() => {
    const here = canvas.current;
    if (!here || !answer || answer.width === 0) return;
    here.width = answer.width;
    here.height = answer.height;
    here.getContext('bitmaprenderer')?.transferFromImageBitmap(answer);
    here.dataset['painted'] = String(Number(here.dataset['painted'] ?? '0') + 1);
  }, [answer]);
  return (
    <>
      <canvas ref={canvas} role="img" aria-label={words} className="aspect-[3/2] w-full border border-line bg-ground" />
      {error !== null && (
        <p role="alert" className="text-brick">
          It could not be painted: {error}
        </p>
      )}
    </>
  );
}
