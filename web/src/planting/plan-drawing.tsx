import { GROWTH, areasOfGrowth, stripOutline, type KeepOff, type Growth, type Planting, type Standing } from '@eveningtide/core/planting';
import { CATALOGUE } from '@eveningtide/core/materials';
import { useMemo, useRef, useState, type PointerEvent } from 'react';
import { letterOf } from '../ui/letter.js';

interface Window {
  xMm: number;
  yMm: number;
  widthMm: number;
  heightMm: number;
}

interface PlanDrawingProps {
  planting: Planting;
  standing: readonly Standing[];
  /** Layers whose patches are drawn. */
  growths: readonly Growth[];
  words: string;
  /** Part of the ground that is seen; all of it where none is named. */
  part?: Window;
  /** In mm, for paper. */
  atTrueSize?: boolean;
  chosen?: Standing | null;
  onChoose?: (one: Standing) => void;
  /** Set down by hand. */
  onMove?: (one: Standing, xMm: number, yMm: number) => void;
}

/** Nobody sets a plant more exactly, mm. */
const STEP_MM = 0.5;
/** Room around the ground in the drawing, mm. */
const MARGIN_MM = 2;

const toStep = (mm: number): number => Math.round(mm / STEP_MM) * STEP_MM;
const points = (outline: readonly { xMm: number; yMm: number }[]): string =>
  outline.map(({ xMm, yMm }) => `${xMm.toFixed(2)},${yMm.toFixed(2)}`).join(' ');

/** The ground with its strips, the patches of its growths, and every plant where it stands, to scale. */
export function PlanDrawing({
  planting,
  standing,
  growths,
  words,
  part,
  atTrueSize = false,
  chosen = null,
  onChoose,
  onMove,
}: PlanDrawingProps) {
  const { lengthMm, widthMm, keepOffs } = planting;
  const drawing = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<{ one: Standing; xMm: number; yMm: number } | null>(null);
  const {
    xMm,
    yMm,
    widthMm: across,
    heightMm: down,
  } = part ?? {
    xMm: -MARGIN_MM,
    yMm: -MARGIN_MM,
    widthMm: lengthMm + 2 * MARGIN_MM,
    heightMm: widthMm + 2 * MARGIN_MM,
  };
  /** Where the pointer is on the ground. */
  const placeOf = (event: PointerEvent): { xMm: number; yMm: number } | null => {
    const matrix = drawing.current?.getScreenCTM()?.inverse();
    if (!matrix) return null;
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return { xMm: toStep(at.x), yMm: toStep(at.y) };
  };
  const lettersMm = Math.max(4, lengthMm / 55);
  const isHeld = (one: Standing): boolean => held?.one.plantsId === one.plantsId && held.one.at === one.at;
  const seenAt = (one: Standing): { xMm: number; yMm: number } => (held && isHeld(one) ? held : one);
  return (
    <svg
      ref={drawing}
      role="img"
      aria-label={words}
      viewBox={`${String(xMm)} ${String(yMm)} ${String(across)} ${String(down)}`}
      className={`border border-line bg-paper [print-color-adjust:exact] ${atTrueSize ? '' : 'max-h-[26rem] w-full touch-none'}`}
      {...(atTrueSize ? { style: { width: `${String(across)}mm`, height: `${String(down)}mm` } } : {})}
    >
      <rect width={lengthMm} height={widthMm} className="fill-ground stroke-line-strong" strokeWidth={0.4} />
      {growths.map((growth) => (
        <Patches key={growth.id} planting={planting} growth={growth} />
      ))}
      {keepOffs.map((strip) => (
        <g key={strip.id}>
          <polygon points={points(stripOutline(strip))} className="fill-field stroke-ink-3" strokeWidth={0.4} strokeDasharray="2 1.2" />
          <text transform={alongStrip(strip)} y={lettersMm / 3} fontSize={lettersMm} textAnchor="middle" className="fill-ink-2">
            {strip.name}
          </text>
        </g>
      ))}
      {standing.map((one) => (
        <g
          key={`${one.plantsId} ${String(one.at)}`}
          transform={`translate(${seenAt(one).xMm.toFixed(2)} ${seenAt(one).yMm.toFixed(2)})`}
          className={onMove ? 'cursor-grab' : ''}
          {...(onMove && {
            onPointerDown: (event: PointerEvent<SVGGElement>) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              setHeld({ one, xMm: one.xMm, yMm: one.yMm });
              onChoose?.(one);
            },
            onPointerMove: (event: PointerEvent<SVGGElement>) => {
              const at = isHeld(one) ? placeOf(event) : null;
              if (at) setHeld({ one, ...at });
            },
            onPointerUp: () => {
              if (held && isHeld(one) && (held.xMm !== one.xMm || held.yMm !== one.yMm)) onMove(one, held.xMm, held.yMm);
              setHeld(null);
            },
            onPointerCancel: () => {
              setHeld(null);
            },
          })}
        >
          <Plant
            one={one}
            letter={letterOf(planting.plants.findIndex(({ id }) => id === one.plantsId))}
            lettersMm={lettersMm}
            isChosen={chosen?.plantsId === one.plantsId && chosen.at === one.at}
          />
        </g>
      ))}
    </svg>
  );
}

