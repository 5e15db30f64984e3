import { lazy, Suspense, type ReactNode } from 'react';
import { Loading } from '../ui/states.js';
import { PartTabs } from '../ui/part-tabs.js';
import { useMixesQuery } from '../store/api.js';
import { CupPart } from './cup-part.js';
import { KeptPart } from './kept-part.js';
import { useCountedCups } from './use-counted-cups.js';
import { ToMixPart } from './to-mix-part.js';

const LadderPart = lazy(async () => ({ default: (await import('./ladder-part.js')).LadderPart }));
const FindPart = lazy(async () => ({ default: (await import('./find-part.js')).FindPart }));

const fetched = (what: string, part: ReactNode): ReactNode => <Suspense fallback={<Loading what={what} />}>{part}</Suspense>;

/** How much of what: what the plan wants mixed, a cup to think out, tones, recipes by colour, and the mixes that were kept. */
export function MixingView() {
  const cups = useCountedCups();
  const { data: kept } = useMixesQuery();
  return (
    <main className="p-4">
      <h1 className="no-print mb-2 text-[1.6875rem] leading-8 font-bold">Mixing</h1>
      <PartTabs
        label="Parts of mixing"
        tabs={[
          {
            id: 'plan',
            name: 'To mix',
            ...(cups ? { count: cups.length } : {}),
            content: cups ? <ToMixPart cups={cups} /> : <Loading what="the plan" />,
          },
          { id: 'cup', name: 'A cup', content: <CupPart /> },
          { id: 'ladder', name: 'Tone ladder', content: fetched('the ladder', <LadderPart />) },
          { id: 'find', name: 'Find a recipe', content: fetched('the finder', <FindPart />) },
          { id: 'kept', name: 'Kept mixes', ...(kept ? { count: kept.length } : {}), content: <KeptPart /> },
        ]}
      />
    </main>
  );
}
