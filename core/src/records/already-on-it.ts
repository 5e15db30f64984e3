import { plainEntry, type LogEntry } from '../log/index.js';
import { planPieces, type PlanInput } from '../schedule/index.js';
import { RULES } from '../sequence/index.js';
import { plainStep, type Piece, type Step, type Waiver } from '../subjects/index.js';
import { addDays } from '../units/index.js';
import { OLD_AGES, OLD_LAYERS, type OldAge } from './old-layers.js';

/** Why nothing is learnt of it, and why its findings are let stand. */
const AS_FOUND = 'It was on the piece when it came.';

/** What came with a piece, to be put before its steps. */
export interface AlreadyOnIt {
  steps: Step[];
  /** They say that the steps were done. */
  entries: LogEntry[];
  /** How it was done is past mending. What still follows from it, dust that nothing holds, is told as ever. */
  waivers: Waiver[];
}

/**
 * What is on a finished piece, as steps before all others and the entries that say they were done: so everything that asks what lies below finds it as if it
 * had been done here. `ids` makes ids that are in no use.
 * @throws RangeError when one of `layerIds` or `age` is not known.
 */
export function alreadyOnIt(
  piece: Piece,
  layerIds: readonly string[],
  { age, ids, ...bench }: { age: OldAge; ids: () => string } & Pick<PlanInput, 'workshop' | 'shelf' | 'originDate'>,
): AlreadyOnIt {
  const unknown = layerIds.find((id) => OLD_LAYERS.every((layer) => layer.id !== id));
  if (unknown !== undefined) throw new RangeError(`layerIds must name old layers, got '${unknown}'`);
  const found = OLD_AGES.find(({ id }) => id === age);
  if (!found) throw new RangeError(`age must be one of ${OLD_AGES.map(({ id }) => id).join(', ')}, got '${age}'`);
  const chosen = OLD_LAYERS.filter(({ id }) => layerIds.includes(id));
  const steps = chosen.map(({ technique, material }) => plainStep({ id: ids(), technique, material, zones: ['all'], note: AS_FOUND }));
  // a day apart, so that each has come onto something dry
  const entries = steps.map((step, i) => {
    const at = `${addDays(bench.originDate, -found.days - (steps.length - i))}T20:00:00`;
    return plainEntry({
      ...{ id: ids(), kind: 'work', pieceId: piece.id, stepId: step.id, step },
      ...{ startedAt: at, endedAt: at, setAside: AS_FOUND },
    });
  });
  const alone = planPieces({ ...bench, pieces: [{ ...piece, archivedOn: null, groups: [], waivers: [], steps }], log: entries, nowMin: 0 });
  const told = alone.pieces.flatMap(({ findings }) => findings).filter(({ rule }) => !LOOKING_BACK.has(rule));
  const waivers = told.map(({ rule, stepId }) => ({ rule, stepId, reason: AS_FOUND }));
  return { steps, entries, waivers };
}

/** Rules that look at how a piece is left: what they tell can still be mended. */
const LOOKING_BACK = new Set(RULES.filter((rule) => 'checkEnd' in rule).map(({ id }) => id));
