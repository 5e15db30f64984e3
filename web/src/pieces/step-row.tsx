import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { incomingOf, stepPaint } from '@eveningtide/core/sequence';
import { formatDilution } from '@eveningtide/core/mixing';
import { isStepDone } from '@eveningtide/core/schedule';
import { membersOf, type Piece, type Step } from '@eveningtide/core/subjects';
import { Check, GripVertical, X } from 'lucide-react';
import { useMemo, useState, type KeyboardEvent, type MouseEvent, type ReactNode } from 'react';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Swatch } from '../ui/swatch.js';
import { useOnHand, usePieceOutlook } from '../workers/outlook-context.js';
import { useFocus } from './focus.js';
import { StepEditor } from './step-editor.js';
import type { useChosenSteps } from './use-chosen-steps.js';
import { zoneWords } from './zone-words.js';
import { notifyWithUndo } from '../ui/notify.js';

/** Columns of a row, and of the heading above, which has no handle before it. Written out: the style sheet is made from these words. A phone shows what
 * is done with what and how long; the rest stands in the open step. */
const LINE_COLUMNS =
  'grid grid-cols-[1.75rem_minmax(0,1.15fr)_minmax(0,1.5fr)_minmax(0,1.2fr)_4.75rem_minmax(0,1.2fr)_3.125rem_2.25rem] gap-x-2 max-[40rem]:grid-cols-[1.75rem_minmax(0,1fr)_minmax(0,1fr)_2.25rem] max-[40rem]:[&>*:nth-child(n+4):nth-child(-n+7)]:hidden';
export const HEAD_COLUMNS =
  'grid grid-cols-[3.25rem_minmax(0,1.15fr)_minmax(0,1.5fr)_minmax(0,1.2fr)_4.75rem_minmax(0,1.2fr)_3.125rem_2.25rem] gap-x-2 pr-7 max-[40rem]:grid-cols-[3.25rem_minmax(0,1fr)_minmax(0,1fr)_2.25rem] max-[40rem]:[&>*:nth-child(n+4):nth-child(-n+7)]:hidden';

interface StepRowProps {
  piece: Piece;
  step: Step;
  index: number;
  open: boolean;
  /** Just laid down: the painter goes on by saying what it is. */
  added: boolean;
  onOpen: (open: boolean) => void;
  onDuplicate: () => void;
  choosing: ReturnType<typeof useChosenSteps>;
  /** Head of the repeat group that begins here. */
  head: ReactNode;
  /** What is wrong with it; held as it stands while something is chosen from a list below. */
  findings: (isHeld: boolean) => ReactNode;
  gap: ReactNode;
}

/** One step: its row, the editor under it while it is open, what is wrong with it, and the drying that follows. */
export function StepRow({ piece, step, index, open, added, onOpen, onDuplicate, choosing, head, findings, gap }: StepRowProps) {
  const dispatch = useAppDispatch();
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({ id: step.id });
  const remove = () => {
    dispatch(editorActions.stepsRemoved([step.id]));
    notifyWithUndo(`Step ${String(index + 1)} removed`, () =>
      dispatch(editorActions.stepsPutBack({ pieceId: piece.id, steps: [{ step, at: index }] })),
    );
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      dispatch(editorActions.stepMoved({ from: index, to: index + (event.key === 'ArrowUp' ? -1 : 1) }));
    } else if (event.key === 'Delete') remove();
  };
  const { litStepId, light } = useFocus();
  const [isChosen, setChosen] = useState(false);
  return (
    <li
      ref={setNodeRef}
      onPointerEnter={() => {
        light(step.id);
      }}
      onPointerLeave={() => {
        light(null);
      }}
      onKeyDown={(event) => {
        // what is typed into an open list is not meant for the row
        if (!(event.target instanceof Node) || !event.currentTarget.contains(event.target)) return;
        if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'd') {
          event.preventDefault();
          onDuplicate();
        } else if (event.key === 'Escape' && open) {
          onOpen(false);
          event.currentTarget.querySelector<HTMLElement>(`#step-${step.id}`)?.focus();
        }
      }}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`${isDragging ? 'relative z-10 bg-paper opacity-90' : ''} ${step.groupId === null ? '' : 'border-l-4 border-line-strong'}`}
    >
      {head}
      {findings(isChosen)}
      <div
        className={`relative ${open ? 'border-y border-line-strong bg-paper before:absolute before:inset-y-0 before:left-0 before:w-1 before:bg-ink' : litStepId === step.id ? 'bg-ground' : ''}`}
      >
        <div className="flex items-stretch">
          {choosing.isChoosing ? (
            <label className="no-print flex w-6 shrink-0 items-center justify-center">
              <input
                type="checkbox"
                aria-label={`Choose step ${String(index + 1)}`}
                checked={choosing.isChosen(step.id)}
                onChange={() => {
                  choosing.toggle(step.id);
                }}
              />
            </label>
          ) : (
            <button
              type="button"
              ref={setActivatorNodeRef}
              {...attributes}
              {...listeners}
              aria-label={`Move step ${String(index + 1)}`}
              className="no-print w-6 shrink-0 cursor-grab pl-1.5 text-ink-3"
            >
              <GripVertical size={14} aria-hidden="true" />
            </button>
          )}
          <StepLine
            piece={piece}
            step={step}
            index={index}
            open={open}
            onPress={(event) => {
              if (!choosing.pressed(step.id, event)) onOpen(!open);
            }}
            onKeyDown={onKeyDown}
          />
          <button
            type="button"
            aria-label={`Remove step ${String(index + 1)}`}
            onClick={remove}
            className="no-print w-7 shrink-0 text-ink-3 hover:text-brick"
          >
            <X size={15} aria-hidden="true" className="mx-auto" />
          </button>
        </div>
        {open && <StepEditor piece={piece} step={step} added={added} onChoosing={setChosen} />}
      </div>
      {gap}
    </li>
  );
}

