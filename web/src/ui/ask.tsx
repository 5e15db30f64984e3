import type { Question } from './asked.js';
import { useFetchedAhead } from './when-idle.js';

const load = () => import('./asked.js');

/** Asks before something large happens; null asks nothing. */
export function Ask({ asked, onAnswer }: { asked: Question | null; onAnswer: (yes: boolean) => void }) {
  const code = useFetchedAhead(load, asked !== null);
  return asked && code && <code.Asked asked={asked} onAnswer={onAnswer} />;
}
