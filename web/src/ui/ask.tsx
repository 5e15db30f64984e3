import { lazy, Suspense } from 'react';
import type { Question } from './asked.js';

const Asked = lazy(async () => ({ default: (await import('./asked.js')).Asked }));

/** Asks before something large happens; null asks nothing. */
export const Ask = ({ asked, onAnswer }: { asked: Question | null; onAnswer: (yes: boolean) => void }) => (
  <Suspense>{asked && <Asked asked={asked} onAnswer={onAnswer} />}</Suspense>
);
