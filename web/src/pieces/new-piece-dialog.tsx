import { SUBSTRATES, TEMPLATES, type Piece, type View } from '@eveningtide/core/subjects';
import { SCALES } from '@eveningtide/core/units';
import { LONGEST_NAME } from '@eveningtide/core/limits';
import { useNavigate } from 'react-router';
import { useSavePieceMutation, useWorkshopQuery } from '../store/api.js';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { Field } from '../ui/field.js';
import { SelectField } from '../ui/select-field.js';
import { notifyFailure } from '../ui/notify.js';
import { scaleFor } from './elevation-scale.js';
import { Elevation, KeepCleanPattern } from './elevation.js';
import { LONGEST_MM, MOST_MODELS, SIZES, useNewPiece } from './new-piece-form.js';

/** A piece from its kind: measured on the model or taken from the prototype; two lengths are enough. */
export function NewPieceDialog({ onClose }: { onClose: () => void }) {
  const navigate = useNavigate();
  const [save] = useSavePieceMutation();
  const { data: workshop } = useWorkshopQuery();
  const about = useNewPiece();
  const { form, answers, isEnough, preview, views, measure, made } = about;
  const { register, handleSubmit, formState } = form;
  const { errors, isSubmitting } = formState;

  const submit = handleSubmit(async (sent) => {
    const piece: Piece = { ...made(sent), likeness: workshop?.workshop.schools.repeat === 'formula' ? 'alike' : 'own' };
    try {
      await save({ version: 0, piece }).unwrap();
      await navigate(`/pieces/${piece.id}`);
    } catch (error) {
      notifyFailure('The piece was not made', error);
    }
  });

  return (
    <Dialog
      title="New piece"
      note="The kind brings its zones; outer lengths give their areas. Two lengths are enough, the third keeps the proportions."
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <form
        noValidate
        onSubmit={(event) => {
          void submit(event);
        }}
        className="grid grid-cols-6 gap-3"
      >
        <Field
          label="Name"
          className="col-span-4"
          error={errors.name ? `Allowed: a name of 1–${String(LONGEST_NAME)} characters` : undefined}
        >
          {(ids) => (
            <input
              {...ids}
              autoComplete="off"
              maxLength={LONGEST_NAME}
              className="field"
              {...register('name', { validate: (value) => value.trim().length > 0 })}
            />
          )}
        </Field>
        <Field
          label="How many alike"
          className="col-span-2"
          error={errors.count ? `Allowed: whole numbers 1–${String(MOST_MODELS)}` : undefined}
        >
          {(ids) => (
            <input
              {...ids}
              type="number"
              className="field figures"
              {...register('count', { valueAsNumber: true, validate: (n) => Number.isInteger(n) && n >= 1 && n <= MOST_MODELS })}
            />
          )}
        </Field>
        <KindFields about={about} />
        <SelectField
          label="Measured on"
          className="col-span-3"
          value={answers.measured}
          options={[
            { id: 'model', name: 'the model' },
            { id: 'prototype', name: 'the prototype' },
          ]}
          onChange={measure}
        />
        <SizeFields about={about} />
        {!isEnough && (
          <p role="alert" className="col-span-6 text-[0.8125rem] font-semibold text-brick">
            Two of the three lengths are needed.
          </p>
        )}
        {preview && <Preview piece={preview} views={views} />}
        <div className="col-span-6 flex justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button look="ink" type="submit" disabled={isSubmitting || !isEnough}>
            Make it
          </Button>
        </div>
      </form>
    </Dialog>
  );
}

interface FieldsProps {
  about: ReturnType<typeof useNewPiece>;
}

/** What it is, what it is made of, and its scale. */
function KindFields({ about: { form, chooseKind } }: FieldsProps) {
  const { register } = form;
  const { onChange: registerTemplate, ...template } = register('template');
  return (
    <>
      <Field label="Kind" className="col-span-3">
        {(ids) => (
          <select
            {...ids}
            className="field"
            {...template}
            onChange={(event) => {
              void registerTemplate(event);
              chooseKind(event.target.value);
            }}
          >
            {TEMPLATES.map((t) => (
              <option key={t.id} value={t.id}>
                {t.name}
              </option>
            ))}
          </select>
        )}
      </Field>
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
      <Field label="Scale" className="col-span-3">
        {(ids) => (
          <select {...ids} className="field figures" {...register('scale')}>
            {SCALES.map((s) => (
              <option key={s.id} value={s.id}>
                {s.label}
              </option>
            ))}
          </select>
        )}
      </Field>
    </>
  );
}

function SizeFields({ about: { form, lengthUnit, fits } }: FieldsProps) {
  const { register, formState } = form;
  return (
    <>
      {SIZES.map(({ name, label }) => (
        <Field
          key={name}
          label={`${label} (${lengthUnit})`}
          className="col-span-2"
          error={formState.errors[name] ? `Allowed: above 0, up to ${String(LONGEST_MM)} mm on the model` : undefined}
        >
          {(ids) => (
            <input
              {...ids}
              type="number"
              step="any"
              className="field figures"
              placeholder="keeps proportions"
              {...register(name, { valueAsNumber: true, validate: fits })}
            />
          )}
        </Field>
      ))}
    </>
  );
}

/** The piece as it would be drawn. */
function Preview({ piece, views }: { piece: Piece; views: readonly View[] }) {
  return (
    <div className="col-span-6 flex min-h-28 flex-wrap items-end gap-4 border border-line bg-paper p-2">
      <KeepCleanPattern />
      {views.map((view) => (
        <Elevation
          key={view.id}
          piece={piece}
          view={view}
          views={views}
          mmPerPx={scaleFor(views, 210, 90)}
          selected={[]}
          tint={() => null}
        />
      ))}
    </div>
  );
}
