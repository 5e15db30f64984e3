import type { ReactNode } from 'react';

/** What only a stand-in has: there is nothing real before it, so it is told what to have there. */
export function StandIn({ children }: { children: ReactNode }) {
  return (
    <fieldset className="mt-2 border border-dashed border-line-strong px-2 pb-2">
      <legend className="px-1 text-[0.8125rem] text-ink-2">Simulated, no real device: say what is before it</legend>
      <div className="flex flex-wrap items-end gap-2">{children}</div>
    </fieldset>
  );
}
