import type { Technique } from '@eveningtide/core/techniques';
import { BODY, SURFACE } from '../terms/surface-profile.js';

/** Width of the line that a full coat is drawn with. */
const FULL_PX = 7;

/** Where a technique leaves its paint: in recesses, on the face, on edges; the more, the thicker. */
export function DepositDrawing({ technique: { name, deposit }, widthPx = 160 }: { technique: Technique; widthPx?: number }) {
  const line = (share: number): number => Math.sqrt(Math.max(0, share)) * FULL_PX;
  const parts = ['recess', 'face', 'crest'] as const;
  return (
    <svg
      viewBox="0 0 160 72"
      width={widthPx}
      height={(widthPx * 72) / 160}
      role="img"
      aria-label={`Where ${name.toLowerCase()} leaves its paint`}
      className="block max-w-full"
    >
      {parts.map(
        (part) =>
          deposit[part] > 0 && (
            <path key={part} d={SURFACE[part]} fill="none" stroke="var(--color-tide)" strokeWidth={2 * line(deposit[part])} />
          ),
      )}
      {/* the piece itself covers the inner half of each line */}
      <path d={BODY} fill="var(--color-cut)" stroke="var(--color-ink-3)" strokeWidth={0.75} />
    </svg>
  );
}
