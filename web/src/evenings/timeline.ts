import { firstEndingAfter } from '@eveningtide/core/solver';
import type { Interval } from '@eveningtide/core/units';

/** Evenings to scale side by side, nights squeezed between them; minutes to pixels both for blocks and for drying. */
export interface Timeline {
  columns: { evening: Interval; x: number; width: number }[];
  /** Nights: before, between and after the evenings. */
  gutters: { x: number; width: number; fromMin: number; toMin: number }[];
  width: number;
  x: (minute: number) => number;
}

const GUTTER_PX = 56;
/** Early hours of a night get more room: most drying is over then. */
const NIGHT_CURVE = 0.55;
/** After the last evening drying goes on; so much of it is shown. */
const AFTER_LAST_MIN = 24 * 60;

export function timelineOf(evenings: readonly Interval[], pxPerMin: number): Timeline {
  const columns: Timeline['columns'] = [];
  const gutters: Timeline['gutters'] = [];
  let at = 0;
  evenings.forEach((evening, i) => {
    const width = (evening.toMin - evening.fromMin) * pxPerMin;
    columns.push({ evening, x: at, width });
    at += width;
    const toMin = evenings[i + 1]?.fromMin ?? evening.toMin + AFTER_LAST_MIN;
    gutters.push({ x: at, width: GUTTER_PX, fromMin: evening.toMin, toMin });
    at += GUTTER_PX;
  });
  const x = (minute: number): number => {
    const i = firstEndingAfter(gutters, minute);
    const [column, gutter] = [columns[i], gutters[i]];
    if (!column || !gutter) return at;
    if (minute <= column.evening.toMin) return column.x + Math.max(0, minute - column.evening.fromMin) * pxPerMin;
    return gutter.x + gutter.width * ((minute - gutter.fromMin) / (gutter.toMin - gutter.fromMin)) ** NIGHT_CURVE;
  };
  return { columns, gutters, width: at, x };
}

/** Strips side by side as one shape: hundreds of them drawn one by one would hold up the page. */
export const stripsPath = (strips: readonly { x: number; width: number }[], top: number, height: number): string =>
  strips.map(({ x, width }) => `M${x.toFixed(1)} ${String(top)}h${width.toFixed(1)}v${String(height)}h${(-width).toFixed(1)}Z`).join('');

/** Rows for labels so that none touches the one before on its row; 0 is nearest to the block. Null: there is no room, it stays hidden. */
export function staggered(labels: readonly { x: number; width: number }[], rows = 3): (number | null)[] {
  const ends = Array.from({ length: rows }, () => -Infinity);
  return labels.map(({ x, width }) => {
    const free = ends.findIndex((end) => end <= x);
    if (free < 0) return null;
    ends[free] = x + width;
    return free;
  });
}
