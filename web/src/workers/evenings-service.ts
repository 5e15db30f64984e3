import type { Given } from '@eveningtide/core/schedule';
import { wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
import type { EveningsService } from './evenings.worker.js';

const started = (): Worker => new Worker(new URL('./evenings.worker.ts', import.meta.url), { type: 'module' });

let remote: Remote<EveningsService> | null = null;

/** The thread that answers questions about evenings; begun at the first. */
export function eveningsService(): Remote<EveningsService> {
  remote ??= wrap<EveningsService>(started());
  return remote;
}

/** A thread of one's own for long work; it is ended to stop it. */
export function ownEveningsService(): { service: Remote<EveningsService>; end: () => void } {
  const worker = started();
  return {
    service: wrap<EveningsService>(worker),
    end: () => {
      worker.terminate();
    },
  };
}

/** The answer to a question about what is given, asked anew when that changes; the old answer stays until the new one is there. */
export function useAnswer<T, G = Given>(
  given: G | null,
  ask: ((given: G) => Promise<T>) | null,
): { answer: T | null; working: boolean; error: string | null } {
  const [state, setState] = useState<{ of: G | null; by: unknown; answer: T | null; error: string | null }>({
    of: null,
    by: null,
    answer: null,
    error: null,
  });
  useEffect(() => {
    if (!given || !ask) return;
    let dropped = false;
    ask(given).then(
      (answer) => {
        if (!dropped) setState({ of: given, by: ask, answer, error: null });
      },
      (error: unknown) => {
        if (!dropped) setState({ of: given, by: ask, answer: null, error: error instanceof Error ? error.message : String(error) });
      },
    );
    return () => {
      dropped = true;
    };
  }, [given, ask]);
  return { answer: state.answer, error: state.error, working: ask !== null && (state.of !== given || state.by !== ask) };
}
