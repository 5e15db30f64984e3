import { expandRounds, stepIdOf, type SequenceProblem, type ZoneStrokes } from '@eveningtide/core/sequence';
import type { Piece } from '@eveningtide/core/subjects';
import type { Lamp } from '@eveningtide/core/surface';
import { techniqueById } from '@eveningtide/core/techniques';
import { useMemo, useState, type ReactNode } from 'react';
import { Check } from '../ui/check.js';
import { CardPicture } from '../looks/card-picture.js';
import { changeWords, coloursOf, spoiltWords } from '../looks/change-words.js';
import { Harm } from './harm.js';
import { AlongSteps, LookControls } from './look-controls.js';
import { OtherCard } from './other-card.js';
import { placesAt } from '../looks/places-at.js';
import { groundOfZone } from '../looks/zone-ground.js';

/** As fine as a card is painted; on a screen it is about twice as large as on the model (our number). */
const PX_PER_MM = 8;

interface CardAlongProps {
  piece: Piece;
  zoneId: string;
  problem: SequenceProblem;
  planned: ZoneStrokes;
  zoneField: ReactNode;
}

/** A card of one zone along its steps: as planned at the left, otherwise at the right. */
export function CardAlong({ piece, zoneId, problem, planned, zoneField }: CardAlongProps) {
  const [seed, setSeed] = useState(1);
  const [lamp, setLamp] = useState<Lamp>('day');
  const [isWet, setWet] = useState(false);
  const [chosen, setChosen] = useState<number | null>(null);
  const ground = useMemo(() => groundOfZone(piece, zoneId, { pxPerMm: PX_PER_MM, seed }), [piece, zoneId, seed]);
  const count = Math.min(chosen ?? Infinity, planned.strokes.length);
  const stroke = planned.strokes[count - 1];
  const now = placesAt(planned, count);
  const words = stroke ? `after ${stepWords(piece, problem, stroke.stepIndex)}` : 'as it comes';
  const harm = spoiltWords(planned, count - 1, count);
  const light = { lamp, wetShare: isWet ? 1 : 0 };
  return (
    <div>
      <LookControls
        first={zoneField}
        lamp={lamp}
        onLamp={setLamp}
        another="Another patch"
        onAnother={() => {
          setSeed(seed + 1);
        }}
      >
        <Check checked={isWet} onChange={setWet}>
          just laid, still wet
        </Check>
      </LookControls>
      <AlongSteps label="Along the steps of this zone" words={words} value={count} max={planned.strokes.length} onChange={setChosen} />
      <div className="mt-2 grid gap-4 lg:grid-cols-[minmax(0,30rem)_minmax(0,30rem)]">
        <figure className="print:w-[60mm]">
          <CardPicture
            place="planned"
            ground={ground}
            zone={planned}
            count={count}
            {...light}
            words={`Predicted look ${words}: ${harm === '' ? '' : `${harm}; `}${coloursOf(now)}`}
          />
          <figcaption className="mt-1">
            <b>As planned</b>, {words}: <Harm words={harm} />
            {stroke ? changeWords(placesAt(planned, count - 1), now) : coloursOf(now)}.
          </figcaption>
        </figure>
        {stroke && <OtherCard key={stroke.stepIndex} {...{ piece, zoneId, problem, planned, count, stroke, ground }} light={light} />}
      </div>
      <p className="mt-3 text-[0.8125rem] text-ink-2">
        Predicted from the same amounts as everything else, on 60 × 40 mm of such a surface; a trial on a scrap tells.
        {planned.strokes.slice(0, count).some(({ colourTold, hides }) => hides && !colourTold) &&
          ' Some colours were never said: the catalogue’s stand for them.'}
      </p>
    </div>
  );
}

function stepWords(piece: Piece, { steps }: SequenceProblem, index: number): string {
  const step = steps[index];
  if (!step) return '';
  const number = piece.steps.findIndex(({ id }) => id === stepIdOf(step.id)) + 1;
  const rounds = expandRounds(piece.steps, piece.groups).filter(({ id }) => stepIdOf(id) === stepIdOf(step.id));
  const round = rounds.length > 1 ? `, round ${String(rounds.findIndex(({ id }) => id === step.id) + 1)}` : '';
  return `step ${String(number)}, ${techniqueById(step.technique).name.toLowerCase()}${round}`;
}
