import { DndContext, PointerSensor, useDraggable, useSensor, useSensors } from '@dnd-kit/core';
import { restrictToHorizontalAxis } from '@dnd-kit/modifiers';
import { type PieceOutlook } from '@eveningtide/core/schedule';
import { formatMinutes, type Interval } from '@eveningtide/core/units';
import type { Piece } from '@eveningtide/core/subjects';
import { Pin } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { useDays } from '../ui/days.js';
import { Drying } from './drying.js';
import { timelineOf } from './timeline.js';
import type { Moving } from './use-moving.js';
import { STEP_MIN } from './use-pinning.js';

export interface LaneBlock {
  id: string;
  pieceId: string;
  startMin: number;
  endMin: number;
  name: string;
  colour: string | null;
  isPinned: boolean;
  isSnag: boolean;
}

const NAMES_PX = 150;
const LANE_PX = 80;
/** Foot of the blocks and of the drying behind them. */
const BLOCK_FLOOR_PX = 52;
const WEDGE_PX = 34;
/** A block is never too narrow to be taken in hand (WCAG 2.5.8). */
const LEAST_BLOCK_PX = 24;
/** Narrower, a block shows its paint only. */
const NAMED_PX = 44;
/** Pointer moves less than this are a press. */
const PRESS_PX = 4;
const HOUR_MARK_MIN = 15;

interface LanesProps {
  evening: Interval;
  lanes: readonly { piece: Piece; blocks: readonly LaneBlock[]; outlook: PieceOutlook | null }[];
  cleanings: readonly Interval[];
  chosen: string | null;
  onChoose: (id: string | null) => void;
  moving: Moving;
}

/** A cleaning follows the block of this lane. */
const isAfterOne = (blocks: readonly LaneBlock[], { fromMin }: Interval): boolean =>
  blocks.some(({ endMin }) => Math.abs(endMin - fromMin) < 0.5);

/** The evening to scale over the whole width, a lane a piece. */
export function EveningLanes({ evening, lanes, cleanings, chosen, onChoose, moving }: LanesProps) {
  const days = useDays();
  const ref = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(900);
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const watch = new ResizeObserver(() => {
      setWidth(Math.max(480, element.clientWidth - NAMES_PX));
    });
    watch.observe(element);
    return () => {
      watch.disconnect();
    };
  }, []);
  const pxPerMin = width / (evening.toMin - evening.fromMin);
  const x = (minute: number): number => (minute - evening.fromMin) * pxPerMin;
  const timeline = timelineOf([evening], pxPerMin);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: PRESS_PX } }));
  const marks = Array.from(
    { length: Math.floor((evening.toMin - evening.fromMin) / HOUR_MARK_MIN) + 1 },
    (_, i) => evening.fromMin + i * HOUR_MARK_MIN,
  );
  const startOf = (id: string): number =>
    lanes.flatMap(({ blocks }) => blocks).find((block) => block.id === id)?.startMin ?? evening.fromMin;
  return (
    <DndContext
      sensors={sensors}
      modifiers={[restrictToHorizontalAxis]}
      onDragStart={({ active }) => {
        onChoose(String(active.id));
        moving.pickUp(String(active.id), startOf(String(active.id)));
      }}
      onDragMove={({ active, delta }) => {
        moving.carryTo(startOf(String(active.id)) + delta.x / pxPerMin);
      }}
      onDragEnd={() => {
        moving.putDown();
      }}
      onDragCancel={() => {
        moving.cancel();
      }}
    >
      <div ref={ref} role="group" aria-label="Lanes of the evening" className="overflow-x-auto border border-line-strong bg-paper">
        <div
          className="relative h-6 border-b border-line text-[0.8125rem] text-ink-2"
          style={{ marginLeft: NAMES_PX, width }}
          aria-hidden="true"
        >
          {marks.map((minute) => (
            <span key={minute} className="figures absolute border-l border-line pl-1" style={{ left: x(minute) }}>
              {minute < evening.toMin ? days.clock(minute) : ''}
            </span>
          ))}
        </div>
        {lanes.map(({ piece, blocks, outlook }) => (
          <div key={piece.id} className="flex border-b border-line" style={{ height: LANE_PX }}>
            <div className="flex shrink-0 flex-col justify-center border-r border-line bg-page px-3" style={{ width: NAMES_PX }}>
              <b className="leading-tight font-semibold">{piece.name}</b>
              {piece.members.length > 1 && <span className="text-[0.8125rem] text-ink-2">batch of {piece.members.length}</span>}
            </div>
            <div className="relative overflow-hidden" style={{ width }}>
              {outlook && <Drying timeline={timeline} own={outlook} height={LANE_PX - 1} floor={BLOCK_FLOOR_PX} wedge={WEDGE_PX} />}
              {blocks.some(({ id }) => id === moving.held?.id) && <Places moving={moving} x={x} pxPerMin={pxPerMin} />}
              {cleanings
                .filter((c) => isAfterOne(blocks, c))
                .map((c) => (
                  <span
                    key={c.fromMin}
                    aria-hidden="true"
                    className="hatched absolute top-3 h-10 border border-line opacity-60"
                    style={{ left: x(c.fromMin), width: (c.toMin - c.fromMin) * pxPerMin }}
                  />
                ))}
              {blocks.map((block) => (
                <Caption key={`name of ${block.id}`} block={block} blocks={blocks} x={x} pxPerMin={pxPerMin} />
              ))}
              {blocks.map((block) => (
                <Block
                  key={block.id}
                  block={block}
                  piece={piece.name}
                  isChosen={chosen === block.id}
                  onChoose={onChoose}
                  moving={moving}
                  x={x}
                  pxPerMin={pxPerMin}
                />
              ))}
            </div>
          </div>
        ))}
      </div>
    </DndContext>
  );
}

