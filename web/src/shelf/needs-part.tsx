import { wakeUp } from '@eveningtide/core/materials';
import { byEvening, costsOf, lifeOf, shoppingList, type Holding, type ShoppingItem } from '@eveningtide/core/needs';
import { formatNumber } from '@eveningtide/core/units';
import { Printer } from 'lucide-react';
import { Link } from 'react-router';
import { StripsToBuy } from '../cutting/strips-to-buy.js';
import { usePiecesQuery } from '../store/api.js';
import { Button } from '../ui/button.js';
import { useAmount } from '../mixing/use-amount.js';
import { useDays } from '../ui/days.js';
import { Heading } from '../ui/panel.js';
import { useShown } from '../ui/shown.js';
import { Empty, Loading } from '../ui/states.js';
import { Swatch } from '../ui/swatch.js';
import { TickBox } from '../ui/tick-box.js';
import { countWords } from '../ui/words.js';
import { useBenchNow, useSupplies } from '../workers/outlook-context.js';
import { useNeeds } from '../workers/use-of-plan.js';
import { useMoney } from './money.js';
import { TableHead } from '../ui/table-head.js';

/** What the plan takes from the shelf: what runs out when, what to buy, what a piece costs, which bottles are dying. */
export function NeedsPart() {
  const needs = useNeeds();
  const supplies = useSupplies();
  if (!needs) return <Loading what="the plan" />;
  const { holdings } = needs.stock;
  const used = holdings.filter(({ draws, shortMl }) => draws.length > 0 || shortMl > 0);
  const items = shoppingList(needs.stock, supplies);
  if (used.length === 0 && items.length === 0)
    return (
      <>
        <StripsToBuy />
        <Empty title="The plan takes nothing from the shelf" go={{ to: '/pieces', words: 'To the pieces' }}>
          Once pieces have steps, what they need is counted here against your bottles, evening by evening.
        </Empty>
      </>
    );
  return (
    <>
      <ToBuy items={items} />
      <StripsToBuy />
      <Reserved holdings={used} />
      <div className="grid items-start gap-x-8 lg:grid-cols-2">
        <Costs holdings={holdings} />
        <Watch holdings={holdings} />
      </div>
      <p className="no-print mt-4 text-[0.8125rem] text-ink-3">
        From area, cover, coats, film and solids, what misses the piece, what stays in cup and brush once a mix, and cleaning. Figures for
        losses, powder by area and cleaning are from memory: count the stock now and then.
      </p>
    </>
  );
}

