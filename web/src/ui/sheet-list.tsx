import { nanoid } from '@reduxjs/toolkit';
import { Plus } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import { Button } from './button.js';
import { notifyFailure } from './notify.js';
import { Empty, Failed, Loading } from './states.js';

interface Sheet {
  id: string;
  name: string;
}

interface SheetListProps<S extends Sheet> {
  title: string;
  /** What one is called, and all of them: 'load', 'your loads'. */
  one: string;
  all: string;
  sheets: readonly S[] | undefined;
  isError: boolean;
  refetch: () => unknown;
  /** What stands where there is none yet. */
  empty: string;
  make: (id: string) => Promise<unknown>;
  children: (shown: S, /** Just made. */ added: boolean) => ReactNode;
}

/** Sheets of one's own of which one is shown; the address says which, under what one is called. */
export function SheetList<S extends Sheet>({ title, one, all, sheets, isError, refetch, empty, make, children }: SheetListProps<S>) {
  const [search, setSearch] = useSearchParams();
  const [addedId, setAddedId] = useState<string | null>(null);
  if (isError && !sheets)
    return (
      <Failed
        what={all}
        onRetry={() => {
          refetch();
        }}
      />
    );
  if (!sheets) return <Loading what={all} />;
  const shown = sheets.find(({ id }) => id === search.get(one)) ?? sheets.at(-1);
  const open = (id: string): void => {
    setSearch({ [one]: id }, { replace: true });
  };
  const add = async (): Promise<void> => {
    const id = nanoid(12);
    setAddedId(id);
    try {
      await make(id);
      open(id);
    } catch (error) {
      notifyFailure(`The ${one} was not made`, error);
    }
  };
  const button = (
    <Button look="ink" onClick={() => void add()}>
      <Plus size={16} aria-hidden="true" /> New {one}
    </Button>
  );
  return (
    <main className="p-4">
      <header className="no-print mb-3 flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-[1.6875rem] leading-8 font-bold">{title}</h1>
        <div className="flex flex-wrap items-center gap-3">
          {sheets.length > 1 && shown && (
            <select
              aria-label={one.charAt(0).toUpperCase() + one.slice(1)}
              className="field !w-auto"
              value={shown.id}
              onChange={(event) => {
                open(event.target.value);
              }}
            >
              {sheets.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          )}
          {shown && button}
        </div>
      </header>
      {shown ? (
        children(shown, shown.id === addedId)
      ) : (
        <Empty title={`No ${one} yet`}>
          <p className="mb-3">{empty}</p>
          {button}
        </Empty>
      )}
    </main>
  );
}
