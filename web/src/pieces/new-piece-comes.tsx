import { COMES, SHEENS, type Comes } from '@eveningtide/core/subjects';
import { Check } from '../ui/check.js';
import { ColourField } from '../ui/colour-field.js';
import { SelectField } from '../ui/select-field.js';
import type { NewPieceAbout } from './new-piece-form.js';

const COMES_WORDS: Record<Comes, string> = {
  bare: 'bare: as cast or moulded',
  primed: 'primed',
  painted: 'painted already',
};
const COATS = SHEENS.filter((sheen) => sheen !== 'bare').map((id) => ({ id, name: id }));

/** How the whole piece comes, and the colour it is to have. */
export function ComesFields({ about: { form, answers, come } }: { about: NewPieceAbout }) {
  const { setValue } = form;
  const isPainted = answers.comes === 'painted';
  const tick = (field: 'comesWorn' | 'repaint' | 'comesClean', words: string) => (
    <Check
      checked={answers[field]}
      onChange={(on) => {
        setValue(field, on);
      }}
    >
      {words}
    </Check>
  );
  return (
    <div className="col-span-6 grid grid-cols-6 gap-3 max-[40rem]:grid-cols-2">
      <SelectField
        label="As it comes"
        className="col-span-2"
        value={answers.comes}
        options={COMES.map((id) => ({ id, name: COMES_WORDS[id] }))}
        onChange={come}
      />
      {answers.comes !== 'bare' && (
        <>
          <ColourField
            label={isPainted ? 'Its paint now' : 'Its primer'}
            value={answers.comesColour}
            onChange={(colour) => {
              setValue('comesColour', colour);
            }}
          />
          <SelectField
            label="Sheen now"
            value={answers.comesSheen}
            options={COATS}
            onChange={(sheen) => {
              setValue('comesSheen', sheen);
            }}
          />
        </>
      )}
      <div className="col-span-6 flex flex-wrap gap-x-6 max-[40rem]:col-span-2">
        {isPainted && tick('comesWorn', 'weathered already')}
        {isPainted && tick('repaint', 'repaint it')}
        {tick('comesClean', 'washed already')}
      </div>
      {(!isPainted || answers.repaint) && (
        <ColourField
          label="Colour to be"
          value={answers.bodyColour}
          onChange={(colour) => {
            setValue('bodyColour', colour);
          }}
        />
      )}
    </div>
  );
}
