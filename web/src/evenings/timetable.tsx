import { operationOf, type Outlook } from '@eveningtide/core/schedule';
import { formatMinutes, type Interval } from '@eveningtide/core/units';
import { eveningsOf, type Placed } from '@eveningtide/core/solver';
import { stepIdOf, stepPaint } from '@eveningtide/core/sequence';
import { techniqueById } from '@eveningtide/core/techniques';
import type { Piece } from '@eveningtide/core/subjects';
import { useEffect, useRef, type RefObject } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useAppSelector } from '../store/store.js';
import { NearView } from '../ui/near-view.js';
import { useDays } from '../ui/days.js';
import { useBenchNow, usePlan, useSupplies } from '../workers/outlook-context.js';
import { Drying } from './drying.js';
import { staggered, stripsPath, timelineOf, type Timeline } from './timeline.js';

const BLOCK = 22;
const LABEL_ROWS = 3;
/** A label is what is pressed: high enough for a finger (WCAG 2.5.8). */
const LABEL_STEP = 24;
const FLOOR = LABEL_ROWS * LABEL_STEP + BLOCK + 2;
const LANE = FLOOR + 14;
/** Height of the strip of the hands, px. */
const HANDS = 43;
/** Pixels of an average letter of a label. */
const LETTER_PX = 7.5;
/** So many lanes are made at once; those near what is seen a moment later, so that the page answers in between. */
const FIRST_LANES = 5;
/** Show the evenings of the plan, and at least so many. */
const LEAST_EVENINGS = 4;

interface Block {
  id: string;
  startMin: number;
  endMin: number;
  stepIndex: number;
  stepId: string;
  name: string;
  colour: string | null;
  snag: boolean;
}

function shownEvenings(outlook: Outlook): Interval[] {
  const finish = outlook.plan.finishMin ?? 0;
  const used = eveningsOf(outlook.plan, outlook.evenings).map(({ evening }) => evening);
  return used.length >= LEAST_EVENINGS
    ? used
    : outlook.evenings
        .filter((e) => e.toMin > (outlook.plan.placed[0]?.startMin ?? 0))
        .slice(0, Math.max(LEAST_EVENINGS, outlook.evenings.filter((e) => e.fromMin <= finish).length));
}

