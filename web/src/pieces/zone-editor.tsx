import { MOST_ALIKE } from '@eveningtide/core/limits';
import {
  MADE_OF,
  MADE_OF_NAMES,
  KEEP_CLEAN,
  KEEP_CLEAN_NAMES,
  SEEN,
  SHEENS,
  SUBSTRATES,
  ZONE_ROLES,
  carryingZones,
  ownSets,
  substrateById,
  withSet,
  type KeepClean,
  type MadeOf,
  type Piece,
  type Seen,
  type Zone,
} from '@eveningtide/core/subjects';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Check } from '../ui/check.js';
import { NumberField, QuantityField, SureNumberField } from '../ui/number-field.js';
import { SelectField } from '../ui/select-field.js';
import { TextField } from '../ui/text-field.js';
import { ZoneFeatures, type Placing } from './zone-features.js';

const SEEN_WORDS: Record<Seen, string> = { yes: 'seen', glimpsed: 'glimpsed', never: 'never seen: no work' };

const REAL: readonly { id: MadeOf | ''; name: string }[] = [
  { id: '', name: 'as its kind usually is' },
  ...MADE_OF.map((id) => ({ id, name: MADE_OF_NAMES[id] })),
];

const CLEAN: readonly { id: KeepClean | ''; name: string }[] = [
  { id: '', name: 'no: it is painted' },
  ...KEEP_CLEAN.map((id) => ({ id, name: KEEP_CLEAN_NAMES[id] })),
];

/** A choice with what is chosen in it, also where that is of one's own. */
const namedOr = (options: readonly { id: string; name: string }[], id: string): readonly { id: string; name: string }[] =>
  options.some((one) => one.id === id) ? options : [{ id, name: id }, ...options];

/** All that a zone is: its name and place, what it is of, how it comes, its surface and its features. */
export function ZoneEditor({ piece, zone, onClose, ...placing }: Placing & { piece: Piece; zone: Zone; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const patch = (change: Partial<Omit<Zone, 'id'>>) => {
    dispatch(editorActions.zonePatched({ id: zone.id, patch: change }));
  };
  const carries = carryingZones(piece).includes(zone);
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
        label="Its place on the piece"
        className="col-span-3"
        value={zone.role}
        options={namedOr(ZONE_ROLES, zone.role)}
        onChange={(role) => {
          patch({ role });
        }}
      />
      <SelectField
        label="Of the real thing"
        className="col-span-3"
        value={zone.of ?? ''}
        options={REAL}
        onChange={(of) => {
          patch({ of: of === '' ? null : of });
        }}
      />
      <SelectField
        label="Kept clean"
        className="col-span-3"
        value={zone.keepClean ?? ''}
        options={CLEAN}
        onChange={(kind) => {
          patch({ keepClean: kind === '' ? null : kind });
        }}
      />
      <Check
        className="col-span-3 self-end pb-1"
        checked={carries}
        onChange={(on) => {
          patch({ carries: on });
        }}
      >
        a load lies here
      </Check>
      <ZoneSets piece={piece} zone={zone} />
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
      <SurfaceFields zone={zone} onChange={patch} />
      <ZoneFeatures piece={piece} zone={zone} {...placing} />
    </div>
  );
}

/** The groups it belongs to: it is taken into one, or out. */
function ZoneSets({ piece, zone }: { piece: Piece; zone: Zone }) {
  const dispatch = useAppDispatch();
  const sets = ownSets(piece);
  if (sets.length === 0) return null;
  return (
    <fieldset className="col-span-6">
      <legend className="text-[0.8125rem] text-ink-2">Groups it belongs to</legend>
      <div className="flex flex-wrap gap-x-4">
        {sets.map(({ name, ids }) => (
          <Check
            key={name}
            checked={ids.includes(zone.id)}
            onChange={(on) => {
              const members = on ? [...ids, zone.id] : ids.filter((id) => id !== zone.id);
              dispatch(editorActions.patched({ zones: withSet(piece.zones, name, members) }));
            }}
          >
            {name}
          </Check>
        ))}
      </div>
    </fieldset>
  );
}

/** Its surface: how much, of how many things, how deep its grooves are. */
function SurfaceFields({ zone, onChange }: { zone: Zone; onChange: (change: Partial<Omit<Zone, 'id'>>) => void }) {
  const relief = (name: keyof Zone['relief'], label: string) => (
    <NumberField
      label={label}
      value={zone.relief[name]}
      min={0}
      max={50_000}
      optional={false}
      onChange={(um) => {
        onChange({ relief: { ...zone.relief, [name]: um ?? 0 } });
      }}
    />
  );
  return (
    <>
      <div className="col-span-3">
        <QuantityField
          label="Area"
          quantity="area"
          value={zone.areaMm2}
          min={0}
          max={10_000_000}
          optional={false}
          onChange={(areaMm2) => {
            onChange({ areaMm2: areaMm2 ?? 0 });
          }}
        />
      </div>
      <SureNumberField
        label="Things alike in it"
        className="col-span-3"
        whole
        min={1}
        max={MOST_ALIKE}
        value={zone.count}
        onChange={(count) => {
          onChange({ count });
        }}
      />
      <div className="col-span-2">{relief('grooveDepthUm', 'Groove depth (µm)')}</div>
      <div className="col-span-2">{relief('grooveWidthUm', 'Groove width (µm)')}</div>
      <div className="col-span-2">{relief('crestHeightUm', 'Crest height (µm)')}</div>
    </>
  );
}
