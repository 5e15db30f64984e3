import { pieceOfPlanting, PLANT, type Planting, type PlantingFacts } from '@eveningtide/core/planting';
import { techniqueById } from '@eveningtide/core/techniques';
import { formatNumber } from '@eveningtide/core/units';
import { useShown } from '../ui/shown.js';
import { TableHead } from '../ui/table-head.js';
import { TickBox } from '../ui/tick-box.js';
import { countWords } from '../ui/words.js';

/** What a planting takes, what stands in its way, how it is laid. */
export function PlantingResults({ planting, facts }: { planting: Planting; facts: PlantingFacts }) {
  const shown = useShown();
  // nobody measures turf to a hundredth
  const ml = (value: number): string => shown.text(Number(value.toPrecision(2)), 'volume');
  const gram = (g: number): string => `${formatNumber(g, g < 10 ? 1 : 0)} g`;
  const rows: [string, string][] = [
    ...facts.growths.map(({ growth, areaDm2, ml: loose, g }): [string, string] => [
      `${growth.name}${growth.fibreMm === null ? '' : `, ${formatNumber(growth.fibreMm)} mm`} on ${formatNumber(areaDm2, 1)} dm²`,
      `${ml(loose)}, ${gram(g)}`,
    ]),
    ...(facts.glueMl > 0 ? [['White glue', ml(facts.glueMl)] as [string, string]] : []),
    ...facts.plants
      .filter(({ plants: { count } }) => count > 0)
      .map(({ plants, standing, readsAsMm }): [string, string] => [
        `${plants.name} (${PLANT[plants.plant].name.toLowerCase()}; the highest reads as ${shown.text(readsAsMm, 'prototypeLength')})`,
        String(standing),
      ]),
    ...facts.holes.map(({ holeMm, count }): [string, string] => [`Holes of ${formatNumber(holeMm)} mm`, String(count)]),
  ];
  const steps = pieceOfPlanting(planting, planting.id).steps;
  return (
    <>
      <h1 className="hidden text-xl font-bold print:block">{planting.name}</h1>
      <table className="mt-3 w-full border-y border-line print:text-sheet">
        <TableHead heads={['', 'It takes']} />
        <tbody>
          {rows.map(([what, amount]) => (
            <tr key={what} className="border-b border-line">
              <th scope="row" className="px-2 py-1 text-left font-normal">
                <TickBox /> {what}
              </th>
              <td className="figures px-2 py-1 font-semibold">{amount}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <Remarks facts={facts} gram={gram} />
      {steps.length > 0 && (
        <>
          <h2 className="mt-4 mb-1 font-semibold">How it is laid</h2>
          <ol className="list-decimal pl-6 print:text-sheet">
            {steps.map(({ id, technique, note, gate }) => (
              <li key={id} className="py-0.5">
                {techniqueById(technique).name}
                {(note || gate) && `: ${note || (gate ?? '')}`}
              </li>
            ))}
          </ol>
        </>
      )}
    </>
  );
}

function Remarks({ facts, gram }: { facts: PlantingFacts; gram: (g: number) => string }) {
  const keptG = facts.growths.reduce((sum, one) => sum + one.keptG, 0);
  const byHand = facts.standing.filter(({ trouble }) => trouble !== null).length;
  return (
    <ul className="mt-2 list-disc pl-5 print:text-sheet">
      {facts.plants
        .filter(({ noRoom }) => noRoom > 0)
        .map(({ plants, noRoom }) => (
          <li key={plants.id}>
            <b>
              {countWords(noRoom, 'plant')} of {plants.name.toLowerCase()} found no room
            </b>
            : fewer of them, smaller ones, or less that is kept clear.
          </li>
        ))}
      {byHand > 0 && (
        <li>
          <b>{countWords(byHand, 'plant')} set by hand</b> where something else is: marked ! in the plan.
        </li>
      )}
      {facts.strayStrips.map(({ id, name }) => (
        <li key={id}>{name} lies beside the ground: nothing is kept clear for it.</li>
      ))}
      {keptG > 0 && <li>About {gram(keptG)} of the fibres come loose again the next day: sucked off through a stocking, they are kept.</li>}
      {facts.wantsApplicator && (
        <li>
          Static grass is stood up with an applicator. It works with high voltage: not with a pacemaker, not with wet hands, never touch
          sieve and clip together; go by its maker’s instructions.
        </li>
      )}
    </ul>
  );
}