function ToBuy({ items }: { items: readonly ShoppingItem[] }) {
  const amount = useAmount();
  const days = useDays();
  const shown = useShown();
  const money = useMoney();
  const { data } = usePiecesQuery();
  const names = (ids: readonly string[]): string =>
    ids.map((id) => data?.find(({ piece }) => piece.id === id)?.piece.name ?? id).join(', ');
  return (
    <section aria-labelledby="to-buy" className="mb-5">
      <div className="flex items-center justify-between">
        <h2 id="to-buy" className="text-lg font-semibold">
          To buy
        </h2>
        <Button
          small
          className="no-print"
          disabled={items.length === 0}
          onClick={() => {
            window.print();
          }}
        >
          <Printer size={15} aria-hidden="true" /> Print the list
        </Button>
      </div>
      {items.length === 0 ? (
        <p className="text-ink-2">Nothing: the shelf has enough for all that is planned.</p>
      ) : (
        <table className="w-full border-y border-line print:text-sheet">
          <TableHead heads={['What', 'Buy', 'Missing', 'By', 'For', 'On the shelf instead']} />
          <tbody>
            {items.map((item) => (
              <tr key={`${item.material} ${item.bottleId ?? ''} ${item.colour ?? ''}`} className="border-b border-line align-top">
                <th scope="row" className="px-2 py-1.5 text-left font-semibold">
                  <span className="flex items-center gap-2">
                    <TickBox />
                    {item.colour !== null && <Swatch colour={item.colour} size={20} />}
                    {item.name}
                  </span>
                </th>
                <td className="px-2 py-1.5 whitespace-nowrap">
                  {countWords(item.buy.count, item.buy.container)}
                  {item.buy.sizeMl !== null && <span className="text-ink-2"> of {shown.text(item.buy.sizeMl, 'volume')}</span>}
                  {item.buy.price !== null && <span className="text-ink-2">, {money(item.buy.price * item.buy.count)}</span>}
                </td>
                <td className="figures px-2 py-1.5">{amount(item.ml, item.material)}</td>
                <td className="px-2 py-1.5 whitespace-nowrap">{item.firstDate === null ? 'no evening yet' : days.day(item.firstDate)}</td>
                <td className="px-2 py-1.5 text-[0.8125rem] print:text-sheet">{names(item.pieceIds)}</td>
                <td className="px-2 py-1.5 text-[0.8125rem] print:text-sheet">
                  {item.standIns.length === 0 && <span className="text-ink-3">nothing near</span>}
                  {item.standIns.map(({ bottle, de00, enough, otherCarrier }) => (
                    <span key={bottle.id} className="flex flex-wrap items-center gap-x-1.5">
                      <Swatch colour={bottle.colour} size={11} /> {bottle.name}
                      <span className="text-ink-2">
                        {[
                          ...(de00 === null ? [] : [`ΔE₀₀ ${formatNumber(de00, 1)}`]),
                          ...(enough ? [] : ['not enough of it']),
                          ...(otherCarrier ? ['another thinner: check the sequence'] : []),
                        ].join(', ')}
                      </span>
                    </span>
                  ))}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

/** Shares of a bottle: gone to the plan, short, left. */
function Bar({ holding: { bottle, reservedMl, leftAfterMl } }: { holding: Holding }) {
  const whole = bottle.sizeMl ?? bottle.leftMl;
  if (whole === null || leftAfterMl === null || whole <= 0) return null;
  const pct = (ml: number): number => Math.min(100, (ml / whole) * 100);
  return (
    <svg viewBox="0 0 100 8" preserveAspectRatio="none" className="h-2.5 w-28" aria-hidden="true">
      <rect width={100} height={8} fill="var(--color-field)" stroke="var(--color-ink-3)" />
      <rect width={pct(leftAfterMl)} height={8} fill="var(--color-ink-3)" />
      <rect x={pct(leftAfterMl)} width={pct(reservedMl)} height={8} fill="var(--color-lamp)" />
    </svg>
  );
}

function Reserved({ holdings }: { holdings: readonly Holding[] }) {
  const amount = useAmount();
  const days = useDays();
  const sorted = [...holdings].sort((a, b) => (a.runsOutOn ?? '9999').localeCompare(b.runsOutOn ?? '9999') || b.reservedMl - a.reservedMl);
  return (
    <section aria-labelledby="reserved" className="no-print mb-5">
      <h2 id="reserved" className="text-lg font-semibold">
        Taken by the plan
      </h2>
      <table className="w-full border-y border-line">
        <TableHead heads={['Bottle', 'There is', 'Planned', 'Then left', 'Evening by evening']} />
        <tbody>
          {sorted.map((holding) => {
            const { bottle, reservedMl, leftAfterMl, runsOutOn, shortMl } = holding;
            return (
              <tr key={bottle.id} className="border-b border-line align-top">
                <th scope="row" className="px-2 py-1 text-left font-semibold">
                  <span className="flex items-center gap-2">
                    <Swatch colour={bottle.colour} /> {bottle.name}
                  </span>
                </th>
                <td className="px-2 py-1">
                  {bottle.leftMl === null ? <span className="text-ink-3">not known</span> : amount(bottle.leftMl, bottle.material)}
                </td>
                <td className="figures px-2 py-1">{amount(reservedMl, bottle.material)}</td>
                <td className="px-2 py-1">
                  <span className="figures">{leftAfterMl === null ? '' : amount(leftAfterMl, bottle.material)}</span>
                  <Bar holding={holding} />
                  {shortMl > 0 || runsOutOn !== null ? (
                    <span className="block text-[0.8125rem] font-semibold text-brick">
                      runs out{runsOutOn === null ? '' : ` ${days.day(runsOutOn)}`}
                    </span>
                  ) : null}
                </td>
                <td className="px-2 py-1 text-[0.8125rem]">
                  {byEvening(holding).map(({ date, ml }) => (
                    <span key={date} className="mr-3 inline-block whitespace-nowrap">
                      {date === null ? 'no evening yet' : days.day(date)} <span className="figures">{amount(ml, bottle.material)}</span>
                    </span>
                  ))}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}

function Costs({ holdings }: { holdings: readonly Holding[] }) {
  const money = useMoney();
  const { data } = usePiecesQuery();
  const costs = [...costsOf(holdings)].sort((a, b) => b.cost - a.cost);
  return (
    <section aria-labelledby="costs" className="no-print">
      <h2 id="costs" className="text-lg font-semibold">
        What a piece costs
      </h2>
      <table className="w-full border-y border-line">
        <tbody>
          {costs.map(({ pieceId, cost, unpriced }) => (
            <tr key={pieceId} className="border-b border-line align-top">
              <th scope="row" className="px-2 py-1 text-left font-normal">
                <Link className="underline" to={`/pieces/${pieceId}`}>
                  {data?.find(({ piece }) => piece.id === pieceId)?.piece.name ?? pieceId}
                </Link>
                {unpriced.length > 0 && <span className="block text-[0.8125rem] text-ink-2">no price for {unpriced.join(', ')}</span>}
              </th>
              <td className="figures px-2 py-1 text-right">{money(cost)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** Bottles past or near the end of their life, and what must be shaken or stirred this evening. */
function Watch({ holdings }: { holdings: readonly Holding[] }) {
  const supplies = useSupplies();
  const now = useBenchNow();
  const days = useDays();
  const ageing = holdings.flatMap(({ bottle, draws }) => {
    const life = lifeOf(bottle, supplies, now.date, draws);
    return life.life === 'dead' || life.life === 'dying' ? [{ bottle, ...life }] : [];
  });
  const first = holdings.flatMap(({ draws }) => draws.flatMap(({ use }) => (use.date === null ? [] : [use.date]))).sort()[0];
  const stirred = holdings.flatMap(({ bottle, draws }) => {
    const wake = wakeUp(supplies.material(bottle.material));
    return wake && draws.some(({ use }) => use.date === first) ? [{ bottle, wake }] : [];
  });
  return (
    <section aria-labelledby="watch" className="no-print">
      <h2 id="watch" className="text-lg font-semibold">
        Bottles to look at
      </h2>
      <ul>
        {ageing.map(({ bottle, life, monthsOver, daysLeft, plannedPast }) => (
          <li key={bottle.id} className="border-b border-line px-2 py-1">
            <b className={life === 'dead' ? 'text-brick' : ''}>{bottle.name}</b>:{' '}
            {life === 'dead'
              ? `past its life by ${formatNumber(monthsOver, 0)} months`
              : `good for ${formatNumber(Math.max(0, daysLeft ?? 0), 0)} days more`}
            {plannedPast !== null && life !== 'dead' && `, planned on ${days.day(plannedPast)} when it no longer is`}
          </li>
        ))}
        {ageing.length === 0 && <li className="text-ink-2">No bottle is near the end of its life.</li>}
      </ul>
      {stirred.length > 0 && first !== undefined && (
        <>
          <Heading>Before {days.day(first)}</Heading>
          <ul className="text-[0.8125rem]">
            {stirred.map(({ bottle, wake }) => (
              <li key={bottle.id} className="px-2 py-0.5">
                <b>{bottle.name}</b>: {wake}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
