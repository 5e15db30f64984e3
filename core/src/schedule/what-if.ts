import { suppliesOf, type Shelf } from '../materials/index.js';
import { planEvenings, type PlannedEvenings } from '../solver/index.js';
import type { Piece } from '../subjects/index.js';
import { eveningsFrom } from './calendar.js';
import { addDays, MINUTES_PER_DAY, weekdayOf } from './dates.js';
import { startFrom } from './kept-plan.js';
import { planningProblem } from './problem.js';
import type { Allowances } from './ways.js';
import type { SingleDate, Workshop } from './workshop.js';

/** All that a plan is made from. */
export interface Given {
  pieces: readonly Piece[];
  workshop: Workshop;
  shelf: Shelf;
  originDate: string;
  nowMin: number;
}

/** What could be otherwise. */
export type Otherwise =
  | { kind: 'as-is' }
  | { kind: 'heating' }
  | { kind: 'dryer' }
  | { kind: 'tools' }
  | { kind: 'careful' }
  | { kind: 'evening'; date: string; start: string; end: string }
  | { kind: 'without'; pieceId: string };

export interface Alternative {
  otherwise: Otherwise;
  planned: PlannedEvenings;
  /** The day each piece would be done, as minutes; without those that find no place. */
  doneMin: Record<string, number>;
}

/** So many drafts each alternative is worked on: enough to be compared fairly, quick enough to be asked for (our number). */
const DRAFTS = 150;

/** The given as it would be otherwise, and what the plan may then do. */
function changed({ workshop, pieces, ...rest }: Given, otherwise: Otherwise): { given: Given; allows: Allowances } {
  const given = { ...rest, workshop, pieces };
  const { climate } = workshop;
  switch (otherwise.kind) {
    case 'heating':
      return { given: { ...given, workshop: { ...workshop, climate: { ...climate, night: climate.evening } } }, allows: {} };
    case 'dryer':
      return { given, allows: { dryer: true } };
    case 'tools':
      return { given, allows: { tools: true } };
    case 'careful':
      return { given: { ...given, workshop: { ...workshop, careful: true } }, allows: {} };
    case 'evening': {
      const { date, start, end } = otherwise;
      return {
        given: { ...given, workshop: { ...workshop, dates: [...workshop.dates.filter((one) => one.date !== date), { date, start, end }] } },
        allows: {},
      };
    }
    case 'without':
      return { given: { ...given, pieces: pieces.filter(({ id }) => id !== otherwise.pieceId) }, allows: {} };
    default:
      return { given, allows: {} };
  }
}

/** The problem of what is given; what is archived takes no evening. */
export function problemOf({ pieces, workshop, shelf, originDate, nowMin }: Given, allows: Allowances = {}) {
  const open = pieces.filter(({ archivedOn }) => archivedOn === null);
  return { open, problem: planningProblem(open, workshop, suppliesOf(shelf), originDate, nowMin, allows) };
}

/** The plan as it would be if something were otherwise: as much work is put into each, so that they compare. */
export function planOtherwise(now: Given, otherwise: Otherwise): Alternative {
  const { given, allows } = changed(now, otherwise);
  const { open, problem } = problemOf(given, allows);
  const { wishes, kept } = given.workshop.planning;
  const planned = planEvenings(problem, { wishes, start: kept && startFrom(kept, open, given.originDate), drafts: DRAFTS });
  const doneMin: Record<string, number> = {};
  for (const { id, endMin } of planned.plan.placed) {
    const pieceId = id.split('/')[0] ?? '';
    doneMin[pieceId] = Math.max(doneMin[pieceId] ?? 0, endMin);
  }
  return { otherwise, planned, doneMin };
}

/** Days of the coming week that have no evening yet, with the hours that the painter usually has. */
export function freeDays({ workshop, originDate, nowMin }: Pick<Given, 'workshop' | 'originDate' | 'nowMin'>, days = 7): SingleDate[] {
  const usual = workshop.weekly[0] ?? { start: '19:30', end: '21:30' };
  const evenings = eveningsFrom(workshop, originDate, days + 1);
  return Array.from({ length: days }, (_, i) => i).flatMap((day) => {
    const date = addDays(originDate, day);
    const taken = evenings.some(({ fromMin }) => Math.floor(fromMin / MINUTES_PER_DAY) === day);
    const hours = workshop.weekly.find(({ weekday }) => weekday === weekdayOf(date)) ?? usual;
    const [hour = 0, minute = 0] = hours.start.split(':').map(Number);
    return taken || day * MINUTES_PER_DAY + hour * 60 + minute < nowMin ? [] : [{ date, start: hours.start, end: hours.end }];
  });
}
