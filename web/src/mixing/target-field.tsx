import { hexOfLab, labOf, type Lab } from '@eveningtide/core/colour';
import { colourShown } from '@eveningtide/core/matching';
import type { Piece } from '@eveningtide/core/subjects';
import { useState } from 'react';
import { plannedLooks } from '../looks/look.js';
import { usePiecesQuery } from '../store/api.js';
import { ColourField } from '../ui/colour-field.js';
import { Field } from '../ui/field.js';
import { SureNumberField } from '../ui/number-field.js';
import { SelectField } from '../ui/select-field.js';
import { MeterField } from './meter-field.js';
import type { Target } from './target.js';
import { useBench } from './use-bench.js';

const SOURCES = [
  { id: 'colour', name: 'a colour that I pick or type' },
  { id: 'lab', name: 'CIELAB figures' },
  { id: 'meter', name: 'what the colour meter reads' },
  { id: 'bottle', name: 'a bottle' },
  { id: 'mix', name: 'a mix that was kept' },
  { id: 'zone', name: 'a piece, as it is planned' },
] as const;
type Source = (typeof SOURCES)[number]['id'];

const TYPED_FIGURES = 'the figures you typed';

const HEX = /^#[0-9a-f]{6}$/i;

/** What should be matched: picked, typed, read off a meter, a bottle, a kept mix, or a wall of last spring. */
// eslint-disable-next-line complexity -- one source after the other
export function TargetField({ start, onChange }: { start: string | null; onChange: (target: Target) => void }) {
  const { supplies, mixes } = useBench();
  const { data } = usePiecesQuery();
  const [source, setSource] = useState<Source>(start === null ? 'colour' : 'mix');
  const [hex, setHex] = useState('#8a7a5c');
  const [lab, setLab] = useState<Lab>({ l: 52, a: 3, b: 18 });
  const [bottleId, setBottle] = useState('');
  const [mixId, setMix] = useState(start ?? '');
  const [pieceId, setPiece] = useState('');
  const [zoneId, setZone] = useState('');
  const pieces = data?.map(({ piece }) => piece) ?? [];
  const piece = pieces.find(({ id }) => id === pieceId) ?? pieces[0];
  const ofHex = (colour: string, from: string) => {
    onChange({ lab: labOf(colour), from });
  };
  const ofBottle = (id: string) => {
    setBottle(id);
    const bottle = supplies.bottle(id) ?? supplies.bottles[0];
    if (bottle) ofHex(bottle.colour, bottle.name);
  };
  const ofMix = (id: string) => {
    setMix(id);
    const mix = mixes.find((one) => one.id === id) ?? mixes[0];
    const colour = mix && colourShown(mix, supplies);
    if (mix && colour) ofHex(colour, `${mix.name}${mix.colour === null ? ', as it was calculated' : ', as it was judged'}`);
  };
  const ofZone = (of: Piece | undefined, zone: string) => {
    const chosen = of?.zones.find(({ id }) => id === zone) ?? of?.zones[0];
    if (!of || !chosen) return;
    setPiece(of.id);
    setZone(chosen.id);
    const look = plannedLooks(of, supplies).at(-1)?.[chosen.id];
    if (look) ofHex(look.face, `${of.name}, ${chosen.name.toLowerCase()}, as it is planned`);
  };
  const choose = (next: Source) => {
    setSource(next);
    if (next === 'colour') ofHex(hex, 'the colour you picked');
    if (next === 'lab') onChange({ lab, from: TYPED_FIGURES });
    if (next === 'bottle') ofBottle(bottleId);
    if (next === 'mix') ofMix(mixId);
    if (next === 'zone') ofZone(piece, zoneId);
  };
  return (
    <fieldset className="grid grid-cols-3 items-end gap-3">
      <legend className="sr-only">What should be matched</legend>
      <SelectField label="Match" className="col-span-3" value={source} options={SOURCES} onChange={choose} />
      {source === 'colour' && <PickedColour hex={hex} onHex={setHex} onColour={ofHex} />}
      {source === 'lab' && (
        <LabFigures
          lab={lab}
          onChange={(next) => {
            setLab(next);
            onChange({ lab: next, from: TYPED_FIGURES });
          }}
        />
      )}
      {source === 'meter' && <MeterField onChange={onChange} />}
      {source === 'bottle' && (
        <SelectField
          label="Bottle"
          className="col-span-3"
          value={bottleId || (supplies.bottles[0]?.id ?? '')}
          options={supplies.bottles}
          onChange={ofBottle}
        />
      )}
      {source === 'mix' && (
        <SelectField
          label="Mix"
          className="col-span-3"
          value={mixId || (mixes[0]?.id ?? '')}
          options={mixes.map(({ id, number, name }) => ({ id, name: `no. ${String(number)}, ${name}` }))}
          onChange={ofMix}
        />
      )}
      {source === 'zone' && piece && <ZoneOfPiece pieces={pieces} piece={piece} zoneId={zoneId} onChange={ofZone} />}
    </fieldset>
  );
}

