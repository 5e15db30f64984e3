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
      {isPainted && (
        <Check
          className="self-end pb-1"
          checked={answers.comesWorn}
          onChange={(comesWorn) => {
            setValue('comesWorn', comesWorn);
          }}
        >
          weathered already
        </Check>
      )}
      {isPainted && (
        <Check
          className="self-end pb-1"
          checked={answers.repaint}
          onChange={(repaint) => {
            setValue('repaint', repaint);
          }}
        >
          repaint it
        </Check>
      )}
      <Check
        className="self-end pb-1"
        checked={answers.comesClean}
        onChange={(comesClean) => {
          setValue('comesClean', comesClean);
        }}
      >
        washed already
      </Check>
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
