import type { Technique } from '@eveningtide/core/techniques';

/** A cut through a surface: a groove at the left, a rounded edge at the right. */
const GROUND = 34;
const FACES = ['M0 34H36', 'M60 34H94', 'M134 34H160'] as const;
const GROOVE = 'M36 34V56Q36 60 40 60H56Q60 60 60 56V34';
const EDGE = 'M94 34V20Q94 8 106 8H122Q134 8 134 20V34';
/** Width of the line that a full coat is drawn with. */
const FULL_PX = 7;

/** Where a technique leaves its paint: in recesses, on the face, on edges; the more, the thicker. */
export function DepositDrawing({ technique: { name, deposit }, widthPx = 160 }: { technique: Technique; widthPx?: number }) {
  const line = (share: number): number => Math.sqrt(Math.max(0, share)) * FULL_PX;
  const parts = [
    { d: GROOVE, width: line(deposit.recess) },
    ...FACES.map((d) => ({ d, width: line(deposit.face) })),
    { d: EDGE, width: line(deposit.crest) },
  ];
  return (
    <svg
      viewBox="0 0 160 72"
      width={widthPx}
      height={(widthPx * 72) / 160}
      role="img"
      aria-label={`Where ${name.toLowerCase()} leaves its paint`}
      className="block max-w-full"
    >
      {parts.map(({ d, width }, i) => width > 0 && <path key={i} d={d} fill="none" stroke="var(--color-tide)" strokeWidth={2 * width} />)}
      {/* the piece itself covers the inner half of each line */}
      <path
        d={`M0 ${String(GROUND)}H36V56Q36 60 40 60H56Q60 60 60 56V34H94V20Q94 8 106 8H122Q134 8 134 20V34H160V72H0z`}
        fill="var(--color-cut)"
        stroke="var(--color-ink-3)"
        strokeWidth={0.75}
      />
    </svg>
  );
}
