import { dewPointC, type Air, type DryingPlace } from '@eveningtide/core/climate';
import { LONGEST_NAME } from '@eveningtide/core/limits';
import { nanoid } from '@reduxjs/toolkit';
import { Plus, X } from 'lucide-react';
import { usePiecesQuery } from '../store/api.js';
import { Button } from '../ui/button.js';
import { QuantityField, SureNumberField } from '../ui/number-field.js';
import { useShown } from '../ui/shown.js';
import { Section, type SectionProps } from './section.js';

/** Air at the bench by evening and night, and the places a piece can dry in. */
export function AirSection({ workshop: { climate }, change }: SectionProps) {
  const { data: pieces } = usePiecesQuery();
  const setPlaces = (places: DryingPlace[]) => {
    change({ climate: { ...climate, places } });
  };
  const setPlace = (id: string, given: Partial<DryingPlace>) => {
    setPlaces(climate.places.map((place) => (place.id === id ? { ...place, ...given } : place)));
  };
  const usedBy = (id: string): string[] =>
    pieces?.filter(({ piece }) => piece.steps.some((step) => step.dryingPlace === id)).map(({ piece }) => piece.name) ?? [];
  return (
    <Section title="Air" note="Most drying happens at night, so both count. Read them off a thermometer with a hygrometer.">
      <AirFields
        name="Evening"
        air={climate.evening}
        onChange={(evening) => {
          change({ climate: { ...climate, evening } });
        }}
      />
      <AirFields
        name="Night"
        air={climate.night}
        onChange={(night) => {
          change({ climate: { ...climate, night } });
        }}
      />
      <h4 className="mt-3 font-semibold">Drying places</h4>
      {climate.places.map((place) => {
        const users = usedBy(place.id);
        return (
          <div key={place.id} role="group" aria-label={place.name} className="mt-1 border-t border-line pt-1">
            <div className="flex gap-2">
              <input
                aria-label="Name of the place"
                className="field"
                maxLength={LONGEST_NAME}
                value={place.name}
                onChange={(event) => {
                  if (event.target.value.trim()) setPlace(place.id, { name: event.target.value });
                }}
              />
              <button
                type="button"
                aria-label={`Take ${place.name} out`}
                disabled={users.length > 0}
                title={users.length > 0 ? `Used by ${users.join(', ')}` : undefined}
                className="disabled:opacity-40"
                onClick={() => {
                  setPlaces(climate.places.filter((other) => other.id !== place.id));
                }}
              >
                <X size={16} aria-hidden="true" />
              </button>
            </div>
            <AirFields
              name={place.name}
              air={place.air}
              onChange={(air) => {
                setPlace(place.id, { air });
              }}
            />
            <SureNumberField
              label="Room for models"
              value={place.models}
              min={1}
              max={500}
              whole
              onChange={(models) => {
                setPlace(place.id, { models });
              }}
            />
          </div>
        );
      })}
      <Button
        small
        className="mt-2"
        onClick={() => {
          setPlaces([...climate.places, { id: nanoid(8), name: 'New place', air: { tempC: 22, rhPct: 45 }, models: 4 }]);
        }}
      >
        <Plus size={14} aria-hidden="true" /> Add a place
      </Button>
    </Section>
  );
}

function AirFields({ name, air, onChange }: { name: string; air: Air; onChange: (air: Air) => void }) {
  const shown = useShown();
  return (
    <div className="grid grid-cols-[1fr_1fr_7rem] items-end gap-2">
      <QuantityField
        label={`${name}, temperature`}
        quantity="temperature"
        value={air.tempC}
        min={-10}
        max={60}
        optional={false}
        onChange={(tempC) => {
          if (tempC !== null) onChange({ ...air, tempC });
        }}
      />
      <SureNumberField
        label={`${name}, humidity (%RH)`}
        value={air.rhPct}
        min={1}
        max={100}
        onChange={(rhPct) => {
          onChange({ ...air, rhPct });
        }}
      />
      <p className="pb-1 text-[0.8125rem] text-ink-2">
        dew point
        <span className="figures block">{shown.text(dewPointC(air), 'temperature')}</span>
      </p>
    </div>
  );
}
