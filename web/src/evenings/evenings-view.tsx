import { formatMinutes } from '@eveningtide/core/units';
import type { Wishes } from '@eveningtide/core/solver';
import { CalendarDays, Hourglass, FoldHorizontal, ZoomIn, ZoomOut } from 'lucide-react';
import { lazy, memo, Suspense, useMemo, useRef, useState, type ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import { usePiecesQuery, useWorkshopQuery } from '../store/api.js';
import { Button } from '../ui/button.js';
import { PartTabs } from '../ui/part-tabs.js';
import { Empty, Failed, Loading } from '../ui/states.js';
import { countWords } from '../pieces/words.js';
import { useDays } from '../ui/days.js';
import { usePlan } from '../workers/outlook-context.js';
import { useBounds } from '../workers/use-of-plan.js';
import { useImprovement } from '../workers/use-improvement.js';
import { EveningsDialog } from './evenings-dialog.js';
import { ImprovePanel } from './improve-panel.js';
import { Legend } from './legend.js';
import { Timetable } from './timetable.js';
import { Troubles } from './troubles.js';
import { useKeepPlanning } from './use-keep-planning.js';

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

const WISH_WORDS: Record<keyof Wishes, string> = {
  fewest: 'fewest evenings',
  soonest: 'finish soonest',
  easy: 'easy evenings',
  safe: 'on the safe side',
};

/** What matters most, in words. */
const mostWished = (wishes: Wishes): string =>
  (Object.keys(WISH_WORDS) as (keyof Wishes)[])
    .filter((wish) => wishes[wish] > 0)
    .sort((a, b) => wishes[b] - wishes[a])
    .slice(0, 2)
    .map((wish) => WISH_WORDS[wish])
    .join(', then ') || 'anything goes';

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
  const keep = useKeepPlanning();
  const days = useDays();
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
  const { plan, originDate } = outlook;
  const { planning } = workshop.workshop;
  const handsOn = plan.placed.reduce((sum, p) => sum + p.endMin - p.startMin, 0);
  // what no plan can beat tells of plans in which everything is done: beside one that leaves steps out it would contradict it
  const isWhole = plan.unplaced.length === 0;
  const least = bounds?.finishMin ?? null;
  const figures = [
    {
      value: String(plan.eveningsUsed),
      what: `${plan.eveningsUsed === 1 ? 'evening' : 'evenings'}${isWhole && bounds ? `, at least ${String(bounds.evenings)}` : ''}`,
    },
    isWhole
      ? {
          value: plan.finishMin === null ? '–' : days.dayOf(originDate, plan.finishMin),
          what: least === null || least === Infinity ? 'all done' : `all done, not before ${days.dayOf(originDate, least)}`,
        }
      : { value: '–', what: `${countWords(plan.unplaced.length, 'step')} without an evening` },
    { value: formatMinutes(handsOn), what: 'hands-on' },
    { value: String(plan.cleanings.length), what: plan.cleanings.length === 1 ? 'cleaning' : 'cleanings' },
  ];
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
          <dl className="mt-1 flex">
            {figures.map(({ value, what }) => (
              <div key={what} className="flex flex-col-reverse border-r border-line-strong pr-4 pl-4 first:pl-0 last:border-0">
                <dt className="text-[0.8125rem] text-ink-2">{what}</dt>
                <dd className="text-lg leading-6 font-bold">{value}</dd>
              </div>
            ))}
          </dl>
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
      {outlook.overfull.map((full) => (
        <p key={full.place} role="status" className="border-b border-line-strong bg-paper px-4 py-2">
          <b>Caution:</b> {days.when(originDate, full.fromMin)} {String(full.models)} models stand wet at {full.place.toLowerCase()}, which
          has room for {full.room}: {full.pieceIds.map((id) => stored.find(({ piece }) => piece.id === id)?.piece.name).join(', ')}.
        </p>
      ))}
      <PartTabs
        label="Parts of the evenings"
        fill
        tabs={[
          {
            id: 'all',
            name: 'All evenings',
            content:
              plan.placed.length === 0 ? (
                <Empty title="Nothing is planned">
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
            <p className="flex items-baseline gap-2 text-[0.8125rem] text-ink-2">
              <span>
                What matters: {mostWished(planning.wishes)}
                {planning.kept && ` · the plan kept ${days.day(planning.kept.keptOn)}`}
              </span>
              <Button
                small
                onClick={() => {
                  setAsked('wishes');
                }}
              >
                Change …
              </Button>
              {planning.kept && (
                <Button small onClick={() => void keep((now) => ({ ...now, kept: null }), 'Planned anew, by simple rules')}>
                  Plan anew
                </Button>
              )}
            </p>
            {isOverview && (
              <>
                <Button
                  small
                  disabled={zoom === 0}
                  onClick={() => {
                    setZoom(zoom - 1);
                  }}
                  aria-label="Narrower"
                >
                  <ZoomOut size={16} aria-hidden="true" />
                </Button>
                <Button
                  small
                  disabled={zoom === ZOOMS.length - 1}
                  onClick={() => {
                    setZoom(zoom + 1);
                  }}
                  aria-label="Wider"
                >
                  <ZoomIn size={16} aria-hidden="true" />
                </Button>
              </>
            )}
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
