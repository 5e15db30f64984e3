import type { ReactNode } from 'react';

/** Said while something loads; quiet enough not to flash. */
export function Loading({ what }: { what: string }) {
  return (
    <p role="status" className="p-6 text-ink-2">
      Fetching {what} …
    </p>
  );
}

export function Failed({ what, onRetry }: { what: string; onRetry: () => void }) {
  return (
    <div role="alert" className="m-6 max-w-prose border-l-4 border-brick bg-paper p-4">
      <p className="font-semibold">Could not read {what}.</p>
      <p className="text-ink-2">
        The Eveningtide server on this machine does not answer. Start it again, then press the button; nothing you typed is lost.
      </p>
      <button type="button" onClick={onRetry} className="mt-2 rounded-sm border border-line-strong px-3 py-1 font-semibold hover:bg-ground">
        Try again
      </button>
    </div>
  );
}

/** An empty place that says what belongs there. */
export function Empty({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="m-6 max-w-prose border border-dashed border-line-strong p-6">
      <p className="text-lg font-semibold">{title}</p>
      <div className="mt-1 text-ink-2">{children}</div>
    </div>
  );
}
