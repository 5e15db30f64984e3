import { lazy, Suspense } from 'react';
import type { Question } from './asked.js';
import { useFetchedAhead } from './when-idle.js';

const load = () => import('./asked.js');
const Asked = lazy(async () => ({ default: (await load()).Asked }));

/** Asks before something large happens; null asks nothing. */
export function Ask({ asked, onAnswer }: { asked: Question | null; onAnswer: (yes: boolean) => void }) {
  useFetchedAhead(load);
  return <Suspense>{asked && <Asked asked={asked} onAnswer={onAnswer} />}</Suspense>;
}
