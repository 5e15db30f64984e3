import { planEvenings, type Plan, type PlannedEvenings, type ScheduleProblem } from '../solver/index.js';
import { MINUTES_PER_DAY } from '../units/index.js';
import { problemOf, type PlanInput } from './plan-input.js';

/** What is best done in a short time, right now. */
export interface TimeBox {
  fromMin: number;
  toMin: number;
  /** What is done in it, by start. */
  inside: Plan['placed'];
  cleanings: Plan['cleanings'];
  /** Steps of the chosen piece that are left out, because they would not fit. */
  dropped: string[];
  /** Whether the chosen piece gets done in it; null where none was chosen. */
  isDone: boolean | null;
  /** Evenings that it saves; the box itself is none, unless it is what is left of one. */
  savedEvenings: number;
  /** The plan with the box used, and without it. */
  withBox: PlannedEvenings;
  without: PlannedEvenings;
}

/** In a short time what counts is that work gets on. */
const GET_ON = { soonest: 3, fewest: 0, easy: 0, safe: 0 };
const DRAFTS = 120;

/** The box is an evening of its own. One that is on is cut to it: that is all the time there is; one that begins meanwhile begins after it. */
function boxed(problem: ScheduleProblem, fromMin: number, toMin: number): ScheduleProblem {
  const { calendar } = problem;
  if (!calendar) return problem;
  const others = calendar.evenings.flatMap((e) => {
    if (e.toMin <= fromMin || e.fromMin >= toMin) return [e];
    return e.fromMin <= fromMin || e.toMin <= toMin ? [] : [{ fromMin: toMin, toMin: e.toMin }];
  });
  return {
    ...problem,
    // so many minutes are meant to be used whole
    calendar: {
      ...calendar,
      fillShare: 1,
      notBeforeMin: fromMin,
      evenings: [...others, { fromMin, toMin }].sort((a, b) => a.fromMin - b.fromMin),
    },
  };
}

/**
 * What is best done now, in so many minutes. With a piece chosen, that piece is to be finished in it, and what is only wanted may be left out.
 * @throws RangeError unless the minutes are above 0 and at most a day.
 */
export function timeBox(given: PlanInput, minutes: number, pieceId: string | null = null): TimeBox {
  if (!(minutes > 0 && minutes <= MINUTES_PER_DAY))
    throw new RangeError(`minutes must be above 0 and at most 1440, got ${String(minutes)}`);
  const { nowMin } = given;
  const toMin = nowMin + minutes;
  const chosen = pieceId === null ? given : { ...given, pieces: given.pieces.filter(({ id }) => id === pieceId) };
  const { problem } = problemOf(chosen, pieceId === null ? {} : { drops: true });
  const due = pieceId === null ? problem : { ...problem, operations: problem.operations.map((one) => droppable(one, chosen, toMin)) };
  const withBox = planEvenings(boxed(due, nowMin, toMin), { wishes: GET_ON, drafts: DRAFTS });
  const without = planEvenings(problem, { wishes: GET_ON, drafts: DRAFTS });
  // an evening that is on is cut to the box: then it counts as one in both plans
  const isOn = problem.calendar?.evenings.some((e) => e.fromMin <= nowMin && nowMin < e.toMin) === true;
  const inside = withBox.plan.placed.filter(({ startMin, endMin }) => startMin >= nowMin && endMin <= toMin);
  return {
    fromMin: nowMin,
    toMin,
    inside,
    cleanings: withBox.plan.cleanings.filter((c) => c.fromMin >= nowMin && c.fromMin < toMin),
    dropped: withBox.plan.dropped,
    isDone: pieceId === null ? null : withBox.plan.unplaced.length === 0 && inside.length === withBox.plan.placed.length,
    savedEvenings: without.cost.evenings - withBox.cost.evenings + (isOn || inside.length === 0 ? 0 : 1),
    withBox,
    without,
  };
}

/** To be done by the end of the box; what is not a must may be left out for it. */
function droppable(
  operation: ScheduleProblem['operations'][number],
  { pieces }: PlanInput,
  toMin: number,
): ScheduleProblem['operations'][number] {
  const [pieceId, index] = operation.id.split('/');
  const priority = pieces.find(({ id }) => id === pieceId)?.steps[Number(index)]?.priority ?? 'must';
  return { ...operation, dueMin: toMin, dropCost: priority === 'may' ? 1 : priority === 'should' ? 3 : null };
}
