import type { ZoneStrokes } from '@eveningtide/core/sequence';
import { TestCard, lit, type CardGround, type Lamp } from '@eveningtide/core/surface';
import { expose, transfer } from 'comlink';

export interface CardQuestion {
  /** Cards that are looked at together keep what they painted apart from each other. */
  place: string;
  ground: CardGround;
  zone: ZoneStrokes;
  /** After so many strokes. */
  count: number;
  lamp: Lamp;
  /** How wet the last stroke still is, 0–1. */
  wetShare: number;
}

const cards = new Map<string, { key: string; card: TestCard }>();

function cardFor({ place, ground }: CardQuestion): TestCard {
  const key = JSON.stringify(ground);
  const before = cards.get(place);
  if (before?.key === key) return before.card;
  const card = new TestCard(ground);
  cards.set(place, { key, card });
  return card;
}

/** Pictures of what paint will do, in a thread of their own. */
const service = {
  async card(question: CardQuestion): Promise<ImageBitmap> {
    const { zone, count, lamp, wetShare } = question;
    const card = cardFor(question);
    const { widthPx, heightPx } = card.fields.map;
    const picture = await createImageBitmap(
      new ImageData(lit(card.after(zone, count), card.fields.map, lamp, wetShare), widthPx, heightPx),
    );
    return transfer(picture, [picture]);
  },
};
export type SurfaceService = typeof service;
expose(service);
