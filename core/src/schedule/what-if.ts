import type { PlannedEvenings } from '../solver/index.js';
import { eveningsFrom } from './calendar.js';
import { addDays, MINUTES_PER_DAY, weekdayOf } from '../units/index.js';
import { planOf, type PlanInput } from './plan-input.js';
import type { Allowances } from './ways.js';
import type { SingleDate } from './workshop.js';

/** What could be otherwise. */
export type Scenario =
  | { kind: 'as-is' }
  | { kind: 'heating' }
  | { kind: 'dryer' }
  | { kind: 'tools' }
  | { kind: 'careful' }
  | { kind: 'evening'; date: string; start: string; end: string }
  | { kind: 'without'; pieceId: string };

export interface WhatIfPlan {
  scenario: Scenario;
  planned: PlannedEvenings;
  /** The day each piece would be done, as minutes; without those that find no place. */
  doneMin: Record<string, number>;
}

/** How a plan differs from another: less than 0 is fewer, or sooner. */
export interface Difference {
  evenings: number;
  days: number;
  cleanings: number;
}

/** What a plan has more of than the plan as it is. */
export function differenceTo(now: PlannedEvenings, other: PlannedEvenings): Difference {
  const day = ({ cost }: PlannedEvenings): number => Math.floor(cost.finishMin / MINUTES_PER_DAY);
  return {
    evenings: other.cost.evenings - now.cost.evenings,
    days: day(other) - day(now),
    cleanings: other.plan.cleanings.length - now.plan.cleanings.length,
  };
}

/** So many drafts each alternative is worked on: enough to be compared fairly, quick enough to be asked for (our number). */
const DRAFTS = 150;

/** The given as it would be otherwise, and what the plan may then do. */
function changed({ workshop, pieces, ...rest }: PlanInput, scenario: Scenario): { given: PlanInput; allows: Allowances } {
  const given = { ...rest, workshop, pieces };
  const { climate } = workshop;
  switch (scenario.kind) {
    case 'heating':
      return { given: { ...given, workshop: { ...workshop, climate: { ...climate, night: climate.evening } } }, allows: {} };
    case 'dryer':
      return { given, allows: { dryer: true } };
    case 'tools':
      return { given, allows: { tools: true } };
    case 'careful':
      return { given: { ...given, workshop: { ...workshop, careful: true } }, allows: {} };
    case 'evening': {
      const { date, start, end } = scenario;
      return {
        given: { ...given, workshop: { ...workshop, dates: [...workshop.dates.filter((one) => one.date !== date), { date, start, end }] } },
        allows: {},
      };
    }
    case 'without':
      return { given: { ...given, pieces: pieces.filter(({ id }) => id !== scenario.pieceId) }, allows: {} };
    default:
      return { given, allows: {} };
  }
}

/** The plan as it would be if something were otherwise: as much work is put into each, so that they compare. */
export function planScenario(now: PlanInput, scenario: Scenario): WhatIfPlan {
  const { given, allows } = changed(now, scenario);
  const { planned } = planOf(given, { allows, drafts: DRAFTS });
  const doneMin: Record<string, number> = {};
  for (const { id, endMin } of planned.plan.placed) {
    const pieceId = id.split('/')[0] ?? '';
    doneMin[pieceId] = Math.max(doneMin[pieceId] ?? 0, endMin);
  }
  return { scenario, planned, doneMin };
}

/** Days of the coming week that have no evening yet, with the hours that the painter usually has. */
export function freeDays({ workshop, originDate, nowMin }: Pick<PlanInput, 'workshop' | 'originDate' | 'nowMin'>, days = 7): SingleDate[] {
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