interface PickedColourProps {
  hex: string;
  onHex: (hex: string) => void;
  onColour: (hex: string, from: string) => void;
}

/** A colour that is picked, or typed as #rrggbb. */
function PickedColour({ hex, onHex, onColour }: PickedColourProps) {
  return (
    <>
      <ColourField
        label="Pick"
        value={HEX.test(hex) ? hex : '#888888'}
        onChange={(colour) => {
          onHex(colour);
          onColour(colour, 'the colour you picked');
        }}
      />
      <Field
        label="Or type it"
        className="col-span-2"
        error={HEX.test(hex) ? undefined : 'Allowed: # and six digits or letters a–f, such as #8a7a5c'}
      >
        {(ids) => (
          <input
            {...ids}
            className="field figures"
            value={hex}
            onChange={(event) => {
              onHex(event.target.value);
              if (HEX.test(event.target.value)) onColour(event.target.value, 'the colour you typed');
            }}
          />
        )}
      </Field>
    </>
  );
}

const LAB_FIGURES = [
  { name: 'l', label: 'L*', min: 0, max: 100 },
  { name: 'a', label: 'a*', min: -100, max: 100 },
  { name: 'b', label: 'b*', min: -100, max: 100 },
] as const;

function LabFigures({ lab, onChange }: { lab: Lab; onChange: (lab: Lab) => void }) {
  return (
    <>
      {LAB_FIGURES.map(({ name, label, min, max }) => (
        <SureNumberField
          key={name}
          label={label}
          value={lab[name]}
          min={min}
          max={max}
          onChange={(value) => {
            onChange({ ...lab, [name]: value });
          }}
        />
      ))}
      <p className="col-span-3 text-[0.8125rem] text-ink-2">
        On this screen about {hexOfLab(lab)}; what a screen cannot show is drawn as near as it can.
      </p>
    </>
  );
}

interface ZoneOfPieceProps {
  pieces: readonly Piece[];
  piece: Piece;
  zoneId: string;
  onChange: (piece: Piece | undefined, zoneId: string) => void;
}

/** A zone as it is planned to look. */
function ZoneOfPiece({ pieces, piece, zoneId, onChange }: ZoneOfPieceProps) {
  return (
    <>
      <SelectField
        label="Piece"
        className="col-span-2"
        value={piece.id}
        options={pieces}
        onChange={(id) => {
          onChange(
            pieces.find((one) => one.id === id),
            '',
          );
        }}
      />
      <SelectField
        label="Zone"
        value={piece.zones.some(({ id }) => id === zoneId) ? zoneId : (piece.zones[0]?.id ?? '')}
        options={piece.zones}
        onChange={(id) => {
          onChange(piece, id);
        }}
      />
    </>
  );
}
