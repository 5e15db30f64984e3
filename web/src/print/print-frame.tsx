import { ArrowLeft, Printer } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Button } from '../ui/button.js';
import { TextSizeField } from '../ui/text-size-field.js';

/** A sheet as it will be printed, with what is chosen for it above. */
export function PrintFrame({ name, choices, children }: { name: string; choices?: ReactNode; children: ReactNode }) {
  return (
    <main className="p-4 print:p-0">
      <h1 className="sr-only">{name}</h1>
      <div className="no-print mb-3 flex flex-wrap items-end gap-x-5 gap-y-2 border-b border-line-strong pb-3">
        <Link to="/print" className="mr-auto inline-flex min-h-8 items-center gap-1 underline">
          <ArrowLeft size={15} aria-hidden="true" /> All that can be printed
        </Link>
        {choices}
        <TextSizeField />
        <Button
          look="ink"
          onClick={() => {
            window.print();
          }}
        >
          <Printer size={17} aria-hidden="true" /> Print
        </Button>
      </div>
      {children}
    </main>
  );
}
