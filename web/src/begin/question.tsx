import type { ReactNode } from 'react';

/** One question with its answers. */
export function Question({ number, title, children }: { number: number; title: string; children: ReactNode }) {
  return (
    <fieldset className="min-w-0 border border-line bg-paper px-4 pt-2 pb-4">
      <legend className="px-1 font-semibold">
        <span className="figures text-ink-2">{number}</span> {title}
      </legend>
      {children}
    </fieldset>
  );
}
