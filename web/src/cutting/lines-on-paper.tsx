import { lengthWords, type CutList, type CutListFacts } from '@eveningtide/core/cutting';
import { TableHead } from '../ui/table-head.js';
import { letterOf } from '../ui/letter.js';
import { bundleWords, isBundle } from './line-row.js';

/** The lines of a cut list as they are printed: read at the bench, so no smaller than eleven points. */
export function LinesOnPaper({ list, facts }: { list: CutList; facts: CutListFacts }) {
  return (
    <div className="hidden print:block">
      <h1 className="text-xl font-bold">{list.name}</h1>
      <p className="mb-2 print:text-sheet">
        1 : {list.scaleRatio}; the saw takes {list.kerfMm} mm
        {list.bin && `; bin of ${String(list.bin.widthMm)} × ${String(list.bin.heightMm)} × ${String(list.bin.depthMm)} mm`}
        {list.note !== '' && `. ${list.note}`}
      </p>
      <table className="w-full border-y border-line print:text-sheet">
        <TableHead heads={['', 'What', 'Full size', 'On the model', 'How many', 'Bundles']} />
        <tbody>
          {list.lines.map((line, i) => {
            const own = facts.lines.get(line.id) ?? null;
            return (
              <tr key={line.id} className="border-b border-line align-top">
                <th scope="row" className="px-2 py-1 text-left">
                  {letterOf(i)}
                </th>
                <td className="px-2 py-1">{line.name}</td>
                <td className="figures px-2 py-1 whitespace-nowrap">{own && lengthWords(own.fullSizeMm, 'prototype')}</td>
                <td className="figures px-2 py-1 whitespace-nowrap">{own && lengthWords(own.lengthMm, 'model')}</td>
                <td className="figures px-2 py-1">{line.count}</td>
                <td className="px-2 py-1">{isBundle(line) && bundleWords(line, own).join('; ')}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
