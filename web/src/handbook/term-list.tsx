import { TERMS, TERM_IDS } from '@eveningtide/core/words';
import { useState } from 'react';
import { foundBy } from '../find/find.js';
import { TermDrawing } from '../terms/term-drawing.js';
import { SearchField } from '../ui/search-field.js';

/** The words of the trade that the pages use, each with a drawing. */
export function TermList() {
  const [text, setText] = useState('');
  const found = foundBy(text, TERM_IDS, (id) => ({ name: TERMS[id].name, text: TERMS[id].says }));
  return (
    <>
      <SearchField placeholder="any word for it …" label="Search the words" text={text} onChange={setText} />
      {found.length === 0 && <p className="text-ink-2">No such word is used here.</p>}
      <dl className="grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-2">
        {found.map((id) => (
          <div key={id} className="rounded-sm border border-line bg-paper px-3 py-2">
            <dt className="font-semibold">{TERMS[id].name}</dt>
            <dd>
              <span className="my-1 flex h-[4.5rem] items-center">
                <TermDrawing drawing={TERMS[id].drawing} />
              </span>
              {TERMS[id].says}
            </dd>
          </div>
        ))}
      </dl>
    </>
  );
}
