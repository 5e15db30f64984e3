import { CalendarDays, Hourglass, FoldHorizontal } from 'lucide-react';
import { lazy, memo, Suspense, useMemo, useRef, useState, type ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import { usePiecesQuery, useWorkshopQuery } from '../store/api.js';
import { Button } from '../ui/button.js';
import { PartTabs } from '../ui/part-tabs.js';
import { Empty, Failed, Loading } from '../ui/states.js';
import { usePlan } from '../workers/outlook-context.js';
import { useBounds } from '../workers/use-of-plan.js';
import { useImprovement } from '../workers/use-improvement.js';
import { EveningsDialog } from './evenings-dialog.js';
import { ImprovePanel } from './improve-panel.js';
import { Legend } from './legend.js';
import { Timetable } from './timetable.js';
import { Troubles } from './troubles.js';
import { Overfull, PlanFigures } from './plan-figures.js';
import { WhatMatters, ZoomButtons } from './plan-aside.js';

const OneEvening = lazy(async () => ({ default: (await import('./one-evening.js')).OneEvening }));
const SurePart = lazy(async () => ({ default: (await import('./sure-part.js')).SurePart }));
const WhatIfPart = lazy(async () => ({ default: (await import('./what-if-part.js')).WhatIfPart }));
const WaitingPart = lazy(async () => ({ default: (await import('./waiting-part.js')).WaitingPart }));
const TimeBoxDialog = lazy(async () => ({ default: (await import('./time-box-dialog.js')).TimeBoxDialog }));
const CalendarDialog = lazy(async () => ({ default: (await import('./calendar-dialog.js')).CalendarDialog }));
const WishesDialog = lazy(async () => ({ default: (await import('./wishes-dialog.js')).WishesDialog }));

/** Drawn anew only when the plan changes, not each time the search tells something. */
const StillTimetable = memo(Timetable);

/** Pixels to the minute: all evenings at a glance, or one wide enough to read each block. */
const ZOOMS = [1.25, 2, 3.5, 6];

const fetched = (what: string, part: ReactNode): ReactNode => <Suspense fallback={<Loading what={what} />}>{part}</Suspense>;

export function EveningsView() {
  const { outlook, given } = usePlan();
  const bounds = useBounds();
  const { data: stored, isError, refetch } = usePiecesQuery();
  const { data: workshop } = useWorkshopQuery();
  const [zoom, setZoom] = useState(0);
  const [asked, setAsked] = useState<'evenings' | 'wishes' | 'box' | 'calendar' | null>(null);
  const [search] = useSearchParams();
  const improver = useImprovement();
  const improveButton = useRef<HTMLButtonElement>(null);
  const pieces = useMemo(() => stored?.map(({ piece }) => piece) ?? [], [stored]);
  if (isError && !stored)
    return (
      <Failed
        what="your pieces"
        onRetry={() => {
          void refetch();
        }}
      />
    );
  if (!outlook || !stored || !workshop || !given) return <Loading what="the plan" />;
  const { plan } = outlook;
  const { planning } = workshop.workshop;
  const close = (): void => {
    setAsked(null);
  };
  const part = search.get('part') ?? 'all';
  const isOverview = part === 'all';
  return (
    <main className="flex min-h-0 flex-1 flex-col">
      <header className="flex flex-wrap items-start justify-between gap-x-4 gap-y-2 px-4 pt-3 pb-2">
        <div>
          <h1 className="text-[1.6875rem] leading-8 font-bold">Evenings</h1>
          <PlanFigures outlook={outlook} bounds={bounds} />
        </div>
        <div className="no-print flex flex-wrap justify-end gap-2">
          <Button
            ref={improveButton}
            look="ink"
            disabled={plan.placed.length === 0}
            onClick={() => {
              improver.start(given);
            }}
          >
            <FoldHorizontal size={16} aria-hidden="true" /> Improve
          </Button>
          <Button
            onClick={() => {
              setAsked('box');
            }}
          >
            <Hourglass size={16} aria-hidden="true" /> I have 20 minutes
          </Button>
          <Button
            disabled={plan.placed.length === 0}
            onClick={() => {
              setAsked('calendar');
            }}
          >
            <CalendarDays size={16} aria-hidden="true" /> To my calendar
          </Button>
          <Button
            onClick={() => {
              setAsked('evenings');
            }}
          >
            My evenings …
          </Button>
        </div>
      </header>
      <ImprovePanel
        improver={improver}
        onLeave={() => {
          // the panel goes, and the focus with it
          improveButton.current?.focus();
        }}
      />
      <Troubles />
      <Overfull outlook={outlook} nameOf={(id) => stored.find(({ piece }) => piece.id === id)?.piece.name} />
      <PartTabs
        label="Parts of the evenings"
        fill
        tabs={[
          {
            id: 'all',
            name: 'All evenings',
            content:
              plan.placed.length === 0 ? (
                <Empty title="Nothing is planned" go={{ to: '/pieces', words: 'To the pieces' }}>
                  Give a piece some steps, and they are laid into your evenings here, with the drying through the nights between.
                </Empty>
              ) : (
                <StillTimetable pieces={pieces} pxPerMin={ZOOMS[zoom] ?? 2} />
              ),
          },
          { id: 'one', name: 'One evening', content: fetched('the evening', <OneEvening />) },
          { id: 'sure', name: 'How sure', content: fetched('the chances', <SurePart />) },
          { id: 'if', name: 'What if', content: fetched('the other plans', <WhatIfPart />) },
          { id: 'waiting', name: 'Waiting', content: fetched('the waits', <WaitingPart />) },
        ]}
        aside={
          <div className="flex flex-wrap items-center gap-2 pb-1">
            <WhatMatters
              planning={planning}
              onChange={() => {
                setAsked('wishes');
              }}
            />
            {isOverview && <ZoomButtons zoom={zoom} most={ZOOMS.length - 1} onZoom={setZoom} />}
          </div>
        }
      />
      {(isOverview || part === 'one') && <Legend />}
      {asked === 'evenings' && <EveningsDialog stored={workshop} onClose={close} />}
      <Suspense fallback={null}>
        {asked === 'wishes' && <WishesDialog wishes={planning.wishes} onClose={close} />}
        {asked === 'box' && <TimeBoxDialog onClose={close} />}
        {asked === 'calendar' && <CalendarDialog onClose={close} />}
      </Suspense>
    </main>
  );
}
