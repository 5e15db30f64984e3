import { EXAMPLE_RELIEF } from '@eveningtide/core/sequence';
import { exampleOf, type CardGround } from '@eveningtide/core/surface';
import { useMemo } from 'react';
import { CardPicture } from '../looks/card-picture.js';
import { changeWords } from '../looks/change-words.js';
import { placesAt } from '../looks/places-at.js';

const GROUNDS: readonly { name: string; ground: CardGround }[] = [
  { name: 'on planks', ground: { of: 'timber', relief: EXAMPLE_RELIEF, pxPerMm: 8, seed: 3 } },
  { name: 'on plates', ground: { of: 'steel', relief: { ...EXAMPLE_RELIEF, grooveDepthUm: 200 }, pxPerMm: 8, seed: 3 } },
];

/** What a technique looks like, painted by the same reckoning as everything else; nothing where it leaves nothing to be seen. */
export function TechniqueCard({ techniqueId }: { techniqueId: string }) {
  const zone = useMemo(() => exampleOf(techniqueId), [techniqueId]);
  if (!zone) return null;
  const count = zone.strokes.length;
  const words = changeWords(placesAt(zone, count - 1), placesAt(zone, count));
  return (
    <section aria-label="What it looks like" className="mt-4">
      <div className="flex flex-wrap gap-4">
        {GROUNDS.map(({ name, ground }) => (
          <figure key={name} className="w-80 max-w-full">
            <CardPicture
              place={`handbook ${name}`}
              ground={ground}
              zone={zone}
              count={count}
              lamp="day"
              wetShare={0}
              words={`Predicted look ${name}: ${words}`}
            />
            <figcaption className="text-[0.8125rem] text-ink-2">{name}</figcaption>
          </figure>
        ))}
      </div>
      <p className="text-[0.8125rem] text-ink-2">Predicted, on 60 × 40 mm: {words}.</p>
    </section>
  );
}
