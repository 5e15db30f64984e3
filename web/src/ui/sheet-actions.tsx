import { Download, ListPlus, Printer, Trash2, Undo2 } from 'lucide-react';
import { Button } from './button.js';
import { saveTable } from './save-table.js';
import { DRAFT_WORDS, type Draft } from './use-draft.js';

interface SheetActionsProps {
  draft: Pick<Draft<unknown>, 'undo' | 'state'>;
  plan: { words: string; onPress: (() => void) | null };
  printWords: string;
  /** What it takes, as rows of a table; null where that is not known yet. */
  amounts: (() => readonly object[]) | null;
  onDelete: () => void;
  /** As its files are called. */
  name: string;
}

/** What is done with a sheet as a whole: taken back, planned, printed, thrown away; and whether it is saved. */
export function SheetActions({ draft: { undo, state }, plan, printWords, amounts, onDelete, name }: SheetActionsProps) {
  return (
    <div className="no-print mb-3 flex flex-wrap items-center gap-2">
      <Button disabled={undo === null} onClick={() => undo?.()}>
        <Undo2 size={16} aria-hidden="true" /> Undo
      </Button>
      <Button disabled={plan.onPress === null} onClick={() => plan.onPress?.()}>
        <ListPlus size={16} aria-hidden="true" /> {plan.words}
      </Button>
      <Button
        onClick={() => {
          window.print();
        }}
      >
        <Printer size={16} aria-hidden="true" /> {printWords}
      </Button>
      <Button disabled={amounts === null} onClick={() => void saveTable(`${name} amounts`, amounts?.() ?? [])}>
        <Download size={16} aria-hidden="true" /> Amounts as CSV
      </Button>
      <Button disabled={state !== 'saved'} onClick={onDelete}>
        <Trash2 size={16} aria-hidden="true" /> Delete
      </Button>
      <p role="status" className="ml-auto text-[0.8125rem] text-ink-2">
        {DRAFT_WORDS[state]}
      </p>
    </div>
  );
}
