import { newestOf, type Finish } from '@eveningtide/core/finishes';
import { useState } from 'react';
import { countWords } from '../ui/words.js';
import { useFinishesQuery } from '../store/api.js';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { ApplyFinishDialog } from './apply-finish-dialog.js';

/** Which of the saved finishes to put on a piece. */
export function ChooseFinishDialog({ pieceId, onClose }: { pieceId: string; onClose: () => void }) {
  const { data: finishes = [] } = useFinishesQuery();
  const [chosen, setChosen] = useState<Finish | null>(null);
  if (chosen) return <ApplyFinishDialog finish={chosen} onPieces={[pieceId]} onClose={onClose} />;
  return (
    <Dialog
      title="Put a finish on"
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      {finishes.length === 0 && <p className="text-ink-2">No finish is kept yet. Save one from a piece whose sequence is right.</p>}
      <ul className="divide-y divide-line border-y border-line">
        {finishes.map(({ finish }) => (
          <li key={finish.id} className="flex items-center justify-between gap-3 py-1.5">
            <span>
              <b className="font-semibold">{finish.name}</b>{' '}
              <span className="text-ink-2">
                {countWords(newestOf(finish).steps.length, 'step')}, from {newestOf(finish).fromPiece}
              </span>
            </span>
            <Button
              small
              aria-label={`Choose ${finish.name}`}
              onClick={() => {
                setChosen(finish);
              }}
            >
              Choose
            </Button>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
