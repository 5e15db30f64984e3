import { createEvents, type DateArray, type EventAttributes } from 'ics';
import { operationOf, type Outlook } from '../schedule/index.js';
import { clockOf, dateOf } from '../units/index.js';
import { openAt, stepIdOf } from '../sequence/index.js';
import { eveningsOf } from '../solver/index.js';
import type { Piece } from '../subjects/index.js';
import { techniqueById } from '../techniques/index.js';

export interface CalendarOptions {
  /** A reminder when each coat is dry enough to go on. */
  milestones: boolean;
  /** Counts up with each export, so that a calendar takes the newer for the newer: whole, 0 or more. */
  revision: number;
  /** When the file was made, ms since 1970. */
  madeAtMs: number;
}

/** Evenings as iCalendar text (RFC 5545), in floating local time: half past seven is half past seven wherever one travels. */
export function eveningsAsCalendar(outlook: Outlook, pieces: readonly Piece[], options: CalendarOptions): string {
  const events = [...eveningEvents(outlook, pieces, options), ...(options.milestones ? milestoneEvents(outlook, pieces, options) : [])];
  const { error, value } = createEvents(events, { productId: 'eveningtide', calName: 'Evenings at the bench' });
  if (error || typeof value !== 'string') throw new RangeError(`the calendar must be made of whole dates, got ${error?.message ?? 'none'}`);
  return value;
}

const local = (originDate: string, minute: number): DateArray => {
  const [year = 0, month = 0, day = 0] = dateOf(originDate, minute).split('-').map(Number);
  const [hour = 0, minutes = 0] = clockOf(minute).split(':').map(Number);
  return [year, month, day, hour, minutes];
};

const common = ({ revision, madeAtMs }: CalendarOptions) =>
  ({ startInputType: 'local', startOutputType: 'local', sequence: revision, timestamp: madeAtMs, busyStatus: 'BUSY' }) as const;

/** One for each evening that is used. Its id is the evening's own, so that a plan that changes changes it. */
function eveningEvents(
  { originDate, plan, evenings, pieces: outlooks }: Outlook,
  pieces: readonly Piece[],
  options: CalendarOptions,
): EventAttributes[] {
  const name = new Map(pieces.map((piece) => [piece.id, piece.name]));
  return eveningsOf(plan, evenings).map(({ evening: { fromMin, toMin }, placed: here }): EventAttributes => {
    const lines = here.map(({ id, startMin, endMin }) => {
      const { pieceId, stepIndex } = operationOf(id);
      const own = outlooks.find((one) => one.pieceId === pieceId);
      const step = own?.steps[stepIndex];
      const what = step ? techniqueById(step.technique).name : 'Step';
      const open = own ? openAt(own.findings, stepIndex).map(({ severity, message }) => ` ${severity.toUpperCase()}: ${message}`) : [];
      return `${clockOf(startMin)} ${name.get(pieceId) ?? pieceId}: ${what} (${String(Math.round(endMin - startMin))} min)${open.join('')}`;
    });
    const worked = [...new Set(here.map(({ id }) => name.get(operationOf(id).pieceId) ?? ''))];
    return {
      ...common(options),
      uid: `evening-${dateOf(originDate, fromMin)}-${clockOf(fromMin).replace(':', '')}@eveningtide`,
      title: `At the bench: ${worked.join(', ')}`,
      description: lines.join('\n'),
      start: local(originDate, fromMin),
      end: local(originDate, toMin),
      endInputType: 'local',
      endOutputType: 'local',
    };
  });
}

/** One for each coat that dries past its evening; its id is the step's own. */
function milestoneEvents(
  { originDate, evenings, pieces: outlooks }: Outlook,
  pieces: readonly Piece[],
  options: CalendarOptions,
): EventAttributes[] {
  return outlooks.flatMap(({ pieceId, steps, reports, placed }) => {
    const piece = pieces.find(({ id }) => id === pieceId);
    return reports.flatMap((report, i): EventAttributes[] => {
      const [step, readyMin] = [steps[i], report.ripening?.recoatFromMin];
      if (!piece || !step || placed[i] !== true || readyMin === undefined || !Number.isFinite(readyMin)) return [];
      const evening = evenings.find(({ fromMin, toMin }) => report.startMin >= fromMin && report.startMin < toMin);
      if (evening && readyMin <= evening.toMin) return [];
      const at = Math.ceil(readyMin);
      const what = techniqueById(step.technique).name.toLowerCase();
      return [
        {
          ...common(options),
          busyStatus: 'FREE',
          uid: `dry-${pieceId}-${stepIdOf(step.id)}-${String(i)}@eveningtide`,
          title: `${piece.name}: ${what} is ready for the next coat`,
          description: `Dry enough for the next coat, as far as can be calculated. Touch it where it does not show before you go on.`,
          start: local(originDate, at),
          duration: { minutes: 5 },
          alarms: [{ action: 'display', description: `${piece.name}: ${what} is dry`, trigger: { minutes: 0, before: true } }],
        },
      ];
    });
  });
}
