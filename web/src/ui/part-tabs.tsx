import { Tabs } from 'radix-ui';
import type { ReactNode } from 'react';
import { useSearchParams } from 'react-router';

export interface PartTab {
  id: string;
  name: string;
  count?: number;
  content: ReactNode;
}

/** Parts of a view as tabs; the address says which is open, the first where it says nothing. With `fill` the open part takes what is left of the page. */
export function PartTabs({
  label,
  tabs,
  fill = false,
  aside,
}: {
  label: string;
  tabs: readonly PartTab[];
  fill?: boolean;
  aside?: ReactNode;
}) {
  const [search, setSearch] = useSearchParams();
  const first = tabs[0]?.id ?? '';
  return (
    <Tabs.Root
      className={fill ? 'flex min-h-0 flex-1 flex-col' : ''}
      value={search.get('part') ?? first}
      onValueChange={(part) => {
        const next = new URLSearchParams(search);
        if (part === first) next.delete('part');
        else next.set('part', part);
        setSearch(next, { replace: true });
      }}
    >
      <div className={`no-print flex flex-wrap items-end justify-between border-b border-line-strong ${fill ? 'px-4' : 'mb-3'}`}>
        <Tabs.List aria-label={label} className="flex flex-wrap gap-1">
          {tabs.map(({ id, name, count }) => (
            <Tabs.Trigger
              key={id}
              value={id}
              className="-mb-px rounded-t-sm border border-transparent px-3 py-1.5 data-[state=active]:border-line-strong data-[state=active]:border-b-page data-[state=active]:font-semibold"
            >
              {name} {count !== undefined && <span className="figures text-[0.8125rem] text-ink-2">{count}</span>}
            </Tabs.Trigger>
          ))}
        </Tabs.List>
        {aside}
      </div>
      {tabs.map(({ id, content }) => (
        <Tabs.Content key={id} value={id} className={fill ? 'flex min-h-0 flex-1 flex-col overflow-auto' : ''}>
          {content}
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}
