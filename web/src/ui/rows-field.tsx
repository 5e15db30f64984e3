import { nanoid } from '@reduxjs/toolkit';
import { Plus, Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button } from './button.js';

interface Row {
  id: string;
  name: string;
}

interface RowsFieldProps<T extends Row> {
  legend: string;
  rows: readonly T[];
  most: number;
  /** What one more begins as. */
  added: (id: string) => T;
  addWords: string;
  /** The fields of one. */
  children: (row: T, set: (given: Partial<T>) => void) => ReactNode;
  onChange: (rows: T[]) => void;
}

/** A few things of one kind below each other, each with its fields; one more, or one less. */
export function RowsField<T extends Row>({ legend, rows, most, added, addWords, children, onChange }: RowsFieldProps<T>) {
  return (
    <fieldset className="mt-4">
      <legend className="font-semibold">{legend}</legend>
      <ul className="mt-1 border-t border-line">
        {rows.map((row) => (
          <li key={row.id} aria-label={row.name} className="flex flex-wrap items-end gap-2 border-b border-line py-1.5">
            {children(row, (given) => {
              onChange(rows.map((one) => (one.id === row.id ? { ...one, ...given } : one)));
            })}
            <button
              type="button"
              aria-label={`Remove ${row.name}`}
              className="mb-1 ml-auto rounded-sm p-1.5 hover:bg-ground"
              onClick={() => {
                onChange(rows.filter(({ id }) => id !== row.id));
              }}
            >
              <Trash2 size={16} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      <Button
        className="mt-2"
        disabled={rows.length >= most}
        onClick={() => {
          onChange([...rows, added(nanoid(8))]);
        }}
      >
        <Plus size={16} aria-hidden="true" /> {addWords}
      </Button>
    </fieldset>
  );
}
