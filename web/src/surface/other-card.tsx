import { stepIdOf, strokesAlong, type SequenceProblem, type Stroke, type ZoneStrokes } from '@eveningtide/core/sequence';
import type { Piece } from '@eveningtide/core/subjects';
import type { CardGround, Lamp } from '@eveningtide/core/surface';
import { useMemo, useState } from 'react';
import { OneOf } from '../ui/one-of.js';
import { CardPicture } from '../looks/card-picture.js';
import { changeWords, coloursOf, spoiltWords } from '../looks/change-words.js';
import { placesAt } from '../looks/places-at.js';
import { Harm } from './harm.js';
import { TryFields } from './try-fields.js';
import { WHAT_IFS, WHAT_IF_WORDS, leftOut, otherwise, sealUnder, type Tried, type WhatIf } from './what-if.js';

interface OtherCardProps {
  piece: Piece;
  zoneId: string;
  problem: SequenceProblem;
  planned: ZoneStrokes;
  /** The step at hand, and the how-manyth of the zone it is. */
  stroke: Stroke;
  count: number;
  ground: CardGround;
  light: { lamp: Lamp; wetShare: number };
}

const NOTHING_TRIED: Tried = { coverPct: null, strength: null, thinner: null };
/** By how many strokes it is more or less than planned. */
const ADDED: ReadonlyMap<WhatIf, number> = new Map([
  ['before', -1],
  ['without', -1],
  ['unsealed', -1],
  ['twice', 1],
]);

/** The card beside the plan: before the step at hand, without it, sooner, twice, or done otherwise. */
export function OtherCard({ piece, zoneId, problem, planned, stroke, count, ground, light }: OtherCardProps) {
  const [how, setHow] = useState<WhatIf>('before');
  const [tried, setTried] = useState<Tried>(NOTHING_TRIED);
  const { stepIndex } = stroke;
  const sealIndex = sealUnder(planned, count);
  const zone = useMemo(() => {
    if (how === 'before') return planned;
    if (how !== 'unsealed') return strokesAlong(otherwise(problem, stepIndex, how, tried), zoneId);
    return sealIndex === null ? planned : strokesAlong(leftOut(problem, sealIndex), zoneId);
  }, [planned, problem, stepIndex, sealIndex, how, tried, zoneId]);
  const at = Math.min(zone.strokes.length, count + (ADDED.get(how) ?? 0));
  const there = placesAt(zone, at);
  const harm = spoiltWords(zone, at - 1, at);
  const expanded = problem.steps[stepIndex];
  const step = piece.steps.find(({ id }) => id === stepIdOf(expanded?.id ?? ''));
  return (
    <figure className="print:w-[60mm]">
      <CardPicture
        place="other"
        ground={ground}
        zone={zone}
        count={at}
        lamp={light.lamp}
        wetShare={how === 'before' ? 0 : light.wetShare}
        words={`The look ${WHAT_IF_WORDS.get(how) ?? ''}: ${harm === '' ? '' : `${harm}; `}${coloursOf(there)}`}
      />
      <figcaption className="mt-1">
        <b className="hidden print:block">{WHAT_IF_WORDS.get(how)}</b>
        <OneOf
          className="no-print"
          label="Beside it"
          value={how}
          options={WHAT_IFS.map((id) => ({
            id,
            name: WHAT_IF_WORDS.get(id) ?? id,
            disabled: (id === 'sooner' && count < 2) || (id === 'unsealed' && sealIndex === null),
          }))}
          onChange={setHow}
        />
        <p className="mt-1">
          <Harm words={harm} />
          Against the plan: {changeWords(placesAt(planned, count), there)}.
        </p>
        {how === 'tried' && step && (
          <TryFields
            step={step}
            usualCoverPct={stroke.coverPct}
            tried={tried}
            onChange={setTried}
            onTaken={() => {
              setTried(NOTHING_TRIED);
              setHow('before');
            }}
          />
        )}
      </figcaption>
    </figure>
  );
}
