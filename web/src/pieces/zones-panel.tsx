import { SEEN, SHEENS, SUBSTRATES, elevationsOf, substrateById, type Piece, type Seen, type Zone } from '@eveningtide/core/subjects';
import { LONGEST_NAME } from '@eveningtide/core/limits';
import { nanoid } from '@reduxjs/toolkit';
import { Plus, X } from 'lucide-react';
import { useMemo, useState } from 'react';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { NumberField, QuantityField } from '../ui/number-field.js';
import { Panel, Row } from '../ui/panel.js';
import { SelectField } from '../ui/select-field.js';
import { useShown } from '../ui/shown.js';
import { TextField } from '../ui/text-field.js';
import { useSupplies } from '../workers/outlook-context.js';
import { scaleFor } from './elevation-scale.js';
import { Elevation, KeepCleanPattern } from './elevation.js';
import { useFocus } from './focus.js';
import { LookSlider } from './look-slider.js';
import { plannedLooks } from '../looks/look.js';
import { pressedZone } from './zone-words.js';

const SEEN_WORDS: Record<Seen, string> = { yes: 'seen', glimpsed: 'glimpsed', never: 'never seen: no work' };

/** The piece drawn as its zones. With a step open, pressing a zone puts it into the step; else it opens the zone. */
export function ZonesPanel({ piece, openStepId }: { piece: Piece; openStepId: string | null }) {
  const dispatch = useAppDispatch();
  const supplies = useSupplies();
  const { zoneId, setZone } = useFocus();
  const views = useMemo(() => elevationsOf(piece), [piece]);
  const looks = useMemo(() => {
    try {
      return plannedLooks(piece, supplies);
    } catch {
      return [];
    }
  }, [piece, supplies]);
  const [chosen, setChosen] = useState<number | null>(null);
  const step = piece.steps.find((one) => one.id === openStepId);
  const selected = step
    ? piece.zones.filter((zone) => step.zones.includes(zone.id) || (step.zones.includes('all') && !zone.keepClean)).map((zone) => zone.id)
    : zoneId
      ? [zoneId]
      : [];
  const zone = step ? undefined : piece.zones.find((one) => one.id === zoneId);
  const at = Math.min(chosen ?? (step ? piece.steps.indexOf(step) + 1 : piece.steps.length), piece.steps.length);
  const mmPerPx = scaleFor(views, 205, 120);
  return (
    <Panel
      title="Zones"
      aside={<span className="text-[0.8125rem] text-ink-2">{step ? 'press to add or take away' : 'press one to change it'}</span>}
    >
      <KeepCleanPattern />
      {views.length === 0 ? (
        <p className="text-[0.8125rem] text-ink-3">Give the piece its length, width and height below, and it is drawn here.</p>
      ) : (
        <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
          {views.map((view) => (
            <Elevation
              key={view.id}
              piece={piece}
              view={view}
              views={views}
              mmPerPx={mmPerPx}
              selected={selected}
              tint={(id) => looks[at]?.[id]?.mean ?? null}
              onZone={(id) => {
                if (step) dispatch(editorActions.stepPatched({ id: step.id, patch: { zones: pressedZone(piece, step, id) } }));
                else setZone(id);
              }}
            />
          ))}
        </div>
      )}
      {views.length > 0 && piece.steps.length > 0 && <LookSlider piece={piece} looks={looks} at={at} onChange={setChosen} />}
      {zone && (
        <ZoneEditor
          key={zone.id}
          piece={piece}
          zone={zone}
          onClose={() => {
            setZone(null);
          }}
        />
      )}
      {!step && !zone && <ZoneList piece={piece} />}
    </Panel>
  );
}

