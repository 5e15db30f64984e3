import { rareEveningH } from '@eveningtide/core/kept';
import { formatNumber } from '@eveningtide/core/units';
import { useState } from 'react';
import { useSaveWorkshopMutation, type StoredWorkshop } from '../store/api.js';
import { Ask } from '../ui/ask.js';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { EveningsForm, eveningsFault, type EveningsOf } from '../workshop/evenings-form.js';
import { notifyFailure } from '../ui/notify.js';

/** Which evenings there are. */
export function EveningsDialog({ stored, onClose }: { stored: StoredWorkshop; onClose: () => void }) {
  const [evenings, setEvenings] = useState<EveningsOf>({ weekly: stored.workshop.weekly, dates: stored.workshop.dates });
  const [asking, setAsking] = useState(false);
  const rare = rareEveningH(evenings);
  const [save] = useSaveWorkshopMutation();
  const keep = async () => {
    try {
      await save({ version: stored.version, workshop: { ...stored.workshop, ...evenings } }).unwrap();
      onClose();
    } catch (error) {
      notifyFailure('The evenings were not saved', error);
    }
  };
  return (
    <Dialog
      title="My evenings"
      note="The plan uses these hours and nothing else."
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <EveningsForm {...evenings} onChange={setEvenings} />
      <div className="flex justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <Button
          look="ink"
          disabled={eveningsFault(evenings) !== null}
          onClick={() => {
            if (rare !== null && rare !== rareEveningH(stored.workshop)) setAsking(true);
            else void keep();
          }}
        >
          Save
        </Button>
      </div>
      <Ask
        asked={
          asking && rare !== null
            ? {
                title: `An evening of ${formatNumber(rare, 1)} h?`,
                text: 'The plan would fill it. An evening that ends before it begins goes on over midnight.',
                yes: 'Yes, save',
              }
            : null
        }
        onAnswer={(yes) => {
          setAsking(false);
          if (yes) void keep();
        }}
      />
    </Dialog>
  );
}