/** Into the middle of a strip, and along it. */
function alongStrip({ fromXMm, fromYMm, toXMm, toYMm }: KeepOff): string {
  const turn = (Math.atan2(toYMm - fromYMm, toXMm - fromXMm) * 180) / Math.PI;
  const upright = Math.abs(turn) > 90 ? turn + 180 : turn;
  return `translate(${String((fromXMm + toXMm) / 2)} ${String((fromYMm + toYMm) / 2)}) rotate(${upright.toFixed(1)})`;
}

/** Where a growth is glued. */
function Patches({ planting: { lengthMm, widthMm, keepOffs, seed }, growth }: { planting: Planting; growth: Growth }) {
  const { runs, cellMm } = useMemo(
    () => areasOfGrowth({ lengthMm, widthMm, keepOffs, seed }, growth),
    [lengthMm, widthMm, keepOffs, seed, growth],
  );
  const cell = cellMm.toFixed(3);
  const path = runs.map(
    ({ xMm, yMm, lengthMm }) => `M${xMm.toFixed(2)} ${yMm.toFixed(2)}h${lengthMm.toFixed(2)}v${cell}h${(-lengthMm).toFixed(2)}z`,
  );
  return <path d={path.join('')} fill={growth.colour ?? CATALOGUE.material(GROWTH[growth.kind].material).colour} fillOpacity={0.5} />;
}

const TUFT = [0, 1, 2, 3, 4, 5].map((i) => (i * Math.PI) / 3);

/** A tuft is a star, a bush a ring of leaves, a tree a crown with its trunk; each with the letter of its sort. */
function Plant({
  one: { plant, acrossMm, trouble },
  letter,
  lettersMm,
  isChosen,
}: {
  one: Standing;
  letter: string;
  lettersMm: number;
  isChosen: boolean;
}) {
  const half = acrossMm / 2;
  return (
    <>
      {/* something to get hold of, however small it is */}
      <circle r={Math.max(half, 3)} fill="transparent" />
      {plant === 'tuft' ? (
        TUFT.map((turn) => (
          <line
            key={turn}
            x2={half * Math.cos(turn)}
            y2={half * Math.sin(turn)}
            className="stroke-ink"
            strokeWidth={Math.max(0.4, half / 6)}
          />
        ))
      ) : (
        <circle
          r={half}
          className="fill-paper stroke-ink"
          fillOpacity={0.75}
          strokeWidth={plant === 'tree' ? 0.8 : 0.5}
          {...(plant === 'bush' ? { strokeDasharray: '1.6 0.8' } : {})}
        />
      )}
      {plant === 'tree' && <circle r={1} className="fill-ink" />}
      {(isChosen || trouble !== null) && (
        <circle
          r={half + 1.2}
          fill="none"
          className={trouble === null ? 'stroke-tide' : 'stroke-brick'}
          strokeWidth={0.9}
          {...(trouble === null ? {} : { strokeDasharray: '2 1' })}
        />
      )}
      {plant !== 'tuft' && (
        <text
          y={plant === 'tree' ? -half / 2.4 : Math.min(3.6, half) * 0.35}
          fontSize={Math.min(lettersMm, Math.max(2.2, half))}
          textAnchor="middle"
          className="fill-ink font-semibold"
        >
          {trouble === null ? letter : `${letter}!`}
        </text>
      )}
    </>
  );
}
