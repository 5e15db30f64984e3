import { X } from 'lucide-react';
import { Dialog as Radix } from 'radix-ui';
import { useRef, type ReactNode } from 'react';

/** On paper it lies like any other text; index.css takes the page away. */
const PRINTED_ALONE =
  'printed-alone print:static print:max-h-none print:w-auto print:translate-x-0 print:translate-y-0 print:border-0 print:p-0';

const TO_FILL_IN = 'input:not([tabindex="-1"]), select, textarea';

/** A dialog with a title, closed by Escape, by its cross and by a click outside. */
export function Dialog({
  title,
  note,
  open,
  onOpenChange,
  printable = false,
  wide = false,
  children,
}: {
  title: string;
  note?: string;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  /** Printed, it stands on the paper alone. */
  printable?: boolean;
  /** For what is chosen by pictures. */
  wide?: boolean;
  children: ReactNode;
}) {
  const body = useRef<HTMLDivElement>(null);
  const opener = useRef<HTMLElement | null>(null);
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Portal>
        <Radix.Overlay className="no-print fixed inset-0 z-20 bg-black/40" />
        <Radix.Content
          className={`${printable ? PRINTED_ALONE : ''} fixed top-1/2 left-1/2 z-30 max-h-[90vh] ${wide ? 'w-[min(46rem,94vw)]' : 'w-[min(35rem,94vw)]'} -translate-x-1/2 -translate-y-1/2 overflow-auto rounded-sm border border-line-strong bg-page p-5`}
          {...(note ? {} : { 'aria-describedby': undefined })}
          onOpenAutoFocus={(event) => {
            opener.current = document.activeElement instanceof HTMLElement ? document.activeElement : null;
            // to what is marked, to the first thing to fill in, else to press, not to the cross
            const first =
              body.current?.querySelector<HTMLElement>('[data-first]') ??
              body.current?.querySelector<HTMLElement>(TO_FILL_IN) ??
              body.current?.querySelector<HTMLElement>('button, a[href]');
            if (!first) return;
            event.preventDefault();
            first.focus();
          }}
          onCloseAutoFocus={(event) => {
            // no button of the dialog's own opened it: back to whatever did
            event.preventDefault();
            if (opener.current?.isConnected) opener.current.focus();
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
          <div ref={body}>{children}</div>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
