import { checkSequence } from '../sequence/index.js';
import { doingsOf } from './doing.js';
import { planPieces } from './made-plan.js';
import { sequenceProblem } from './placed-sequence.js';
import { benchSupplies, type PlanInput } from './plan-input.js';

/**
 * What no plan chooses: what lifts as long as it is not proof against it is a matter of what is laid on what, and the air is that of all evenings.
 */
const NOT_OF_TIME: ReadonlySet<string> = new Set(['solvent-lifts-layer', 'climate']);

/**
 * What a plan of pieces that nothing was done of has brought about by its choice of times alone: with each step as soon as it may come, without a thought of
 * evenings, it is not there. Pieces with a step that has no place are left out: they are told as such. For tests of the planner, of whatever is planned.
 */
export function ownChoices(given: PlanInput): string[] {
  const { pieces: outlooks, plan, evenings } = planPieces(given);
  const supplies = benchSupplies(given);
  const doings = doingsOf(given.pieces, [], given.originDate);
  return outlooks.flatMap(({ pieceId, findings, placed }) => {
    const piece = given.pieces.find(({ id }) => id === pieceId);
    if (!piece || placed.includes(false)) return [];
    const asSoon = sequenceProblem(piece, { ...given, supplies, evenings, placed: new Map(), doings });
    const anyway = new Set(checkSequence(asSoon).findings.map(({ rule, stepIndex }) => `${rule}@${String(stepIndex)}`));
    return findings
      .filter(
        ({ rule, stepIndex, severity }) => severity !== 'hint' && !NOT_OF_TIME.has(rule) && !anyway.has(`${rule}@${String(stepIndex)}`),
      )
      .map(({ rule, stepIndex, message, evidence }) => {
        const times = plan.placed
          .filter(({ id }) => id.startsWith(`${pieceId}/`))
          .map(({ id, startMin }) => `${id} at ${String(startMin)}`);
        return `${rule} at step ${String(stepIndex + 1)} of ${piece.name}: ${message} ${evidence} ${times.join(', ')}`;
      });
  });
}
