import { stepIdOf } from '@eveningtide/core/sequence';
import { elevationsOf, type Piece, type Step } from '@eveningtide/core/subjects';
import { useMemo } from 'react';
import { scaleFor } from '../looks/elevation-scale.js';
import { KeepCleanPattern } from '../looks/elevation.js';
import { PinnedPicture } from '../pieces/pictures-panel.js';
import { pinsFor } from '../pieces/pins.js';
import { usePaintedViews } from '../pieces/use-painted-views.js';
import { WhereDrawn } from '../pieces/where-drawn.js';

/** How large a drawing is at the bench, px: two stand side by side. */
const [WIDTH_PX, HEIGHT_PX] = [300, 140];

/** Where it is done, drawn, and the pinned picture. */
export function Places({ piece, step }: { piece: Piece; step: Step }) {
  const [pinned] = pinsFor(piece, step);
  return (
    <div className="flex flex-wrap items-start gap-5 px-6 pt-4">
      {pinned && (
        <div className="w-52">
          <PinnedPicture picture={pinned.picture} pins={pinned.pins} />
        </div>
      )}
      <KeepCleanPattern />
      <WhereDrawn piece={piece} step={step} widthPx={WIDTH_PX} heightPx={HEIGHT_PX} />
      <Afterwards piece={piece} step={step} />
    </div>
  );
}

/** What it should look like when this is done. */
function Afterwards({ piece, step }: { piece: Piece; step: Step }) {
  const [view] = useMemo(() => elevationsOf(piece), [piece]);
  const planned = piece.steps.findIndex(({ id }) => id === stepIdOf(step.id)) + 1;
  const pxPerMm = view ? 1 / scaleFor([view], WIDTH_PX, HEIGHT_PX) : 1;
  const painted = usePaintedViews(piece, planned, pxPerMm, `${piece.name} as predicted after this step`);
  if (!view || !painted || planned === 0) return null;
  return (
    <figure className="max-w-full" style={{ width: view.widthMm * pxPerMm }}>
      {painted(view)}
      <figcaption className="mt-0.5 text-[0.8125rem] text-ink-3">Afterwards, as predicted</figcaption>
    </figure>
  );
}
