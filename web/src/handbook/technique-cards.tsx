import { HOW_TO, TECHNIQUES } from '@eveningtide/core/techniques';
import { useState } from 'react';
import { Link } from 'react-router';
import { foundBy } from '../find/find.js';
import { SearchField } from '../ui/search-field.js';
import { DepositDrawing } from './deposit-drawing.js';
import { laysPaint } from './technique-facts.js';

/** All techniques, each with where it leaves its paint; pressed, how it is done. */
export function TechniqueCards() {
  const [text, setText] = useState('');
  const found = foundBy(text, TECHNIQUES, ({ id, name, tools, roles }) => ({
    name,
    text: [...tools, ...roles, ...(HOW_TO[id]?.steps ?? [])].join(' '),
  }));
  return (
    <>
      <SearchField placeholder="any word for it …" label="Search the techniques" text={text} onChange={setText} />
      {found.length === 0 && <p className="text-ink-2">No technique has such a word.</p>}
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-2">
        {found.map((technique) => (
          <li key={technique.id}>
            <Link
              to={`/handbook/techniques/${technique.id}`}
              className="flex h-full flex-col gap-1 rounded-sm border border-line bg-paper px-3 py-2 hover:border-ink"
            >
              <span className="font-semibold underline decoration-line-strong underline-offset-2">{technique.name}</span>
              {laysPaint(technique) && <DepositDrawing technique={technique} widthPx={130} />}
              <span className="text-[0.8125rem] text-ink-2">{HOW_TO[technique.id]?.steps[0]}</span>
            </Link>
          </li>
        ))}
      </ul>
      <p className="mt-3 text-[0.8125rem] text-ink-3">
        Drawn in each: a groove, the face, an edge, and where the paint stays. Common practice; figures are from memory.
      </p>
    </>
  );
}
