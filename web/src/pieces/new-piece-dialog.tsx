import type { Beginning } from '@eveningtide/core/subjects';
import { useState } from 'react';
import { Dialog } from '../ui/dialog.js';
import { KindPicker } from './kind-picker.js';
import { NewPieceFields } from './new-piece-fields.js';

/** A piece from its kind: chosen by its picture, then as much or as little as one likes is said of it. */
export function NewPieceDialog({ onClose }: { onClose: () => void }) {
  const [beginning, setBeginning] = useState<Beginning | null>(null);
  return (
    <Dialog
      title="New piece"
      note={
        beginning === null
          ? 'Choose what it is. Its zones come with it; sizes are asked next.'
          : 'Everything here has a usual answer; change what differs.'
      }
      wide
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      {beginning === null ? (
        <KindPicker onChoose={setBeginning} />
      ) : (
        <NewPieceFields
          beginning={beginning}
          onOtherKind={() => {
            setBeginning(null);
          }}
          onClose={onClose}
        />
      )}
    </Dialog>
  );
}
