import type { MaterialRole, Supplies } from '@eveningtide/core/materials';
import type { MixComponent } from '@eveningtide/core/mixing';
import { ROLE_NAMES, ROLES } from '../ui/roles.js';

const BOTTLE = 'bottle:';
const KIND = 'kind:';
/** What nobody stirs into a cup. */
const NEVER: ReadonlySet<MaterialRole> = new Set(['decal', 'masking', 'drawing', 'aggregate']);

/** What goes into the cup: a bottle, or a kind from whatever bottle. */
export function ComponentField({
  label,
  value,
  supplies,
  onChange,
}: {
  label: string;
  value: Pick<MixComponent, 'material' | 'bottleId'> | null;
  supplies: Supplies;
  onChange: (chosen: Pick<MixComponent, 'material' | 'bottleId'>) => void;
}) {
  const current = value === null ? '' : value.bottleId !== null ? `${BOTTLE}${value.bottleId}` : `${KIND}${value.material}`;
  const fits = (material: string): boolean => {
    const { role, aerosol, carrier } = supplies.material(material);
    return !NEVER.has(role) && !aerosol && carrier !== 'cyano' && carrier !== 'heat';
  };
  return (
    <select
      aria-label={label}
      className="field"
      value={current}
      onChange={(event) => {
        const chosen = event.target.value;
        const bottle = supplies.bottles.find(({ id }) => chosen === `${BOTTLE}${id}`);
        if (bottle) onChange({ material: bottle.material, bottleId: bottle.id });
        else if (chosen.startsWith(KIND)) onChange({ material: chosen.slice(KIND.length), bottleId: null });
      }}
    >
      {value === null && <option value="">choose …</option>}
      <optgroup label="On the shelf">
        {supplies.bottles
          .filter(({ material }) => supplies.isMaterial(material) && fits(material))
          .map(({ id, name }) => (
            <option key={id} value={`${BOTTLE}${id}`}>
              {name}
            </option>
          ))}
      </optgroup>
      {ROLES.filter((role) => !NEVER.has(role)).map((role) => (
        <optgroup key={role} label={ROLE_NAMES[role]}>
          {supplies.materials
            .filter((material) => material.role === role && fits(material.id))
            .map(({ id, name }) => (
              <option key={id} value={`${KIND}${id}`}>
                {name}
              </option>
            ))}
        </optgroup>
      ))}
    </select>
  );
}
