import type { LogEntry } from '../log/index.js';
import type { Start } from '../solver/index.js';
import type { Piece } from '../subjects/index.js';
import { clockOf, dateOf, minuteOf, movedByDays } from '../units/index.js';
import { doingsOf } from './doing.js';
import { operationId, operationOf } from './operation-id.js';
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
    order: start.order.flatMap((id) => names.of(id) ?? []),
    keptFree: start.keptFree.map(localTime).sort(),
    notBefore: Object.entries(start.fromMin).flatMap(([id, minute]) => {
      const step = names.of(id);
      return step === undefined ? [] : [{ step, at: localTime(minute) }];
    }),
  };
}

/** A kept plan told for the pieces and the day as they are now; what is gone is left out. */
export function startFrom(kept: KeptPlan, given: Named): Start {
  const { originDate } = given;
  const { idOf } = namesOf(given);
  return {
    order: kept.order.flatMap((name) => idOf(name) ?? []),
    keptFree: kept.keptFree.map((at) => minuteOf(originDate, at)),
    fromMin: Object.fromEntries(
      kept.notBefore.flatMap(({ step, at }) => {
        const id = idOf(step);
        return id === undefined ? [] : [[id, minuteOf(originDate, at)] as const];
      }),
    ),
    chosen: {},
  };
}

/** Operations told by names that outlast a day, and back: piece, step and sitting; undefined where there is none such. */
export interface Names {
  of: (id: string) => string | undefined;
  idOf: (name: string) => string | undefined;
}

export function namesOf({ pieces, log, originDate }: Named): Names {
  const byPiece = new Map(doingsOf(pieces, log, originDate).map((doing) => [doing.piece.id, doing.steps.map(({ id }) => id)]));
  return {
    of: (id) => {
      const { pieceId, stepIndex, sitting } = operationOf(id);
      const stepId = byPiece.get(pieceId)?.[stepIndex];
      return stepId === undefined ? undefined : `${pieceId}/${stepId}/${String(sitting)}`;
    },
    idOf: (name) => {
      const [pieceId = '', stepId = '', sitting = ''] = name.split('/');
      const index = byPiece.get(pieceId)?.indexOf(stepId) ?? -1;
      return index < 0 ? undefined : operationId({ id: pieceId }, index, Number(sitting));
    },
  };
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
