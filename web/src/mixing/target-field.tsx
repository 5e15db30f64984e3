import { hexOfLab, labOf, type Lab } from '@eveningtide/core/colour';
import { colourShown } from '@eveningtide/core/matching';
import type { Piece } from '@eveningtide/core/subjects';
import { useState } from 'react';
import { plannedLooks } from '../pieces/look.js';
import { usePiecesQuery } from '../store/api.js';
import { ColourField } from '../ui/colour-field.js';
import { Field } from '../ui/field.js';
import { NumberField } from '../ui/number-field.js';
import { SelectField } from '../ui/select-field.js';
import { MeterField } from './meter-field.js';
import { useBench } from './use-bench.js';

/** A colour that is wanted, and where it was taken from. */
export interface Target {
  lab: Lab;
  from: string;
}

const SOURCES = [
  { id: 'colour', name: 'a colour that I pick or type' },
  { id: 'lab', name: 'CIELAB figures' },
  { id: 'meter', name: 'what the colour meter reads' },
  { id: 'bottle', name: 'a bottle' },
  { id: 'mix', name: 'a mix that was kept' },
  { id: 'zone', name: 'a piece, as it is planned' },
] as const;
type Source = (typeof SOURCES)[number]['id'];

const HEX = /^#[0-9a-f]{6}$/i;

/** What should be matched: picked, typed, read off a meter, a bottle, a kept mix, or a wall of last spring. */
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
    if (mix && colour) ofHex(colour, `${mix.name}${mix.colour === null ? ', as it was reckoned' : ', as it was judged'}`);
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
    if (next === 'lab') onChange({ lab, from: 'the figures you typed' });
    if (next === 'bottle') ofBottle(bottleId);
    if (next === 'mix') ofMix(mixId);
    if (next === 'zone') ofZone(piece, zoneId);
  };
  const figure = (name: keyof Lab, label: string, min: number, max: number) => (
    <NumberField
      label={label}
      value={lab[name]}
      min={min}
      max={max}
      optional={false}
      onChange={(value) => {
        if (value === null) return;
        const next = { ...lab, [name]: value };
        setLab(next);
        onChange({ lab: next, from: 'the figures you typed' });
      }}
    />
  );
  return (
    <fieldset className="grid grid-cols-3 items-end gap-3">
      <legend className="sr-only">What should be matched</legend>
      <SelectField label="Match" className="col-span-3" value={source} options={SOURCES} onChange={choose} />
      {source === 'colour' && (
        <>
          <ColourField
            label="Pick"
            value={HEX.test(hex) ? hex : '#888888'}
            onChange={(colour) => {
              setHex(colour);
              ofHex(colour, 'the colour you picked');
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
                  setHex(event.target.value);
                  if (HEX.test(event.target.value)) ofHex(event.target.value, 'the colour you typed');
                }}
              />
            )}
          </Field>
        </>
      )}
      {source === 'lab' && (
        <>
          {figure('l', 'L*', 0, 100)}
          {figure('a', 'a*', -100, 100)}
          {figure('b', 'b*', -100, 100)}
        </>
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
      {source === 'zone' && piece && (
        <>
          <SelectField
            label="Piece"
            className="col-span-2"
            value={piece.id}
            options={pieces}
            onChange={(id) => {
              ofZone(
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
              ofZone(piece, id);
            }}
          />
        </>
      )}
      {source === 'lab' && (
        <p className="col-span-3 text-[0.8125rem] text-ink-2">
          On this screen about {hexOfLab(lab)}; what a screen cannot show is drawn as near as it can.
        </p>
      )}
    </fieldset>
  );
}
