import { CARD_MM } from '@eveningtide/core/surface';
import { useMemo } from 'react';
import { surfaceService } from '../workers/threads.js';
import type { CardQuestion } from '../workers/surface.worker.js';
import { ThreadPicture } from './thread-picture.js';

const ask = (question: CardQuestion): Promise<ImageBitmap> => surfaceService().card(question);

/** A card as it is painted in its thread; `words` says what is seen there. */
export function CardPicture({ place, ground, zone, count, lamp, wetShare, words }: CardQuestion & { words: string }) {
  const question = useMemo(() => ({ place, ground, zone, count, lamp, wetShare }), [place, ground, zone, count, lamp, wetShare]);
  return (
    <ThreadPicture
      question={question}
      ask={ask}
      words={words}
      aspect={CARD_MM.widthMm / CARD_MM.heightMm}
      className="w-full border border-line bg-ground"
    />
  );
}
