import { effectById, wishSeen } from '@eveningtide/core/effects';
import type { Piece, Story, Wish } from '@eveningtide/core/subjects';
import type { Schools } from '@eveningtide/core/techniques';
import { useMemo } from 'react';
import { CardPicture } from './card-picture.js';
import { changeWords } from './change-words.js';
import { placesAt } from './places-at.js';
import { groundOfZone } from './zone-ground.js';
import { useBenchNow, useSupplies } from '../workers/outlook-context.js';

/** So little of the surface that single marks are seen at the width of a thumb, and as fine as sharp screens show. */
const SIZE = { widthMm: 36, heightMm: 24 };
const PX_PER_MM = 5.5;
const SEED = 11;

interface WishCardProps {
  /** Where it stands: cards of the same place are painted one on the other. */
  place: string;
  piece: Piece;
  wish: Wish;
  story: Story;
  schools: Schools;
}

/** How a wish alone is predicted to look, on the piece's own kind of surface; empty where nothing of it is seen. */
export function WishCard({ place, piece, wish, story, schools }: WishCardProps) {
  const supplies = useSupplies();
  const { date: today } = useBenchNow();
  const seen = useMemo(() => wishSeen(wish, { piece, story, schools, supplies, today }), [wish, piece, story, schools, supplies, today]);
  const ground = useMemo(() => seen && groundOfZone(piece, seen.zoneId, { pxPerMm: PX_PER_MM, seed: SEED, size: SIZE }), [piece, seen]);
  if (!seen || !ground) return <span />;
  const count = seen.strokes.strokes.length;
  const words = changeWords(placesAt(seen.strokes, Math.min(1, count)), placesAt(seen.strokes, count));
  return (
    <span className="block w-24 leading-none">
      <CardPicture
        place={place}
        ground={ground}
        zone={seen.strokes}
        count={count}
        lamp="day"
        wetShare={0}
        words={`${effectById(wish.effect).name}, predicted: ${words}`}
      />
    </span>
  );
}
