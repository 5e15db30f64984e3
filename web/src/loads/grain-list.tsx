import { MATTER, MATTERS, type Grain, type Load } from '@eveningtide/core/loads';
import { MOST_GRAINS, THICKEST_STRIP_MM } from '@eveningtide/core/limits';
import { nanoid } from '@reduxjs/toolkit';
import { Plus, Trash2 } from 'lucide-react';
import { Button } from '../ui/button.js';
import { SureNumberField } from '../ui/number-field.js';
import { SelectField } from '../ui/select-field.js';
import { TextField } from '../ui/text-field.js';

const NEW: Omit<Grain, 'id'> = { name: 'Stone', matter: 'stone', grainMm: 2, parts: 1 };

/** The grains of a load, mixed in parts. */
export function GrainList({ load: { grains }, onChange }: { load: Load; onChange: (grains: Grain[]) => void }) {
  const set = (id: string, given: Partial<Grain>): void => {
    onChange(grains.map((grain) => (grain.id === id ? { ...grain, ...given } : grain)));
  };
  return (
    <fieldset className="mt-4">
      <legend className="font-semibold">What it is made of</legend>
      <ul className="mt-1 border-t border-line">
        {grains.map((grain) => (
          <li key={grain.id} aria-label={grain.name} className="flex flex-wrap items-end gap-2 border-b border-line py-1.5">
            <TextField
              label="Name"
              kept
              className="w-36"
              value={grain.name}
              onChange={(name) => {
                set(grain.id, { name });
              }}
            />
            <SelectField
              label="Stuff"
              value={grain.matter}
              options={MATTERS.map((id) => ({ id, name: MATTER[id].name }))}
              onChange={(matter) => {
                set(grain.id, { matter });
              }}
            />
            <SureNumberField
              label="Grain (mm)"
              className="w-24"
              value={grain.grainMm}
              min={0.01}
              max={THICKEST_STRIP_MM}
              onChange={(grainMm) => {
                set(grain.id, { grainMm });
              }}
            />
            <SureNumberField
              label="Parts"
              className="w-20"
              value={grain.parts}
              min={0}
              max={1000}
              onChange={(parts) => {
                set(grain.id, { parts });
              }}
            />
            <button
              type="button"
              aria-label={`Remove ${grain.name}`}
              className="mb-1 ml-auto rounded-sm p-1.5 hover:bg-ground"
              onClick={() => {
                onChange(grains.filter(({ id }) => id !== grain.id));
              }}
            >
              <Trash2 size={16} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      <Button
        className="mt-2"
        disabled={grains.length >= MOST_GRAINS}
        onClick={() => {
          onChange([...grains, { ...NEW, id: nanoid(8) }]);
        }}
      >
        <Plus size={16} aria-hidden="true" /> Add a grain
      </Button>
    </fieldset>
  );
}
