import type { Bottle, Material } from '@eveningtide/core/materials';
import type { Touch } from '@eveningtide/core/plan-file';
import { MOST_ML } from '@eveningtide/core/limits';
import { isWithinReach } from '@eveningtide/core/units';
import { Link } from 'react-router';
import { DayInput } from '../ui/day-input.js';
import { Field } from '../ui/field.js';
import { QuantityField } from '../ui/number-field.js';
import { useSupplies } from '../workers/outlook-context.js';
import { ROLES, ROLE_NAMES } from '../ui/roles.js';

/** All kinds, by what they are for. */
export function KindOptions() {
  const { materials } = useSupplies();
  return ROLES.map((role) => (
    <optgroup key={role} label={ROLE_NAMES[role]}>
      {materials
        .filter((material) => material.role === role)
        .map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
    </optgroup>
  ));
}

/** What a bottle is of, by what it is for. */
export function KindField({ value, onChange }: { value: string; onChange: (material: Material) => void }) {
  const supplies = useSupplies();
  return (
    <Field
      label="Kind"
      className="col-span-6"
      hint="Drying, sheen and what lifts it come from the kind; make an own material where yours differs."
    >
      {(ids) => (
        <select
          {...ids}
          className="field"
          value={value}
          onChange={(event) => {
            onChange(supplies.material(event.target.value));
          }}
        >
          <KindOptions />
        </select>
      )}
    </Field>
  );
}

/** What it holds and what is left. */
export function AmountFields({
  bottle,
  tooMuch,
  onChange,
}: {
  bottle: Bottle;
  tooMuch: boolean;
  onChange: (given: Partial<Bottle>) => void;
}) {
  return (
    <>
      <div className="col-span-3">
        <QuantityField
          label="Holds"
          quantity="volume"
          value={bottle.sizeMl}
          min={0}
          max={MOST_ML}
          onChange={(sizeMl) => {
            onChange({ sizeMl });
          }}
        />
      </div>
      <div className="col-span-3">
        <QuantityField
          label="Left"
          quantity="volume"
          value={bottle.leftMl}
          min={0}
          max={MOST_ML}
          onChange={(leftMl) => {
            onChange({ leftMl });
          }}
        />
        {tooMuch && (
          <p role="alert" className="mt-0.5 text-[0.8125rem] font-semibold text-brick">
            More than it holds
          </p>
        )}
      </div>
    </>
  );
}

export function DayField({ label, value, onChange }: { label: string; value: string | null; onChange: (day: string | null) => void }) {
  return (
    <Field label={label} className="col-span-3">
      {(ids) => (
        <DayInput
          {...ids}
          value={value ?? ''}
          onChange={(day) => {
            onChange(isWithinReach(day) ? day : null);
          }}
        />
      )}
    </Field>
  );
}

/** What is reckoned anew when a bottle is changed. */
export function Touched({ touches }: { touches: readonly Touch[] }) {
  return (
    <section aria-label="What a change touches" className="col-span-6 border-l-4 border-line-strong bg-paper px-3 py-1.5">
      {touches.length === 0 ? (
        <p className="text-ink-2">No piece uses it.</p>
      ) : (
        <>
          <p>A change is recalculated on:</p>
          <ul>
            {touches.map(({ pieceId, name, steps }) => (
              <li key={pieceId}>
                <Link className="underline" to={`/pieces/${pieceId}`}>
                  {name}
                </Link>
                , step {steps.join(', ')}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
