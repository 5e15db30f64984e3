import {
  BookOpen,
  CalendarDays,
  Droplets,
  Lamp,
  Layers,
  Mountain,
  Sprout,
  NotebookPen,
  Printer,
  Ruler,
  Settings2,
  SprayCan,
  TrainFront,
  type LucideIcon,
} from 'lucide-react';
import { NavLink } from 'react-router';
import { useBottlesQuery, usePiecesQuery } from './store/api.js';
import { useLog } from './store/log.js';
import { TextSizeButtons } from './ui/text-size-field.js';
import { BenchClimate } from './workshop/bench-climate.js';
import { inRail, type Path } from './views.js';
import { useBenchNow, usePlan } from './workers/outlook-context.js';
import { tonightOf } from '@eveningtide/core/tonight';

const ICONS: Partial<Record<Path, LucideIcon>> = {
  '/tonight': Lamp,
  '/pieces': TrainFront,
  '/evenings': CalendarDays,
  '/shelf': SprayCan,
  '/mixing': Droplets,
  '/loads': Mountain,
  '/planting': Sprout,
  '/cutting': Ruler,
  '/finishes': Layers,
  '/log': NotebookPen,
  '/handbook': BookOpen,
  '/print': Printer,
  '/workshop': Settings2,
};

const entry =
  'relative flex h-9 items-center gap-2.5 pr-3 pl-3.5 text-[0.9375rem] font-medium max-[40rem]:h-12 max-[40rem]:gap-1.5 max-[40rem]:pl-3';

/** The views in the order of the work, and the air at the bench below; on a phone a strip above, without the air. */
export function Rail() {
  const { data: stored } = usePiecesQuery();
  const { data: bottles } = useBottlesQuery();
  const log = useLog();
  const pieces = stored?.filter(({ piece }) => piece.archivedOn === null);
  const { soFar: outlook } = usePlan();
  const now = useBenchNow();
  const tonight = outlook ? tonightOf(outlook, now.minute) : null;
  // none while it is not known. Mixing has none at all: what is to be mixed is told by the plan there, and how many mixes are kept is another thing
  const counts: Partial<Record<Path, number | undefined>> = {
    '/tonight': outlook ? (tonight?.isTonight ? tonight.jobs.filter(({ state }) => state !== 'done').length : 0) : undefined,
    '/pieces': pieces?.length,
    '/evenings': outlook?.plan.eveningsUsed,
    '/shelf': bottles?.length,
    '/log': log?.length,
  };
  return (
    <aside className="no-print flex flex-col overflow-x-hidden overflow-y-auto border-r border-line-strong bg-rail pt-4 pb-3 max-[40rem]:flex-row max-[40rem]:overflow-x-auto max-[40rem]:overflow-y-hidden max-[40rem]:border-r-0 max-[40rem]:border-b max-[40rem]:p-0">
      <div className="flex items-center gap-2 px-3.5 pb-4 text-[1.0625rem] font-bold max-[40rem]:hidden">
        <img src="/mark.svg" width={24} height={24} alt="" />
        Eveningtide
      </div>
      <nav aria-label="Main" className="max-[40rem]:flex">
        {inRail('work').map(({ path: to, name }) => (
          <RailLink key={to} to={to} name={name} count={counts[to]} />
        ))}
      </nav>
      <div className="mt-auto max-[40rem]:mt-0 max-[40rem]:flex">
        {inRail('foot').map(({ path, name }) => (
          <RailLink key={path} to={path} name={name} />
        ))}
        <div className="max-[40rem]:hidden">
          <TextSizeButtons />
          <BenchClimate />
        </div>
      </div>
    </aside>
  );
}

/** A view with its sign and, where that says something, how many of its things there are. */
function RailLink({ to, name, count }: { to: Path; name: string; count?: number | undefined }) {
  const Icon = ICONS[to];
  return (
    <NavLink
      to={to}
      className={({ isActive }) =>
        `${entry} ${isActive ? '-mr-px bg-page font-bold before:absolute before:inset-y-0 before:left-0 before:w-1 before:bg-ink' : 'hover:bg-ground'} ${isActive && to === '/tonight' ? 'before:!bg-lamp' : ''}`
      }
    >
      {Icon && <Icon size={17} strokeWidth={1.75} aria-hidden="true" className="shrink-0" />} {name}
      {count !== undefined && <span className="figures ml-auto text-[0.8125rem] font-normal text-ink-2">{count}</span>}
    </NavLink>
  );
}
