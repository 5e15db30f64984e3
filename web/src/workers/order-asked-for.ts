import type { Shelf } from '@eveningtide/core/materials';
import type { Workshop } from '@eveningtide/core/schedule';
import type { Intent, Piece } from '@eveningtide/core/subjects';
import type { SentProblem } from './arrange.worker.js';

/** What is asked when an order is looked for: the piece, what is wished for, and how things are done on this bench. */
export function orderAskedFor(
  piece: Piece,
  intent: Intent,
  { shelf, workshop, today }: { shelf: Shelf; workshop: Workshop; today: string },
): SentProblem {
  const { schools, climate, rules } = workshop;
  return {
    piece,
    intent,
    story: intent.story,
    shelf,
    schools,
    today,
    air: climate.evening,
    severities: Object.fromEntries(rules.map(({ rule, severity }) => [rule, severity])),
  };
}
