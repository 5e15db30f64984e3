import { incomingOf } from '@eveningtide/core/sequence';
import type { Supplies } from '@eveningtide/core/materials';
import type { Piece, Step } from '@eveningtide/core/subjects';

/** How what is laid is dried, in words. */
export const AIRFLOW_WORDS: Record<Step['drying'], string> = {
  still: 'still air',
  fan: 'fan',
  'cool-dryer': 'cool dryer',
  'warm-dryer': 'warm dryer',
  'heat-gun': 'heat gun',
};

const DIRECTION_WORDS: Record<NonNullable<Step['direction']>, string> = { down: 'downwards', up: 'upwards', sideways: 'sideways' };

/** From here on a hand is heavy, below it is light, 0–1 (our numbers). */
const HAND = { lightBelow: 0.35, heavyFrom: 0.7 } as const;

function handWords(strength: number | null): string[] {
  if (strength === null) return [];
  if (strength < HAND.lightBelow) return ['with a light hand'];
  return strength >= HAND.heavyFrom ? ['with a heavy hand'] : [];
}

/** How it is done, as far as that is not a matter of course: on how much of it, how strongly, which way, dried how. */
export function howWords(step: Step, supplies: Supplies): string {
  const { coverPct, material } = incomingOf(step, supplies);
  return [
    ...(material && coverPct < 100 ? [`on about ${String(coverPct)} %`] : []),
    ...handWords(step.strength),
    ...((step.allowance ?? 1) > 1 ? [`${String(step.allowance)} times as strong as it should look`] : []),
    ...(step.direction === null ? [] : [DIRECTION_WORDS[step.direction]]),
    ...(step.drying === 'still' ? [] : [`dried with a ${AIRFLOW_WORDS[step.drying]}`]),
  ].join(', ');
}

/** What must stay clean while it is sprayed, zone by zone; empty where nothing is sprayed or nothing lies open. */
export function keepOffWords(piece: Piece, step: Step, supplies: Supplies): string {
  if (!incomingOf(step, supplies).sprayed) return '';
  return piece.zones
    .filter(({ id, keepClean }) => keepClean !== null && !step.zones.includes(id))
    .map(({ name }) => name.toLowerCase())
    .join(', ');
}
