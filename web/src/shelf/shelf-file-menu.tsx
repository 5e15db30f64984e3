import { nanoid } from '@reduxjs/toolkit';
import { ChevronDown } from 'lucide-react';
import { useRef, useState } from 'react';
import { refusalOf, useMaterialsQuery, useSaveBottlesMutation, useDeleteBottleMutation, type StoredBottle } from '../store/api.js';
import { Button, buttonClass } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { download } from '../ui/download.js';
import { Menu } from '../ui/menu.js';
import { useSupplies } from '../workers/outlook-context.js';
import { readChosen, shelfCsv, shelfJson, type FileRead } from './shelf-file.js';
import { notifyWithUndo } from '../ui/notify.js';

/** The shelf out to a table or to JSON, and in again: what is wrong is shown before anything is saved. */
export function ShelfFileMenu({ stored }: { stored: readonly StoredBottle[] }) {
  const supplies = useSupplies();
  const { data: materials = [] } = useMaterialsQuery();
  const input = useRef<HTMLInputElement>(null);
  const [read, setRead] = useState<(FileRead & { name: string }) | null>(null);
  const bottles = stored.map(({ bottle }) => bottle);
  const open = async (file: File) => {
    setRead({ name: file.name, ...(await readChosen(file, supplies, () => nanoid(12))) });
  };
  return (
    <>
      <Menu
        className={`${buttonClass()} ml-auto`}
        items={[
          {
            words: 'Save the bottles as a table (CSV)',
            onSelect: () => {
              download('shelf.csv', 'text/csv', shelfCsv(bottles, supplies));
            },
          },
          {
            words: 'Save the shelf as JSON',
            onSelect: () => {
              const own = materials.map(({ material }) => material);
              download('shelf.json', 'application/json', shelfJson(bottles, own));
            },
          },
          {
            words: 'Read a CSV or JSON file …',
            onSelect: () => {
              input.current?.click();
            },
          },
        ]}
      >
        Shelf file <ChevronDown size={15} aria-hidden="true" />
      </Menu>
      <input
        ref={input}
        type="file"
        accept=".csv,.json,text/csv,application/json"
        className="hidden"
        aria-label="Shelf file to read"
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (chosen) void open(chosen);
        }}
      />
      {read && (
        <Preview
          read={read}
          stored={stored}
          onClose={() => {
            setRead(null);
          }}
        />
      )}
    </>
  );
}

/** What a file would bring, and each line that is not understood with its reason. */
function Preview({ read, stored, onClose }: { read: FileRead & { name: string }; stored: readonly StoredBottle[]; onClose: () => void }) {
  const { data: materials = [] } = useMaterialsQuery();
  const [save, { isLoading }] = useSaveBottlesMutation();
  const [remove] = useDeleteBottleMutation();
  const [refusal, setRefusal] = useState<string[]>([]);
  const before = new Map(stored.map((one) => [one.bottle.id, one]));
  const known = read.bottles.filter(({ bottle }) => before.has(bottle.id)).length;
  const badLines = new Set(read.faults.map(({ line }) => line)).size;
  const undo = async (taken: readonly StoredBottle[]) => {
    const changed = taken.flatMap(({ version, bottle }) => {
      const was = before.get(bottle.id);
      return was ? [{ version, bottle: was.bottle }] : [];
    });
    if (changed.length > 0) await save({ bottles: changed });
    for (const { bottle } of taken) if (!before.has(bottle.id)) await remove(bottle.id);
  };
  const take = async () => {
    try {
      const versionOf = (id: string): number => materials.find((one) => one.material.id === id)?.version ?? 0;
      const taken = await save({
        bottles: read.bottles.map(({ bottle }) => ({ version: before.get(bottle.id)?.version ?? 0, bottle })),
        materials: read.materials.map((material) => ({ version: versionOf(material.id), material })),
      }).unwrap();
      notifyWithUndo(`${String(taken.length)} bottles taken from ${read.name}`, () => undo(taken));
      onClose();
    } catch (error) {
      const told = refusalOf(error)?.data;
      setRefusal(
        told?.faults?.map(({ path, value, allowed }) => `${path} holds “${value}”; allowed: ${allowed}`) ?? [
          told?.message ?? 'The server does not answer.',
        ],
      );
    }
  };
  return (
    <Dialog
      title={read.name}
      note="Nothing is saved until you take it."
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <p>
        <b>{read.bottles.length - known}</b> new bottles, <b>{known}</b> that you have, with what the file says of them
        {read.materials.length > 0 && `, ${String(read.materials.length)} own materials`}.
      </p>
      {badLines > 0 && (
        <>
          <p className="mt-2 font-semibold text-brick">
            {badLines} {badLines === 1 ? 'line is' : 'lines are'} not understood and left out:
          </p>
          <table className="mt-1 w-full text-[0.8125rem]">
            <thead>
              <tr className="border-b border-line text-left text-ink-3">
                {['Line', 'Column', 'Holds', 'Allowed'].map((head) => (
                  <th key={head} scope="col" className="px-2 py-0.5 font-normal">
                    {head}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {read.faults.map(({ line, column, value, allowed }) => (
                <tr key={`${String(line)} ${column}`} className="border-b border-line align-top">
                  <td className="figures px-2 py-0.5">{line}</td>
                  <td className="px-2">{column}</td>
                  <td className="px-2">{value === '' ? 'nothing' : value}</td>
                  <td className="px-2">{allowed}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
      {refusal.length > 0 && (
        <ul role="alert" className="mt-2 border-l-4 border-brick bg-paper px-3 py-1.5">
          {refusal.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      )}
      <div className="mt-4 flex justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <Button look="ink" disabled={read.bottles.length === 0 || isLoading} onClick={() => void take()}>
          {takeWords(read.bottles.length, badLines > 0)}
        </Button>
      </div>
    </Dialog>
  );
}

const takeWords = (good: number, someBad: boolean): string =>
  good === 0 ? 'Nothing to take' : someBad ? `Take the ${String(good)} good ones` : `Take ${String(good)}`;