function StepLine({
  piece,
  step,
  index,
  open,
  onPress,
  onKeyDown,
}: Pick<StepRowProps, 'piece' | 'step' | 'index' | 'open'> & {
  onPress: (event: MouseEvent) => void;
  onKeyDown: (event: KeyboardEvent) => void;
}) {
  const { supplies, mixes } = useOnHand();
  const own = usePieceOutlook(piece.id);
  const incoming = useMemo(() => incomingOf(step, supplies), [step, supplies]);
  const paint = stepPaint(step, supplies, mixes);
  const at = own?.steps.findIndex((s) => s.id === step.id) ?? -1;
  const minutes = own?.handsOnMin[at];
  return (
    <button
      type="button"
      id={`step-${step.id}`}
      aria-expanded={open}
      aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown Delete Control+D"
      onClick={onPress}
      onKeyDown={onKeyDown}
      className={`${LINE_COLUMNS} min-h-[1.875rem] min-w-0 flex-1 items-center py-1 text-left focus-visible:-outline-offset-2`}
    >
      <span className="figures text-right text-ink-2">{index + 1}</span>
      <span className="leading-tight font-semibold">
        {incoming.technique.name}
        {step.coats > 1 && <span className="figures ml-1 font-normal whitespace-nowrap text-ink-2">× {step.coats}</span>}
        {own && isStepDone(own, at) && (
          <span className="ml-1 inline-flex items-center gap-0.5 font-normal whitespace-nowrap text-ink-2">
            <Check size={13} aria-hidden="true" /> done
          </span>
        )}
        {step.priority !== 'must' && <span className="ml-1 font-normal text-ink-2 italic">{step.priority}</span>}
      </span>
      <span className="flex min-w-0 items-center gap-1.5">
        {paint && (
          <>
            <Swatch colour={paint.colour} />
            <span className="line-clamp-2 leading-tight">{paint.name}</span>
          </>
        )}
      </span>
      <span className="line-clamp-2 text-[0.8125rem] leading-tight">
        {step.material !== null && incoming.technique.dose ? formatDilution(step.dilution) : ''}
      </span>
      <span className="line-clamp-2 text-[0.8125rem] leading-tight">{incoming.tool}</span>
      <span className="line-clamp-2 text-[0.8125rem] leading-tight">
        {zoneWords(piece, step)}
        {step.members !== null &&
          `, ${membersOf(step, piece)
            .map((member) => member.label)
            .join(', ')}`}
      </span>
      <span className="figures text-right text-[0.8125rem]">{incoming.material ? `${String(incoming.coverPct)} %` : ''}</span>
      <span className="figures text-right text-[0.8125rem]">{minutes ?? ''}</span>
    </button>
  );
}
