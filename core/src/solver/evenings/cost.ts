import { MINUTES_PER_DAY } from '../../units/index.js';
import { doneAt, firstEndingAfter } from './drying-clock.js';
import type { Compiled, Node } from './compile.js';
import { modeOf, type Draft } from './placing.js';

/** How much each wish matters, 0 not at all. */
export interface Wishes {
  /** Finish soonest. */
  soonest: number;
  /** Fewest evenings. */
  fewest: number;
  /** Easy evenings: none too full. */
  easy: number;
  /** On the safe side: room for paint that dries slower. */
  safe: number;
}

/** Fewest evenings first, then soonest: the evening is what is scarce. */
export const USUAL_WISHES: Wishes = { soonest: 1, fewest: 3, easy: 0, safe: 0 };

/** What a plan is judged by. */
export interface Cost {
  unplaced: number;
  /** Pins that could not be kept. */
  missedPins: number;
  /** Minutes past what should have been done by then, summed. */
  lateMin: number;
  droppedCost: number;
  finishMin: number;
  evenings: number;
  cleaningMin: number;
  /** Minutes between first and last work of an evening in which hands rest. */
  idleMin: number;
  /** Sum over evenings of the square of how full each is. */
  fullness: number;
  /** Windows and evening ends that are met by less than what is safe, 0–1 each. */
  tightness: number;
  /** Operations that are not done in their first way. */
  otherWays: number;
  total: number;
}

/** What one of each costs against the others (our numbers): what breaks comes before dates, dates before evenings. */
const UNPLACED = 1e6;
const MISSED_PIN = 1e5;
/** Late at all is worse than anything left out. */
const LATE = 1e3;
/** What belongs together is torn apart, and something is spoilt. */
const TORN = 3e4;
const LATE_PER_DAY = 1e4;
const PER_DAY_SOONER = 0.4;
const CLEANING_PER_MIN = 0.004;
const IDLE_PER_MIN = 0.001;
const TIGHT = 0.15;
const OTHER_WAY = 0.02;
const SECOND_BEST = 0.7;
/** Room that is safe: so much of the drying time, and so many minutes before a window closes or an evening ends. */
const SAFE_SHARE = 0.25;
const SAFE_MIN = 15;
const shortOf = (slackMin: number, wantedMin: number): number => (wantedMin <= 0 ? 0 : Math.min(1, Math.max(0, 1 - slackMin / wantedMin)));

/** Judges a draft. The higher `total`, the worse. */
export function costOf(compiled: Compiled, draft: Draft, wishes: Wishes): Cost {
  const { nodes, evenings, notBeforeMin, setup } = compiled;
  const { starts, ends, dropped, choices, bench } = draft;
  let [missedPins, late] = [0, 0];
  let [unplaced, lateMin, droppedCost, finishMin, otherWays, tightness] = [0, 0, 0, notBeforeMin, 0, 0];
  const work = new Map<number, { minutes: number; fromMin: number; toMin: number }>();
  const cleanings = bench.cleanings;
  const isSafe = wishes.safe > 0;
  const note = (startMin: number, endMin: number): void => {
    const evening = firstEndingAfter(evenings, startMin);
    const seen = work.get(evening);
    if (!seen) work.set(evening, { minutes: endMin - startMin, fromMin: startMin, toMin: endMin });
    else {
      seen.minutes += endMin - startMin;
      seen.fromMin = Math.min(seen.fromMin, startMin);
      seen.toMin = Math.max(seen.toMin, endMin);
    }
  };
  for (const node of nodes) {
    const { index } = node;
    const [start, end] = [starts[index] as number, ends[index] as number];
    if (dropped.has(index)) droppedCost += node.dropCost ?? 0;
    else if (Number.isNaN(start)) unplaced++;
    else {
      finishMin = Math.max(finishMin, end);
      if (node.pinnedMin !== null && node.pinnedMin >= notBeforeMin && start > node.pinnedMin + 1e-6) missedPins++;
      if (node.dueMin !== null && end > node.dueMin) {
        lateMin += end - node.dueMin;
        late++;
      }
      if (modeOf(node, choices).id !== null) otherWays++;
      note(start, end);
      if (isSafe) tightness += tightnessOf(compiled, draft, node);
    }
  }
  const eveningsUsed = work.size;
  let cleaningMin = 0;
  for (const { fromMin, toMin } of cleanings) {
    cleaningMin += toMin - fromMin;
    note(fromMin, toMin);
  }
  let [idleMin, fullness] = [0, 0];
  for (const [index, { minutes, fromMin, toMin }] of work) {
    const evening = evenings[index];
    if (!evening) continue;
    idleMin += toMin - fromMin - minutes;
    fullness += (minutes / (evening.toMin - evening.fromMin)) ** 2;
    if (isSafe) tightness += shortOf(evening.toMin - toMin, SAFE_MIN);
  }
  const total =
    UNPLACED * unplaced +
    MISSED_PIN * missedPins +
    LATE * late +
    (LATE_PER_DAY * lateMin) / MINUTES_PER_DAY +
    100 * droppedCost +
    (wishes.soonest * PER_DAY_SOONER * (finishMin - notBeforeMin)) / MINUTES_PER_DAY +
    wishes.fewest * eveningsUsed +
    wishes.easy * fullness * 2 +
    wishes.safe * TIGHT * tightness +
    (setup ? CLEANING_PER_MIN * cleaningMin : 0) +
    IDLE_PER_MIN * idleMin +
    OTHER_WAY * otherWays +
    [...draft.secondBest].reduce((sum, { holds }) => sum + (holds ? TORN : SECOND_BEST), 0);
  return {
    unplaced,
    missedPins,
    lateMin,
    droppedCost,
    finishMin,
    evenings: eveningsUsed,
    cleaningMin,
    idleMin,
    fullness,
    tightness,
    otherWays,
    total,
  };
}

/** How near an operation is to the edges of its windows, 0–1 for each of its lags. */
function tightnessOf({ evenings }: Compiled, { starts, ends, choices, dropped }: Draft, node: Node): number {
  let tight = 0;
  const start = starts[node.index] as number;
  for (const { from, windows, isClock } of node.into) {
    if (isClock || dropped.has(from)) continue;
    const end = ends[from] as number;
    const list = windows[choices.modes[from] ?? 0] ?? [];
    for (const { open, close } of list) {
      const opensMin = doneAt(evenings, end, open);
      const closesMin = close ? doneAt(evenings, end, close) : Infinity;
      if (start < opensMin - 1e-6 || start > closesMin + 1e-6) continue;
      tight += shortOf(start - opensMin, SAFE_SHARE * (opensMin - end));
      if (close) tight += shortOf(closesMin - start, Math.min(SAFE_MIN, (closesMin - opensMin) / 2));
      break;
    }
  }
  return tight;
}
