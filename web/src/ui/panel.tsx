import type { ReactNode } from 'react';

/** A part of the column beside a view that can be folded away. */
export function Panel({ title, aside, open = true, children }: { title: string; aside?: ReactNode; open?: boolean; children: ReactNode }) {
  return (
    <details open={open} className="group border-b border-line-strong px-4 py-2.5">
      <summary className="flex list-none items-baseline justify-between gap-3 [&::-webkit-details-marker]:hidden">
        <h2 className="font-semibold before:mr-1.5 before:inline-block before:text-ink-3 before:content-['▸'] group-open:before:rotate-90">
          {title}
        </h2>
        {aside}
      </summary>
      <div className="mt-2">{children}</div>
    </details>
  );
}

export function Row({ what, children }: { what: ReactNode; children: ReactNode }) {
  return (
    <div className="flex justify-between gap-3 py-0.5">
      <dt className="text-ink-2">{what}</dt>
      <dd className="text-right font-semibold">{children}</dd>
    </div>
  );
}

export function Heading({ children }: { children: ReactNode }) {
  return <h3 className="mt-4 mb-1 border-b border-line pb-1 font-semibold first:mt-0">{children}</h3>;
}
