import { recipesFor } from '@eveningtide/core/effects';
import { BY_WISHES, EMPTY, type NewPieceAbout } from './new-piece-form.js';

/** What it should look like: a recipe, whose sequence is laid down at once, wishes to be told next, or nothing yet. */
export function LooksFields({ about: { form, preview } }: { about: NewPieceAbout }) {
  const { register } = form;
  const choices = [
    { id: EMPTY, name: 'No steps yet', shows: 'You lay them down, by hand or typed.' },
    { id: BY_WISHES, name: 'By wishes', shows: 'Tell its story or choose effects; the order is worked out.' },
    ...(preview ? recipesFor(preview) : []),
  ];
  return (
    <fieldset className="col-span-6">
      <legend className="mb-1 text-[0.8125rem] text-ink-2">What it should look like (all of it can be changed later)</legend>
      <div className="grid grid-cols-3 gap-2 max-[40rem]:grid-cols-1">
        {choices.map(({ id, name, shows }) => (
          <label
            key={id}
            className="flex cursor-pointer items-start gap-2 rounded-sm border border-line bg-paper px-2 py-1.5 has-checked:border-ink has-checked:bg-field"
          >
            <input type="radio" value={id} className="mt-1" aria-label={name} {...register('start')} />
            <span className="leading-tight">
              <span className="font-semibold">{name}</span>
              <span className="block text-[0.8125rem] text-ink-2">{shows}</span>
            </span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}
