import type { PlanInput, Outlook, PieceOutlook } from '@eveningtide/core/schedule';
import { useLayoutEffect, useRef, useState } from 'react';
import { Receiver } from './delta.js';
import { NewestOnly } from './newest-only.js';
import type { FirstTold } from './outlook.worker.js';
import { tellThread } from './tell-thread.js';
import { outlookService } from './threads.js';

/** An outlook, which plan it is of, and what helps on the piece that was looked at when it was made. */
export type ToldOutlook = Outlook & Pick<FirstTold, 'revision' | 'opened'>;

const outlooks = new Receiver<PieceOutlook>(({ pieceId }) => pieceId);
let sent: Pick<PlanInput, 'workshop' | 'shelf'> | null = null;

/**
 * The thread keeps what it was told: of what is given only the changes go there, of the answer only the changes come back, both in parts, so that the page
 * stays quick. `onFirst` gets the plan with the pieces that the evening at hand is about.
 */
async function planned(given: PlanInput, openId: string | null, onFirst: (first: ToldOutlook) => void): Promise<ToldOutlook> {
  const { workshop, shelf, originDate, nowMin } = given;
  const service = outlookService();
  await tellThread(given);
  const around = { ...(sent?.workshop === workshop ? {} : { workshop }), ...(sent?.shelf === shelf ? {} : { shelf }) };
  sent = { workshop, shelf };
  const { plan, revision, opened, nearIds, changed } = await service.begin({ ...around, originDate, nowMin, openId });
  outlooks.keep(changed);
  onFirst({ ...plan, revision, opened, pieces: outlooks.those(nearIds), overfull: [] });
  await drawn();
  for (;;) {
    const { changed: next, whole } = await service.more();
    if (whole) return { ...plan, revision, opened, pieces: outlooks.take({ order: whole.order, changed: next }), overfull: whole.overfull };
    outlooks.keep(next);
  }
}

/** When the page was drawn again: what is only coming does not hold up what is there to be seen. A page that is not looked at is not drawn. */
const drawn = (): Promise<void> =>
  document.hidden ? Promise.resolve() : new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));

export interface Told {
  /** The plan and what it means for every piece; null until all of it is known. */
  outlook: ToldOutlook | null;
  /** The same, but at the start already with the pieces alone that the evening at hand is about. */
  soFar: ToldOutlook | null;
  error: string | null;
}

/**
 * The plan and the findings for what is given, made anew at each change. Keeps showing the last until the next is
 * there; while the thread is busy only the newest question waits. `openId` is the piece that is looked at.
 */
export function useOutlook(given: PlanInput | null, openId: string | null): Told {
  const [answer, setAnswer] = useState<Told>({ outlook: null, soFar: null, error: null });
  const [queue] = useState(() => new NewestOnly());
  const open = useRef(openId);
  useLayoutEffect(() => {
    open.current = openId;
  }, [openId]);

  // asked before what is there so far is painted: the thread works meanwhile
  useLayoutEffect(() => {
    if (!given) return;
    // a later plan is shown when it is whole: until then what stands is of one plan
    const showFirst = (first: ToldOutlook): void => {
      setAnswer((before) => (before.outlook ? before : { outlook: null, soFar: first, error: null }));
    };
    queue.run(async () => {
      try {
        const outlook = await planned(given, open.current, showFirst);
        setAnswer({ outlook, soFar: outlook, error: null });
      } catch (error) {
        setAnswer((before) => ({ ...before, error: error instanceof Error ? error.message : String(error) }));
      }
    });
  }, [given, queue]);

  return answer;
}
