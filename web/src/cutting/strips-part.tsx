import type { Strip } from '@eveningtide/core/cutting';
import { LONGEST_STRIP_MM, MOST_COUNT, MOST_OFFCUTS, THICKEST_STRIP_MM } from '@eveningtide/core/limits';
import { nanoid } from '@reduxjs/toolkit';
import { Plus, Trash2 } from 'lucide-react';
import { useDeleteStripMutation, useRestoreDeletedMutation, useSaveStripMutation, useStripsQuery, type StoredStrip } from '../store/api.js';
import { Button } from '../ui/button.js';
import { notifyDeleted, notifyFailure } from '../ui/notify.js';
import { SureNumberField } from '../ui/number-field.js';
import { Empty } from '../ui/states.js';
import { TableHead } from '../ui/table-head.js';
import { TextField } from '../ui/text-field.js';
import { TypedInput } from '../ui/typed-input.js';
import { DRAFT_WORDS, useDraft } from '../ui/use-draft.js';

/** The usual strip of a shop, mm (common practice). */
const NEW: Omit<Strip, 'id'> = { name: 'Stripwood', widthMm: 6, heightMm: 3, lengthMm: 500, have: 0, offcutsMm: [] };

/** Adds a kind of strip. */
export function useAddStrip(): () => Promise<string | null> {
  const [save] = useSaveStripMutation();
  return async () => {
    const id = nanoid(12);
    try {
      await save({ version: 0, strip: { ...NEW, id } }).unwrap();
      return id;
    } catch (error) {
      notifyFailure('The strip was not added', error);
      return null;
    }
  };
}

/** Strips, tubes and wires on the shelf: what they measure, how many there are, what is left of earlier ones. */
export function StripsPart({ stored }: { stored: readonly StoredStrip[] }) {
  const add = useAddStrip();
  const button = (
    <Button className="mt-3" onClick={() => void add()}>
      <Plus size={16} aria-hidden="true" /> Add a strip
    </Button>
  );
  if (stored.length === 0)
    return (
      <Empty title="No strip yet">
        <p>Add the kinds of strip, tube or wire that you cut from: width, height, and how long a new one is.</p>
        {button}
      </Empty>
    );
  return (
    <>
      <div className="overflow-x-auto">
        <table className="w-full min-w-[44rem]">
          <TableHead heads={['Strip', 'Width (mm)', 'Height (mm)', 'Length of a new one (mm)', 'New ones here', 'Offcuts here (mm)', '']} />
          <tbody>
            {stored.map((one) => (
              <StripRow key={one.strip.id} stored={one} />
            ))}
          </tbody>
        </table>
      </div>
      {button}
    </>
  );
}

const OFFCUTS = /^\s*(\d+([.,]\d+)?(\s*;\s*|\s*,\s+|,$|\s+|$))*$/;

/**
 * Lengths of offcuts as they are typed, with semicolons, spaces, or commas and spaces between them; a comma between digits is a decimal one. Null where one is no length on
 * such a strip.
 */
export function offcutsOf(text: string, longestMm: number): number[] | null {
  if (!OFFCUTS.test(text)) return null;
  const all = text
    .split(/\s*;\s*|\s*,\s+|,$|\s+/)
    .filter(Boolean)
    .map((one) => Number(one.replace(',', '.')));
  return all.length <= MOST_OFFCUTS && all.every((mm) => mm >= 0.1 && mm <= longestMm) ? all.sort((a, b) => b - a) : null;
}

function StripRow({ stored }: { stored: StoredStrip }) {
  const [save] = useSaveStripMutation();
  const { refetch } = useStripsQuery();
  const [remove] = useDeleteStripMutation();
  const [restore] = useRestoreDeletedMutation();
  const {
    thing: strip = stored.strip,
    state,
    change,
  } = useDraft({
    kept: { version: stored.version, thing: stored.strip },
    save: async ({ version, thing }) => {
      const answer = await save({ version, strip: thing }).unwrap();
      return { version: answer.version, thing: answer.strip };
    },
    readAgain: async () => {
      const now = (await refetch()).data?.find(({ strip }) => strip.id === stored.strip.id);
      return now && { version: now.version, thing: now.strip };
    },
    called: stored.strip.name,
  });
  const throwAway = async (): Promise<void> => {
    try {
      await remove(strip.id).unwrap();
      notifyDeleted(`${strip.name} deleted`, { kind: 'strip', id: strip.id }, restore);
    } catch (error) {
      notifyFailure(`${strip.name} stays`, error);
    }
  };
  const number = (label: string, field: 'widthMm' | 'heightMm' | 'lengthMm' | 'have', max: number, whole = false) => (
    <td className="w-28 px-1 py-1 align-top">
      <SureNumberField
        inTable
        label={`${label} of ${strip.name}`}
        value={strip[field]}
        min={whole ? 0 : field === 'lengthMm' ? Math.max(1, ...strip.offcutsMm) : 0.1}
        max={max}
        whole={whole}
        onChange={(value) => {
          change({ [field]: value });
        }}
      />
    </td>
  );
  return (
    <tr className="border-b border-line">
      <td className="min-w-48 px-1 py-1 align-top">
        <TextField
          inTable
          kept
          label="Name of the strip"
          value={strip.name}
          onChange={(name) => {
            change({ name });
          }}
        />
        {state !== 'saved' && state !== 'unsaved' && <p className="text-[0.8125rem] font-semibold text-brick">{DRAFT_WORDS[state]}</p>}
      </td>
      {number('Width', 'widthMm', THICKEST_STRIP_MM)}
      {number('Height', 'heightMm', THICKEST_STRIP_MM)}
      {number('Length', 'lengthMm', LONGEST_STRIP_MM)}
      {number('New ones', 'have', MOST_COUNT, true)}
      <td className="px-1 py-1 align-top">
        <TypedInput
          aria-label={`Offcuts of ${strip.name}`}
          placeholder="none"
          value={strip.offcutsMm.join(', ')}
          read={(text) => offcutsOf(text, strip.lengthMm)?.join(', ') ?? null}
          isWhole={() => false}
          allowed={`lengths up to ${String(strip.lengthMm)} mm with commas between them`}
          onChange={(text) => {
            change({ offcutsMm: offcutsOf(text, strip.lengthMm) ?? [] });
          }}
        />
      </td>
      <td className="px-1 py-1 align-top">
        <button
          type="button"
          aria-label={`Delete ${strip.name}`}
          className="rounded-sm p-1.5 hover:bg-ground"
          onClick={() => void throwAway()}
        >
          <Trash2 size={16} aria-hidden="true" />
        </button>
      </td>
    </tr>
  );
}
