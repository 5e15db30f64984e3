import {
  SUBSTRATES,
  TEMPLATES,
  completeSize,
  elevationsOf,
  isSubstrateId,
  pieceFromTemplate,
  templateById,
} from '@eveningtide/core/subjects';
import { SCALES } from '@eveningtide/core/units';
import { LONGEST_NAME } from '@eveningtide/core/limits';
import { nanoid } from '@reduxjs/toolkit';
import { useForm, useWatch } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { useSavePieceMutation, useWorkshopQuery } from '../store/api.js';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { Field } from '../ui/field.js';
import { SelectField } from '../ui/select-field.js';
import { useShown } from '../ui/shown.js';
import { scaleFor } from './elevation-scale.js';
import { Elevation, KeepCleanPattern } from './elevation.js';
import { toldFailure } from '../ui/told.js';

type Measured = 'model' | 'prototype';

interface NewPieceForm {
  name: string;
  template: string;
  substrate: string;
  scale: string;
  measured: Measured;
  /** In the workshop's unit for models or prototypes; NaN: left open. */
  length: number;
  width: number;
  height: number;
  count: number;
}

const LONGEST_MM = 2000;
const MOST_MODELS = 60;
const SIZES = [
  { name: 'length', mm: 'lengthMm', label: 'Length' },
  { name: 'width', mm: 'widthMm', label: 'Width' },
  { name: 'height', mm: 'heightMm', label: 'Height' },
] as const;

/** A piece from its kind: measured on the model or taken from the prototype; two lengths are enough. */
export function NewPieceDialog({ onClose }: { onClose: () => void }) {
  const navigate = useNavigate();
  const shown = useShown();
  const [save] = useSavePieceMutation();
  const { data: workshop } = useWorkshopQuery();
  const defaultsOf = (templateId: string): NewPieceForm => {
    const { substrate, size } = templateById(templateId);
    const [length, width, height] = [size.lengthMm, size.widthMm, size.heightMm].map((mm) => shown.figure(mm, 'length')) as [
      number,
      number,
      number,
    ];
    return { name: '', template: templateId, substrate, scale: '76', measured: 'model', length, width, height, count: 1 };
  };
  const { register, handleSubmit, reset, getValues, setValue, control, formState } = useForm<NewPieceForm>({
    defaultValues: defaultsOf('van'),
  });
  const { onChange: registerTemplate, ...template } = register('template');
  const form = useWatch({ control }) as NewPieceForm;
  const quantity = form.measured === 'model' ? 'length' : 'prototypeLength';
  /** What was typed, as millimetres of the model. */
  const modelMm = (figure: number, measured: Measured, scale: string): number =>
    measured === 'model' ? shown.si(figure, 'length') : shown.si(figure, 'prototypeLength') / Number(scale);
  const sizeOf = (given: NewPieceForm) =>
    completeSize(
      templateById(given.template),
      Object.fromEntries(SIZES.map(({ name, mm }) => [mm, given[name] > 0 ? modelMm(given[name], given.measured, given.scale) : 0])),
    );
  const given = SIZES.filter(({ name }) => form[name] > 0);
  const fits = (figure: number): boolean | string =>
    Number.isNaN(figure) || (figure > 0 && modelMm(figure, getValues('measured'), getValues('scale')) <= LONGEST_MM);
  const preview =
    given.length >= 2
      ? pieceFromTemplate(templateById(form.template), {
          id: 'preview',
          name: 'Preview',
          scaleRatio: Number(form.scale),
          size: sizeOf(form),
        })
      : null;
  const views = preview ? elevationsOf(preview) : [];

  const submit = handleSubmit(async (sent) => {
    const piece = pieceFromTemplate(templateById(sent.template), {
      id: nanoid(12),
      name: sent.name.trim(),
      scaleRatio: Number(sent.scale),
      size: sizeOf(sent),
      ...(isSubstrateId(sent.substrate) ? { substrate: sent.substrate } : {}),
    });
    piece.likeness = workshop?.workshop.schools.repeat === 'formula' ? 'alike' : 'own';
    if (sent.count > 1)
      piece.members = Array.from({ length: sent.count }, (_, i) => ({ id: nanoid(8), label: `No. ${String(i + 1)}`, differences: [] }));
    try {
      await save({ version: 0, piece }).unwrap();
      await navigate(`/pieces/${piece.id}`);
    } catch (error) {
      toldFailure('The piece was not made', error);
    }
  });

  /** The same lengths told the other way. */
  const measure = (measured: Measured) => {
    const before = getValues();
    for (const { name } of SIZES) {
      if (!(before[name] > 0)) continue;
      const mm = modelMm(before[name], before.measured, before.scale);
      setValue(name, measured === 'model' ? shown.figure(mm, 'length') : shown.figure(mm * Number(before.scale), 'prototypeLength'));
    }
    setValue('measured', measured);
  };

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
        <Field label="Name" className="col-span-4" error={formState.errors.name ? 'Allowed: a name of 1–120 characters' : undefined}>
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
          error={formState.errors.count ? `Allowed: whole numbers 1–${String(MOST_MODELS)}` : undefined}
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
        <Field label="Kind" className="col-span-3">
          {(ids) => (
            <select
              {...ids}
              className="field"
              {...template}
              onChange={(event) => {
                void registerTemplate(event);
                const { name, scale, count } = getValues();
                reset({ ...defaultsOf(event.target.value), name, scale, count });
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
        <SelectField
          label="Measured on"
          className="col-span-3"
          value={form.measured}
          options={[
            { id: 'model', name: 'the model' },
            { id: 'prototype', name: 'the prototype' },
          ]}
          onChange={measure}
        />
        {SIZES.map(({ name, label }) => (
          <Field
            key={name}
            label={`${label} (${shown.unit(quantity)})`}
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
        {given.length < 2 && (
          <p role="alert" className="col-span-6 text-[0.8125rem] font-semibold text-brick">
            Two of the three lengths are needed.
          </p>
        )}
        {preview && (
          <div className="col-span-6 flex min-h-28 flex-wrap items-end gap-4 border border-line bg-paper p-2">
            <KeepCleanPattern />
            {views.map((view) => (
              <Elevation
                key={view.id}
                piece={preview}
                view={view}
                views={views}
                mmPerPx={scaleFor(views, 210, 90)}
                selected={[]}
                tint={() => null}
              />
            ))}
          </div>
        )}
        <div className="col-span-6 flex justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button look="ink" type="submit" disabled={formState.isSubmitting || given.length < 2}>
            Make it
          </Button>
        </div>
      </form>
    </Dialog>
  );
}
