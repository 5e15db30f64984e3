import { useEffect, useState } from 'react';
import { NewestOnly } from './newest-only.js';

export interface Asked<A> {
  /** The last that came; it stays until the next is there. Null where none has come, or asking failed. */
  answer: A | null;
  /** The next answer is on its way. */
  working: boolean;
  error: string | null;
}

export interface AskedHow {
  /** So long nothing may change before it is asked: while something is dragged about. */
  stillMs?: number;
  /** An answer to what was asked before is shown while the next is on its way: better an older one than none. */
  showsOlder?: boolean;
}

const wordsOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));

/**
 * What a thread answers to a question, asked anew when the question or who is asked changes; both must be the same objects while nothing does. Null asks
 * nothing. While one is being answered only the newest question waits.
 */
export function useAsked<Q, A>(
  question: Q | null,
  ask: ((question: Q) => Promise<A>) | null,
  { stillMs = 0, showsOlder = false }: AskedHow = {},
): Asked<A> {
  const [queue] = useState(() => new NewestOnly());
  const [state, setState] = useState<{ of: Q | null; by: unknown; answer: A | null; error: string | null }>({
    ...{ of: null, by: null, answer: null, error: null },
  });
  useEffect(() => {
    if (question === null || !ask) return;
    let over = false;
    const isOld = (): boolean => over;
    const work = async (): Promise<void> => {
      if (isOld()) return;
      const told = await ask(question).then(
        (answer) => ({ answer, error: null }),
        (error: unknown) => ({ answer: null, error: wordsOf(error) }),
      );
      if (!isOld() || showsOlder) setState({ of: question, by: ask, ...told });
    };
    const begin = (): void => {
      queue.run(work);
    };
    const timer = stillMs > 0 ? setTimeout(begin, stillMs) : null;
    if (timer === null) begin();
    return () => {
      over = true;
      if (timer !== null) clearTimeout(timer);
    };
  }, [question, ask, stillMs, showsOlder, queue]);
  return {
    answer: state.answer,
    error: state.error,
    working: question !== null && ask !== null && (state.of !== question || state.by !== ask),
  };
}
