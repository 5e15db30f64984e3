import { EXAMPLE_RELIEF, type Example } from '@eveningtide/core/sequence';
import { substrateById } from '@eveningtide/core/subjects';
import type { CardGround, SeenExample } from '@eveningtide/core/surface';
import { CardPicture } from '../looks/card-picture.js';
import { coloursOf, spoiltWords } from '../looks/change-words.js';
import { placesAt } from '../looks/places-at.js';

const PX_PER_MM = 6;
const SEED = 2;
const EVEN = { grooveDepthUm: 0, grooveWidthUm: 0, crestHeightUm: 0 };

/** A patch of what the example is done on: plates of a kit, boards of wood, all else without joints. */
function groundOf({ on }: Example): CardGround {
  const { kind } = substrateById(on?.substrate ?? 'polystyrene');
  const isJointed = (kind === 'plastic' && !on?.keepClean?.includes('glazing')) || kind === 'metal' || kind === 'wood' || kind === 'resin';
  return { of: kind === 'wood' ? 'timber' : null, relief: isJointed ? EXAMPLE_RELIEF : EVEN, pxPerMm: PX_PER_MM, seed: SEED };
}

/** How an example of a rule looks where it is met. */
export function ExampleLook({ name, example, seen: { zone, count } }: { name: string; example: Example; seen: SeenExample }) {
  const harm = spoiltWords(zone, 0, count);
  return (
    <figure className="border-b border-line p-3">
      <CardPicture
        place={`rule ${name}`}
        ground={groundOf(example)}
        zone={zone}
        count={count}
        lamp="day"
        wetShare={0}
        words={`Predicted look: ${harm === '' ? '' : `${harm}; `}${coloursOf(placesAt(zone, count))}`}
      />
      <figcaption className="text-[0.8125rem] text-ink-2">
        {harm === '' ? 'As it is predicted to look.' : `As it is predicted to look: ${harm}.`}
      </figcaption>
    </figure>
  );
}
