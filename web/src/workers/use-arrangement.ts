import type { Arrangement } from '@eveningtide/core/arrange';
import { wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { ArrangeService, SentProblem } from './arrange.worker.js';

let remote: Remote<ArrangeService> | null = null;

function service(): Remote<ArrangeService> {
  remote ??= wrap<ArrangeService>(new Worker(new URL('./arrange.worker.ts', import.meta.url), { type: 'module' }));
  return remote;
}

export interface Arranged {
  arrangement: Arrangement | null;
  error: string | null;
  /** Something was changed since; the next answer is on its way. */
  working: boolean;
}

/** The order for a problem, made anew at each change; while the worker is busy only the newest question waits. */
export function useArrangement(problem: SentProblem | null): Arranged {
  const [answer, setAnswer] = useState<{ arrangement: Arrangement | null; error: string | null; of: SentProblem | null }>({
    arrangement: null,
    error: null,
    of: null,
  });
  const waiting = useRef<SentProblem | null>(null);
  const busy = useRef(false);

  useEffect(() => {
    if (!problem) return;
    waiting.current = problem;
    if (busy.current) return;
    busy.current = true;
    void (async () => {
      while (waiting.current) {
        const of: SentProblem = waiting.current;
        waiting.current = null;
        try {
          setAnswer({ arrangement: await service().arrange(of), error: null, of });
        } catch (error) {
          setAnswer((before) => ({ ...before, error: error instanceof Error ? error.message : String(error), of }));
        }
      }
      busy.current = false;
    })();
  }, [problem]);

  return { arrangement: answer.arrangement, error: answer.error, working: problem !== null && answer.of !== problem };
}