function ZoneList({ piece }: { piece: Piece }) {
  const shown = useShown();
  const { setZone } = useFocus();
  return (
    <dl className="mt-2">
      {piece.zones.map((zone) => (
        <Row
          key={zone.id}
          what={
            <button
              type="button"
              className="min-h-6 underline decoration-line-strong underline-offset-2 hover:decoration-ink"
              onClick={() => {
                setZone(zone.id);
              }}
            >
              {zone.name}
            </button>
          }
        >
          <span className="figures font-normal">{zone.keepClean ? 'keep clean' : shown.text(zone.areaMm2, 'area')}</span>
        </Row>
      ))}
    </dl>
  );
}

function ZoneEditor({ piece, zone, onClose }: { piece: Piece; zone: Zone; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const patch = (change: Partial<Omit<Zone, 'id'>>) => {
    dispatch(editorActions.zonePatched({ id: zone.id, patch: change }));
  };
  const relief = (name: keyof Zone['relief'], label: string) => (
    <NumberField
      label={label}
      value={zone.relief[name]}
      min={0}
      max={50_000}
      optional={false}
      onChange={(um) => {
        patch({ relief: { ...zone.relief, [name]: um ?? 0 } });
      }}
    />
  );
  return (
    <div
      role="group"
      aria-label={`Zone ${zone.name}`}
      className="mt-3 grid grid-cols-6 gap-2 border-t border-line pt-2"
      onKeyDown={(event) => {
        if (event.key === 'Escape') onClose();
      }}
    >
      <TextField
        label="Name of the zone"
        className="col-span-3"
        value={zone.name}
        kept
        onChange={(name) => {
          patch({ name });
        }}
      />
      <SelectField
        label="On the layout"
        className="col-span-3"
        value={zone.seen}
        options={SEEN.map((id) => ({ id, name: SEEN_WORDS[id] }))}
        onChange={(seen) => {
          patch({ seen });
        }}
      />
      <SelectField
        label="Made of"
        className="col-span-3"
        value={zone.substrate}
        options={SUBSTRATES}
        onChange={(substrate) => {
          patch({ substrate });
        }}
      />
      <SelectField
        label="Comes"
        className="col-span-3"
        value={zone.startSheen}
        options={SHEENS.map((id) => ({ id, name: id }))}
        onChange={(startSheen) => {
          patch({ startSheen });
        }}
      />
      <label className="col-span-6 text-[0.8125rem] text-ink-2">
        Colour it comes in
        <span className="flex items-center gap-2">
          <input
            type="color"
            aria-label={`Colour that ${zone.name} comes in`}
            className="field h-8 w-14 p-0.5"
            value={zone.startColour ?? substrateById(zone.substrate).colour}
            onChange={(event) => {
              patch({ startColour: event.target.value });
            }}
          />
          {zone.startColour === null ? (
            'not set: the look begins with the bare material'
          ) : (
            <button
              type="button"
              className="min-h-6 underline"
              onClick={() => {
                patch({ startColour: null });
              }}
            >
              not set
            </button>
          )}
        </span>
      </label>
      <div className="col-span-6">
        <QuantityField
          label="Area"
          quantity="area"
          value={zone.areaMm2}
          min={0}
          max={10_000_000}
          optional={false}
          onChange={(areaMm2) => {
            patch({ areaMm2: areaMm2 ?? 0 });
          }}
        />
      </div>
      <div className="col-span-2">{relief('grooveDepthUm', 'Groove depth (µm)')}</div>
      <div className="col-span-2">{relief('grooveWidthUm', 'Groove width (µm)')}</div>
      <div className="col-span-2">{relief('crestHeightUm', 'Crest height (µm)')}</div>
      <Features piece={piece} zone={zone} />
    </div>
  );
}

function Features({ piece, zone }: { piece: Piece; zone: Zone }) {
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
          <div key={feature.id} className="mb-1 grid grid-cols-[minmax(0,1fr)_5.25rem_5.25rem_1.5rem] gap-1">
            <input
              aria-label="Feature"
              className="field"
              maxLength={LONGEST_NAME}
              value={feature.label}
              onChange={(event) => {
                if (event.target.value.trim()) change(feature.id, { label: event.target.value });
              }}
            />
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