/** Where the block in hand may be put down: lit with a bar below; elsewhere dotted. */
function Places({ moving, x, pxPerMin }: { moving: Moving; x: (minute: number) => number; pxPerMin: number }) {
  return (
    <>
      {(moving.places ?? []).map(({ startMin, why }) => (
        <span
          key={startMin}
          aria-hidden="true"
          data-place={why === null ? 'free' : 'closed'}
          className={`absolute bottom-0 ${why === null ? 'h-2 bg-tide' : 'h-2 border-b-2 border-dotted border-line-strong'}`}
          style={{ left: x(startMin), width: Math.max(2, STEP_MIN * pxPerMin - 1) }}
        />
      ))}
    </>
  );
}

/** Less room than this holds no word. */
const LEAST_CAPTION_PX = 28;

interface CaptionProps {
  block: LaneBlock;
  /** All of its lane. */
  blocks: readonly LaneBlock[];
  x: (minute: number) => number;
  pxPerMin: number;
}

/** Under a block that is too narrow to hold it: its name, as far as the next one. The block itself tells it to who cannot see. */
function Caption({ block, blocks, x, pxPerMin }: CaptionProps) {
  if ((block.endMin - block.startMin) * pxPerMin >= NAMED_PX) return null;
  const next = Math.min(Infinity, ...blocks.filter(({ startMin }) => startMin > block.startMin).map(({ startMin }) => startMin));
  const roomPx = x(next) - x(block.startMin) - 4;
  if (roomPx < LEAST_CAPTION_PX) return null;
  return (
    <span
      aria-hidden="true"
      className="pointer-events-none absolute top-[3.375rem] z-[1] overflow-hidden bg-paper pr-1 text-[0.8125rem] leading-5 text-ellipsis whitespace-nowrap"
      style={{ left: x(block.startMin), ...(Number.isFinite(roomPx) ? { maxWidth: roomPx } : {}) }}
    >
      {block.name}
    </span>
  );
}

interface BlockProps {
  block: LaneBlock;
  piece: string;
  isChosen: boolean;
  onChoose: (id: string | null) => void;
  moving: Moving;
  x: (minute: number) => number;
  pxPerMin: number;
}

/** A step in hand's reach. M takes it, arrows carry it, Enter puts it down, Escape leaves it. */
function Block({ block, piece, isChosen, onChoose, moving, x, pxPerMin }: BlockProps) {
  const days = useDays();
  const { setNodeRef, listeners } = useDraggable({ id: block.id });
  const held = moving.held?.id === block.id ? moving.held : null;
  const startMin = held?.startMin ?? block.startMin;
  const minutes = block.endMin - block.startMin;
  const width = Math.max(LEAST_BLOCK_PX, minutes * pxPerMin);
  const isBad = held !== null && moving.places?.some((place) => place.startMin === held.startMin && place.why !== null) === true;
  const words = `${piece}, ${block.name}, ${days.clock(block.startMin)}, ${formatMinutes(minutes)}${block.isPinned ? ', pinned' : ''}${block.isSnag ? ', snag' : ''}`;
  return (
    <button
      type="button"
      ref={setNodeRef}
      {...listeners}
      aria-label={words}
      aria-pressed={isChosen}
      title={words}
      onClick={() => {
        onChoose(isChosen ? null : block.id);
      }}
      onKeyDown={(event) => {
        const key = event.key;
        if (!held) {
          if (key === 'm' || key === 'M') {
            event.preventDefault();
            onChoose(block.id);
            moving.pickUp(block.id, block.startMin);
          }
          return;
        }
        if (key === 'ArrowLeft' || key === 'ArrowRight') moving.carryTo(held.startMin + (key === 'ArrowLeft' ? -STEP_MIN : STEP_MIN));
        else if (key === 'Enter' || key === ' ') moving.putDown();
        else if (key === 'Escape') moving.cancel();
        else return;
        event.preventDefault();
        event.stopPropagation();
      }}
      className={`absolute top-3 flex h-10 touch-none items-center gap-1 overflow-hidden border px-0.5 text-left text-[0.8125rem] whitespace-nowrap ${
        isBad ? 'border-2 border-dashed border-brick' : block.isSnag ? 'border-2 border-brick' : 'border-ink'
      } ${isChosen ? 'z-10 ring-2 ring-ink ring-offset-1' : ''} ${held ? 'z-20 opacity-90' : ''} bg-paper`}
      style={{ left: x(startMin), width }}
    >
      <span aria-hidden="true" className="h-full w-2 shrink-0" style={{ background: block.colour ?? 'transparent' }} />
      {block.isPinned && <Pin size={12} aria-hidden="true" className="shrink-0" />}
      {/* a letter or two would say nothing: what is too narrow has its name below */}
      {width >= NAMED_PX && <span className="overflow-hidden text-ellipsis">{block.name}</span>}
    </button>
  );
}
