import type { Given } from '@eveningtide/core/schedule';
import { Link } from 'react-router';
import { delayWords } from './delay-words.js';
import { eveningsService, useAnswer } from '../workers/evenings-service.js';
import { usePlan } from '../workers/outlook-context.js';

const delayOf = (given: Given) => eveningsService().delay(given);

/** What a late start costs, said as soon as it does. */
export function Delayed() {
  const { given } = usePlan();
  const { answer } = useAnswer(given, delayOf);
  const words = answer ? delayWords(answer) : '';
  if (words === '') return null;
  return (
    <p role="status" className="border-b border-line-strong bg-paper px-6 py-1.5 text-lg">
      <b>Against the plan the evening began with:</b> {words}.{' '}
      <Link className="underline underline-offset-4" to="/evenings">
        Evenings
      </Link>
    </p>
  );
}
