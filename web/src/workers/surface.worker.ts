import type { ZoneStrokes } from '@eveningtide/core/sequence';
import { PaintedElevation, TestCard, lit, type CardGround, type ElevationGround, type Lamp } from '@eveningtide/core/surface';
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

export interface ElevationQuestion {
  /** Where layers are kept for the next question; null: nowhere, it is painted once. */
  place: string | null;
  ground: ElevationGround;
  strokes: ReadonlyMap<string, ZoneStrokes>;
  untilStep: number;
  lamp: Lamp;
}

/** So many places keep their layers; of more the one that was not asked for longest gives way. */
const MOST_KEPT = 6;
const elevations = new Map<string, { key: string; elevation: PaintedElevation }>();

function elevationFor({ place, ground }: ElevationQuestion): PaintedElevation {
  if (place === null) return new PaintedElevation(ground);
  const key = JSON.stringify(ground);
  const before = elevations.get(place);
  const elevation = before?.key === key ? before.elevation : new PaintedElevation(ground);
  elevations.delete(place);
  elevations.set(place, { key, elevation });
  const [oldest] = elevations.keys();
  if (elevations.size > MOST_KEPT && oldest !== undefined) elevations.delete(oldest);
  return elevation;
}

async function bitmapOf(rgba: Uint8ClampedArray<ArrayBuffer>, widthPx: number, heightPx: number): Promise<ImageBitmap> {
  const picture = await createImageBitmap(new ImageData(rgba, widthPx, heightPx));
  return transfer(picture, [picture]);
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
  card(question: CardQuestion): Promise<ImageBitmap> {
    const { zone, count, lamp, wetShare } = question;
    const card = cardFor(question);
    const { widthPx, heightPx } = card.fields.map;
    return bitmapOf(lit(card.after(zone, count), card.fields.map, lamp, wetShare), widthPx, heightPx);
  },
  elevation(question: ElevationQuestion): Promise<ImageBitmap> {
    const { rgba, widthPx, heightPx } = elevationFor(question).after(question.strokes, question.untilStep, question.lamp);
    return bitmapOf(rgba, widthPx, heightPx);
  },
};
export type SurfaceService = typeof service;
expose(service);
