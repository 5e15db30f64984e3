import { stepPaint } from '@eveningtide/core/sequence';
import type { Piece, Step } from '@eveningtide/core/subjects';
import { lazy, Suspense, useState } from 'react';
import { Button } from '../ui/button.js';
import { ColourField } from '../ui/colour-field.js';
import { Field } from '../ui/field.js';
import { SelectField } from '../ui/select-field.js';
import { useOnHand } from '../workers/outlook-context.js';

const PhotoColourDialog = lazy(async () => ({ default: (await import('./photo-colour-dialog.js')).PhotoColourDialog }));

const OWN = '';
const HEX = /^#[0-9a-f]{6}$/i;

/** The colour itself, whatever bottle it will come from: picked, typed, from a photograph, or as in another step. Without a bottle of that colour it is one to buy. */
export function StepColour({ piece, step, onChange }: { piece: Piece; step: Step; onChange: (patch: Partial<Step>) => void }) {
  const { supplies, mixes } = useOnHand();
  const [picking, setPicking] = useState(false);
  const [typed, setTyped] = useState<string | null>(null);
  const now = stepPaint(step, supplies, mixes)?.colour ?? '#888888';
  const others = [
    ...new Map(
      piece.steps.flatMap((other, i) => {
        const paint = other.id === step.id ? null : stepPaint(other, supplies, mixes);
        return paint ? [[paint.colour, { id: paint.colour, name: `step ${String(i + 1)}: ${paint.name}` }] as const] : [];
      }),
    ).values(),
  ];
  // a bottle or mix of that name has its own colour: what is told otherwise is another paint of the same kind
  const tell = (colour: string) => {
    onChange({ colour: colour.toLowerCase(), bottleId: null, mixId: null });
  };
  return (
    <>
      <ColourField label="Colour" value={now} onChange={tell} />
      <Field label="Hex" error={typed === null || HEX.test(typed) ? undefined : 'Allowed: # and six of 0–9, a–f'}>
        {(ids) => (
          <input
            {...ids}
            className="field figures"
            autoComplete="off"
            maxLength={7}
            value={typed ?? now}
            onChange={(event) => {
              setTyped(event.target.value);
              if (HEX.test(event.target.value)) tell(event.target.value);
            }}
            onBlur={() => {
              if (typed !== null && HEX.test(typed)) setTyped(null);
            }}
          />
        )}
      </Field>
      {others.length > 0 && (
        <SelectField
          label="Colour of"
          className="col-span-2"
          value={OWN}
          options={[{ id: OWN, name: step.bottleId === null ? 'this step alone' : 'its bottle' }, ...others]}
          onChange={(colour) => {
            if (colour !== OWN) tell(colour);
          }}
        />
      )}
      {piece.pictures.length > 0 && (
        <span className="self-end">
          <Button
            small
            onClick={() => {
              setPicking(true);
            }}
          >
            From a photograph …
          </Button>
        </span>
      )}
      <Suspense>
        {picking && (
          <PhotoColourDialog
            pictures={piece.pictures}
            onPick={(colour) => {
              tell(colour);
              setPicking(false);
            }}
            onClose={() => {
              setPicking(false);
            }}
          />
        )}
      </Suspense>
      {step.bottleId === null && step.mixId === null && step.colour !== null && (
        <p className="col-span-2 self-end pb-1 text-[0.8125rem] text-ink-3">Not bought yet: it stands under Shelf, Needs.</p>
      )}
    </>
  );
}
