import { Link } from 'react-router';
import { delayWords } from './delay-words.js';
import { useDelay } from '../workers/use-of-plan.js';

/** What a late start costs, said as soon as it does. */
export function Delayed() {
  const delay = useDelay();
  const words = delay ? delayWords(delay) : '';
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
