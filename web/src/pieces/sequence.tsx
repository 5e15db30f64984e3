import { DndContext, KeyboardSensor, PointerSensor, closestCenter, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { restrictToVerticalAxis } from '@dnd-kit/modifiers';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { onItsOwn, type Piece, type Step } from '@eveningtide/core/subjects';
import { nanoid } from '@reduxjs/toolkit';
import { ListChecks, Plus } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useWorkshopQuery } from '../store/api.js';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Empty } from '../ui/states.js';
import { usePieceOutlook, useSupplies } from '../workers/outlook-context.js';
import { Beside } from './beside.js';
import { Findings } from './findings.js';
import { GroupHead } from './group-head.js';
import { GapLine } from './gap-line.js';
import { newStep } from './new-step.js';
import { SeveralBar } from './several-bar.js';
import { StepLine } from './step-line.js';
import { HEAD_COLUMNS, StepRow } from './step-row.js';
import { useChosenSteps } from './use-chosen-steps.js';

/** The steps in time order, with what happens between them, and the facts of the open one beside. */
export function Sequence({ piece }: { piece: Piece }) {
  const dispatch = useAppDispatch();
  const own = usePieceOutlook(piece.id);
  const { data: workshop } = useWorkshopQuery();
  const supplies = useSupplies();
  const [search, setSearch] = useSearchParams();
  const openId = search.get('step');
  const [addedId, setAdded] = useState<string | null>(null);
  const setOpen = (id: string | null) => {
    setSearch(id ? { step: id } : {}, { replace: true, flushSync: true });
  };
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );

  const indexOf = (id: string) => piece.steps.findIndex((step) => step.id === id);
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id)
      dispatch(editorActions.stepMoved({ from: indexOf(String(active.id)), to: indexOf(String(over.id)) }));
  };
  const add = (at: number) => {
    const step = newStep(workshop?.workshop.schools, supplies, piece, at);
    dispatch(editorActions.stepsAdded({ at, steps: [step] }));
    setAdded(step.id);
    setOpen(step.id);
  };
  const duplicate = (step: Step) => {
    const copy = { ...onItsOwn(step, nanoid(10)), groupId: step.groupId };
    dispatch(editorActions.stepsAdded({ at: indexOf(step.id) + 1, steps: [copy] }));
    setOpen(copy.id);
    // the keys go on where the copy is
    document.getElementById(`step-${copy.id}`)?.focus();
  };
  const choosing = useChosenSteps(piece.steps);

  return (
    <div className="@container flex min-h-0 flex-1 print:block">
      <div className="relative grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_16.5rem] grid-rows-[minmax(0,1fr)] @max-[46rem]:block @max-[46rem]:overflow-y-auto @min-[64rem]:grid-cols-[minmax(0,1fr)_23rem] print:block">
        <section
          aria-label="Sequence"
          className="min-w-0 overflow-y-auto border-r border-line-strong pb-10 @max-[46rem]:overflow-visible @max-[46rem]:border-0"
        >
          {piece.steps.length === 0 ? (
            <Empty title="No step yet">
              <p>
                Lay down the steps in the order of the work: clean, prime, coats, seal, washes, powders, a last clear coat. What would go
                wrong is told at the step where it would.
              </p>
            </Empty>
          ) : (
            <>
              {choosing.isChoosing && (
                <SeveralBar
                  piece={piece}
                  chosen={choosing.chosen}
                  onChoose={choosing.choose}
                  onDone={() => {
                    choosing.choose(null);
                  }}
                />
              )}
              <div aria-hidden="true" className={`${HEAD_COLUMNS} h-6 items-center border-b border-line text-[0.8125rem] text-ink-3`}>
                <span />
                <span>Step</span>
                <span>Material</span>
                <span>Dilution</span>
                <span>Tool</span>
                <span>Zones</span>
                <span className="text-right">Cover</span>
                <span className="text-right">Min</span>
              </div>
              <DndContext sensors={sensors} collisionDetection={closestCenter} modifiers={[restrictToVerticalAxis]} onDragEnd={onDragEnd}>
                <SortableContext items={piece.steps.map((step) => step.id)} strategy={verticalListSortingStrategy}>
                  <ol>
                    {piece.steps.map((step, index) => (
                      <StepRow
                        key={step.id}
                        piece={piece}
                        step={step}
                        index={index}
                        open={step.id === openId}
                        added={step.id === addedId}
                        onOpen={(open) => {
                          setOpen(open ? step.id : null);
                        }}
                        onDuplicate={() => {
                          duplicate(step);
                        }}
                        choosing={choosing}
                        head={<GroupHead piece={piece} index={index} />}
                        findings={(isHeld) => <Findings piece={piece} stepId={step.id} isHeld={isHeld} />}
                        gap={own && <GapLine own={own} stepId={step.id} />}
                      />
                    ))}
                  </ol>
                </SortableContext>
              </DndContext>
            </>
          )}
          <div className="no-print px-4 pt-3">
            <Button
              onClick={() => {
                add(piece.steps.length);
              }}
            >
              <Plus size={16} aria-hidden="true" /> Add a step
            </Button>
            {piece.steps.length > 1 && !choosing.isChoosing && (
              <Button
                look="quiet"
                className="ml-2"
                onClick={() => {
                  choosing.choose([]);
                }}
              >
                <ListChecks size={16} aria-hidden="true" /> Choose several
              </Button>
            )}
          </div>
          <StepLine piece={piece} />
        </section>
        <Beside
          piece={piece}
          stepId={openId}
          onAddAfter={(id) => {
            add(indexOf(id) + 1);
          }}
        />
      </div>
    </div>
  );
}
