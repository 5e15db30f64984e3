import { RECIPES } from '@eveningtide/core/effects';
import { LONGEST_NAME } from '@eveningtide/core/limits';
import { LIKENESSES, type Likeness, type Beginning } from '@eveningtide/core/subjects';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { useWorkshopQuery } from '../store/api.js';
import { useUsualScale } from '../store/usual-scale.js';
import { Button } from '../ui/button.js';
import { Field } from '../ui/field.js';
import { notifyFailure } from '../ui/notify.js';
import { ASKS_WHAT_IS_ON_IT } from './asks-what-is-on-it.js';
import { ComesFields } from './new-piece-comes.js';
import { BY_WISHES, MOST_MODELS, useNewPiece } from './new-piece-form.js';
import { LooksFields } from './new-piece-looks.js';
import { SizeFields } from './new-piece-size.js';
import { Silhouette } from '../looks/silhouette.js';
import { useMakePiece } from './use-make-piece.js';

const LIKENESS_WORDS: Record<Likeness, string> = { alike: 'all alike', own: 'each its own' };

interface NewPieceFieldsProps {
  beginning: Beginning;
  onOtherKind: () => void;
  onClose: () => void;
}

/** What is asked of a new piece. */
export function NewPieceFields({ beginning, onOtherKind, onClose }: NewPieceFieldsProps) {
  const navigate = useNavigate();
  const { data: workshop } = useWorkshopQuery();
  const make = useMakePiece();
  const [photos, setPhotos] = useState<readonly File[]>([]);
  const about = useNewPiece(beginning, {
    scaleRatio: useUsualScale(),
    likeness: workshop?.workshop.schools.repeat === 'formula' ? 'alike' : null,
  });
  const { form, answers, isEnough, preview, made } = about;
  const { register, handleSubmit, formState, setFocus } = form;
  useEffect(() => {
    // what stands there is typed over
    setFocus('name', { shouldSelect: true });
  }, [setFocus]);
  const { errors, isSubmitting } = formState;

  const submit = handleSubmit(async (sent) => {
    try {
      const recipe = RECIPES.find(({ id }) => id === sent.start) ?? null;
      const bodyColour = sent.comes !== 'painted' || sent.repaint ? sent.bodyColour : null;
      const piece = await make({ piece: made(sent), recipe, bodyColour, photos });
      const asks = sent.comes === 'painted' && sent.comesWorn;
      await navigate(`/pieces/${piece.id}${sent.start === BY_WISHES && !asks ? '/wishes' : ''}`, {
        state: asks ? ASKS_WHAT_IS_ON_IT : null,
      });
    } catch (error) {
      notifyFailure('The piece was not created', error);
    }
  });

  return (
    <form
      noValidate
      onSubmit={(event) => {
        void submit(event);
      }}
      className="grid grid-cols-6 gap-3"
    >
      <div className="col-span-6 flex flex-wrap items-center gap-4 border border-line bg-paper px-3 py-2">
        {preview && <Silhouette piece={preview} widthPx={150} heightPx={64} />}
        <p className="font-semibold">{beginning.name}</p>
        <Button small className="ml-auto" onClick={onOtherKind}>
          Another kind
        </Button>
      </div>
      <Field
        label="Name"
        className="col-span-3"
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
      <Field label="How many" className="col-span-1" error={errors.count ? `Allowed: whole numbers 1–${String(MOST_MODELS)}` : undefined}>
        {(ids) => (
          <input
            {...ids}
            type="number"
            className="field figures"
            {...register('count', { valueAsNumber: true, validate: (n) => Number.isInteger(n) && n >= 1 && n <= MOST_MODELS })}
          />
        )}
      </Field>
      {answers.count > 1 && (
        <Field label="As a batch" className="col-span-2">
          {(ids) => (
            <select {...ids} className="field" {...register('likeness')}>
              {LIKENESSES.map((id) => (
                <option key={id} value={id}>
                  {LIKENESS_WORDS[id]}
                </option>
              ))}
            </select>
          )}
        </Field>
      )}
      <SizeFields about={about} />
      <ComesFields about={about} />
      <LooksFields about={about} />
      <Field label="Photographs (of the model, or of the real thing)" className="col-span-6">
        {(ids) => (
          <input
            {...ids}
            type="file"
            accept="image/*"
            multiple
            className="field"
            onChange={(event) => {
              setPhotos([...(event.target.files ?? [])]);
            }}
          />
        )}
      </Field>
      <div className="sticky bottom-[-1.25rem] col-span-6 -mx-5 -mb-5 flex justify-end gap-2 border-t border-line bg-page px-5 py-3">
        <Button onClick={onClose}>Cancel</Button>
        <Button look="ink" type="submit" disabled={isSubmitting || !isEnough}>
          {isSubmitting ? 'Creating …' : 'Create'}
        </Button>
      </div>
    </form>
  );
}
