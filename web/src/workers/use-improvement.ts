import type { PlanInput } from '@eveningtide/core/schedule';
import type { PlannedEvenings } from '@eveningtide/core/solver';
import { proxy } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { ownEveningsService } from './threads.js';

/** So long it is improved at most before it is asked whether to go on. */
export const IMPROVE_MS = 20_000;

export interface Improvement {
  /** What was asked to be improved; the day and the pieces as they were then. */
  given: PlanInput;
  best: PlannedEvenings | null;
  elapsedMs: number;
  running: boolean;
  error: string | null;
}

export interface Improver {
  improvement: Improvement | null;
  start: (given: PlanInput) => void;
  /** Goes on from the best so far. */
  goOn: () => void;
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

  const run = (given: PlanInput, best: PlannedEvenings | null): void => {
    finish();
    const thread = ownEveningsService();
    end.current = thread.end;
    // another seed takes other steps
    const question = { timeLimitMs: IMPROVE_MS, seed: ++seed.current, from: best?.start ?? null };
    setImprovement({ given, best, elapsedMs: 0, running: true, error: null });
    const tell = proxy((elapsedMs: number, better: PlannedEvenings | null) => {
      setImprovement((now) => now && { ...now, elapsedMs, best: better ?? now.best });
    });
    const ended = (change: Partial<Improvement>): void => {
      setImprovement((now) => now && { ...now, ...change, running: false });
      finish();
    };
    thread.service.improve(given, question, tell).then(
      (found) => {
        ended({ best: found });
      },
      (error: unknown) => {
        ended({ error: error instanceof Error ? error.message : String(error) });
      },
    );
  };
  return {
    improvement,
    start: (given) => {
      run(given, null);
    },
    goOn: () => {
      if (improvement) run(improvement.given, improvement.best);
    },
    stop: () => {
      finish();
      setImprovement((now) => now && { ...now, running: false });
    },
    discard: () => {
      finish();
      setImprovement(null);
    },
  };
}
