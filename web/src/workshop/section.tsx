import type { Workshop } from '@eveningtide/core/schedule';
import { useId, type ReactNode } from 'react';
import type { WorkshopEditor } from './use-workshop.js';

/** What every section gets: the workshop as it stands, and a way to change it. */
export interface SectionProps {
  workshop: Workshop;
  change: WorkshopEditor['change'];
}

export function Section({ title, note, children }: { title: string; note?: string; children: ReactNode }) {
  const id = useId();
  return (
    <section aria-labelledby={id} className="mb-4 break-inside-avoid border border-line-strong bg-paper px-4 py-3">
      <h3 id={id} className="text-lg font-semibold">
        {title}
      </h3>
      {note && <p className="mb-2 text-[0.8125rem] text-ink-2">{note}</p>}
      {children}
    </section>
  );
}

/** Sections that belong together, found by the list at the top of the page. */
export function SectionGroup({ id, title, children }: { id: string; title: string; children: ReactNode }) {
  return (
    <div id={id} className="pt-3">
      <h2 className="mb-2 border-b border-line-strong text-xl font-semibold">{title}</h2>
      <div className="columns-1 gap-4 @min-[56rem]:columns-2">{children}</div>
    </div>
  );
}
