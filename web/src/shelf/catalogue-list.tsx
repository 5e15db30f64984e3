import { MATERIALS, sheenName } from '@eveningtide/core/materials';
import { formatMinutes } from '@eveningtide/core/units';
import { useState } from 'react';
import { Link } from 'react-router';
import { foundBy } from '../find/find.js';
import { Swatch } from '../ui/swatch.js';
import { ROLES, ROLE_NAMES } from '../ui/roles.js';
import { SearchField } from '../ui/search-field.js';
import { countWords } from '../ui/words.js';
import { DryingAxis, DryingBar, DryingLegend } from './drying-bar.js';

const monthsWords = (months: number): string => (months % 12 === 0 ? countWords(months / 12, 'year') : `${String(months)} months`);

/** What a sheen is called, with a light on a bar as far as it shines. */
const Sheen = ({ gu }: { gu: number }) => (
  <span className="inline-flex items-center gap-2">
    <span aria-hidden="true" className="inline-block h-2.5 w-10 border border-line-strong bg-field">
      <span className="block h-full bg-ink-3" style={{ width: `${String(Math.min(100, gu))}%` }} />
    </span>
    {sheenName(gu)}
  </span>
);

/** The kinds that bottles and own materials stand on, with how they dry. */
export function CatalogueList() {
  const [text, setText] = useState('');
  const found = foundBy(text, MATERIALS, ({ name, role }) => ({ name, text: ROLE_NAMES[role] }));
  return (
    <>
      <SearchField label="Search the catalogue" placeholder="name or kind …" text={text} onChange={setText} />
      <DryingLegend />
      <table className="w-full">
        <thead>
          <tr className="border-b border-line text-left text-[0.8125rem] text-ink-3">
            {['Kind', 'Next coat', '', 'Sheen', 'Lasts open'].map((head, i) => (
              <th key={head} scope="col" className="px-2 py-1 align-bottom font-normal">
                {i === 2 ? (
                  <>
                    <span className="sr-only">Drying</span>
                    <DryingAxis />
                  </>
                ) : (
                  head
                )}
              </th>
            ))}
          </tr>
        </thead>
        {ROLES.map((role) => {
          const own = found.filter((material) => material.role === role);
          if (own.length === 0) return null;
          return (
            <tbody key={role}>
              <tr>
                <th scope="rowgroup" colSpan={5} className="px-2 pt-3 pb-1 text-left font-semibold">
                  {ROLE_NAMES[role]}
                </th>
              </tr>
              {own.map(({ id, name, colour, drying, sheenGu, lifeMonths }) => (
                <tr key={id} className="border-t border-line">
                  <th scope="row" className="px-2 py-1 text-left font-normal">
                    <span className="flex items-center gap-2">
                      <Swatch colour={colour} />
                      <Link
                        to={`/handbook/materials/${id}`}
                        className="underline decoration-line-strong underline-offset-2 hover:decoration-ink"
                      >
                        {name}
                      </Link>
                    </span>
                  </th>
                  <td className="figures px-2 whitespace-nowrap">{drying && formatMinutes(drying.ages.recoatFromMin)}</td>
                  <td className="px-2">{drying && <DryingBar ages={drying.ages} />}</td>
                  <td className="px-2 whitespace-nowrap">{sheenGu !== null && <Sheen gu={sheenGu} />}</td>
                  <td className="px-2 whitespace-nowrap">{lifeMonths !== null && monthsWords(lifeMonths)}</td>
                </tr>
              ))}
            </tbody>
          );
        })}
      </table>
      <p className="mt-3 text-[0.8125rem] text-ink-3">
        Times in still air, for a usual film: those of the trade in a living room of 20 °C, those of data sheets at 23 °C (ISO 291), 50 %RH.
        Press a name for every figure with its source; most are from memory.
      </p>
    </>
  );
}
