import { Dialog } from '../ui/dialog.js';
import { Faults, type Refused } from '../ui/faults.js';

/** A file that was not taken, with each place and what is allowed there. */
export const RefusedDialog = ({ name, refused, onClose }: { name: string; refused: Refused; onClose: () => void }) => (
  <Dialog
    title={`${name} was refused`}
    note="Nothing was changed."
    open
    onOpenChange={(isOpen) => {
      if (!isOpen) onClose();
    }}
  >
    <Faults refused={refused} />
  </Dialog>
);
