import type { Load, LoadFacts } from '@eveningtide/core/loads';
import { formatNumber } from '@eveningtide/core/units';
import { useShown } from '../ui/shown.js';
import { TableHead } from '../ui/table-head.js';
import { TickBox } from '../ui/tick-box.js';
import { countWords } from '../ui/words.js';

const HOURS_PER_DAY = 24;
/** An hour or two past a day is that day: the sum is not as sharp as that. */
const SLACK_DAYS = 0.15;

/** Hours as one says them; an endless time has words of its own. */
function dryWords(hours: number): string {
  if (!Number.isFinite(hours)) return 'It never dries in this air';
  if (hours < HOURS_PER_DAY) return `It may be handled after ${countWords(Math.max(1, Math.round(hours)), 'hour')}`;
  return `It may be handled after ${countWords(Math.ceil(hours / HOURS_PER_DAY - SLACK_DAYS), 'day')}`;
}

/** What a load takes and weighs, for one and for all of them; how it is built. */
export function LoadResults({ load, facts }: { load: Load; facts: LoadFacts }) {
  const shown = useShown();
  const many = load.count > 1;
  const ml = (value: number): string => shown.text(value, 'volume');
  const gram = (value: number): string => `${formatNumber(value, value < 10 ? 1 : 0)} g`;
  const rows: [string, string, string][] = [
    ...facts.grains.map(({ grain, ml: own, g, readsAsMm }): [string, string, string] => [
      `${grain.name}, ${formatNumber(grain.grainMm)} mm (reads as ${shown.text(readsAsMm, 'prototypeLength')})`,
      `${ml(own)}, ${gram(g)}`,
      `${ml(own * load.count)}, ${gram(g * load.count)}`,
    ]),
    ...(facts.formerMl > 0 ? [['Former', ml(facts.formerMl), ml(facts.formerMl * load.count)] as [string, string, string]] : []),
    ...(
      [
        ['Water to wet it', facts.wettingMl],
        ['White glue', facts.glueMl],
        ['Water into the glue', facts.waterMl],
      ] as const
    ).flatMap(([what, value]): [string, string, string][] => (value > 0 ? [[what, ml(value), ml(value * load.count)]] : [])),
    ...(facts.detergentDrops > 0
      ? [
          ['Washing-up liquid', countWords(facts.detergentDrops, 'drop'), countWords(facts.detergentDrops * load.count, 'drop')] as [
            string,
            string,
            string,
          ],
        ]
      : []),
  ];
  return (
    <>
      <table className="mt-3 w-full border-y border-line print:text-sheet">
        <TableHead heads={['', many ? 'One' : 'It takes', ...(many ? [`All ${String(load.count)}`] : [])]} />
        <tbody>
          {rows.map(([what, one, all]) => (
            <tr key={what} className="border-b border-line">
              <th scope="row" className="px-2 py-1 text-left font-normal">
                <TickBox /> {what}
              </th>
              <td className="figures px-2 py-1 font-semibold">{one}</td>
              {many && <td className="figures px-2 py-1">{all}</td>}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 print:text-sheet">
        <b>{dryWords(facts.dryH)}</b> in the air of your nights; it lies {formatNumber(facts.thickMm, 1)} mm thick
        {facts.layers > 1 && `, in ${String(facts.layers)} layers`}.
        {facts.crestMm < load.overMm - 0.05 && ` It stands ${formatNumber(facts.crestMm, 1)} mm high at most: grains lie no steeper.`}
      </p>
      <Weight facts={facts} gram={gram} />
      <h2 className="mt-4 mb-1 font-semibold">How it is built</h2>
      <ol className="list-decimal pl-6 print:text-sheet">
        {facts.steps.map((step) => (
          <li key={step} className="py-0.5">
            {step}
          </li>
        ))}
      </ol>
    </>
  );
}

function Weight({ facts: { weight, loadG }, gram }: { facts: LoadFacts; gram: (g: number) => string }) {
  if (!weight)
    return (
      <p className="print:text-sheet">
        The load weighs {gram(loadG)}. Tell length and weight of the wagon to hold it against what is recommended.
      </p>
    );
  const { emptyG, loadedG, recommendedG, offG } = weight;
  return (
    <p className="print:text-sheet">
      The wagon weighs {gram(emptyG)} empty and <b>{gram(loadedG)} loaded</b>; recommended are {gram(recommendedG)} (RP-20.1):{' '}
      <b>{offG === 0 ? 'good' : offG < 0 ? `${gram(-offG)} too light` : `${gram(offG)} too heavy`}</b>.
    </p>
  );
}
