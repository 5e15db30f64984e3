import { lazy, Suspense } from 'react';

const Asked = lazy(async () => ({ default: (await import('./asked.js')).Asked }));

export interface Question {
  title: string;
  text: string;
  yes: string;
}

/** Asks before something large happens; null asks nothing. */
export const Ask = ({ asked, onAnswer }: { asked: Question | null; onAnswer: (yes: boolean) => void }) => (
  <Suspense>{asked && <Asked asked={asked} onAnswer={onAnswer} />}</Suspense>
);
