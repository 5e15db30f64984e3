import { EFFECTS } from '@eveningtide/core/effects';
import { useState } from 'react';
import { foundBy } from '../find/find.js';
import { CatalogueList } from '../shelf/catalogue-list.js';
import { PartTabs } from '../ui/part-tabs.js';
import { SearchField } from '../ui/search-field.js';
import { TableHead } from '../ui/table-head.js';
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
          { id: 'effects', name: 'Effects', content: <EffectTable /> },
          { id: 'techniques', name: 'Techniques', content: <TechniqueCards /> },
          { id: 'materials', name: 'Materials', content: <CatalogueList /> },
          { id: 'words', name: 'Words', content: <TermList /> },
        ]}
      />
    </main>
  );
}

function EffectTable() {
  const [text, setText] = useState('');
  const found = foundBy(text, EFFECTS, ({ name, shows, ways }) => ({ name, text: `${shows} ${ways.map((way) => way.name).join(' ')}` }));
  return (
    <>
      <SearchField placeholder="any word for it …" label="Search the effects" text={text} onChange={setText} />
      <table className="w-full">
        <TableHead heads={['Effect', 'Ways', 'Belongs to', 'Needs below it', 'Afterwards']} />
        <tbody>
          {found.map((effect) => (
            <tr key={effect.id} className="border-t border-line align-top">
              <th scope="row" className="w-1/4 px-2 py-1.5 text-left font-normal">
                <b className="font-semibold">{effect.name}</b>
                <span className="block text-[0.8125rem] text-ink-2">{effect.shows}</span>
              </th>
              <td className="px-2 py-1.5 text-[0.8125rem]">
                <ul>
                  {effect.ways.map((way) => (
                    <li key={way.id}>
                      {way.name}. <span className="text-ink-2">{way.why}</span>
                    </li>
                  ))}
                </ul>
              </td>
              <td className="px-2 py-1.5 text-[0.8125rem]">
                {[...new Set(effect.zones)].join(', ').replaceAll('-', ' ')}
                {effect.features.length > 0 && <span className="block text-ink-2">at {effect.features.join(', ')}</span>}
              </td>
              <td className="px-2 py-1.5 text-[0.8125rem]">{effect.before}</td>
              <td className="px-2 py-1.5 text-[0.8125rem]">{effect.after}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-3 text-[0.8125rem] text-ink-3">Common practice; shares, strengths and likelihoods are from memory.</p>
    </>
  );
}
