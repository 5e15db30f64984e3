import { Printer } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { FinishedLook } from '../pieces/finished-look.js';
import { usePiecesQuery } from '../store/api.js';
import { TEXT_SIZES, displayActions, type TextSize } from '../store/display.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { countWords } from '../ui/words.js';
import { printed } from '../views.js';

/** All that can be put on paper, in one place; each opens as it will be printed. */
export function PrintView() {
  const dispatch = useAppDispatch();
  const textPct = useAppSelector((state) => state.display.textPct);
  const { data: pieces = [] } = usePiecesQuery();
  const open = pieces.filter(({ piece }) => piece.archivedOn === null && piece.steps.length > 0);
  return (
    <main className="p-4">
      <header className="mb-4 flex flex-wrap items-start justify-between gap-3">
        <div>
          <h1 className="text-[1.6875rem] leading-8 font-bold">Print</h1>
          <p className="text-ink-2">Choose what goes on paper. It opens as it will be printed.</p>
        </div>
        <label className="flex items-center gap-2">
          Text size
          <select
            className="field !w-auto"
            value={textPct}
            onChange={(event) => {
              dispatch(displayActions.textSizeSet(Number(event.target.value) as TextSize));
            }}
          >
            {TEXT_SIZES.map((pct) => (
              <option key={pct} value={pct}>
                {pct} %
              </option>
            ))}
          </select>
        </label>
      </header>
      <ul className="mb-6 grid grid-cols-3 gap-2 max-[52rem]:grid-cols-2 max-[40rem]:grid-cols-1">
        {printed().map(({ to, name, holds }) => (
          <Sheet key={to} to={to} name={name}>
            {holds}
          </Sheet>
        ))}
      </ul>
      <h2 className="mb-2 text-xl font-semibold">The card of a piece</h2>
      {open.length === 0 ? (
        <p className="text-ink-2">No piece has steps yet.</p>
      ) : (
        <ul className="grid grid-cols-3 gap-2 max-[52rem]:grid-cols-2 max-[40rem]:grid-cols-1">
          {open.map(({ piece }) => (
            <Sheet key={piece.id} to={`/pieces/${piece.id}/card`} name={piece.name} picture={<FinishedLook piece={piece} />}>
              {countWords(piece.steps.length, 'step')}
            </Sheet>
          ))}
        </ul>
      )}
    </main>
  );
}

function Sheet({ to, name, picture, children }: { to: string; name: string; picture?: ReactNode; children: ReactNode }) {
  return (
    <li>
      <Link to={to} className="flex h-full items-center gap-3 rounded-sm border border-line bg-paper px-3 py-2 hover:border-ink">
        {picture ?? <Printer size={20} aria-hidden="true" className="shrink-0" />}
        <span className="min-w-0 leading-tight">
          <span className="font-semibold underline decoration-line-strong underline-offset-2">{name}</span>
          <span className="block text-[0.8125rem] text-ink-2">{children}</span>
        </span>
      </Link>
    </li>
  );
}
