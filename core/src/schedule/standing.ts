import { dateOf } from '../units/index.js';
import { operationId } from './operation-id.js';
import type { Outlook, PieceOutlook } from './outlook.js';

/** When a piece is finished, as minutes from the origin's midnight. */
export interface Completion {
  /** The last hands-on minute. */
  paintedMin: number;
  /** When all that was laid on is dry-hard; Infinity where it does not dry in this air. */
  dryMin: number;
}

/** When all steps of a piece are done and dry; null where there are none, or one of them finds no evening. */
export function completionOf({ reports, placed }: Pick<PieceOutlook, 'reports' | 'placed'>): Completion | null {
  if (reports.length === 0 || placed.some((isPlaced) => !isPlaced)) return null;
  const paintedMin = Math.max(...reports.map(({ endMin }) => endMin));
  return { paintedMin, dryMin: Math.max(paintedMin, ...reports.map(({ endMin, ripening }) => ripening?.dryHardMin ?? endMin)) };
}

/** All of a step was done at the bench, and nothing of it goes on. */
export const isStepDone = ({ sittings }: Pick<PieceOutlook, 'sittings'>, index: number): boolean => {
  const all = sittings[index] ?? [];
  return all.length > 0 && all.every(({ begun }) => begun !== null && !begun.isRunning);
};

/** What is waited for after a step. */
export interface Wait {
  /** When what comes next may begin; Infinity: not in this air. */
  readyMin: number;
  /** When it is too late for what comes next; null: it is not. */
  closesMin: number | null;
}

/** What is waited for before the step behind this one: by that step where this one holds it up, else until another coat would stand. Null: nothing. */
export function waitAfter({ reports }: Pick<PieceOutlook, 'reports'>, index: number): Wait | null {
  const next = reports[index + 1];
  if (next?.heldUpBy === index) return { readyMin: next.earliestMin, closesMin: next.closesMin };
  const own = reports[index];
  if (!own?.ripening) return null;
  // what comes next may ask less than a coat would, or nothing at all
  const readyMin = Math.min(own.ripening.recoatFromMin, next?.earliestMin ?? Infinity);
  return readyMin > own.endMin ? { readyMin, closesMin: null } : null;
}

/** The day each coat of a step is laid on, where they are laid one by one; null where one finds no evening. */
export function coatDays({ plan, originDate }: Pick<Outlook, 'plan' | 'originDate'>, own: PieceOutlook, index: number): (string | null)[] {
  return (own.sittings[index] ?? []).map(({ begun, sitting }) => {
    const id = operationId({ id: own.pieceId }, index, sitting);
    const startMin = begun?.fromMin ?? plan.placed.find((placed) => placed.id === id)?.startMin;
    return startMin === undefined ? null : dateOf(originDate, startMin);
  });
}
