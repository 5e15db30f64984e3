import { membersOf, type Piece, type Step } from '@eveningtide/core/subjects';
import type { Shown } from '../ui/shown.js';
import { AIRFLOW_WORDS } from './how-words.js';

/** What a step has that goes beyond technique, material, where and cover, as far as it is not a matter of course. */
export function moreWords(piece: Piece, step: Step, tool: string, shown: Shown): string {
  const group = piece.groups.find(({ id }) => id === step.groupId);
  const told = [
    tool,
    step.coats > 1 && `${String(step.coats)} coats`,
    step.handsOnMin !== null && `${String(step.handsOnMin)} min`,
    step.drying !== 'still' && AIRFLOW_WORDS[step.drying],
    step.intoWet === true && 'into the wet',
    step.allowance !== null && `${String(step.allowance)} × as strong`,
    step.amountMl !== null && `${shown.text(step.amountMl, 'volume')} on each`,
    step.place !== null && `at ${step.place}`,
    step.members !== null &&
      membersOf(step, piece)
        .map(({ label }) => label)
        .join(', '),
    group?.name,
    step.priority !== 'must' && `${step.priority} be done`,
    step.pinnedAt !== null && 'at a fixed time',
    step.daylight && 'in daylight',
    step.gate !== null && 'then looked at',
    step.note !== '' && `“${step.note.slice(0, 40)}${step.note.length > 40 ? '…' : ''}”`,
  ];
  return told.filter((part): part is string => typeof part === 'string' && part !== '').join(' · ');
}