/** Light evenings, dark nights, a lane for each piece; a block leads to its step. */
export function Timetable({ pieces, pxPerMin }: { pieces: Piece[]; pxPerMin: number }) {
  const { outlook } = usePlan();
  const supplies = useSupplies();
  const now = useBenchNow();
  const days = useDays();
  // labels are as wide as the text size makes them
  const textPct = useAppSelector((state) => state.display.textPct);
  const [search] = useSearchParams();
  const marked = useRef<HTMLAnchorElement>(null);
  const target = search.get('step');
  useEffect(() => {
    marked.current?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [target]);
  if (!outlook) return null;
  const { originDate } = outlook;
  const timeline = timelineOf(shownEvenings(outlook), pxPerMin);

  const placedOf = Map.groupBy(outlook.plan.placed, ({ id }) => operationOf(id).pieceId);
  const owns = new Map(outlook.pieces.map((own) => [own.pieceId, own]));
  const letterPx = (LETTER_PX * textPct) / 100;

  const blocksOf = (pieceId: string): Block[] => {
    const own = owns.get(pieceId);
    return (placedOf.get(pieceId) ?? []).flatMap((placed): Block[] => {
      const at = operationOf(placed.id);
      const step = own?.steps[at.stepIndex];
      if (!own || !step) return [];
      const snag = own.findings.some((f) => f.severity === 'snag' && f.stepIndex === at.stepIndex);
      return [
        {
          id: placed.id,
          startMin: placed.startMin,
          endMin: placed.endMin,
          stepIndex: at.stepIndex,
          stepId: stepIdOf(step.id),
          name: techniqueById(step.technique).name,
          colour: stepPaint(step, supplies)?.colour ?? null,
          snag,
        },
      ];
    });
  };
  const lanes = pieces.filter(({ id }) => placedOf.has(id) && owns.has(id));

  return (
    // a place that scrolls must be reachable by keyboard
    <div className="min-h-0 flex-1 overflow-auto" tabIndex={0} role="region" aria-label="Timetable">
      <div className="grid" style={{ gridTemplateColumns: `150px ${String(timeline.width)}px`, width: timeline.width + 150 }}>
        <HeadRow timeline={timeline} originDate={outlook.originDate} nowMin={now.minute} />
        <LaneName title="Your hands" note="one job at a time" />
        <HandsStrip timeline={timeline} placed={outlook.plan.placed} cleanings={outlook.plan.cleanings} nowMin={now.minute} />
        {lanes.map((piece, lane) => (
          <NearView key={piece.id} height={LANE} always={lane < FIRST_LANES || target?.startsWith(`${piece.id}/`) === true}>
            {() => laneOf(piece)}
          </NearView>
        ))}
      </div>
    </div>
  );

  function laneOf(piece: Piece) {
    const blocks = blocksOf(piece.id);
    const own = owns.get(piece.id);
    const labels = staggered(
      blocks.map((b) => ({ x: timeline.x(b.startMin), width: b.name.length * letterPx + 14 })),
      LABEL_ROWS,
    );
    return (
      <div className="contents">
        <LaneName
          title={piece.name}
          note={piece.members.length > 1 ? `batch of ${String(piece.members.length)}` : `${String(piece.steps.length)} steps`}
        />
        <div className="relative border-b border-line" style={{ height: LANE }}>
          {own && <Drying timeline={timeline} own={own} height={LANE} floor={FLOOR} wedge={BLOCK} />}
          {blocks.map((block, i) => (
            <BlockMark
              key={block.id}
              block={block}
              row={labels[i] ?? null}
              x={timeline.x(block.startMin)}
              width={Math.max(5, (block.endMin - block.startMin) * pxPerMin)}
              to={`/pieces/${piece.id}?step=${block.stepId}`}
              words={`${piece.name}, step ${String(block.stepIndex + 1)}, ${block.name}, ${days.when(originDate, block.startMin)}, ${formatMinutes(block.endMin - block.startMin)}${block.snag ? ', snag' : ''}`}
              target={target === `${piece.id}/${block.stepId}` ? marked : null}
            />
          ))}
        </div>
      </div>
    );
  }
}

/**
 * A step in its lane: the block at its time, and the label above that is pressed. No leader of another goes through it. Where steps stand so close that no
 * label fits, the block alone is shown; a wider view has room for it.
 */
function BlockMark({
  block,
  row,
  x,
  width,
  to,
  words,
  target,
}: {
  block: Block;
  row: number | null;
  x: number;
  width: number;
  to: string;
  words: string;
  target: RefObject<HTMLAnchorElement | null> | null;
}) {
  const top = FLOOR - BLOCK - LABEL_STEP * ((row ?? 0) + 1);
  return (
    <>
      {row !== null && row > 0 && (
        <span
          className="absolute w-px bg-line-strong"
          style={{ left: x, top: top + LABEL_STEP, height: FLOOR - BLOCK - top - LABEL_STEP }}
        />
      )}
      <Link
        to={to}
        tabIndex={-1}
        aria-hidden="true"
        title={words}
        className={`absolute block border ${block.snag ? 'border-2 border-brick' : 'border-ink'} ${target ? 'ring-2 ring-ink ring-offset-2' : ''} ${block.colour ? '' : 'bg-paper'}`}
        style={{ left: x, top: FLOOR - BLOCK, width, height: BLOCK, background: block.colour ?? undefined }}
      />
      {row !== null && (
        <Link
          ref={target ?? undefined}
          to={to}
          aria-label={words}
          className={`absolute z-[1] block min-w-6 bg-paper pr-1 text-[0.8125rem] leading-6 whitespace-nowrap hover:underline ${block.snag ? 'font-semibold text-brick' : ''}`}
          style={{ left: x, top, height: LABEL_STEP }}
        >
          {block.snag ? '⚠ ' : ''}
          {block.name}
        </Link>
      )}
    </>
  );
}

function LaneName({ title, note }: { title: string; note: string }) {
  return (
    <div className="sticky left-0 z-10 flex flex-col justify-center border-r border-b border-line bg-page px-3">
      <b className="leading-tight font-semibold">{title}</b>
      <span className="text-[0.8125rem] text-ink-2">{note}</span>
    </div>
  );
}

function HeadRow({ timeline, originDate, nowMin }: { timeline: Timeline; originDate: string; nowMin: number }) {
  const days = useDays();
  return (
    <>
      <div className="sticky left-0 z-10 border-r border-b border-line bg-page px-3 py-2 text-[0.8125rem] text-ink-2">
        Evening and its hours
      </div>
      <div className="relative h-14 border-b border-line">
        {timeline.columns.map(({ evening, x, width }) => {
          const tonight = nowMin < evening.toMin && evening.fromMin < 1440;
          return (
            <div
              key={evening.fromMin}
              className={`absolute inset-y-0 overflow-hidden bg-paper px-2 pt-1 whitespace-nowrap ${tonight ? 'border-t-4 border-lamp' : ''}`}
              style={{ left: x, width }}
            >
              <b className="font-semibold">{days.dayOf(originDate, evening.fromMin)}</b> {tonight ? 'tonight' : ''}
              <br />
              <span className="figures text-[0.8125rem] text-ink-2">
                {days.clock(evening.fromMin)}–{days.clock(evening.toMin)}
              </span>
            </div>
          );
        })}
        {timeline.gutters.map(({ x, width, fromMin, toMin }) => (
          <div
            key={fromMin}
            className="absolute inset-y-0 bg-night pt-1 text-center text-[0.8125rem] text-night-text"
            style={{ left: x, width }}
          >
            <span className="figures">{Math.round((toMin - fromMin) / 60)} h</span>
          </div>
        ))}
      </div>
    </>
  );
}

function HandsStrip({
  timeline,
  placed,
  cleanings,
  nowMin,
}: {
  timeline: Timeline;
  placed: readonly Placed[];
  cleanings: readonly Interval[];
  nowMin: number;
}) {
  const worked = placed.map(({ startMin, endMin }) => {
    const x = timeline.x(startMin);
    return { x, width: Math.max(3, timeline.x(endMin) - x - 1) };
  });
  return (
    <div className="relative h-11 border-b border-line" aria-hidden="true">
      <svg width={timeline.width} height={HANDS} className="absolute inset-0">
        <path d={stripsPath(timeline.columns, 0, HANDS)} className="fill-paper" />
        <path d={stripsPath(timeline.gutters, 0, HANDS)} className="fill-night" />
        <path d={stripsPath(worked, 8, 24)} className="fill-ink" />
      </svg>
      {cleanings.map((c) => (
        <div
          key={c.fromMin}
          className="hatched absolute top-2 h-6 border border-ink bg-paper"
          style={{ left: timeline.x(c.fromMin), width: Math.max(3, timeline.x(c.toMin) - timeline.x(c.fromMin) - 1) }}
        />
      ))}
      {timeline.columns.some(({ evening }) => nowMin >= evening.fromMin && nowMin <= evening.toMin) && (
        <div className="absolute inset-y-0 w-0.5 bg-lamp" style={{ left: timeline.x(nowMin) }} />
      )}
    </div>
  );
}
