import type { Planting, PlantingFacts, Standing } from '@eveningtide/core/planting';
import { FARTHEST_MM } from '@eveningtide/core/limits';
import { Shuffle } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../ui/button.js';
import { SureNumberField } from '../ui/number-field.js';
import { OneOf } from '../ui/one-of.js';
import { SelectField } from '../ui/select-field.js';
import { letterOf } from '../ui/letter.js';
import { countWords } from '../ui/words.js';
import { PlanDrawing } from './plan-drawing.js';

interface PlanPanelProps {
  planting: Planting;
  facts: PlantingFacts;
  /** The growth whose patches are seen; null: all. */
  shownId: string | null;
  onShow: (growthId: string | null) => void;
  onChange: (given: Partial<Planting>) => void;
}

const ALL = '';
const NONE = '';
const keyOf = ({ plantsId, at }: Pick<Standing, 'plantsId' | 'at'>): string => `${plantsId} ${String(at)}`;
const TROUBLES = new Map([
  ['plant', 'Another plant stands there.'],
  ['strip', 'Nothing may grow there.'],
  ['edge', 'It hangs over the edge.'],
]);

/** The plan of a planting: what is glued where, and where each plant stands; drag one, or type its place. */
export function PlanPanel({ planting, facts, shownId, onShow, onChange }: PlanPanelProps) {
  const [chosenKey, setChosenKey] = useState<string | null>(null);
  const { standing } = facts;
  const chosen = standing.find((one) => keyOf(one) === chosenKey) ?? null;
  const growths = planting.growths.filter(({ id }) => shownId === null || id === shownId);
  const move = ({ plantsId, at }: Standing, xMm: number, yMm: number): void => {
    const others = planting.moved.filter((one) => keyOf(one) !== keyOf({ plantsId, at }));
    onChange({ moved: [...others, { plantsId, at, xMm, yMm }] });
  };
  const nameOf = ({ plantsId, at }: Standing): string =>
    `${planting.plants.find(({ id }) => id === plantsId)?.name ?? ''} ${String(at + 1)}`;
  return (
    <div className="no-print">
      {planting.growths.length > 1 && (
        <OneOf
          label="Patches shown"
          className="mb-2"
          value={shownId ?? ALL}
          options={[{ id: ALL, name: 'All growth' }, ...planting.growths.map(({ id, name }) => ({ id, name }))]}
          onChange={(id) => {
            onShow(id === ALL ? null : id);
          }}
        />
      )}
      <PlanDrawing
        planting={planting}
        standing={standing}
        growths={growths}
        words={planWords(planting, facts)}
        chosen={chosen}
        onChoose={(one) => {
          setChosenKey(keyOf(one));
        }}
        onMove={move}
      />
      <p className="mt-1 text-[0.8125rem] text-ink-2">
        {planting.plants.map(({ name }, i) => `${letterOf(i)} ${name}`).join(' · ')}
        {standing.length > 0 && '. Drag a plant to set it by hand.'}
      </p>
      {standing.length > 0 && (
        <div className="mt-2 flex flex-wrap items-end gap-2">
          <SelectField
            label="Plant"
            className="w-44"
            value={chosen ? keyOf(chosen) : NONE}
            options={[{ id: NONE, name: 'choose one' }, ...standing.map((one) => ({ id: keyOf(one), name: nameOf(one) }))]}
            onChange={(key) => {
              setChosenKey(key === NONE ? null : key);
            }}
          />
          {chosen && <PlaceFields key={keyOf(chosen)} one={chosen} stance={planting.stance} onMove={move} />}
          {chosen?.byHand && (
            <Button
              onClick={() => {
                onChange({ moved: planting.moved.filter((one) => keyOf(one) !== keyOf(chosen)) });
              }}
            >
              Let it find a place
            </Button>
          )}
          <Button
            onClick={() => {
              onChange({ seed: planting.seed + 1 });
            }}
          >
            <Shuffle size={16} aria-hidden="true" /> Set all otherwise
          </Button>
        </div>
      )}
      {chosen?.trouble && <p className="mt-1 text-brick">{TROUBLES.get(chosen.trouble)}</p>}
    </div>
  );
}

interface PlaceFieldsProps {
  one: Standing;
  stance: Planting['stance'];
  onMove: (one: Standing, xMm: number, yMm: number) => void;
}

function PlaceFields({ one, stance, onMove }: PlaceFieldsProps) {
  const shown = (mm: number): number => Math.round(mm * 10) / 10;
  return (
    <>
      <SureNumberField
        label="From left (mm)"
        className="w-24"
        value={shown(one.xMm)}
        min={-FARTHEST_MM}
        max={FARTHEST_MM}
        onChange={(xMm) => {
          onMove(one, xMm, one.yMm);
        }}
      />
      <SureNumberField
        label={stance === 'face' ? 'From top (mm)' : 'From back (mm)'}
        className="w-24"
        value={shown(one.yMm)}
        min={-FARTHEST_MM}
        max={FARTHEST_MM}
        onChange={(yMm) => {
          onMove(one, one.xMm, yMm);
        }}
      />
    </>
  );
}

/** The plan in words, for who cannot see it. */
function planWords({ name, lengthMm, widthMm, growths, keepOffs }: Planting, { plants }: PlantingFacts): string {
  const grown = growths.map((growth) => `${growth.name.toLowerCase()} on ${String(growth.sharePct)} %`);
  const stand = plants.map((own) => `${String(own.standing)} ${own.plants.name.toLowerCase()}`);
  const strips = keepOffs.length > 0 ? [`${countWords(keepOffs.length, 'strip')} kept clear`] : [];
  return `${name}, ${String(lengthMm)} × ${String(widthMm)} mm: ${[...grown, ...stand, ...strips].join(', ')}.`;
}
