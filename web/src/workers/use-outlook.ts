import type { LogEntry } from '@eveningtide/core/log';
import type { Given, Outlook, PieceOutlook } from '@eveningtide/core/schedule';
import type { Piece } from '@eveningtide/core/subjects';
import { wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { Receiver, Sender } from './delta.js';
import type { GivenDelta, OutlookService } from './outlook.worker.js';

let remote: Remote<OutlookService> | null = null;

/** The thread that plans and checks. */
export function outlookService(): Remote<OutlookService> {
  remote ??= wrap<OutlookService>(new Worker(new URL('./outlook.worker.ts', import.meta.url), { type: 'module' }));
  return remote;
}

const pieces = new Sender<Piece>(({ id }) => id);
const log = new Sender<LogEntry>(({ id }) => id);
const outlooks = new Receiver<PieceOutlook>(({ pieceId }) => pieceId);
let sent: Pick<Given, 'workshop' | 'shelf'> | null = null;

/** The thread keeps what it was told: of what is given only the changes go there, of the answer only the changes come back. */
async function planned(given: Given): Promise<Outlook> {
  const { workshop, shelf, originDate, nowMin } = given;
  const delta: GivenDelta = {
    pieces: pieces.deltaTo(given.pieces),
    log: log.deltaTo(given.log),
    ...(sent?.workshop === workshop ? {} : { workshop }),
    ...(sent?.shelf === shelf ? {} : { shelf }),
    originDate,
    nowMin,
  };
  sent = { workshop, shelf };
  const answer = await outlookService().plan(delta);
  return { ...answer, pieces: outlooks.take(answer.pieces) };
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
    waiting.current = () => planned(given);
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
