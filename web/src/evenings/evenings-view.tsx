import { useState } from 'react';
import { formatMinutes } from '@eveningtide/core/units';
import { operationOf } from '@eveningtide/core/schedule';
import { techniqueById } from '@eveningtide/core/techniques';
import { ZoomIn, ZoomOut } from 'lucide-react';
import { usePiecesQuery, useWorkshopQuery } from '../store/api.js';
import { Button } from '../ui/button.js';
import { Empty, Failed, Loading } from '../ui/states.js';
import { useDays } from '../ui/days.js';
import { usePlan } from '../workers/outlook-context.js';
import { EveningsDialog } from './evenings-dialog.js';
import { Legend } from './legend.js';
import { Timetable } from './timetable.js';

/** Pixels to the minute: all evenings at a glance, or one wide enough to read each block. */
const ZOOMS = [1.25, 2, 3.5, 6];

export function EveningsView() {
  const { outlook } = usePlan();
  const { data: stored, isError, refetch } = usePiecesQuery();
  const { data: workshop } = useWorkshopQuery();
  const [zoom, setZoom] = useState(0);
  const [editing, setEditing] = useState(false);
  const days = useDays();
  if (isError && !stored)
    return (
      <Failed
        what="your pieces"
        onRetry={() => {
          void refetch();
        }}
      />
    );
  if (!outlook || !stored || !workshop) return <Loading what="the plan" />;
  const { plan, originDate } = outlook;
  const handsOn = plan.placed.reduce((sum, p) => sum + p.endMin - p.startMin, 0);
  const names = new Map(stored.map(({ piece }) => [piece.id, piece.name]));
  const figures = [
    { value: String(plan.eveningsUsed), what: plan.eveningsUsed === 1 ? 'evening' : 'evenings' },
    { value: plan.finishMin === null ? '–' : days.dayOf(originDate, plan.finishMin), what: 'all done' },
    { value: formatMinutes(handsOn), what: 'hands-on' },
    { value: String(plan.cleanings.length), what: 'airbrush cleanings' },
  ];
  return (
    <main className="flex min-h-0 flex-1 flex-col">
      <header className="flex items-start justify-between gap-4 border-b border-line-strong px-4 py-3">
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
        <div className="flex gap-2">
          <Button
            disabled={zoom === 0}
            onClick={() => {
              setZoom(zoom - 1);
            }}
            aria-label="Narrower"
          >
            <ZoomOut size={16} aria-hidden="true" />
          </Button>
          <Button
            disabled={zoom === ZOOMS.length - 1}
            onClick={() => {
              setZoom(zoom + 1);
            }}
            aria-label="Wider"
          >
            <ZoomIn size={16} aria-hidden="true" />
          </Button>
          <Button
            onClick={() => {
              setEditing(true);
            }}
          >
            My evenings …
          </Button>
        </div>
      </header>
      {plan.unplaced.length > 0 && (
        <ul role="alert" className="border-b border-brick bg-paper px-4 py-2">
          {plan.unplaced.map(({ id, why }) => {
            const { pieceId, stepIndex } = operationOf(id);
            const step = outlook.pieces.find((p) => p.pieceId === pieceId)?.steps[stepIndex];
            return (
              <li key={id} className="text-brick">
                <b>
                  {names.get(pieceId)}, step {stepIndex + 1}
                  {step ? `, ${techniqueById(step.technique).name.toLowerCase()}` : ''}
                </b>{' '}
                found no evening: {why}.
              </li>
            );
          })}
        </ul>
      )}
      {outlook.overfull.map((full) => (
        <p key={full.place} role="status" className="border-b border-line-strong bg-paper px-4 py-2">
          <b>Caution:</b> {days.when(originDate, full.fromMin)} {String(full.models)} models stand wet at {full.place.toLowerCase()}, which
          has room for {full.room}: {full.pieceIds.map((id) => names.get(id)).join(', ')}.
        </p>
      ))}
      {plan.placed.length === 0 ? (
        <Empty title="Nothing is planned">
          Give a piece some steps, and they are laid into your evenings here, with the drying through the nights between.
        </Empty>
      ) : (
        <Timetable pieces={stored.map(({ piece }) => piece)} pxPerMin={ZOOMS[zoom] ?? 2} />
      )}
      <Legend />
      {editing && (
        <EveningsDialog
          stored={workshop}
          onClose={() => {
            setEditing(false);
          }}
        />
      )}
    </main>
  );
}
