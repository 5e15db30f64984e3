import { SUBSTRATES, TEMPLATES, isSubstrateId, pieceFromTemplate, templateById } from '@eveningtide/core/subjects';
import { SCALES } from '@eveningtide/core/units';
import { nanoid } from '@reduxjs/toolkit';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { refusalOf, useSavePieceMutation } from '../store/api.js';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { Field } from '../ui/field.js';

interface NewPieceForm {
  name: string;
  template: string;
  substrate: string;
  scale: string;
  lengthMm: number;
  widthMm: number;
  heightMm: number;
}

const LONGEST_MM = 2000;
const SIZES = [
  { name: 'lengthMm', label: 'Length (mm)' },
  { name: 'widthMm', label: 'Width (mm)' },
  { name: 'heightMm', label: 'Height (mm)' },
] as const;

const formOf = (templateId: string): NewPieceForm => {
  const { substrate, size } = templateById(templateId);
  return { name: '', template: templateId, substrate, scale: '76', ...size };
};

export function NewPieceDialog({ onClose }: { onClose: () => void }) {
  const navigate = useNavigate();
  const [save] = useSavePieceMutation();
  const { register, handleSubmit, reset, getValues, formState } = useForm<NewPieceForm>({ defaultValues: formOf('van') });
  const { onChange: registerTemplate, ...template } = register('template');

  const submit = handleSubmit(async (form) => {
    const { lengthMm, widthMm, heightMm, substrate } = form;
    const piece = pieceFromTemplate(templateById(form.template), {
      id: nanoid(12),
      name: form.name.trim(),
      scaleRatio: Number(form.scale),
      size: { lengthMm, widthMm, heightMm },
      ...(isSubstrateId(substrate) ? { substrate } : {}),
    });
    try {
      await save({ version: 0, piece }).unwrap();
      await navigate(`/pieces/${piece.id}`);
    } catch (error) {
      toast.error('The piece was not made', { description: refusalOf(error)?.data.message ?? 'The server does not answer.' });
    }
  });

  return (
    <Dialog
      title="New piece"
      note="The kind brings its zones; three outer lengths of the model give their areas."
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
        <Field label="Name" className="col-span-6" error={formState.errors.name ? 'Allowed: a name of 1–120 characters' : undefined}>
          {(ids) => (
            <input
              {...ids}
              autoComplete="off"
              maxLength={120}
              className="field"
              {...register('name', { validate: (value) => value.trim().length > 0 })}
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
                reset({ ...formOf(event.target.value), name: getValues('name'), scale: getValues('scale') });
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
        <div className="col-span-3" />
        {SIZES.map(({ name, label }) => (
          <Field
            key={name}
            label={label}
            className="col-span-2"
            error={formState.errors[name] ? `Allowed: above 0, up to ${String(LONGEST_MM)}` : undefined}
          >
            {(ids) => (
              <input
                {...ids}
                type="number"
                step="0.1"
                className="field figures"
                {...register(name, { valueAsNumber: true, validate: (value) => value > 0 && value <= LONGEST_MM })}
              />
            )}
          </Field>
        ))}
        <div className="col-span-6 flex justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button look="ink" type="submit" disabled={formState.isSubmitting}>
            Make it
          </Button>
        </div>
      </form>
    </Dialog>
  );
}
