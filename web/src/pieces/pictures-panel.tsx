import type { Picture, Piece, Pin } from '@eveningtide/core/subjects';
import { nanoid } from '@reduxjs/toolkit';
import { ImagePlus, MapPin, X } from 'lucide-react';
import { useRef, useState, type MouseEvent } from 'react';
import { pictureAdded } from '../store/add-pictures.js';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { Panel } from '../ui/panel.js';
import { useAddPictures } from './use-add-pictures.js';

/** Prototype photographs, and the places pinned on them. */
export function PicturesPanel({ piece }: { piece: Piece }) {
  const dispatch = useAppDispatch();
  const input = useRef<HTMLInputElement>(null);
  const { add, isAdding } = useAddPictures();
  return (
    <Panel
      title="Pictures"
      open={piece.pictures.length > 0}
      aside={<span className="figures text-[0.8125rem] text-ink-2">{piece.pictures.length}</span>}
    >
      {piece.pictures.length === 0 && (
        <p className="mb-2 text-[0.8125rem] text-ink-3">
          Photographs of the prototype. Pin what you want to repeat: rust at a hinge, dust on a ledge. Pins show beside the step that works
          there.
        </p>
      )}
      {piece.pictures.map((picture) => (
        <PictureItem
          key={picture.id}
          piece={piece}
          picture={picture}
          onChange={(given) => {
            dispatch(editorActions.picturePatched({ id: picture.id, patch: given }));
          }}
          onRemove={() => {
            dispatch(editorActions.pictureRemoved(picture.id));
          }}
        />
      ))}
      <input
        ref={input}
        type="file"
        multiple
        accept="image/jpeg,image/png,image/webp"
        className="hidden"
        aria-label="Photographs to add"
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          void add(files, (picture) => dispatch(pictureAdded(piece.id, picture)));
        }}
      />
      <Button
        small
        disabled={isAdding}
        onClick={() => {
          input.current?.click();
        }}
      >
        <ImagePlus size={15} aria-hidden="true" /> {isAdding ? 'Storing …' : 'Add photographs …'}
      </Button>
    </Panel>
  );
}

function PictureItem({
  piece,
  picture,
  onChange,
  onRemove,
}: {
  piece: Piece;
  picture: Picture;
  onChange: (given: Partial<Picture>) => void;
  onRemove: () => void;
}) {
  const [pinning, setPinning] = useState(false);
  const days = useDays();
  const place = (event: MouseEvent<HTMLDivElement>) => {
    if (!pinning) return;
    const box = event.currentTarget.getBoundingClientRect();
    const share = (at: number, from: number, length: number) => Math.round(Math.min(1, Math.max(0, (at - from) / length)) * 1000) / 1000;
    addPin(share(event.clientX, box.left, box.width), share(event.clientY, box.top, box.height));
    setPinning(false);
  };
  const addPin = (xShare: number, yShare: number) => {
    onChange({ pins: [...picture.pins, { id: nanoid(8), xShare, yShare, zoneId: piece.zones[0]?.id ?? null, featureId: null, note: '' }] });
  };
  return (
    <figure className="mb-3">
      <div className={`relative ${pinning ? 'cursor-crosshair' : ''}`} onClick={place}>
        <PinnedPicture picture={picture} pins={picture.pins} />
      </div>
      <figcaption>
        <div className="mt-1 flex gap-1">
          <input
            aria-label="Caption"
            placeholder="What it shows"
            className="field"
            maxLength={600}
            value={picture.caption}
            onChange={(event) => {
              onChange({ caption: event.target.value });
            }}
          />
          <Button
            small
            aria-pressed={pinning}
            look={pinning ? 'ink' : 'plain'}
            onClick={() => {
              setPinning(!pinning);
            }}
          >
            <MapPin size={14} aria-hidden="true" /> Pin
          </Button>
          {pinning && (
            <Button
              small
              onClick={() => {
                addPin(0.5, 0.5);
                setPinning(false);
              }}
            >
              in the middle
            </Button>
          )}
          <Button small aria-label="Take the picture out" onClick={onRemove}>
            <X size={14} aria-hidden="true" />
          </Button>
        </div>
        {picture.takenOn && <p className="text-[0.8125rem] text-ink-3">taken {days.day(picture.takenOn)}</p>}
        <ol>
          {picture.pins.map((pin, i) => (
            <PinLine
              key={pin.id}
              piece={piece}
              pin={pin}
              number={i + 1}
              onChange={(given) => {
                onChange({ pins: picture.pins.map((one) => (one.id === pin.id ? { ...one, ...given } : one)) });
              }}
              onRemove={() => {
                onChange({ pins: picture.pins.filter((one) => one.id !== pin.id) });
              }}
            />
          ))}
        </ol>
      </figcaption>
    </figure>
  );
}

