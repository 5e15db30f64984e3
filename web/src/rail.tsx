import { BookOpen, Printer, Settings2, type LucideIcon } from 'lucide-react';
import { NavLink } from 'react-router';
import { useBottlesQuery, usePiecesQuery } from './store/api.js';
import { useLog } from './store/log.js';
import { BenchClimate } from './workshop/bench-climate.js';
import { inRail, type Path } from './views.js';
import { useBenchNow, usePlan } from './workers/outlook-context.js';
import { tonightOf } from '@eveningtide/core/tonight';

const ICONS: Partial<Record<Path, LucideIcon>> = { '/handbook': BookOpen, '/print': Printer, '/workshop': Settings2 };

const entry =
  'relative flex h-9 items-center pr-3 pl-8 text-[0.9375rem] font-medium max-[40rem]:h-12 max-[40rem]:gap-1.5 max-[40rem]:!pl-3';

/** The views in the order of the work, and the air at the bench below; on a phone a strip above, without the air. */
export function Rail() {
  const { data: stored } = usePiecesQuery();
  const { data: bottles } = useBottlesQuery();
  const log = useLog();
  const pieces = stored?.filter(({ piece }) => piece.archivedOn === null);
  const { soFar: outlook } = usePlan();
  const now = useBenchNow();
  const tonight = outlook ? tonightOf(outlook, now.minute) : null;
  // Mixing has none: what is to be mixed is told by the plan there, and how many mixes are kept is another thing
  const counts: Partial<Record<Path, number>> = {
    '/tonight': tonight?.isTonight ? tonight.jobs.filter(({ state }) => state !== 'done').length : 0,
    '/pieces': pieces?.length ?? 0,
    '/evenings': outlook?.plan.eveningsUsed ?? 0,
    '/shelf': bottles?.length ?? 0,
    '/log': log?.length ?? 0,
  };
  return (
    <aside className="no-print flex flex-col overflow-x-hidden overflow-y-auto border-r border-line-strong bg-rail pt-4 pb-3 max-[40rem]:flex-row max-[40rem]:overflow-x-auto max-[40rem]:overflow-y-hidden max-[40rem]:border-r-0 max-[40rem]:border-b max-[40rem]:p-0">
      <div className="flex items-center gap-2 px-3.5 pb-4 text-[1.0625rem] font-bold max-[40rem]:hidden">
        <img src="/mark.svg" width={24} height={24} alt="" />
        Eveningtide
      </div>
      <nav aria-label="Main" className="max-[40rem]:flex">
        {inRail('work').map(({ path: to, name }) => (
          <NavLink
            key={to}
            to={to}
            className={({ isActive }) =>
              `${entry} ${isActive ? '-mr-px bg-page font-bold before:absolute before:inset-y-0 before:left-0 before:w-1 before:bg-ink' : 'hover:bg-ground'} ${to === '/tonight' ? 'before:!bg-lamp' : ''}`
            }
          >
            {name}
            {counts[to] !== undefined && <span className="figures ml-auto text-[0.8125rem] font-normal text-ink-2">{counts[to]}</span>}
          </NavLink>
        ))}
      </nav>
      <div className="mt-auto max-[40rem]:mt-0 max-[40rem]:flex">
        {inRail('foot').map(({ path, name }) => (
          <FootLink key={path} to={path} name={name} Icon={ICONS[path]} />
        ))}
        <div className="max-[40rem]:hidden">
          <BenchClimate />
        </div>
      </div>
    </aside>
  );
}

function FootLink({ to, name, Icon }: { to: string; name: string; Icon: LucideIcon | undefined }) {
  return (
    <NavLink
      to={to}
      className={({ isActive }) =>
        `${entry} gap-2 !pl-3.5 ${isActive ? '-mr-px bg-page font-bold before:absolute before:inset-y-0 before:left-0 before:w-1 before:bg-ink' : 'hover:bg-ground'}`
      }
    >
      {Icon && <Icon size={16} aria-hidden="true" />} {name}
    </NavLink>
  );
}
