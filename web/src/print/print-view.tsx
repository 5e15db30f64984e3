import { Printer } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link, useSearchParams } from 'react-router';
import { FinishedLook } from '../looks/finished-look.js';
import { usePiecesQuery, type StoredPiece } from '../store/api.js';
import { Failed, Loading } from '../ui/states.js';
import { TextSizeField } from '../ui/text-size-field.js';
import { countWords } from '../ui/words.js';
import { printed } from '../views.js';
import { usePlan } from '../workers/outlook-context.js';
import { EveningSheet } from './evening-sheet.js';
import { PlanSheet } from './plan-sheet.js';
import { WeekSheet } from './week-sheet.js';

/** What is on paper only; the other sheets are printed from the views that they show. */
const SHEETS = ['evening', 'week', 'plan'] as const;

function Sheet({ part, stored }: { part: (typeof SHEETS)[number]; stored: readonly StoredPiece[] }) {
  if (part === 'evening') return <EveningSheet stored={stored} />;
  return part === 'week' ? <WeekSheet stored={stored} /> : <PlanSheet stored={stored} />;
}

/** All that can be put on paper, in one place; each opens as it will be printed. */
export function PrintView() {
  const { data: stored, isError, refetch } = usePiecesQuery();
  const { outlook } = usePlan();
  const [search] = useSearchParams();
  const part = SHEETS.find((one) => one === search.get('part'));
  if (!part) return <Choice pieces={stored ?? []} />;
  if (isError && !stored)
    return (
      <Failed
        what="your pieces"
        onRetry={() => {
          void refetch();
        }}
      />
    );
  return stored && outlook ? <Sheet part={part} stored={stored} /> : <Loading what="the plan" />;
}

function Choice({ pieces }: { pieces: readonly StoredPiece[] }) {
  const open = pieces.filter(({ piece }) => piece.archivedOn === null && piece.steps.length > 0);
  return (
    <main className="p-4">
      <header className="mb-4 flex flex-wrap items-start justify-between gap-3">
        <div>
          <h1 className="text-[1.6875rem] leading-8 font-bold">Print</h1>
          <p className="text-ink-2">Choose what goes on paper. It opens as it will be printed.</p>
        </div>
        <TextSizeField />
      </header>
      <ul className="mb-6 grid grid-cols-3 gap-2 max-[52rem]:grid-cols-2 max-[40rem]:grid-cols-1">
        {printed().map(({ to, name, holds }) => (
          <SheetLink key={to} to={to} name={name}>
            {holds}
          </SheetLink>
        ))}
      </ul>
      <h2 className="mb-2 text-xl font-semibold">The card of a piece</h2>
      {open.length === 0 ? (
        <p className="text-ink-2">No piece has steps yet.</p>
      ) : (
        <ul className="grid grid-cols-3 gap-2 max-[52rem]:grid-cols-2 max-[40rem]:grid-cols-1">
          {open.map(({ piece }) => (
            <SheetLink key={piece.id} to={`/pieces/${piece.id}/card`} name={piece.name} picture={<FinishedLook piece={piece} />}>
              {countWords(piece.steps.length, 'step')}
            </SheetLink>
          ))}
        </ul>
      )}
    </main>
  );
}

function SheetLink({ to, name, picture, children }: { to: string; name: string; picture?: ReactNode; children: ReactNode }) {
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
