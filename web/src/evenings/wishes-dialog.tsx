import type { Wishes } from '@eveningtide/core/solver';
import { useState } from 'react';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { SelectField } from '../ui/select-field.js';
import { useKeepPlanning } from './use-keep-planning.js';

const WISHES: readonly { id: keyof Wishes; name: string; hint: string }[] = [
  { id: 'fewest', name: 'Fewest evenings', hint: 'Evenings are what is scarce: this comes first unless you say otherwise.' },
  { id: 'soonest', name: 'Finish soonest', hint: 'All done as early as it goes.' },
  { id: 'easy', name: 'Easy evenings', hint: 'None fuller than the others.' },
  { id: 'safe', name: 'On the safe side', hint: 'Time to spare before windows close and evenings end, for paint that dries slower.' },
];

const WEIGHTS = [
  { id: '0', name: 'does not matter' },
  { id: '1', name: 'matters a little' },
  { id: '3', name: 'matters' },
  { id: '9', name: 'matters most' },
] as const;
type Weight = (typeof WEIGHTS)[number]['id'];

const nearest = (value: number): Weight =>
  WEIGHTS.reduce((best, one) => (Math.abs(Number(one.id) - value) < Math.abs(Number(best.id) - value) ? one : best)).id;

/** What a plan is judged by, in plain words. What is broken or late always comes first. */
export function WishesDialog({ wishes, onClose }: { wishes: Wishes; onClose: () => void }) {
  const [now, setNow] = useState(wishes);
  const keep = useKeepPlanning();
  return (
    <Dialog
      title="What matters"
      note="No window missed and no date broken always comes first. Then:"
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <div className="grid gap-3 sm:grid-cols-2">
        {WISHES.map(({ id, name, hint }) => (
          <SelectField<Weight>
            key={id}
            label={name}
            hint={hint}
            value={nearest(now[id])}
            options={WEIGHTS}
            onChange={(weight) => {
              setNow({ ...now, [id]: Number(weight) });
            }}
          />
        ))}
      </div>
      <div className="mt-4 flex justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <Button
          look="ink"
          onClick={() => {
            // a kept plan was good by other wishes
            void keep(() => ({ wishes: now, kept: null }), 'Planned by what matters').then(onClose);
          }}
        >
          Plan by this
        </Button>
      </div>
    </Dialog>
  );
}
