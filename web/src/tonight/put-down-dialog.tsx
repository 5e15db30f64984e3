import { membersOf, type Piece } from '@eveningtide/core/subjects';
import type { Job } from '@eveningtide/core/tonight';
import { useState } from 'react';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { NumberField } from '../ui/number-field.js';

interface PutDownDialogProps {
  job: Job;
  piece: Piece;
  /** In coats from the beginning of the step. */
  onPut: (to: number) => void;
  onClose: () => void;
}

const PARTS = [
  { name: 'a quarter', share: 0.25 },
  { name: 'half', share: 0.5 },
  { name: 'three quarters', share: 0.75 },
];

/** As far as the painter has come with a step that is put down: the rest is planned for later. */
export function PutDownDialog({ job, piece, onPut, onClose }: PutDownDialogProps) {
  const coat = job.coat - 1;
  const already = job.part.from - coat;
  const [pct, setPct] = useState<number | null>(null);
  const members = piece.members.length > 1 ? membersOf(job.step, piece) : [];
  const put = (share: number): void => {
    onPut(coat + share);
    onClose();
  };
  const choices = [
    ...members.slice(0, -1).map(({ label }, i) => ({ name: label, share: (i + 1) / members.length })),
    ...(members.length === 0 ? PARTS : []),
    { name: job.coats > 1 ? 'all of this coat' : 'all of it', share: 1 },
  ].filter(({ share }) => share > already + 1e-6);
  return (
    <Dialog
      title="Put it down here"
      note="How far have you come? What is left is planned again, with its minutes."
      open
      onOpenChange={(isOpen) => {
        if (!isOpen) onClose();
      }}
    >
      <div role="group" aria-label="As far as" className="grid grid-cols-2 gap-2">
        {choices.map(({ name, share }, i) => (
          <button
            key={name}
            type="button"
            // no keyboard comes up on a tablet
            {...(i === 0 ? { 'data-first': true } : {})}
            className="min-h-14 rounded-sm border-2 border-ink px-3 text-xl font-semibold"
            onClick={() => {
              put(share);
            }}
          >
            {share === 1 || members.length === 0 ? name : `as far as ${name}`}
          </button>
        ))}
      </div>
      <div className="mt-4 flex items-end gap-2">
        <NumberField label="Or so much of it, %" value={pct} min={Math.floor(already * 100) + 1} max={100} whole onChange={setPct} />
        <Button
          disabled={pct === null}
          onClick={() => {
            if (pct !== null) put(pct / 100);
          }}
        >
          So far
        </Button>
      </div>
    </Dialog>
  );
}
