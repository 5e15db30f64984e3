import { X } from 'lucide-react';
import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

/** A dialog with a title, closed by Escape, by its cross and by a click outside. */
export function Dialog({
  title,
  note,
  open,
  onOpenChange,
  children,
}: {
  title: string;
  note?: string;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  children: ReactNode;
}) {
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-20 bg-black/40" />
        <Radix.Content
          className="fixed top-1/2 left-1/2 z-30 max-h-[90vh] w-[min(35rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-auto rounded-sm border border-line-strong bg-page p-5"
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
            <Radix.Close aria-label="Close" className="rounded-sm p-1 hover:bg-ground">
              <X size={18} aria-hidden="true" />
            </Radix.Close>
          </div>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
