import { acrossOf, type CutPoint, type Load, type LoadFacts } from '@eveningtide/core/loads';
import { THICKEST_STRIP_MM } from '@eveningtide/core/limits';
import { formatNumber } from '@eveningtide/core/units';
import { useId, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';

const path = (points: readonly CutPoint[]): string => `M${points.map(([x, y]) => `${x.toFixed(2)},${y.toFixed(2)}`).join('L')}Z`;

/** Room over the crest, for it to be dragged up, mm. */
const ROOM_MM = 4;
/** Thickness of a wagon's side in the drawing, mm. */
const WALL_MM = 1.2;

interface LoadSectionProps {
  load: Load;
  facts: LoadFacts;
  /** Its middle is dragged up or down, by hand or by the arrow keys: so high over the edge, or so deep below it. Left out: it stands as it is. */
  onOver?: (overMm: number) => void;
}

/** The load from the end, to scale: sides, former, and the grains over it. */
export function LoadSection({ load, facts, onOver }: LoadSectionProps) {
  const grainsId = useId();
  const { widthMm, depthMm, profile, grains } = load;
  const { surface, former } = acrossOf(load);
  // while it is dragged the drawing keeps its measure, or the ring would run from under the hand
  const [heldMm, setHeld] = useState<number | null>(null);
  const top = heldMm ?? Math.max(depthMm, ...surface.map(([, up]) => up)) + (onOver ? ROOM_MM : 0);
  const floor: CutPoint[] = [
    [widthMm, 0],
    [0, 0],
  ];
  const grainMm = Math.max(0.6, ...grains.map((one) => one.grainMm));
  const words = `Seen from the end: ${formatNumber(widthMm)} mm wide, ${formatNumber(depthMm)} mm to the edge, ${formatNumber(facts.crestMm, 1)} mm ${profile === 'hollow' ? 'hollow' : 'over it'}.`;
  return (
    <figure>
      <h1 className="hidden text-xl font-bold print:block">{load.name}</h1>
      <svg
        role={onOver ? 'group' : 'img'}
        aria-label={words}
        viewBox={`${String(-WALL_MM - 1)} ${String(-top - 1)} ${String(widthMm + 2 * WALL_MM + 2)} ${String(top + WALL_MM + 2)}`}
        className="max-h-56 w-full border border-line bg-paper [print-color-adjust:exact]"
      >
        <defs>
          <pattern id={grainsId} width={grainMm * 1.5} height={grainMm * 1.3} patternUnits="userSpaceOnUse">
            <circle cx={grainMm * 0.4} cy={grainMm * 0.35} r={grainMm * 0.42} className="fill-ink-2" />
            <circle cx={grainMm * 1.12} cy={grainMm * 0.95} r={grainMm * 0.36} className="fill-ink-3" />
          </pattern>
        </defs>
        <g transform="scale(1 -1)">
          <path d={path([...surface, ...floor])} fill={`url(#${grainsId})`} className="stroke-ink" strokeWidth={0.25} />
          {former && <path d={path([...former, ...floor])} className="fill-field stroke-ink-3" strokeWidth={0.2} />}
          <path
            d={`M${String(-WALL_MM)},${String(depthMm)}V${String(-WALL_MM)}H${String(widthMm + WALL_MM)}V${String(depthMm)}H${String(widthMm)}V0H0V${String(depthMm)}Z`}
            className="fill-ink"
          />
          {onOver && (
            <Handle
              load={load}
              facts={facts}
              onOver={onOver}
              ringMm={HANDLE_PX * Math.max((widthMm + 2 * WALL_MM) / ROOM_PX.across, (top + WALL_MM) / ROOM_PX.up)}
              onHold={(isHeld) => {
                setHeld(isHeld ? top : null);
              }}
            />
          )}
        </g>
      </svg>
      <figcaption className="mt-1 text-[0.8125rem] text-ink-2 print:text-sheet">
        {words}
        {onOver && <span className="no-print"> Drag the ring to make it higher or lower.</span>}
        {load.note !== '' && ` ${load.note}`}
        {load.consist !== '' && ` Runs in: ${load.consist}.`}
      </figcaption>
    </figure>
  );
}

/** What a key moves it by, mm. */
const KEYS: ReadonlyMap<string, number> = new Map([
  ['ArrowUp', 0.5],
  ['ArrowDown', -0.5],
  ['PageUp', 5],
  ['PageDown', -5],
]);
/** Half as wide as a finger wants it, and the room that the drawing has on the screen at most. */
const HANDLE_PX = 13;
const ROOM_PX = { across: 500, up: 224 } as const;

/** The ring at the middle of the surface. What is typed beside it says the same. */
function Handle({
  load: { widthMm, depthMm, overMm, profile },
  facts: { crestMm },
  onOver,
  ringMm,
  onHold,
}: Required<LoadSectionProps> & { ringMm: number; onHold: (isHeld: boolean) => void }) {
  const ring = useRef<SVGCircleElement>(null);
  const down = profile === 'hollow' ? -1 : 1;
  const most = profile === 'hollow' ? depthMm : THICKEST_STRIP_MM;
  const set = (mm: number): void => {
    onOver(Math.round(Math.min(most, Math.max(0, mm)) * 10) / 10);
  };
  const drag = (event: PointerEvent<SVGCircleElement>): void => {
    // the drawing stands on its feet: up is up in its own millimetres
    const matrix = ring.current?.getScreenCTM()?.inverse();
    if (matrix && event.currentTarget.hasPointerCapture(event.pointerId))
      set((new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix).y - depthMm) * down);
  };
  const press = (event: KeyboardEvent): void => {
    const by = KEYS.get(event.key);
    if (by === undefined) return;
    event.preventDefault();
    set(overMm + by * down);
  };
  return (
    <circle
      ref={ring}
      role="slider"
      tabIndex={0}
      aria-orientation="vertical"
      aria-label={profile === 'hollow' ? 'How deep its middle lies' : 'How high it stands over the edge'}
      aria-valuenow={overMm}
      aria-valuemin={0}
      aria-valuemax={most}
      aria-valuetext={`${formatNumber(overMm, 1)} mm`}
      cx={widthMm / 2}
      cy={depthMm + crestMm * down}
      r={ringMm}
      className="no-print cursor-ns-resize touch-none fill-paper stroke-ink outline-none focus-visible:fill-brick"
      strokeWidth={ringMm / 3}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        onHold(true);
      }}
      onPointerMove={drag}
      onLostPointerCapture={() => {
        onHold(false);
      }}
      onKeyDown={press}
    />
  );
}
