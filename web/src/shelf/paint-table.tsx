import { LONGEST_NAME, MOST_ML } from '@eveningtide/core/limits';
import type { Bottle } from '@eveningtide/core/materials';
import { QuantityField } from '../ui/number-field.js';
import { useShown } from '../ui/shown.js';
import { KindOptions } from './bottle-fields.js';
import type { PaintRow } from './paint-rows.js';

/** Paints as they were read: each cell can be put right, each line left out. */
export function PaintTable({ rows, onChange }: { rows: readonly PaintRow[]; onChange: (rows: readonly PaintRow[]) => void }) {
  const shown = useShown();
  const guessed = rows.filter(({ kindGuessed }) => kindGuessed).length;
  const change = (at: number, given: Partial<PaintRow>) => {
    onChange(rows.map((row, i) => (i === at ? { ...row, ...given } : row)));
  };
  return (
    <>
      {guessed > 0 && (
        <p className="mb-2 text-[0.8125rem] text-ink-2">
          {guessed === 1 ? 'Of one line' : `Of ${String(guessed)} lines`} no word tells the kind: marked with ?, taken as the commonest
          paint.
        </p>
      )}
      <table className="w-full text-[0.875rem]">
        <thead>
          <tr className="border-b border-line-strong text-left text-[0.8125rem] text-ink-2 [&>th]:px-1 [&>th]:font-normal">
            <th>Take</th>
            <th className="w-[32%]">Name</th>
            <th>Kind</th>
            <th>Colour</th>
            <th className="w-20">Holds ({shown.unit('volume')})</th>
            <th className="w-20">Left ({shown.unit('volume')})</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, at) => (
            <PaintLine
              key={row.bottle.id}
              row={row}
              onChange={(given) => {
                change(at, given);
              }}
            />
          ))}
        </tbody>
      </table>
    </>
  );
}

function PaintLine({ row, onChange }: { row: PaintRow; onChange: (given: Partial<PaintRow>) => void }) {
  const { bottle } = row;
  const set = (given: Partial<Bottle>) => {
    onChange({ bottle: { ...bottle, ...given } });
  };
  return (
    <tr className="border-b border-line [&>td]:px-1 [&>td]:py-1">
      <td>
        <label className="flex min-h-6 items-center gap-1.5">
          <input
            type="checkbox"
            aria-label={`Take ${bottle.name}`}
            checked={row.isTaken}
            onChange={(event) => {
              onChange({ isTaken: event.target.checked });
            }}
          />
        </label>
      </td>
      <td>
        <input
          aria-label={`Name of ${bottle.name}`}
          className="field"
          maxLength={LONGEST_NAME}
          value={bottle.name}
          onChange={(event) => {
            set({ name: event.target.value });
          }}
        />
        {row.isKnown && <span className="text-[0.8125rem]">on the shelf already</span>}
      </td>
      <td>
        <span className="flex items-center gap-1">
          {row.kindGuessed && <b title="no word tells it">?</b>}
          <select
            aria-label={`Kind of ${bottle.name}`}
            className="field"
            value={bottle.material}
            onChange={(event) => {
              onChange({ bottle: { ...bottle, material: event.target.value }, kindGuessed: false });
            }}
          >
            <KindOptions />
          </select>
        </span>
      </td>
      <td>
        <input
          type="color"
          aria-label={`Colour of ${bottle.name}`}
          className="field !w-10 !p-0.5"
          value={bottle.colour}
          onChange={(event) => {
            set({ colour: event.target.value });
          }}
        />
      </td>
      {(['sizeMl', 'leftMl'] as const).map((which) => (
        <td key={which}>
          <QuantityField
            inTable
            label={`${which === 'sizeMl' ? 'Holds' : 'Left'}, ${bottle.name}`}
            quantity="volume"
            value={bottle[which]}
            min={0}
            max={which === 'sizeMl' ? MOST_ML : (bottle.sizeMl ?? MOST_ML)}
            onChange={(ml) => {
              const sizeMl = which === 'sizeMl' ? ml : bottle.sizeMl;
              const leftMl = which === 'leftMl' ? ml : bottle.leftMl;
              // a smaller bottle has no more in it than it holds
              set({ sizeMl, leftMl: sizeMl === null || leftMl === null ? leftMl : Math.min(leftMl, sizeMl) });
            }}
          />
        </td>
      ))}
    </tr>
  );
}
