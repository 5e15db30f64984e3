import { useBottlesQuery, useMaterialsQuery } from '../store/api.js';
import { PartTabs } from '../ui/part-tabs.js';
import { Failed, Loading } from '../ui/states.js';
import { BottleList } from './bottle-list.js';
import { CatalogueList } from './catalogue-list.js';
import { CountPart } from './count-part.js';
import { NeedsPart } from './needs-part.js';
import { OwnList } from './own-list.js';
import { SealantsPart } from './sealants-part.js';

/** What the painter has and what the plan takes of it: bottles, needs, stock-taking, sealants, own materials, the catalogue. */
export function ShelfView() {
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
  return (
    <main className="p-4">
      <h1 className="no-print mb-2 text-[1.6875rem] leading-8 font-bold">Shelf</h1>
      <PartTabs
        label="Parts of the shelf"
        tabs={[
          { id: 'bottles', name: 'Bottles', count: bottles.length, content: <BottleList stored={bottles} /> },
          { id: 'needs', name: 'Needs', content: <NeedsPart /> },
          { id: 'count', name: 'Count', content: <CountPart stored={bottles} /> },
          { id: 'sealants', name: 'Sealants', content: <SealantsPart /> },
          { id: 'own', name: 'Own materials', count: materials.length, content: <OwnList stored={materials} /> },
          { id: 'catalogue', name: 'Catalogue', content: <CatalogueList /> },
        ]}
      />
    </main>
  );
}
