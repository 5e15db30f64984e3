import { formatNumber } from '../units/index.js';
import type { LogEntry, WorkPart } from './entry.js';

/** Less than this of a coat is nothing (our number). */
const SHARE_EPSILON = 1e-6;

/** What is left of so many coats when these parts are done, in order; a part never crosses from one coat into the next. */
export function partsLeft(coats: number, done: readonly WorkPart[]): WorkPart[] {
  const left: WorkPart[] = [];
  for (let coat = 0; coat < coats; coat++) {
    let at = coat;
    for (const { from, to } of [...done].sort((a, b) => a.from - b.from)) {
      if (to <= at || from >= coat + 1) continue;
      if (from > at + SHARE_EPSILON) left.push({ from: at, to: from });
      at = to;
    }
    if (at < coat + 1 - SHARE_EPSILON) left.push({ from: at, to: coat + 1 });
  }
  return left;
}

/** What of its step an entry is about: as it says, else the whole of its coat. */
export const partOf = ({ part, sitting }: { part?: WorkPart; sitting: number }): WorkPart => part ?? { from: sitting, to: sitting + 1 };

/** How much of the coats that were begun is done, %; null where that is all of them. */
export function putDownAtPct(entries: readonly Pick<LogEntry, 'part' | 'sitting'>[]): number | null {
  const done = entries.map(partOf);
  const coats = Math.ceil(Math.max(0, ...done.map(({ to }) => to)) - SHARE_EPSILON);
  const left = partsLeft(coats, done).reduce((sum, { from, to }) => sum + to - from, 0);
  return left > SHARE_EPSILON ? Math.round((100 * (coats - left)) / coats) : null;
}

/** What of its step was done, in words: which coat, from how far to how far; empty where that was all of it. */
export function sittingWords(entry: Pick<LogEntry, 'step' | 'part' | 'sitting'>): string {
  const { step } = entry;
  if (!step) return '';
  const { from, to } = partOf(entry);
  const coat = Math.floor(from);
  const pct = (at: number): string => formatNumber((at - coat) * 100, 0);
  return [
    ...(step.coats > 1 ? [`coat ${String(coat + 1)} of ${String(step.coats)}`] : []),
    ...(to - from < 1 - SHARE_EPSILON ? [`${pct(from)} to ${pct(to)} %`] : []),
  ].join(', ');
}
