import type { Given, Outlook } from '@eveningtide/core/schedule';
import { wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { OutlookService } from './outlook.worker.js';

let remote: Remote<OutlookService> | null = null;

function service(): Remote<OutlookService> {
  remote ??= wrap<OutlookService>(new Worker(new URL('./outlook.worker.ts', import.meta.url), { type: 'module' }));
  return remote;
}

/**
 * The plan and the findings for what is given, made anew at each change. Keeps showing the last until the next is
 * there; while the worker is busy only the newest question waits.
 */
export function useOutlook(given: Given | null): { outlook: Outlook | null; error: string | null } {
  const [answer, setAnswer] = useState<{ outlook: Outlook | null; error: string | null }>({ outlook: null, error: null });
  const waiting = useRef<(() => Promise<Outlook>) | null>(null);
  const busy = useRef(false);

  useEffect(() => {
    if (!given) return;
    waiting.current = () => service().planPieces(given);
    if (busy.current) return;
    busy.current = true;
    void (async () => {
      while (waiting.current) {
        const ask = waiting.current;
        waiting.current = null;
        try {
          const outlook = await ask();
          setAnswer({ outlook, error: null });
        } catch (error) {
          setAnswer((before) => ({ ...before, error: error instanceof Error ? error.message : String(error) }));
        }
      }
      busy.current = false;
    })();
  }, [given]);

  return answer;
}
