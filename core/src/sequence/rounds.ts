import type { Step, StepGroup } from '../subjects/index.js';
import type { Edit, Fix } from './finding.js';

/** Between the id of a step and the number of the round it is done in. */
const ROUND_MARK = '~';

/**
 * The steps as they are really done: a repeat group's steps follow one another as often as it has rounds. Steps of a
 * group stand together; those of later rounds get ids of their own that lead back to the step.
 */
export function expandRounds(steps: readonly Step[], groups: readonly StepGroup[]): Step[] {
  const rounds = new Map(groups.map((group) => [group.id, group.rounds]));
  const out: Step[] = [];
  for (let at = 0; at < steps.length;) {
    const groupId = steps[at]?.groupId ?? null;
    let end = at + 1;
    while (groupId !== null && steps[end]?.groupId === groupId) end++;
    const run = steps.slice(at, end);
    const times = groupId === null ? 1 : (rounds.get(groupId) ?? 1);
    for (let round = 1; round <= times; round++)
      out.push(...run.map((step) => (round === 1 ? step : { ...step, id: `${step.id}${ROUND_MARK}${String(round)}` })));
    at = end;
  }
  return out;
}

/** The id of the step that a round's step stands for. */
export const stepIdOf = (id: string): string => id.split(ROUND_MARK)[0] ?? id;

/** The round that a step as done belongs to, from 1. */
export const roundOf = (id: string): number => Number(id.slice(stepIdOf(id).length + ROUND_MARK.length) || 1);

/** A fix for the steps as done, told for the steps as planned: what hits several rounds of a step hits it once. */
export function fixForPlanned(fix: Fix, done: readonly Step[], planned: readonly Step[]): Fix {
  const place = (at: number): number => {
    const step = done[at];
    const index = step ? planned.findIndex((p) => p.id === stepIdOf(step.id)) : -1;
    return index < 0 ? planned.length : index;
  };
  const edits = fix.edits.map((edit): Edit => ({ ...edit, at: place(edit.at) }));
  const seen = new Set<string>();
  return {
    ...fix,
    edits: edits.filter((edit) => {
      const same = JSON.stringify(edit);
      return planned.length === done.length || (!seen.has(same) && Boolean(seen.add(same)));
    }),
  };
}