const NO_PLACE = '';
const ZONE = 'zone:';
const FEATURE = 'feature:';

function PinLine({
  piece,
  pin,
  number,
  onChange,
  onRemove,
}: {
  piece: Piece;
  pin: Pin;
  number: number;
  onChange: (given: Partial<Pin>) => void;
  onRemove: () => void;
}) {
  const value = pin.featureId ? `${FEATURE}${pin.featureId}` : pin.zoneId ? `${ZONE}${pin.zoneId}` : NO_PLACE;
  return (
    <li className="mt-1 grid grid-cols-[1.25rem_7.5rem_1fr_1.25rem] items-center gap-1">
      <b className="figures text-right">{number}</b>
      <select
        aria-label={`Pin ${String(number)}: place`}
        className="field"
        value={value}
        onChange={(event) => {
          const chosen = event.target.value;
          const feature = piece.features.find((one) => chosen === `${FEATURE}${one.id}`);
          onChange(
            feature
              ? { featureId: feature.id, zoneId: feature.zoneId }
              : { featureId: null, zoneId: chosen === NO_PLACE ? null : chosen.slice(ZONE.length) },
          );
        }}
      >
        <option value={NO_PLACE}>nowhere yet</option>
        {piece.zones.map((zone) => (
          <option key={zone.id} value={`${ZONE}${zone.id}`}>
            {zone.name}
          </option>
        ))}
        {piece.features.map((feature) => (
          <option key={feature.id} value={`${FEATURE}${feature.id}`}>
            {feature.label}
          </option>
        ))}
      </select>
      <input
        aria-label={`Pin ${String(number)}: wish`}
        placeholder="What to repeat here"
        className="field"
        maxLength={600}
        value={pin.note}
        onChange={(event) => {
          onChange({ note: event.target.value });
        }}
      />
      <button
        type="button"
        aria-label={`Take pin ${String(number)} out`}
        className="flex min-h-7 min-w-6 items-center justify-center"
        onClick={onRemove}
      >
        <X size={14} aria-hidden="true" />
      </button>
    </li>
  );
}

/** A picture with numbered pins where they stick; what is missing is told in its place. */
export function PinnedPicture({ picture, pins }: { picture: Picture; pins: readonly Pin[] }) {
  const [missing, setMissing] = useState(false);
  if (missing)
    return (
      <p className="border border-dashed border-line-strong p-4 text-[0.8125rem] text-ink-2">
        This photograph is not on this machine. It comes with a backup, not with a plan file.
      </p>
    );
  return (
    <div className="relative">
      <img
        src={`/api/pictures/${picture.fileName}`}
        alt={picture.caption || 'Photograph of the prototype'}
        width={picture.widthPx}
        height={picture.heightPx}
        className="block h-auto w-full border border-line"
        onError={() => {
          setMissing(true);
        }}
      />
      {pins.map((pin) => (
        <span
          key={pin.id}
          title={pin.note}
          className="figures absolute flex size-5 -translate-x-1/2 -translate-y-1/2 items-center justify-center rounded-full border border-black bg-white text-[0.75rem] font-semibold text-black"
          style={{ left: `${String(pin.xShare * 100)}%`, top: `${String(pin.yShare * 100)}%` }}
        >
          {picture.pins.indexOf(pin) + 1}
        </span>
      ))}
    </div>
  );
}
