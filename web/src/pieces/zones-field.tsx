import { zoneSets, type Piece, type Step } from '@eveningtide/core/subjects';
import { KeepSet } from './keep-set.js';
import { namedZones, toggledZone } from './zone-words.js';

/** Which zones a step is done on. `all` is every zone that need not be kept clean. */
export function ZonesField({ piece, step, onChange }: { piece: Piece; step: Step; onChange: (zones: string[]) => void }) {
  const all = step.zones.includes('all');
  return (
    <fieldset className="col-span-6">
      <legend className="mb-0.5 text-[0.8125rem] text-ink-2">Zones</legend>
      <div className="flex flex-wrap gap-1.5">
        <Chip
          label="all"
          checked={all}
          onChange={() => {
            onChange(
              all
                ? namedZones(piece, step)
                : ['all', ...step.zones.filter((id) => piece.zones.some((zone) => zone.id === id && zone.keepClean))],
            );
          }}
        />
        {zoneSets(piece).map(({ name, ids }) => (
          <Chip
            key={name}
            label={name}
            checked={!all && ids.length === step.zones.length && ids.every((id) => step.zones.includes(id))}
            onChange={() => {
              onChange([...ids]);
            }}
          />
        ))}
        {piece.zones.map((zone) => (
          <Chip
            key={zone.id}
            label={zone.name.toLowerCase()}
            checked={step.zones.includes(zone.id) || (all && !zone.keepClean)}
            onChange={() => {
              onChange(toggledZone(piece, step, zone.id));
            }}
          />
        ))}
        {!all && <KeepSet key={step.zones.join()} piece={piece} ids={step.zones} />}
      </div>
    </fieldset>
  );
}

function Chip({ label, checked, onChange }: { label: string; checked: boolean; onChange: () => void }) {
  return (
    <label
      className={`flex min-h-[1.625rem] cursor-pointer items-center gap-1.5 rounded-sm border px-2 text-[0.8125rem] ${checked ? 'border-ink bg-field font-semibold' : 'border-line-strong'}`}
    >
      <input type="checkbox" checked={checked} onChange={onChange} />
      {label}
    </label>
  );
}
