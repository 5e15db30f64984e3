import { SUBSTRATES } from '@eveningtide/core/subjects';
import { Field } from '../ui/field.js';
import { ScaleField } from '../ui/scale-field.js';
import { SelectField } from '../ui/select-field.js';
import { LONGEST_MM, SIZES, type NewPieceAbout } from './new-piece-form.js';

/** What it is made of, its scale and its size; two lengths are enough, the third keeps the proportions. */
export function SizeFields({ about: { form, answers, lengthUnit, fits, isEnough, measure } }: { about: NewPieceAbout }) {
  const { register, formState } = form;
  const told = SIZES.map(({ name }) => (answers[name] > 0 ? String(answers[name]) : '?')).join(' × ');
  return (
    <>
      <Field label="Made of" className="col-span-3">
        {(ids) => (
          <select {...ids} className="field" {...register('substrate')}>
            {SUBSTRATES.map((s) => (
              <option key={s.id} value={s.id}>
                {s.name}
              </option>
            ))}
          </select>
        )}
      </Field>
      <ScaleField
        className="col-span-3"
        value={Number(answers.scale)}
        onChange={(ratio) => {
          form.setValue('scale', String(ratio));
        }}
      />
      <details className="col-span-6">
        <summary className="min-h-6">
          <span className="font-semibold">Size</span>{' '}
          <span className="figures text-ink-2">
            {told} {lengthUnit}
          </span>
        </summary>
        <div className="mt-1 grid grid-cols-4 gap-3">
          <SelectField
            label="Measured on"
            value={answers.measured}
            options={[
              { id: 'model', name: 'the model' },
              { id: 'prototype', name: 'the prototype' },
            ]}
            onChange={measure}
          />
          {SIZES.map(({ name, label }) => (
            <Field
              key={name}
              label={`${label} (${lengthUnit})`}
              error={formState.errors[name] ? `Allowed: above 0, up to ${String(LONGEST_MM)} mm on the model` : undefined}
            >
              {(ids) => (
                <input
                  {...ids}
                  type="number"
                  step="any"
                  className="field figures"
                  placeholder="in proportion"
                  {...register(name, { valueAsNumber: true, validate: fits })}
                />
              )}
            </Field>
          ))}
        </div>
      </details>
      {!isEnough && (
        <p role="alert" className="col-span-6 text-[0.8125rem] font-semibold text-brick">
          Two of the three lengths are needed.
        </p>
      )}
    </>
  );
}
