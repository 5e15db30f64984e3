import type { CutList, Strip } from '@eveningtide/core/cutting';
import { formatNumber } from '@eveningtide/core/units';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { useCutlistsQuery, useStripsQuery } from '../store/api.js';
import { TableHead } from '../ui/table-head.js';
import { TickBox } from '../ui/tick-box.js';
import { countWords } from '../ui/words.js';
import { cuttingService } from '../workers/threads.js';
import { useAsked } from '../workers/use-asked.js';

const ask = ({ lists, strips }: { lists: readonly CutList[]; strips: readonly Strip[] }) => cuttingService().stripsToBuy(lists, strips);

/** Strips that the cut lists want bought; nothing where the shelf has them. */
export function StripsToBuy() {
  const { data: cutlists } = useCutlistsQuery();
  const { data: kinds } = useStripsQuery();
  const lists = useMemo(() => cutlists?.map(({ cutlist }) => cutlist).filter(({ cutOn }) => cutOn === null) ?? [], [cutlists]);
  const asked = useMemo(() => (kinds && lists.length > 0 ? { lists, strips: kinds.map(({ strip }) => strip) } : null), [lists, kinds]);
  const { answer } = useAsked(asked, ask);
  if (!asked || !answer || answer.length === 0) return null;
  const usedBy = (id: string): CutList[] => lists.filter(({ lines }) => lines.some(({ stripId, count }) => stripId === id && count > 0));
  return (
    <section aria-labelledby="strips-to-buy" className="mb-5">
      <h2 id="strips-to-buy" className="text-lg font-semibold">
        Strips to buy
      </h2>
      <table className="w-full border-y border-line print:text-sheet">
        <TableHead heads={['What', 'Buy', 'For']} />
        <tbody>
          {answer.map(({ strip, count }) => (
            <tr key={strip.id} className="border-b border-line">
              <th scope="row" className="px-2 py-1.5 text-left font-semibold">
                <TickBox /> {strip.name}
              </th>
              <td className="px-2 py-1.5 whitespace-nowrap">
                {countWords(count, 'strip')} <span className="text-ink-2">of {formatNumber(strip.lengthMm)} mm</span>
              </td>
              <td className="px-2 py-1.5">
                {usedBy(strip.id).map(({ id, name }, i) => (
                  <span key={id}>
                    {i > 0 && ', '}
                    <Link to={`/cutting?list=${id}`} className="underline underline-offset-4">
                      {name}
                    </Link>
                  </span>
                ))}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
