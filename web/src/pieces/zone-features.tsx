import { FEATURE_KINDS, type Piece, type Zone } from '@eveningtide/core/subjects';
import { LONGEST_NAME } from '@eveningtide/core/limits';
import { nanoid } from '@reduxjs/toolkit';
import { Crosshair, Plus, X } from 'lucide-react';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';

/** Which feature goes where the drawing is pressed next; null: none. */
export interface Placing {
  placing: string | null;
  onPlace: (featureId: string | null) => void;
}

/** Named places on a zone: typed in millimetres, or pressed on the drawing. */
export function ZoneFeatures({ piece, zone, placing, onPlace }: Placing & { piece: Piece; zone: Zone }) {
  const dispatch = useAppDispatch();
  const set = (features: Piece['features']) => {
    dispatch(editorActions.patched({ features }));
  };
  const change = (id: string, given: Partial<Piece['features'][number]>) => {
    set(piece.features.map((feature) => (feature.id === id ? { ...feature, ...given } : feature)));
  };
  return (
    <fieldset className="col-span-6">
      <legend className="mb-1 text-[0.8125rem] text-ink-2">Features, mm from its upper left: hinges, hatches, rivet rows …</legend>
      {piece.features
        .filter((feature) => feature.zoneId === zone.id)
        .map((feature) => (
          <div key={feature.id} className="mb-1 grid grid-cols-[minmax(0,1fr)_minmax(0,6rem)_4.5rem_4.5rem_1.5rem_1.5rem] gap-1">
            <input
              aria-label="Feature"
              className="field"
              maxLength={LONGEST_NAME}
              value={feature.label}
              onChange={(event) => {
                if (event.target.value.trim()) change(feature.id, { label: event.target.value });
              }}
            />
            <select
              aria-label={`Kind of ${feature.label}`}
              className="field"
              value={feature.kind}
              onChange={(event) => {
                change(feature.id, { kind: event.target.value });
              }}
            >
              {[...new Set([feature.kind, ...FEATURE_KINDS])].map((kind) => (
                <option key={kind}>{kind}</option>
              ))}
            </select>
            {(['xMm', 'yMm'] as const).map((axis) => (
              <input
                key={axis}
                type="number"
                step="0.5"
                aria-label={`${feature.label}, ${axis === 'xMm' ? 'from the left' : 'from above'} (mm)`}
                className="field figures"
                value={feature[axis]}
                onChange={(event) => {
                  const mm = event.target.valueAsNumber;
                  if (Number.isFinite(mm) && Math.abs(mm) <= 10_000) change(feature.id, { [axis]: mm });
                }}
              />
            ))}
            <button
              type="button"
              aria-label={`Place ${feature.label} on the drawing`}
              aria-pressed={placing === feature.id}
              className={`flex min-h-7 min-w-6 items-center justify-center rounded-sm ${placing === feature.id ? 'bg-lamp' : ''}`}
              onClick={() => {
                onPlace(placing === feature.id ? null : feature.id);
              }}
            >
              <Crosshair size={15} aria-hidden="true" />
            </button>
            <button
              type="button"
              aria-label={`Take ${feature.label} out`}
              className="flex min-h-7 min-w-6 items-center justify-center"
              onClick={() => {
                set(piece.features.filter((other) => other.id !== feature.id));
              }}
            >
              <X size={15} aria-hidden="true" />
            </button>
          </div>
        ))}
      {placing !== null && (
        <p role="status" className="mb-1 text-[0.8125rem]">
          Press the drawing where it is.
        </p>
      )}
      <Button
        small
        onClick={() => {
          set([...piece.features, { id: nanoid(8), zoneId: zone.id, kind: 'place', label: 'New feature', xMm: 5, yMm: 5 }]);
        }}
      >
        <Plus size={14} aria-hidden="true" /> Add a feature
      </Button>
    </fieldset>
  );
}
