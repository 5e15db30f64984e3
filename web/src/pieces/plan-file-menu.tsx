import type { PlanFile } from '@eveningtide/core/plan-file';
import { ChevronDown } from 'lucide-react';
import { lazy, Suspense, useRef, useState } from 'react';
import { refusalOf, useImportPlanMutation, useLazyExportPlanQuery } from '../store/api.js';
import { toast } from '../store/toast.js';
import { Ask } from '../ui/ask.js';
import { buttonClass } from '../ui/button.js';
import { localNow } from '../ui/days.js';
import { download } from '../ui/download.js';
import type { Refused } from '../ui/faults.js';
import { Menu } from '../ui/menu.js';
import { countWords } from '../ui/words.js';
import { notifyWithUndo } from '../ui/notify.js';

const AddPartDialog = lazy(async () => ({ default: (await import('../passing/add-part-dialog.js')).AddPartDialog }));

const RefusedDialog = lazy(async () => ({ default: (await import('../passing/refused-dialog.js')).RefusedDialog }));

const FILE_NAME = 'workshop.eveningtide.json';

interface Broken extends Refused {
  name: string;
}

/** Everything out to a plan file, and in again: a whole plan replaces all, one thing that was passed on is added. The toast brings back what was there. */
export function PlanFileMenu() {
  const input = useRef<HTMLInputElement>(null);
  const [fetchPlan] = useLazyExportPlanQuery();
  const [importPlan] = useImportPlanMutation();
  const [asked, setAsked] = useState<{ name: string; file: unknown } | null>(null);
  const [adding, setAdding] = useState<{ name: string; file: unknown; plan: PlanFile } | null>(null);
  const [broken, setBroken] = useState<Broken | null>(null);

  const save = async () => {
    try {
      download(FILE_NAME, 'application/json', JSON.stringify(await fetchPlan().unwrap(), null, 2));
    } catch {
      toast.error('Nothing was saved: the server does not answer.');
    }
  };

  const read = async (chosen: File) => {
    try {
      const file = JSON.parse(await chosen.text()) as unknown;
      const { isPartFile } = await import('@eveningtide/core/plan-file');
      // the file says itself what it is: one thing never takes the place of everything
      if (isPartFile(file)) setAdding({ name: chosen.name, file, plan: await fetchPlan().unwrap() });
      else setAsked({ name: chosen.name, file });
    } catch (error) {
      if (!(error instanceof SyntaxError)) setBroken({ name: chosen.name, message: 'The server does not answer.', faults: [] });
      else setBroken({ name: chosen.name, message: `It is not JSON: ${error.message}`, faults: [] });
    }
  };

  const open = async (name: string, file: unknown) => {
    try {
      const before = await fetchPlan().unwrap();
      const { pieces, bottles } = await importPlan({ file, today: localNow().date }).unwrap();
      notifyWithUndo(`${name}: ${countWords(pieces, 'piece')}, ${countWords(bottles, 'bottle')}`, () =>
        importPlan({ file: before, today: localNow().date }).unwrap(),
      );
    } catch (error) {
      const refusal = refusalOf(error);
      setBroken({ name, message: refusal?.data.message ?? 'The server does not answer.', faults: refusal?.data.faults ?? [] });
    }
  };

  const choose = () => {
    input.current?.click();
  };
  return (
    <>
      <Menu
        className={buttonClass()}
        items={[
          { words: 'Save everything to a file', onSelect: () => void save() },
          { words: 'Replace everything by a file …', onSelect: choose },
          { words: 'Add from a file …', onSelect: choose },
        ]}
      >
        Plan file <ChevronDown size={15} aria-hidden="true" />
      </Menu>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        className="hidden"
        aria-label="Plan file to open"
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (chosen) void read(chosen);
        }}
      />
      <Ask
        asked={
          asked && {
            title: `Replace everything by ${asked.name}?`,
            text: 'All pieces, bottles, materials and evenings here give way to those of the file. You can undo it right afterwards.',
            yes: 'Replace',
          }
        }
        onAnswer={(yes) => {
          if (yes && asked) void open(asked.name, asked.file);
          setAsked(null);
        }}
      />
      <Suspense>
        {adding && (
          <AddPartDialog
            {...adding}
            onClose={() => {
              setAdding(null);
            }}
          />
        )}
        {broken && (
          <RefusedDialog
            name={broken.name}
            refused={broken}
            onClose={() => {
              setBroken(null);
            }}
          />
        )}
      </Suspense>
    </>
  );
}
