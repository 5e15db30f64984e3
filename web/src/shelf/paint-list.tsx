import type { Bottle } from '@eveningtide/core/materials';
import { nanoid } from '@reduxjs/toolkit';
import { useState, type ReactNode } from 'react';
import { useDeleteBottleMutation, useSaveBottlesMutation } from '../store/api.js';
import { toast } from '../store/toast.js';
import { Button } from '../ui/button.js';
import { download } from '../ui/download.js';
import { Field } from '../ui/field.js';
import { notifyFailure, notifyWithUndo } from '../ui/notify.js';
import { countWords } from '../ui/words.js';
import { useSupplies } from '../workers/outlook-context.js';
import { MOST_LINES, readPaints, templateCsv, type PaintRow } from './paint-rows.js';
import { PaintTable } from './paint-table.js';
import { textOf } from './shelf-file.js';

const EXAMPLE = 'Matt black acrylic 17 ml\nDark rust wash, enamel, 35 ml, half full\nRust pigment\nWhite spirit 500 ml';

/** Paints typed, pasted or read from a file; each as it was understood, to be put right in one table, then all put on the shelf at once. */
export function PaintList({ onDone, children }: { onDone: () => void; children?: ReactNode }) {
  const supplies = useSupplies();
  const [save, { isLoading }] = useSaveBottlesMutation();
  const [remove] = useDeleteBottleMutation();
  const [text, setText] = useState('');
  const [rows, setRows] = useState<readonly PaintRow[] | null>(null);
  const [leftOut, setLeftOut] = useState<readonly string[]>([]);
  const read = (list: string) => {
    const paints = readPaints(list, supplies, () => nanoid(12));
    setRows(paints.rows);
    setLeftOut(paints.leftOut);
  };
  const readFile = async (file: File) => {
    const found = await textOf(file);
    if ('text' in found) read(found.text);
    else toast.error(`${file.name} was not read`, { description: `It holds ${found.value}; allowed: ${found.allowed}.` });
  };
  const taken = rows?.filter(({ isTaken }) => isTaken) ?? [];
  const noName = taken.some(({ bottle }) => bottle.name.trim() === '');

  const take = async () => {
    try {
      const bottles: Bottle[] = taken.map(({ bottle }) => ({ ...bottle, name: bottle.name.trim() }));
      await save({ bottles: bottles.map((bottle) => ({ version: 0, bottle })) }).unwrap();
      notifyWithUndo(`${countWords(bottles.length, 'bottle')} on the shelf`, async () => {
        for (const { id } of bottles) await remove(id).unwrap();
      });
      onDone();
    } catch (error) {
      notifyFailure('The paints were not saved', error);
    }
  };

  if (rows === null)
    return (
      <>
        <Field
          label="One paint a line: its name, and what you know of kind, colour and size"
          hint="Lines of text, a table copied from a spreadsheet, or CSV. What is not said is guessed; you look at it before anything is saved."
        >
          {(ids) => (
            <textarea
              {...ids}
              rows={8}
              className="field"
              placeholder={EXAMPLE}
              value={text}
              onChange={(event) => {
                setText(event.target.value);
              }}
            />
          )}
        </Field>
        <div className="mt-3 flex flex-wrap items-center gap-3">
          <label className="text-[0.8125rem] underline focus-within:outline-2">
            Read a file …
            <input
              type="file"
              accept=".csv,.tsv,.txt,text/*"
              className="sr-only"
              onChange={(event) => {
                const file = event.target.files?.[0];
                event.target.value = '';
                if (file) void readFile(file);
              }}
            />
          </label>
          <button
            type="button"
            className="text-[0.8125rem] underline"
            onClick={() => {
              download('paints.csv', 'text/csv', templateCsv(supplies));
            }}
          >
            Save a table to fill in
          </button>
          <div className="ml-auto flex gap-2">
            {children}
            <Button
              look="ink"
              disabled={text.trim() === ''}
              onClick={() => {
                read(text);
              }}
            >
              Read the list
            </Button>
          </div>
        </div>
      </>
    );
  return (
    <>
      {rows.length === 0 ? (
        <p role="alert">No paint was found in it. Each line needs a name.</p>
      ) : (
        <PaintTable rows={rows} onChange={setRows} />
      )}
      {leftOut.length > 0 && (
        <p role="note" className="mt-2 text-[0.8125rem]">
          Left out, {rows.length < MOST_LINES ? 'as no name was found' : `as ${String(MOST_LINES)} lines are the most at once`}:{' '}
          {leftOut.slice(0, 5).join(' · ')}
          {leftOut.length > 5 && ` and ${String(leftOut.length - 5)} more`}
        </p>
      )}
      <div className="sticky bottom-0 mt-3 flex items-center justify-end gap-2 bg-page py-2">
        <Button
          onClick={() => {
            setRows(null);
          }}
        >
          Back
        </Button>
        <Button
          look="ink"
          disabled={taken.length === 0 || noName || isLoading}
          onClick={() => {
            void take();
          }}
        >
          Put {countWords(taken.length, 'bottle')} on the shelf
        </Button>
      </div>
    </>
  );
}
