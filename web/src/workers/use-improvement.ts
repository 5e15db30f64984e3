import type { Given } from '@eveningtide/core/schedule';
import type { PlannedEvenings } from '@eveningtide/core/solver';
import { proxy } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { ownEveningsService } from './evenings-service.js';

/** So long it is improved at most before it is asked whether to go on. */
export const IMPROVE_MS = 20_000;

export interface Improvement {
  /** What was asked to be improved; the day and the pieces as they were then. */
  given: Given;
  best: PlannedEvenings | null;
  /** Better plans so far, with the time they were found at. */
  found: { atMs: number; evenings: number; finishMin: number; total: number }[];
  running: boolean;
  error: string | null;
}

export interface Improver {
  improvement: Improvement | null;
  start: (given: Given) => void;
  stop: () => void;
  discard: () => void;
}

/** Improves the plan in a thread of its own. The page stays quick; what is best so far is told as it is found. */
export function useImprovement(): Improver {
  const [improvement, setImprovement] = useState<Improvement | null>(null);
  const end = useRef<(() => void) | null>(null);
  const seed = useRef(0);
  const finish = (): void => {
    end.current?.();
    end.current = null;
  };
  useEffect(() => finish, []);

  const start = (given: Given): void => {
    finish();
    const thread = ownEveningsService();
    end.current = thread.end;
    seed.current++;
    setImprovement({ given, best: null, found: [], running: true, error: null });
    const onBetter = proxy((best: PlannedEvenings, atMs: number) => {
      setImprovement(
        (now) =>
          now && {
            ...now,
            best,
            found: [...now.found, { atMs, evenings: best.cost.evenings, finishMin: best.cost.finishMin, total: best.cost.total }],
          },
      );
    });
    thread.service.improve(given, IMPROVE_MS, seed.current, onBetter).then(
      (best) => {
        setImprovement((now) => now && { ...now, best, running: false });
        finish();
      },
      (error: unknown) => {
        setImprovement((now) => now && { ...now, running: false, error: error instanceof Error ? error.message : String(error) });
        finish();
      },
    );
  };
  const stop = (): void => {
    finish();
    setImprovement((now) => now && { ...now, running: false });
  };
  const discard = (): void => {
    finish();
    setImprovement(null);
  };
  return { improvement, start, stop, discard };
}
