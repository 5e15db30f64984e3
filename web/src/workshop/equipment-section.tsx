import { BRUSH_WIDTHS_MM } from '@eveningtide/core/techniques';
import { Check } from '../ui/check.js';
import { QuantityField, SureNumberField } from '../ui/number-field.js';
import { Section, type SectionProps } from './section.js';

/** What there is to work with, and how drying is reckoned. */
export function EquipmentSection({ workshop, change }: SectionProps) {
  const { equipment, room, airbrushCleanMin, careful } = workshop;
  const models = (name: 'boothModels' | 'benchModels', label: string) => (
    <SureNumberField
      label={label}
      value={equipment[name]}
      min={1}
      max={500}
      whole
      onChange={(value) => {
        change({ equipment: { ...equipment, [name]: value } });
      }}
    />
  );
  return (
    <Section title="Bench and booth" note="One pair of hands does one job at a time.">
      <div className="grid grid-cols-2 items-end gap-2">
        <Check
          className="col-span-2"
          checked={equipment.airbrush}
          onChange={(airbrush) => {
            change({ equipment: { ...equipment, airbrush } });
          }}
        >
          there is an airbrush
        </Check>
        <Check
          className="col-span-2"
          checked={equipment.cans}
          onChange={(cans) => {
            change({ equipment: { ...equipment, cans } });
          }}
        >
          there are cans: primer, clear
        </Check>
        {equipment.airbrush && (
          <SureNumberField
            label="Cleaning it (min)"
            value={airbrushCleanMin}
            min={0}
            max={60}
            onChange={(value) => {
              change({ airbrushCleanMin: value });
            }}
          />
        )}
        {models('boothModels', 'Models in the booth at once')}
        {models('benchModels', 'Models wet on the bench at once')}
        <fieldset className="col-span-2">
          <legend className="text-[0.8125rem] text-ink-2">Flat brushes, mm: the widest that suits is planned with</legend>
          <div className="flex flex-wrap gap-x-4">
            {BRUSH_WIDTHS_MM.map((width) => (
              <Check
                key={width}
                checked={equipment.brushesMm.includes(width)}
                onChange={(isThere) => {
                  const brushesMm = BRUSH_WIDTHS_MM.filter((one) => (one === width ? isThere : equipment.brushesMm.includes(one)));
                  if (brushesMm.length > 0) change({ equipment: { ...equipment, brushesMm } });
                }}
              >
                {width}
              </Check>
            ))}
          </div>
        </fieldset>
        <QuantityField
          label="Room"
          quantity="roomVolume"
          value={room.volumeM3}
          min={1}
          max={10_000}
          optional={false}
          onChange={(volumeM3) => {
            if (volumeM3 !== null) change({ room: { ...room, volumeM3 } });
          }}
        />
        <SureNumberField
          label="Air changes an hour"
          value={room.airChangesPerH}
          min={0}
          max={100}
          onChange={(airChangesPerH) => {
            change({ room: { ...room, airChangesPerH } });
          }}
        />
        <Check className="col-span-2" checked={careful} onChange={(value) => change({ careful: value })}>
          Plan with careful drying times
          <span className="block text-[0.8125rem] text-ink-2">
            They hold four times out of five (P80); typical ones hold every second time (P50).
          </span>
        </Check>
      </div>
    </Section>
  );
}
