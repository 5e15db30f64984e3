import { isStepDone, type Outlook, type PieceOutlook } from '../schedule/index.js';

/**
 * What runs at the bench by itself: `opens` until the next step may come, `closes` until it must have come, `judge` until the true tone is seen,
 * `dry` until a piece with nothing more to do may be handled.
 */
export type TimerKind = 'opens' | 'closes' | 'judge' | 'dry';

export interface Timer {
  /** The same timer has the same id as long as it runs, on every screen. */
  id: string;
  kind: TimerKind;
  pieceId: string;
  /** The step that was done, and the one that waits; null where none does. */
  doneIndex: number;
  nextIndex: number | null;
  fromMin: number;
  toMin: number;
  /** What the label foresees between the two, where a dry finger can tell; null where it cannot. */
  labelMin: number | null;
}

/** What is longer ahead is no timer but a plan, minutes (our number). */
const LONGEST_MIN = 12 * 60;
/** A window that closed is still told for so long, minutes (our number). */
const MISSED_MIN = 60;

/** All timers, the soonest first. What has opened is no timer any more; a window that has just closed still is one. */
export function timersOf({ pieces }: Pick<Outlook, 'pieces'>, nowMin: number): Timer[] {
  return pieces
    .flatMap((own) => ofPiece(own))
    .filter(({ kind, toMin }) => (kind === 'closes' ? toMin > nowMin - MISSED_MIN : toMin > nowMin) && toMin - nowMin < LONGEST_MIN)
    .sort((a, b) => a.toMin - b.toMin);
}

function ofPiece(own: PieceOutlook): Timer[] {
  const doneIndex = own.steps.findLastIndex((_, index) => isStepDone(own, index));
  const done = own.reports[doneIndex];
  if (!done) return [];
  const nextIndex = own.steps.findIndex((_, index) => index > doneIndex && !isStepDone(own, index));
  const next = own.reports[nextIndex];
  const isBegun = own.sittings[nextIndex]?.some(({ begun }) => begun !== null) ?? false;
  const stepId = own.steps[doneIndex]?.id ?? '';
  const timer = (kind: TimerKind, toMin: number): Timer => ({
    id: `${own.pieceId}/${stepId}/${kind}`,
    kind,
    pieceId: own.pieceId,
    doneIndex,
    nextIndex: nextIndex < 0 ? null : nextIndex,
    fromMin: done.endMin,
    toMin,
    labelMin: kind === 'opens' && next?.heldUpBy === doneIndex ? (toMin - done.endMin) / (own.dryPaces[doneIndex] ?? 1) : null,
  });
  const timers: Timer[] = [];
  if (next && !isBegun) {
    if (next.earliestMin > done.endMin + 0.5) timers.push(timer('opens', next.earliestMin));
    if (next.closesMin !== null) timers.push(timer('closes', next.closesMin));
  }
  if (!next && done.ripening) timers.push(timer('dry', done.ripening.dryHardMin));
  if (done.judgeFromMin !== null) timers.push(timer('judge', done.judgeFromMin));
  return timers.filter(({ toMin }) => Number.isFinite(toMin));
}
