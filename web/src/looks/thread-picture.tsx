import { useEffect, useRef } from 'react';
import { useAsked } from '../workers/use-asked.js';

interface ThreadPictureProps<Q> {
  /** The same object while nothing changes. */
  question: Q;
  ask: (question: Q) => Promise<ImageBitmap>;
  /** What is seen there; null where it is told beside it. */
  words: string | null;
  /** Width to height: it takes its room before it is there. */
  aspect: number;
  className?: string;
}

/** A picture that is painted in a thread; the one before stays until the next is there. */
export function ThreadPicture<Q>({ question, ask, words, aspect, className = '' }: ThreadPictureProps<Q>) {
  const canvas = useRef<HTMLCanvasElement>(null);
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
      <canvas
        ref={canvas}
        {...(words === null ? { 'aria-hidden': true } : { role: 'img', 'aria-label': words })}
        className={className}
        style={{ aspectRatio: aspect }}
      />
      {error !== null && (
        <p role="alert" className="text-brick">
          It could not be painted: {error}
        </p>
      )}
    </>
  );
}
