import { hexOfLab } from '@eveningtide/core/colour';
import { colourShown } from '@eveningtide/core/matching';
import { useState } from 'react';
import { useSaveMixMutation, type StoredMix } from '../store/api.js';
import { Button } from '../ui/button.js';
import { ColourField } from '../ui/colour-field.js';
import { Dialog } from '../ui/dialog.js';
import { SelectField } from '../ui/select-field.js';
import { Swatch } from '../ui/swatch.js';
import { notifyFailure, notifyWithUndo } from '../ui/notify.js';
import { MeterField } from './meter-field.js';
import { useBench } from './use-bench.js';

const WAYS = [
  { id: 'eye', name: 'by eye, in daylight' },
  { id: 'meter', name: 'by the colour meter' },
] as const;

/** What a mix really dried to: judged by eye or read by the meter, it takes the place of what was reckoned. */
export function MixColourDialog({ stored: { mix, version }, onClose }: { stored: StoredMix; onClose: () => void }) {
  const { supplies } = useBench();
  const [save, { isLoading }] = useSaveMixMutation();
  const [way, setWay] = useState<(typeof WAYS)[number]['id']>('eye');
  const [colour, setColour] = useState(mix.colour ?? colourShown(mix, supplies) ?? '#888888');
  const keep = async (next: string | null): Promise<void> => {
    try {
      const after = await save({ version, mix: { ...mix, colour: next } }).unwrap();
      notifyWithUndo(next === null ? `${mix.name} shows what is calculated` : `${mix.name} shows what it dried to`, () =>
        save({ version: after.version, mix }).unwrap(),
      );
      onClose();
    } catch (error) {
      notifyFailure('The colour was not kept', error);
    }
  };
  return (
    <Dialog title={`What ${mix.name} dried to`} note="Lay a trial, let it dry, look in daylight." open onOpenChange={onClose}>
      <SelectField label="Judged" value={way} options={WAYS} onChange={setWay} />
      <div className="mt-3 grid grid-cols-3 gap-3">
        {way === 'meter' ? (
          <MeterField
            onChange={({ lab }) => {
              setColour(hexOfLab(lab));
            }}
          />
        ) : (
          <ColourField label="Colour" value={colour} onChange={setColour} />
        )}
      </div>
      <p className="mt-3 flex items-center gap-2">
        <Swatch colour={colour} size={22} /> <span className="figures">{colour}</span>
      </p>
      <div className="mt-4 flex flex-wrap gap-2">
        <Button look="ink" disabled={isLoading} onClick={() => void keep(colour)}>
          Save
        </Button>
        {mix.colour !== null && (
          <Button disabled={isLoading} onClick={() => void keep(null)}>
            As calculated again
          </Button>
        )}
      </div>
    </Dialog>
  );
}
