import type { LogEntry } from '../log/index.js';
import type { Start } from '../solver/index.js';
import type { Piece } from '../subjects/index.js';
import { clockOf, dateOf, minuteOf, movedByDays } from '../units/index.js';
import { doingsOf } from './doing.js';
import { operationId } from './operation-id.js';
import type { KeptPlan } from './workshop.js';

/** What the names are of. */
export interface Named {
  pieces: readonly Piece[];
  log: readonly LogEntry[];
  originDate: string;
}

/** What leads to a plan, told by names that outlast a day and changes of the sequence. */
export function keptPlan(start: Start, given: Named): KeptPlan {
  const { originDate } = given;
  const names = namesOf(given);
  const localTime = (minute: number): string => `${dateOf(originDate, minute)}T${clockOf(minute)}`;
  return {
    keptOn: originDate,
    order: start.order.flatMap((id) => names.get(id) ?? []),
    keptFree: start.keptFree.map(localTime).sort(),
    notBefore: Object.entries(start.fromMin).flatMap(([id, minute]) => {
      const step = names.get(id);
      return step === undefined ? [] : [{ step, at: localTime(minute) }];
    }),
  };
}

/** A kept plan told for the pieces and the day as they are now; what is gone is left out. */
export function startFrom(kept: KeptPlan, given: Named): Start {
  const { originDate } = given;
  const ids = new Map([...namesOf(given)].map(([id, name]) => [name, id]));
  return {
    order: kept.order.flatMap((name) => ids.get(name) ?? []),
    keptFree: kept.keptFree.map((at) => minuteOf(originDate, at)),
    fromMin: Object.fromEntries(
      kept.notBefore.flatMap(({ step, at }) => (ids.has(step) ? [[ids.get(step) ?? '', minuteOf(originDate, at)] as const] : [])),
    ),
    chosen: {},
  };
}

/** Each operation by its id, named by piece, step and sitting. */
export function namesOf({ pieces, log, originDate }: Named): Map<string, string> {
  const names = new Map<string, string>();
  for (const { piece, steps } of doingsOf(pieces, log, originDate))
    steps.forEach((step, index) => {
      for (let sitting = 0; sitting < Math.max(1, step.coats); sitting++)
        names.set(operationId(piece, index, sitting), `${piece.id}/${step.id}/${String(sitting)}`);
    });
  return names;
}

/** A kept plan of a file whose dates are moved. */
export function movedBy(kept: KeptPlan, days: number): KeptPlan {
  const moved = (at: string): string => movedByDays(at, days);
  return {
    ...kept,
    keptOn: moved(kept.keptOn),
    keptFree: kept.keptFree.map(moved),
    notBefore: kept.notBefore.map(({ step, at }) => ({ step, at: moved(at) })),
  };
}
