import { asLogged, tonightOf } from '@eveningtide/core/tonight';
import { Link, useSearchParams } from 'react-router';
import { usePiecesQuery } from '../store/api.js';
import { useLog } from '../store/log.js';
import { ForPaper } from '../ui/for-paper.js';
import { Empty, Failed, Loading } from '../ui/states.js';
import { useBenchNow, usePlan } from '../workers/outlook-context.js';
import { BenchCard } from './bench-card.js';
import { PrintButton } from './bench-head.js';
import { CautionCard } from './caution-card.js';
import { BenchScreen } from './bench-screen.js';

/** The evening step by step, readable from a metre and worked with a knuckle; printed, the bench card. */
export function TonightView() {
  const { soFar: outlook } = usePlan();
  const now = useBenchNow();
  const { data: stored, isError, refetch } = usePiecesQuery();
  const log = useLog();
  const [search] = useSearchParams();
  const part = search.get('part');
  if (isError && !stored)
    return (
      <Failed
        what="your pieces"
        onRetry={() => {
          void refetch();
        }}
      />
    );
  if (!outlook || !stored) return <Loading what="the plan" />;
  const planned = tonightOf(outlook, now.minute);
  // a press is seen before the plan was made anew
  const evening = planned && log ? asLogged(planned, log, outlook.originDate) : planned;
  if (!evening)
    return (
      <main>
        <h1 className="px-6 pt-4 text-[1.6875rem] font-bold">Tonight</h1>
        <Empty title="Nothing to do" go={{ to: '/pieces', words: 'To the pieces' }}>
          No step is planned in the evenings ahead. Give a piece some steps.
        </Empty>
      </main>
    );
  return (
    <main className="flex min-h-0 flex-1 flex-col">
      {part === 'card' || part === 'cautions' ? (
        <>
          <h1 className="sr-only">Tonight</h1>
          <nav aria-label="Ways to see the evening" className="no-print flex justify-end gap-4 px-6 pt-3">
            <Link to="/tonight" className="inline-flex min-h-11 items-center underline underline-offset-4">
              Step by step
            </Link>
            {part === 'card' ? (
              <Link to="/tonight?part=cautions" className="inline-flex min-h-11 items-center underline underline-offset-4">
                Caution card
              </Link>
            ) : (
              <Link to="/tonight?part=card" className="inline-flex min-h-11 items-center underline underline-offset-4">
                On one page
              </Link>
            )}
            <PrintButton words={part === 'card' ? 'Print the bench card' : 'Print the caution card'} />
          </nav>
          {part === 'card' ? <BenchCard evening={evening} stored={stored} /> : <CautionCard evening={evening} stored={stored} />}
        </>
      ) : (
        <>
          <div className="no-print flex min-h-0 flex-1 flex-col">
            <BenchScreen outlook={outlook} evening={evening} isCurrent={evening === planned} stored={stored} />
          </div>
          <ForPaper>{() => <BenchCard evening={evening} stored={stored} />}</ForPaper>
        </>
      )}
    </main>
  );
}
