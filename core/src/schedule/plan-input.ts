import { paceOf } from '../calibration/index.js';
import { suppliesOf, type Shelf, type Supplies } from '../materials/index.js';
import {
  planEvenings,
  type PlanOptions,
  type PlannedEvenings,
  type ScheduleOperation,
  type ScheduleProblem,
  type Start,
} from '../solver/index.js';
import type { LogEntry } from '../log/index.js';
import type { Piece } from '../subjects/index.js';
import { minuteOf, type Interval } from '../units/index.js';
import { keptPlan, namesOf, startFrom, type Named } from './kept-plan.js';
import { doingsOf, type Doing } from './doing.js';
import { benchOf, planningProblem, type Bench } from './problem.js';
import type { Allowances } from './ways.js';
import type { KeptPlan, Workshop } from './workshop.js';

/** All that a plan is made from. */
export interface PlanInput {
  pieces: readonly Piece[];
  workshop: Workshop;
  shelf: Shelf;
  /** What has been done, oldest first. */
  log: readonly LogEntry[];
  originDate: string;
  nowMin: number;
  /** What `benchSupplies` makes of the rest, where that was done already: reading a long log takes time. */
  supplies?: Supplies;
}

export interface Planned {
  /** Without what is archived: that takes no evening. */
  open: Piece[];
  /** The same as they stand at the bench, and what their steps are reckoned with. */
  doings: Doing[];
  bench: Bench;
  problem: ScheduleProblem;
  /** What led to the plan that was kept; null where none was. */
  start: Start | null;
  planned: PlannedEvenings;
}

/** What is on the shelf, at the pace that the bench has learnt from all its pieces. */
export function benchSupplies({ pieces, workshop, shelf, log }: Pick<PlanInput, 'pieces' | 'workshop' | 'shelf' | 'log'>): Supplies {
  const supplies = suppliesOf(shelf);
  const { learning } = workshop;
  if (log.length === 0 || !(learning.minutes || learning.drying)) return supplies;
  return { ...supplies, pace: paceOf(log, pieces, benchOf(workshop, supplies), learning) };
}

/** The problem of what is given. */
export function problemOf(given: PlanInput, allows: Allowances = {}): Pick<Planned, 'open' | 'doings' | 'bench' | 'problem'> {
  const { pieces, workshop, log, originDate, nowMin, supplies = benchSupplies(given) } = given;
  const open = pieces.filter(({ archivedOn }) => archivedOn === null);
  const doings = doingsOf(open, log, originDate);
  const bench = benchOf(workshop, supplies, allows);
  return { open, doings, bench, problem: planningProblem(doings, bench, originDate, nowMin) };
}

/** The plan of what is given: as it was kept, else by what is wished for. */
export function planOf(asked: PlanInput, { allows = {}, ...options }: PlanOptions & { allows?: Allowances } = {}): Planned {
  const given = { ...asked, supplies: asked.supplies ?? benchSupplies(asked) };
  const { problem: bare, ...stands } = problemOf(given, allows);
  const { open } = stands;
  const { wishes, kept: chosen } = given.workshop.planning;
  const began = asBegan(given, bare);
  const kept = chosen ?? began?.kept ?? null;
  const start = kept && startFrom(kept, { ...given, pieces: open });
  const problem = began ? filledBy(bare, began, { ...given, pieces: open }) : bare;
  const planned = planEvenings(problem, { wishes, start, ...options });
  const missed = new Set(planned.plan.unplaced.map(({ id }) => id));
  if (!problem.operations.some(({ id, startsIn }) => startsIn && missed.has(id))) return { ...stands, problem, start, planned };
  // a window that cannot be met any more is missed: the rest goes on, and the check says what it spoils
  const anyway = { ...problem, operations: problem.operations.map((one) => (missed.has(one.id) ? withoutWindow(one) : one)) };
  return { ...stands, problem: anyway, start, planned: planEvenings(anyway, { wishes, start, ...options }) };
}

/** Everything as it stood when the evening that is on began; null where none is, or where nothing has changed since. */
export function beganAs(given: PlanInput, evenings: readonly Interval[]): PlanInput | null {
  const on = evenings.find(({ fromMin, toMin }) => fromMin <= given.nowMin && given.nowMin < toMin);
  if (!on) return null;
  const log = given.log.filter(({ startedAt }) => minuteOf(given.originDate, startedAt) < on.fromMin);
  return on.fromMin === given.nowMin && log.length === given.log.length ? null : { ...given, nowMin: on.fromMin, log };
}

interface Began {
  /** What led to the plan with which the evening began: it is kept to, so that the order does not change under the painter's hands. */
  kept: KeptPlan;
  /** What was planned for it then, by name. */
  tonight: ReadonlySet<string>;
}

/** The plan with which the evening that is on began; null where none is. */
function asBegan(given: PlanInput, { calendar }: ScheduleProblem): Began | null {
  const evenings = calendar?.evenings ?? [];
  const began = beganAs(given, evenings);
  if (!began) return null;
  const { open, planned } = planOf(began);
  const named = { ...began, pieces: open };
  const names = namesOf(named);
  const toMin = evenings.find((evening) => evening.toMin > given.nowMin)?.toMin ?? 0;
  const tonight = planned.plan.placed.flatMap(({ id, startMin }) => (startMin < toMin ? (names.of(id) ?? []) : []));
  return { kept: keptPlan(planned.start, named), tonight: new Set(tonight) };
}

/** What was planned for the evening that is on may take the end of it, which was kept free for what takes longer. */
function filledBy(problem: ScheduleProblem, { tonight }: Began, named: Named): ScheduleProblem {
  const names = namesOf(named);
  return {
    ...problem,
    operations: problem.operations.map((one) => (tonight.has(names.of(one.id) ?? '') ? { ...one, fills: true } : one)),
  };
}

const withoutWindow = ({ startsIn: _window, ...operation }: ScheduleOperation): ScheduleOperation => operation;
