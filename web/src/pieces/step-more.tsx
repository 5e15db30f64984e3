import type { Incoming } from '@eveningtide/core/sequence';
import type { Piece, Step } from '@eveningtide/core/subjects';
import { ChevronDown, ChevronRight } from 'lucide-react';
import { useId } from 'react';
import { displayActions } from '../store/display.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { useShown } from '../ui/shown.js';
import { usePieceOutlook } from '../workers/outlook-context.js';
import { moreWords } from './more-words.js';
import { StepColour } from './step-colour.js';
import { PlanFields } from './step-plan-fields.js';
import { MembersField, PlaceFields } from './step-special-fields.js';
import { WorkFields } from './step-work-fields.js';

interface StepMoreProps {
  piece: Piece;
  step: Step;
  incoming: Incoming;
  onChange: (patch: Partial<Step>) => void;
}

/** The rest of a step, in a line of words until it is opened; whoever opens it once finds it open. */
export function StepMore({ piece, step, incoming, onChange }: StepMoreProps) {
  const dispatch = useAppDispatch();
  const open = useAppSelector((state) => state.display.moreOfSteps);
  const own = usePieceOutlook(piece.id);
  const shown = useShown();
  const id = useId();
  const Chevron = open ? ChevronDown : ChevronRight;
  return (
    <>
      <button
        type="button"
        aria-expanded={open}
        aria-controls={id}
        className="col-span-6 flex min-h-6 items-center gap-1.5 text-left text-[0.8125rem]"
        onClick={() => {
          dispatch(displayActions.moreOfStepsSet(!open));
        }}
      >
        <Chevron size={14} aria-hidden="true" className="shrink-0" />
        <span className="font-semibold">More</span>
        {!open && <span className="truncate text-ink-2">{moreWords(piece, step, incoming.tool, shown)}</span>}
      </button>
      {/* the fields lie in the grid of the editor */}
      <div id={id} className={open ? 'contents' : 'hidden'}>
        {open && (
          <>
            <WorkFields
              step={step}
              incoming={incoming}
              usualMinutes={own?.handsOnMin[own.steps.findIndex((s) => s.id === step.id)]}
              onChange={onChange}
            />
            {incoming.colour !== null && step.material !== null && <StepColour piece={piece} step={step} onChange={onChange} />}
            <PlaceFields piece={piece} step={step} onChange={onChange} />
            {piece.members.length > 1 && <MembersField piece={piece} step={step} onChange={onChange} />}
            <PlanFields piece={piece} step={step} onChange={onChange} />
          </>
        )}
      </div>
    </>
  );
}
