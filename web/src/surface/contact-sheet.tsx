import type { ZoneStrokes } from '@eveningtide/core/sequence';
import type { Piece, View } from '@eveningtide/core/subjects';
import type { Lamp } from '@eveningtide/core/surface';
import { ElevationPicture } from '../looks/elevation-picture.js';
import { NearView } from '../ui/near-view.js';
import { WIDTHS, widths } from './true-size.js';

/** Each is so wide, px. */
const WIDTH_PX = 230;
/** Painted so many times finer than it is shown: without outlines coarse edges would be seen, and paper is finer than a screen. */
const FINER = 2;

interface ContactSheetProps {
  piece: Piece;
  view: View | undefined;
  look: { strokes: ReadonlyMap<string, ZoneStrokes>; untilStep: number; lamp: Lamp };
}

/** All of a batch side by side: one recipe, and yet no two come out the same. */
export function ContactSheet({ piece, view, look }: ContactSheetProps) {
  if (!view || piece.members.length < 2) return null;
  const pxPerMm = WIDTH_PX / view.widthMm;
  return (
    <section aria-labelledby="contact-sheet" className="mt-5">
      <h2 id="contact-sheet" className="text-lg font-semibold">
        The batch
      </h2>
      <ul className="mt-1 flex flex-wrap items-start gap-4">
        {piece.members.map(({ id, label, differences }, i) => (
          <li key={id} className={WIDTHS} style={widths(`${String(WIDTH_PX)}px`, view.widthMm)}>
            <NearView height={view.heightMm * pxPerMm}>
              {() => (
                <ElevationPicture
                  place={null}
                  piece={piece}
                  view={view}
                  {...look}
                  seed={i + 1}
                  pxPerMm={FINER * pxPerMm}
                  words={null}
                  className="h-auto w-full"
                />
              )}
            </NearView>
            <b>{label}</b>
            {differences.length > 0 && <span className="block text-[0.8125rem] text-ink-2">{differences.join(', ')}</span>}
          </li>
        ))}
      </ul>
    </section>
  );
}
