import { MATERIALS } from '@eveningtide/core/materials';
import { formatMinutes } from '@eveningtide/core/units';
import { useState } from 'react';
import { Link } from 'react-router';
import { foundBy } from '../find/find.js';
import { Swatch } from '../ui/swatch.js';
import { ROLES, ROLE_NAMES } from '../ui/roles.js';
import { SearchField } from '../ui/search-field.js';
import { TableHead } from '../ui/table-head.js';

const sheenWords = (gu: number | null): string => (gu === null ? '' : `${String(gu)} GU`);

/** The kinds that bottles and own materials stand on, with the figures the app reckons with. */
export function CatalogueList() {
  const [text, setText] = useState('');
  const found = foundBy(text, MATERIALS, ({ name, role }) => ({ name, text: ROLE_NAMES[role] }));
  return (
    <>
      <SearchField label="Search the catalogue" placeholder="name or kind …" text={text} onChange={setText} />
      <table className="w-full">
        <TableHead heads={['Kind', 'Next coat', 'Dry-hard', 'Solvent-proof', 'Sheen', 'Solids', 'Lasts open', 'Drying times']} />
        {ROLES.map((role) => {
          const own = found.filter((material) => material.role === role);
          if (own.length === 0) return null;
          return (
            <tbody key={role}>
              <tr>
                <th scope="rowgroup" colSpan={8} className="px-2 pt-3 pb-1 text-left font-semibold">
                  {ROLE_NAMES[role]}
                </th>
              </tr>
              {own.map(({ id, name, colour, drying, sheenGu, volumeSolidsPct, lifeMonths }) => (
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
                  {(['recoatFromMin', 'dryHardMin', 'solventProofMin'] as const).map((stage) => (
                    <td key={stage} className="figures px-2">
                      {drying ? formatMinutes(drying.ages[stage]) : ''}
                    </td>
                  ))}
                  <td className="figures px-2">{sheenWords(sheenGu)}</td>
                  <td className="figures px-2">{drying ? `${String(volumeSolidsPct)} %` : ''}</td>
                  <td className="figures px-2">{lifeMonths === null ? '' : `${String(lifeMonths)} months`}</td>
                  <td className="px-2 text-[0.8125rem] text-ink-2">{drying?.source ?? ''}</td>
                </tr>
              ))}
            </tbody>
          );
        })}
      </table>
      <p className="mt-3 text-[0.8125rem] text-ink-3">
        Times in still air, for a usual film: those of the trade in a living room of 20 °C, those of data sheets at 23 °C (ISO 291), 50 %RH.
        Press a name for every figure with its source.
      </p>
    </>
  );
}
