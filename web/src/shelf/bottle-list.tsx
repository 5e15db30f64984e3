import type { Bottle, MaterialRole } from '@eveningtide/core/materials';
import { lifeOf } from '@eveningtide/core/needs';
import { usesOfBottles } from '@eveningtide/core/plan-file';
import { formatNumber } from '@eveningtide/core/units';
import { ClipboardPaste, Pencil, Plus, Search } from 'lucide-react';
import { useMemo, useState } from 'react';
import { usePiecesQuery, type StoredBottle } from '../store/api.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { NearView } from '../ui/near-view.js';
import { useShown } from '../ui/shown.js';
import { Empty } from '../ui/states.js';
import { Swatch } from '../ui/swatch.js';
import { useBenchNow, useSupplies } from '../workers/outlook-context.js';
import { Dialog } from '../ui/dialog.js';
import { BottleDialog } from './bottle-dialog.js';
import { PaintList } from './paint-list.js';
import { ShelfFileMenu } from './shelf-file-menu.js';
import { ROLES, ROLE_NAMES } from '../ui/roles.js';
import { STATE_NAMES, isLow, wantedBottles, type State } from './shelf-filter.js';

/** Bottles as a table: searched as one types, `/` goes to the search. */
export function BottleList({ stored }: { stored: readonly StoredBottle[] }) {
  const supplies = useSupplies();
  const now = useBenchNow();
  const [text, setText] = useState('');
  const [role, setRole] = useState<MaterialRole | 'all'>('all');
  const [state, setState] = useState<State>('all');
  const [editing, setEditing] = useState<StoredBottle | 'new' | 'list' | null>(null);
  // as the plan knows them: what work was done from is open
  const bottles = stored.map(({ bottle }) => supplies.bottle(bottle.id) ?? bottle).filter((bottle) => supplies.isMaterial(bottle.material));
  const found = wantedBottles(bottles, { text, role, state }, supplies, now.date);
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-2">
        <label className="relative w-72">
          <span className="sr-only">Search the bottles</span>
          <Search size={15} aria-hidden="true" className="absolute top-1/2 left-2 -translate-y-1/2 text-ink-3" />
          <input
            type="search"
            data-search
            placeholder="name, kind, place …"
            className="field !pl-7"
            value={text}
            onChange={(event) => {
              setText(event.target.value);
            }}
          />
        </label>
        <select
          aria-label="Kind"
          className="field !w-auto"
          value={role}
          onChange={(event) => {
            setRole(event.target.value as MaterialRole | 'all');
          }}
        >
          <option value="all">all kinds</option>
          {ROLES.filter((one) => bottles.some((bottle) => supplies.material(bottle.material).role === one)).map((one) => (
            <option key={one} value={one}>
              {ROLE_NAMES[one].toLowerCase()}
            </option>
          ))}
        </select>
        <select
          aria-label="State"
          className="field !w-auto"
          value={state}
          onChange={(event) => {
            setState(event.target.value as State);
          }}
        >
          {Object.entries(STATE_NAMES).map(([id, name]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
        <p role="status" className="text-[0.8125rem] text-ink-2">
          {found.length} of {bottles.length}
        </p>
        <ShelfFileMenu stored={stored} />
        <Button
          onClick={() => {
            setEditing('list');
          }}
        >
          <ClipboardPaste size={16} aria-hidden="true" /> Paste a list
        </Button>
        <Button
          look="ink"
          onClick={() => {
            setEditing('new');
          }}
        >
          <Plus size={16} aria-hidden="true" /> Add a bottle
        </Button>
      </div>
      {bottles.length === 0 && (
        <Empty title="No bottle yet">
          <p>
            Put on the shelf what you have: one by one, or a whole list at once. Steps then take their colour from it, and you are told when
            it runs out or has been open too long.
          </p>
          <Button
            className="mt-3"
            onClick={() => {
              setEditing('list');
            }}
          >
            <ClipboardPaste size={16} aria-hidden="true" /> Paste or type a list
          </Button>
        </Empty>
      )}
      {bottles.length > 0 && found.length === 0 && (
        <Empty title="Nothing found">No bottle fits. Take a word away, or choose all kinds and any state.</Empty>
      )}
      {found.length > 0 && (
        <BottleTable
          bottles={found}
          onEdit={(id) => {
            setEditing(stored.find(({ bottle }) => bottle.id === id) ?? null);
          }}
        />
      )}
      {editing === 'list' && (
        <Dialog
          title="A list of paints"
          wide
          open
          onOpenChange={() => {
            setEditing(null);
          }}
        >
          <PaintList
            onDone={() => {
              setEditing(null);
            }}
          />
        </Dialog>
      )}
      {editing && editing !== 'list' && (
        <BottleDialog
          stored={editing === 'new' ? null : editing}
          onClose={() => {
            setEditing(null);
          }}
        />
      )}
    </>
  );
}

/** So many rows are made at once; more when they come near what is seen. */
const FIRST_ROWS = 32;
const ROW_PX = 37;
/** So many pieces are named that a bottle is used on. */
const MOST_NAMED = 4;

function BottleTable({ bottles, onEdit }: { bottles: readonly Bottle[]; onEdit: (id: string) => void }) {
  const { data: pieces } = usePiecesQuery();
  const uses = useMemo(() => usesOfBottles(pieces?.map(({ piece }) => piece) ?? []), [pieces]);
  return (
    <table className="w-full border-y border-line max-[40rem]:[&_:is(td,th):nth-child(n+4):nth-child(-n+6)]:hidden">
      <thead>
        <tr className="border-b border-line text-left text-[0.8125rem] text-ink-3">
          {['Bottle', 'Kind', 'Left', 'Opened', 'Stands', 'Used on'].map((head) => (
            <th key={head} scope="col" className="px-2 py-1 font-normal">
              {head}
            </th>
          ))}
          <th scope="col" className="px-2 py-1">
            <span className="sr-only">Change</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {bottles.map((bottle, i) => (
          <NearView key={bottle.id} height={ROW_PX} always={i < FIRST_ROWS} inTable>
            {() => <BottleRow bottle={bottle} usedOn={(uses.get(bottle.id) ?? []).map(({ name }) => name)} onEdit={onEdit} />}
          </NearView>
        ))}
      </tbody>
    </table>
  );
}

function BottleRow({ bottle, usedOn, onEdit }: { bottle: Bottle; usedOn: readonly string[]; onEdit: (id: string) => void }) {
  const supplies = useSupplies();
  const now = useBenchNow();
  const shown = useShown();
  const days = useDays();
  const { monthsOver: over } = lifeOf(bottle, supplies, now.date);
  const more = usedOn.length - MOST_NAMED;
  return (
    <tr className="border-b border-line hover:bg-paper">
      <th scope="row" className="px-2 py-1.5 text-left font-semibold">
        <span className="flex items-center gap-2">
          <Swatch colour={bottle.colour} size={18} />
          {bottle.name}
        </span>
      </th>
      <td className="px-2">{supplies.material(bottle.material).name}</td>
      <td className="px-2">
        <Left bottle={bottle} text={(ml) => shown.text(ml, 'volume')} />
      </td>
      <td className="px-2">
        {bottle.openedOn === null ? (
          <span className="text-ink-3">not opened</span>
        ) : (
          <span className="figures whitespace-nowrap">{days.day(bottle.openedOn)}</span>
        )}
        {over > 0 && <span className="block text-[0.8125rem] font-semibold text-brick">{formatNumber(over, 0)} months past its life</span>}
      </td>
      <td className="px-2">{bottle.place}</td>
      <td className="px-2 text-[0.8125rem]">
        {usedOn.slice(0, MOST_NAMED).join(', ')}
        {more > 0 && ` and ${String(more)} more`}
      </td>
      <td className="px-2 text-right">
        <button
          type="button"
          aria-label={`Change ${bottle.name}`}
          className="rounded-sm p-1.5 hover:bg-ground"
          onClick={() => {
            onEdit(bottle.id);
          }}
        >
          <Pencil size={16} aria-hidden="true" />
        </button>
      </td>
    </tr>
  );
}

function Left({ bottle, text }: { bottle: Bottle; text: (ml: number) => string }) {
  if (bottle.leftMl === null) return <span className="text-ink-3">not known</span>;
  const share = bottle.sizeMl ? Math.min(1, bottle.leftMl / bottle.sizeMl) : null;
  return (
    <span className="flex items-center gap-2">
      {share !== null && (
        <svg viewBox="0 0 10 16" width={10} height={16} aria-hidden="true" className="shrink-0">
          <rect x={0.5} y={0.5} width={9} height={15} fill="var(--color-field)" stroke="var(--color-ink-3)" />
          <rect x={1} y={1 + 14 * (1 - share)} width={8} height={14 * share} fill="var(--color-ink-3)" />
        </svg>
      )}
      <span className="figures whitespace-nowrap">{text(bottle.leftMl)}</span>
      {isLow(bottle) && <span className="text-[0.8125rem] font-semibold text-brick">nearly empty</span>}
    </span>
  );
}
