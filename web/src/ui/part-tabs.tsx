import { Tabs } from 'radix-ui';
import type { ReactNode } from 'react';
import { useSearchParams } from 'react-router';

export interface PartTab {
  id: string;
  name: string;
  count?: number;
  content: ReactNode;
}

/** Parts of a view as tabs; the address says which is open, the first where it says nothing. */
export function PartTabs({ label, tabs }: { label: string; tabs: readonly PartTab[] }) {
  const [search, setSearch] = useSearchParams();
  const first = tabs[0]?.id ?? '';
  return (
    <Tabs.Root
      value={search.get('part') ?? first}
      onValueChange={(part) => {
        setSearch(part === first ? {} : { part }, { replace: true });
      }}
    >
      <Tabs.List aria-label={label} className="no-print mb-3 flex flex-wrap gap-1 border-b border-line-strong">
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
      {tabs.map(({ id, content }) => (
        <Tabs.Content key={id} value={id}>
          {content}
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}
