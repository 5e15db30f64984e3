import { beganAs, namesOf, planOf, type PlanInput, type Planned } from '../schedule/index.js';
import { eveningsOf } from '../solver/index.js';

/** What the evening has become since it began. */
export interface Delay {
  /** More evenings than were planned then; negative: fewer. */
  evenings: number;
  /** All is done so many minutes later. */
  finishMin: number;
  /** Hands are free tonight so many minutes later. */
  tonightMin: number;
  /** Steps that had been planned for tonight and are not any more. */
  putOff: number;
}

/** How the plan as it is now (`now`, where it is at hand) compares with the one that the evening began with; null outside evenings. */
export function delayOf(given: PlanInput, now: Planned = planOf(given)): Delay | null {
  const evenings = now.problem.calendar?.evenings ?? [];
  const began = beganAs(given, evenings);
  if (!began) return null;
  const { planned, open: openThen } = planOf(began);
  const tonight = (plan: typeof planned.plan) =>
    eveningsOf(plan, evenings).find(({ evening }) => evening.fromMin <= given.nowMin && given.nowMin < evening.toMin)?.placed ?? [];
  const [then, left] = [tonight(planned.plan), tonight(now.planned.plan)];
  const lastEnd = (placed: typeof then): number => Math.max(given.nowMin, ...placed.map(({ endMin }) => endMin));
  // ids count steps, which may have been left out since: told apart by name
  const [nameThen, nameNow] = [namesOf({ ...began, pieces: openThen }), namesOf({ ...given, pieces: now.open })];
  const stillOpen = new Set(now.problem.operations.map(({ id }) => nameNow.of(id)));
  const stillTonight = new Set(left.map(({ id }) => nameNow.of(id)));
  return {
    evenings: eveningsFrom(now.planned.plan.placed, given) - eveningsFrom(planned.plan.placed, began),
    finishMin: now.planned.cost.finishMin - planned.cost.finishMin,
    tonightMin: lastEnd(left) - lastEnd(then),
    putOff: then.filter(({ id }) => stillOpen.has(nameThen.of(id)) && !stillTonight.has(nameThen.of(id))).length,
  };

  /** Evenings after this one in which something is done. */
  function eveningsFrom(placed: typeof then, { nowMin }: PlanInput): number {
    return new Set(
      placed.flatMap(
        ({ startMin }) => evenings.find((e) => startMin >= e.fromMin && startMin < e.toMin && e.fromMin > nowMin)?.fromMin ?? [],
      ),
    ).size;
  }
}
