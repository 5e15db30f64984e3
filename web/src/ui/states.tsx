import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Button, buttonClass } from './button.js';

const STROKE = { fill: 'none', stroke: 'currentColor', strokeWidth: 1.5, strokeLinecap: 'round', strokeLinejoin: 'round' } as const;

/** Something is on its way: the wedge of drying paint, running out. */
export function Loading({ what }: { what: string }) {
  return (
    <div role="status" className="flex items-center gap-4 p-6 text-ink-2">
      <svg width={96} height={20} viewBox="0 0 96 20" aria-hidden="true" className="text-tide">
        <path d="M0 16V2Q28 12 96 16Z" className="origin-left fill-wet motion-safe:animate-pulse" />
        <path d="M0 16H96M84 3v14" {...STROKE} />
      </svg>
      <span>Fetching {what} …</span>
    </div>
  );
}

/** The server does not answer: a jar with its lid on. */
export function Failed({ what, onRetry }: { what: string; onRetry: () => void }) {
  return (
    <div role="alert" className="m-6 flex max-w-prose gap-5 border-l-4 border-brick bg-paper p-4">
      <svg width={56} height={64} viewBox="0 0 56 64" aria-hidden="true" className="shrink-0 text-ink-3">
        <path d="M12 14h32v6H12zM14 20q-4 4-4 10v24q0 4 4 4h28q4 0 4-4V30q0-6-4-10" {...STROKE} />
        <path d="M20 34l16 16M36 34L20 50" {...STROKE} className="text-brick" />
      </svg>
      <div>
        <p className="text-lg font-semibold">Could not read {what}.</p>
        <p className="mb-3 text-ink-2">
          The Eveningtide server on this machine does not answer. Start it again, then press the button; nothing you typed is lost.
        </p>
        <Button onClick={onRetry}>Try again</Button>
      </div>
    </div>
  );
}

interface EmptyProps {
  title: string;
  children: ReactNode;
  /** Where it is filled from. */
  go?: { to: string; words: string };
}

/** An empty place that says what belongs there, and leads to where it comes from: an empty bench under its lamp. */
export function Empty({ title, children, go }: EmptyProps) {
  return (
    <div className="m-6 flex max-w-prose items-start gap-5 border border-dashed border-line-strong p-6">
      <svg width={72} height={60} viewBox="0 0 72 60" aria-hidden="true" className="shrink-0 text-ink-3">
        <path d="M4 52h64M10 52v6M62 52v6" {...STROKE} />
        <path d="M16 52V22l12-12 10 8M28 10l-4-4" {...STROKE} />
        <path d="M34 14l12 10-8 2z" {...STROKE} className="text-ink-2" />
        <path d="M36 30L28 48h26L44 26z" className="fill-lamp" opacity={0.25} />
      </svg>
      <div>
        <p className="text-lg font-semibold">{title}</p>
        <div className="mt-1 text-ink-2">{children}</div>
        {go && (
          <Link to={go.to} className={`no-print mt-3 ${buttonClass({ look: 'ink' })}`}>
            {go.words}
          </Link>
        )}
      </div>
    </div>
  );
}
