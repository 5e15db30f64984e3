import type { Step } from '../subjects/index.js';
import { minuteOf, momentOf } from '../units/index.js';
import type { LogEntry } from './entry.js';

/** One sitting at the bench that has begun. */
export interface Sat {
  startMin: number;
  /** Null while it goes on. */
  endMin: number | null;
  entry: LogEntry;
}

/** What of a piece has been done, by step and sitting. */
export interface Progress {
  sat: (stepId: string, sitting: number) => Sat | null;
  /** All that was sat for a step, by number. */
  satsOf: (stepId: string) => ReadonlyMap<number, Sat>;
  isLeftOut: (stepId: string) => boolean;
  /** Something of it has begun. */
  hasBegun: boolean;
}

const NONE: ReadonlyMap<number, Sat> = new Map();

/** What the log says of a piece, in minutes from midnight of a day. */
export function progressOf(pieceId: string, log: readonly LogEntry[], originDate: string): Progress {
  const sat = new Map<string, Map<number, Sat>>();
  const leftOut = new Set<string>();
  for (const entry of log) {
    if (entry.pieceId !== pieceId || entry.stepId === null) continue;
    if (entry.kind === 'left-out') leftOut.add(entry.stepId);
    if (entry.kind !== 'work') continue;
    const startMin = minuteOf(originDate, entry.startedAt);
    const endMin = entry.endedAt === null ? null : Math.max(startMin, minuteOf(originDate, entry.endedAt));
    const own = sat.get(entry.stepId) ?? new Map<number, Sat>();
    sat.set(entry.stepId, own.set(entry.sitting, { startMin, endMin, entry }));
  }
  return {
    sat: (stepId, sitting) => sat.get(stepId)?.get(sitting) ?? null,
    satsOf: (stepId) => sat.get(stepId) ?? NONE,
    isLeftOut: (stepId) => leftOut.has(stepId),
    hasBegun: sat.size > 0,
  };
}

/** Hands-on minutes of an entry: as the painter says, else by the clock; null while it goes on. */
export function minutesTaken({ startedAt, endedAt, tookMin }: Pick<LogEntry, 'startedAt' | 'endedAt' | 'tookMin'>): number | null {
  if (tookMin !== null) return tookMin;
  if (endedAt === null) return null;
  const day = startedAt.slice(0, 10);
  return Math.max(0, minuteOf(day, endedAt) - minuteOf(day, startedAt));
}

/** Without what was left out: it is neither planned nor judged. */
export const withoutLeftOut = (steps: readonly Step[], progress: Progress): Step[] => steps.filter(({ id }) => !progress.isLeftOut(id));

/** An entry of work that was done without being told when it began: it took what was planned, but not from before hands were free. */
export function alreadyDone(entry: LogEntry, plannedMin: number, log: readonly LogEntry[]): LogEntry {
  const day = entry.startedAt.slice(0, 10);
  const endedAt = entry.startedAt;
  const from = momentOf(day, minuteOf(day, endedAt) - plannedMin);
  const lastEnd = log.flatMap((one) => (one.kind === 'work' && one.endedAt !== null && one.endedAt <= endedAt ? [one.endedAt] : []));
  return { ...entry, startedAt: [from, ...lastEnd].sort().at(-1) ?? from, endedAt };
}
