import { meanOfPoints } from '@eveningtide/core/colour';
import type { Picture } from '@eveningtide/core/subjects';
import { useRef, useState, type KeyboardEvent } from 'react';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { Swatch } from '../ui/swatch.js';

/** So many points of the photograph to each side of what is pressed are taken together: one alone is noise. */
const AROUND_PX = 3;
/** An arrow moves by this share of the picture. */
const STEP_SHARE = 0.01;

interface Spot {
  xShare: number;
  yShare: number;
}

/** The mean colour around a spot, in light, as #rrggbb; null while the picture is not there. */
function colourAt(image: HTMLImageElement, { xShare, yShare }: Spot): string | null {
  const [width, height] = [image.naturalWidth, image.naturalHeight];
  const size = 2 * AROUND_PX + 1;
  const canvas = document.createElement('canvas');
  canvas.width = size;
  canvas.height = size;
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context || width === 0) return null;
  const within = (at: number, whole: number): number => Math.max(0, Math.min(whole - size, Math.round(at * whole) - AROUND_PX));
  context.drawImage(image, within(xShare, width), within(yShare, height), size, size, 0, 0, size, size);
  return meanOfPoints(context.getImageData(0, 0, size, size).data);
}

interface PhotoColourProps {
  pictures: readonly Picture[];
  onPick: (colour: string) => void;
  onClose: () => void;
}

/** A colour taken from a photograph of the piece: pressed, or with arrows and Enter. */
export function PhotoColourDialog({ pictures, onPick, onClose }: PhotoColourProps) {
  const image = useRef<HTMLImageElement>(null);
  const [at, setAt] = useState(0);
  const [spot, setSpot] = useState<Spot>({ xShare: 0.5, yShare: 0.5 });
  const [colour, setColour] = useState<string | null>(null);
  const picture = pictures[at];
  if (!picture) return null;
  const look = (next: Spot) => {
    setSpot(next);
    setColour(image.current && colourAt(image.current, next));
  };
  const moved = (dx: number, dy: number) => {
    const kept = (share: number): number => Math.min(1, Math.max(0, share));
    look({ xShare: kept(spot.xShare + dx * STEP_SHARE), yShare: kept(spot.yShare + dy * STEP_SHARE) });
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (!by) return;
    event.preventDefault();
    moved(by[0] ?? 0, by[1] ?? 0);
  };
  return (
    <Dialog
      title="Colour from a photograph"
      note="Press where the colour is, or move the ring with the arrows. Light and camera change colours: judge it beside the piece."
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      {pictures.length > 1 && (
        <div className="mb-2 flex flex-wrap gap-2">
          {pictures.map(({ id, caption }, i) => (
            <Button
              key={id}
              small
              aria-pressed={i === at}
              look={i === at ? 'ink' : 'plain'}
              onClick={() => {
                setAt(i);
                setColour(null);
              }}
            >
              {caption === '' ? `Photograph ${String(i + 1)}` : caption}
            </Button>
          ))}
        </div>
      )}
      <button
        type="button"
        aria-label={`Where on ${picture.caption === '' ? 'the photograph' : picture.caption}`}
        className="relative block w-full cursor-crosshair"
        onKeyDown={onKeyDown}
        onClick={(event) => {
          const box = event.currentTarget.getBoundingClientRect();
          // pressed by a key there is no place of the pointer
          if (event.detail === 0) look(spot);
          else look({ xShare: (event.clientX - box.left) / box.width, yShare: (event.clientY - box.top) / box.height });
        }}
      >
        <img ref={image} src={`/api/pictures/${picture.fileName}`} alt="" className="block w-full" />
        <span
          aria-hidden="true"
          className="absolute size-5 -translate-x-1/2 -translate-y-1/2 rounded-full border-2 border-white outline-2 outline-black"
          style={{ left: `${String(spot.xShare * 100)}%`, top: `${String(spot.yShare * 100)}%` }}
        />
      </button>
      <div className="mt-3 flex items-center justify-between gap-3">
        <p role="status" className="flex items-center gap-2">
          {colour === null ? (
            'No colour taken yet'
          ) : (
            <>
              <Swatch colour={colour} size={28} /> <span className="figures">{colour}</span>
            </>
          )}
        </p>
        <span className="flex gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button
            look="ink"
            disabled={colour === null}
            onClick={() => {
              if (colour !== null) onPick(colour);
            }}
          >
            Take this colour
          </Button>
        </span>
      </div>
    </Dialog>
  );
}
