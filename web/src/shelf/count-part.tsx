import { readCount } from '@eveningtide/core/needs';
import { useRef, useState, type KeyboardEvent } from 'react';
import { useSaveBottlesMutation, type StoredBottle } from '../store/api.js';
import { countWords } from '../ui/words.js';
import { notifyFailure, notifyWithUndo } from '../ui/notify.js';
import { Button } from '../ui/button.js';
import { useShown } from '../ui/shown.js';
import { Empty } from '../ui/states.js';
import { Swatch } from '../ui/swatch.js';
import { useSupplies } from '../workers/outlook-context.js';
import { TableHead } from '../ui/table-head.js';

/** Taking stock by keyboard: type what is left, Enter goes to the next bottle, Escape takes the row back. */
export function CountPart({ stored }: { stored: readonly StoredBottle[] }) {
  const supplies = useSupplies();
  const shown = useShown();
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({});
  const [save, { isLoading }] = useSaveBottlesMutation();
  const fields = useRef(new Map<string, HTMLInputElement>());
  // as they stand: one walks along the shelf
  const rows = [...stored].sort((a, b) => a.bottle.place.localeCompare(b.bottle.place) || a.bottle.name.localeCompare(b.bottle.name));
  const read = rows.map((row) => {
    const text = typed[row.bottle.id]?.trim() ?? '';
    return { ...row, text, count: text === '' ? null : readCount(text, row.bottle, (amount) => shown.si(amount, 'volume')) };
  });
  const counted = read.flatMap(({ bottle, version, count }) =>
    count?.ok ? [{ version, bottle: { ...bottle, leftMl: count.value } }] : [],
  );
  const faulty = read.filter(({ count }) => count && !count.ok).length;

  const move = (id: string, by: number) => {
    const at = rows.findIndex(({ bottle }) => bottle.id === id);
    const next = rows[at + by]?.bottle.id;
    const field = next === undefined ? undefined : fields.current.get(next);
    field?.focus();
    field?.select();
  };
  const onKey = (id: string) => (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'Enter' || event.key === 'ArrowDown') move(id, event.key === 'Enter' && event.shiftKey ? -1 : 1);
    else if (event.key === 'ArrowUp') move(id, -1);
    else if (event.key === 'Escape') setTyped(Object.fromEntries(Object.entries(typed).filter(([key]) => key !== id)));
    else return;
    event.preventDefault();
  };
  const keep = async () => {
    const before = new Map(stored.map(({ bottle }) => [bottle.id, bottle]));
    try {
      const saved = await save({ bottles: counted }).unwrap();
      setTyped({});
      notifyWithUndo(`${countWords(saved.length, 'bottle')} counted`, () =>
        save({
          bottles: saved.flatMap(({ version, bottle }) => {
            const was = before.get(bottle.id);
            return was ? [{ version, bottle: was }] : [];
          }),
        }).unwrap(),
      );
    } catch (error) {
      notifyFailure('Nothing was kept', error);
    }
  };
  if (rows.length === 0)
    return (
      <Empty title="No bottle to count" go={{ to: '/shelf', words: 'To the shelf' }}>
        Put bottles on the shelf first.
      </Empty>
    );
  return (
    <>
      <div className="sticky top-0 z-10 mb-2 flex flex-wrap items-center gap-3 border-b border-line bg-page py-2">
        <p className="text-ink-2">
          Type what is left in {shown.unit('volume')}, or 40 %, 1/2, full, empty. <kbd>Enter</kbd> next, <kbd>Shift</kbd> <kbd>Enter</kbd>{' '}
          back, <kbd>Esc</kbd> as it was.
        </p>
        <p role="status" className="ml-auto">
          {counted.length} counted{faulty > 0 && <b className="text-brick">, {faulty} not understood</b>}
        </p>
        <Button look="ink" disabled={counted.length === 0 || faulty > 0 || isLoading} onClick={() => void keep()}>
          Save the counts
        </Button>
      </div>
      <table className="w-full border-y border-line">
        <TableHead heads={['Stands', 'Bottle', 'Holds', 'Was', 'Is']} />
        <tbody>
          {read.map(({ bottle, count }) => (
            <tr key={bottle.id} className="border-b border-line">
              <td className="px-2 text-[0.8125rem] text-ink-2">{bottle.place}</td>
              <th scope="row" className="px-2 py-1 text-left font-semibold">
                <span className="flex items-center gap-2">
                  <Swatch colour={bottle.colour} /> {bottle.name}
                  <span className="text-[0.8125rem] font-normal text-ink-2">
                    {supplies.isMaterial(bottle.material) && supplies.material(bottle.material).name}
                  </span>
                </span>
              </th>
              <td className="figures px-2">{bottle.sizeMl === null ? '' : shown.text(bottle.sizeMl, 'volume')}</td>
              <td className="figures px-2">{bottle.leftMl === null ? 'not known' : shown.text(bottle.leftMl, 'volume')}</td>
              <td className="w-56 px-2 py-0.5">
                <span className="flex items-center gap-2">
                  <input
                    ref={(element) => {
                      if (element) fields.current.set(bottle.id, element);
                      else fields.current.delete(bottle.id);
                    }}
                    aria-label={`Left in ${bottle.name}`}
                    aria-invalid={count !== null && !count.ok}
                    aria-describedby={count && !count.ok ? `${bottle.id}-told` : undefined}
                    className="field figures !w-24"
                    autoComplete="off"
                    value={typed[bottle.id] ?? ''}
                    onKeyDown={onKey(bottle.id)}
                    onChange={(event) => {
                      setTyped({ ...typed, [bottle.id]: event.target.value });
                    }}
                  />
                  {count?.ok && <span className="figures text-[0.8125rem] text-ink-2">{shown.text(count.value, 'volume')}</span>}
                </span>
                {count && !count.ok && (
                  <span id={`${bottle.id}-told`} role="alert" className="block text-[0.8125rem] font-semibold text-brick">
                    Allowed: {count.problem.allowed}
                  </span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
