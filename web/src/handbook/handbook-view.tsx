import { CatalogueList } from '../shelf/catalogue-list.js';
import { PartTabs } from '../ui/part-tabs.js';
import { EffectList } from './effect-list.js';
import { RuleList } from './rule-list.js';
import { TermList } from './term-list.js';
import { TechniqueCards } from './technique-cards.js';

/** What the app judges by: rules, effects, techniques and materials, every figure with its source. */
export function HandbookView() {
  return (
    <main className="p-4">
      <h1 className="mb-2 text-[1.6875rem] leading-8 font-bold">Handbook</h1>
      <PartTabs
        label="Parts of the handbook"
        tabs={[
          { id: 'rules', name: 'Rules', content: <RuleList /> },
          { id: 'effects', name: 'Effects', content: <EffectList /> },
          { id: 'techniques', name: 'Techniques', content: <TechniqueCards /> },
          { id: 'materials', name: 'Materials', content: <CatalogueList /> },
          { id: 'words', name: 'Words', content: <TermList /> },
        ]}
      />
    </main>
  );
}
