import type { FoundRecipe } from '@eveningtide/core/matching';
import { wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
import type { FindQuestion, FinderService } from './finder.worker.js';

let remote: Remote<FinderService> | null = null;

function service(): Remote<FinderService> {
  remote ??= wrap<FinderService>(new Worker(new URL('./finder.worker.ts', import.meta.url), { type: 'module' }));
  return remote;
}

/** So long nothing may change before the search begins: a colour is dragged about. */
const STILL_MS = 150;

/** Recipes for a question, looked for anew when it changes. `question` must be stable while nothing changes. */
export function useFinder(question: FindQuestion | null): { found: FoundRecipe[] | null; working: boolean; error: string | null } {
  const [answer, setAnswer] = useState<{ of: FindQuestion | null; found: FoundRecipe[] | null; error: string | null }>({
    of: null,
    found: null,
    error: null,
  });
  useEffect(() => {
    if (!question) return;
    let dropped = false;
    const timer = setTimeout(() => {
      service()
        .find(question)
        .then(
          (found) => {
            if (!dropped) setAnswer({ of: question, found, error: null });
          },
          (error: unknown) => {
            if (!dropped) setAnswer({ of: question, found: null, error: error instanceof Error ? error.message : String(error) });
          },
        );
    }, STILL_MS);
    return () => {
      dropped = true;
      clearTimeout(timer);
    };
  }, [question]);
  return { found: answer.found, error: answer.error, working: question !== null && answer.of !== question };
}
