import type { Piece, Step } from '@eveningtide/core/subjects';

/** Which zones a step is done on. `all` is every zone that need not be kept clean. */
export function ZonesField({ piece, step, onChange }: { piece: Piece; step: Step; onChange: (zones: string[]) => void }) {
  const all = step.zones.includes('all');
  const toggle = (id: string) => {
    const open = piece.zones.filter((zone) => !zone.keepClean).map((zone) => zone.id);
    const now = all ? [...open, ...step.zones.filter((zone) => zone !== 'all')] : step.zones;
    const next = now.includes(id) ? now.filter((zone) => zone !== id) : [...now, id];
    // a step is done somewhere: the last zone cannot be taken away
    if (next.length > 0)
      onChange(open.every((zone) => next.includes(zone)) ? ['all', ...next.filter((zone) => !open.includes(zone))] : next);
  };
  return (
    <fieldset className="col-span-6">
      <legend className="mb-0.5 text-[13px] text-ink-2">Zones</legend>
      <div className="flex flex-wrap gap-1.5">
        <Chip
          label="all"
          checked={all}
          onChange={() => {
            onChange(['all']);
          }}
        />
        {piece.zones.map((zone) => (
          <Chip
            key={zone.id}
            label={zone.name.toLowerCase()}
            checked={step.zones.includes(zone.id) || (all && !zone.keepClean)}
            onChange={() => {
              toggle(zone.id);
            }}
          />
        ))}
      </div>
    </fieldset>
  );
}

function Chip({ label, checked, onChange }: { label: string; checked: boolean; onChange: () => void }) {
  return (
    <label
      className={`flex min-h-[26px] cursor-pointer items-center gap-1.5 rounded-sm border px-2 text-[13px] ${checked ? 'border-ink bg-white font-semibold' : 'border-line-strong'}`}
    >
      <input type="checkbox" checked={checked} onChange={onChange} />
      {label}
    </label>
  );
}
