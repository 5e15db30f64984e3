import { X } from 'lucide-react';
import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

/** On paper it lies like any other text; index.css takes the page away. */
const PRINTED_ALONE =
  'printed-alone print:static print:max-h-none print:w-auto print:translate-x-0 print:translate-y-0 print:border-0 print:p-0';

/** A dialog with a title, closed by Escape, by its cross and by a click outside. */
export function Dialog({
  title,
  note,
  open,
  onOpenChange,
  printable = false,
  children,
}: {
  title: string;
  note?: string;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  /** Printed, it stands on the paper alone. */
  printable?: boolean;
  children: ReactNode;
}) {
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Portal>
        <Radix.Overlay className="no-print fixed inset-0 z-20 bg-black/40" />
        <Radix.Content
          className={`${printable ? PRINTED_ALONE : ''} fixed top-1/2 left-1/2 z-30 max-h-[90vh] w-[min(35rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-auto rounded-sm border border-line-strong bg-page p-5`}
          {...(note ? {} : { 'aria-describedby': undefined })}
          onOpenAutoFocus={(event) => {
            // to the first thing to fill in, not to the cross
            const first = (event.currentTarget as HTMLElement).querySelector<HTMLElement>('input, select, textarea');
            if (!first) return;
            event.preventDefault();
            first.focus();
          }}
        >
          <div className="mb-3 flex items-start justify-between gap-4">
            <div>
              <Radix.Title className="text-xl font-semibold">{title}</Radix.Title>
              {note && <Radix.Description className="text-ink-2">{note}</Radix.Description>}
            </div>
            <Radix.Close aria-label="Close" className="no-print rounded-sm p-1 hover:bg-ground">
              <X size={18} aria-hidden="true" />
            </Radix.Close>
          </div>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
