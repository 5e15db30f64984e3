import { displayActions } from '../store/display.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { Check } from '../ui/check.js';
import { Dialog } from '../ui/dialog.js';
import { KEYS } from './key-names.js';

export function KeyList({ onClose }: { onClose: () => void }) {
  const dispatch = useAppDispatch();
  const { singleKeys } = useAppSelector((state) => state.display);
  return (
    <Dialog
      title="Keys"
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      {KEYS.map(({ where, keys }) => (
        <section key={where} className="mb-3">
          <h3 className="border-b border-line pb-1 font-semibold">{where}</h3>
          <dl>
            {keys.map(({ press, does }) => (
              <div key={press} className="grid grid-cols-[12rem_1fr] gap-3 py-0.5">
                <dt className="figures">{press}</dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
      <Check
        checked={singleKeys}
        onChange={(on) => {
          dispatch(displayActions.singleKeysSet(on));
        }}
      >
        ? and / work without Control
        <span className="block text-[0.8125rem] text-ink-3">Switch them off if you dictate or use switches.</span>
      </Check>
    </Dialog>
  );
}
