import { Tabs } from 'radix-ui';
import { useSearchParams } from 'react-router';
import { useBottlesQuery, useMaterialsQuery } from '../store/api.js';
import { Failed, Loading } from '../ui/states.js';
import { BottleList } from './bottle-list.js';
import { CatalogueList } from './catalogue-list.js';
import { OwnList } from './own-list.js';

const TABS = [
  { id: 'bottles', name: 'Bottles' },
  { id: 'own', name: 'Own materials' },
  { id: 'catalogue', name: 'Catalogue' },
] as const;

/** What the painter has: bottles, materials of their own, and the catalogue that both stand on. */
export function ShelfView() {
  const [search, setSearch] = useSearchParams();
  const { data: bottles, isError, refetch } = useBottlesQuery();
  const { data: materials } = useMaterialsQuery();
  if (isError && !bottles)
    return (
      <Failed
        what="your shelf"
        onRetry={() => {
          void refetch();
        }}
      />
    );
  if (!bottles || !materials) return <Loading what="your shelf" />;
  const counts = { bottles: bottles.length, own: materials.length, catalogue: null };
  return (
    <main className="p-4">
      <h1 className="mb-2 text-[1.6875rem] leading-8 font-bold">Shelf</h1>
      <Tabs.Root
        value={search.get('part') ?? 'bottles'}
        onValueChange={(part) => {
          setSearch(part === 'bottles' ? {} : { part }, { replace: true });
        }}
      >
        <Tabs.List aria-label="Parts of the shelf" className="mb-3 flex gap-1 border-b border-line-strong">
          {TABS.map(({ id, name }) => (
            <Tabs.Trigger
              key={id}
              value={id}
              className="-mb-px rounded-t-sm border border-transparent px-3 py-1.5 data-[state=active]:border-line-strong data-[state=active]:border-b-page data-[state=active]:font-semibold"
            >
              {name} {counts[id] !== null && <span className="figures text-[0.8125rem] text-ink-2">{counts[id]}</span>}
            </Tabs.Trigger>
          ))}
        </Tabs.List>
        <Tabs.Content value="bottles">
          <BottleList stored={bottles} />
        </Tabs.Content>
        <Tabs.Content value="own">
          <OwnList stored={materials} />
        </Tabs.Content>
        <Tabs.Content value="catalogue">
          <CatalogueList />
        </Tabs.Content>
      </Tabs.Root>
    </main>
  );
}
