import type { Breaking, EveningChance } from '@eveningtide/core/chances';
import { keptPlan, type PlanInput } from '@eveningtide/core/schedule';
import { useState } from 'react';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { Loading } from '../ui/states.js';
import { TableHead } from '../ui/table-head.js';
import { eveningsService } from '../workers/threads.js';
import { useAsked } from '../workers/use-asked.js';
import { usePlan } from '../workers/outlook-context.js';
import { useKeepPlanning } from './use-keep-planning.js';
import { useStepWords } from './step-words.js';

const HOW: Record<Breaking, string> = { 'not-ready': 'not dry yet', 'no-time': 'no time left', missed: 'window missed' };
const MOST_BREAKERS = 2;
/** What breaks an evening more seldom than this is not told. */
const LEAST_TOLD = 0.01;
/** From here on an evening is called likely to hold, and from there on sure enough (our words). */
const LIKELY = 0.6;
const SURE = 0.9;

const pct = (share: number): string => `${String(Math.round(share * 100))} %`;
const chanceWords = (chance: number): string => (chance >= SURE ? 'sure enough' : chance >= LIKELY ? 'likely' : 'doubtful');

const chancesOf = (given: PlanInput) => eveningsService().chances(given);
const safeOf = (given: PlanInput) => eveningsService().safe(given);

/** How sure each evening is when paint dries slower and hands are slower than planned, and a plan that leaves room for it. */
export function SurePart() {
  const { given, outlook } = usePlan();
  const days = useDays();
  const words = useStepWords();
  const { answer, working, error } = useAsked(given, chancesOf);
  if (!outlook || !given) return <Loading what="the plan" />;
  if (error !== null)
    return (
      <p role="alert" className="px-4 text-brick">
        Could not calculate the chances: {error}
      </p>
    );
  if (!answer) return <Loading what="two thousand runs of the plan" />;
  const { originDate } = outlook;
  const likely = answer.doneBy.find(({ share }) => share >= 0.5);
  const careful = answer.doneBy.find(({ share }) => share >= 0.8);
  return (
    <div className="px-4 py-3" aria-busy={working}>
      <p className="mb-3 max-w-prose">
        The plan was tried {answer.runs} times, with paint that dries slower or faster and hands that do. In <b>{pct(answer.all)}</b> of
        them every evening went as planned.
        {likely && <> Half the time all is done by {days.dayOf(originDate, likely.toMin)}</>}
        {careful && <>, four times out of five by {days.dayOf(originDate, careful.toMin)}</>}
        {(likely ?? careful) && '.'}
      </p>
      <div className="grid items-start gap-x-10 gap-y-4 lg:grid-cols-[3fr_1fr]">
        <table className="w-full border-y border-line">
          <TableHead heads={['Evening', 'Goes as planned', 'What may hold it up']} />
          <tbody>
            {answer.evenings.map((evening) => (
              <EveningRow key={evening.fromMin} evening={evening} day={days.dayOf(originDate, evening.fromMin)} words={words} />
            ))}
          </tbody>
        </table>
        <table className="w-full border-y border-line">
          <TableHead heads={['All done by', 'Of a hundred tries']} />
          <tbody>
            {answer.doneBy.map(({ toMin, share }) => (
              <tr key={toMin} className="border-b border-line">
                <th scope="row" className="px-2 py-1.5 text-left font-semibold whitespace-nowrap">
                  {days.dayOf(originDate, toMin)}
                </th>
                <td className="px-2 py-1.5 whitespace-nowrap">
                  <Bar share={share} tone="bg-ink" />
                  <span className="figures">{Math.round(share * 100)}</span>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <SafeSide />
      <p className="mt-3 max-w-prose text-[0.8125rem] text-ink-3">
        Drying times vary by about a quarter, hands-on times by about 15 %, and repeat groups may want another round: figures from memory
        until your own log knows better. You work in the order of the plan but for what is not ready; unfinished steps move to the next
        evening.
      </p>
    </div>
  );
}

const toneOf = (chance: number): string => (chance >= SURE ? 'bg-tide' : chance >= LIKELY ? 'bg-lamp' : 'bg-brick');

/** A share as a bar; the figure beside it says the same. */
const Bar = ({ share, tone }: { share: number; tone: string }) => (
  <span className="mr-2 inline-block h-3 w-32 border border-line-strong bg-field align-middle" aria-hidden="true">
    <span className={`block h-full ${tone}`} style={{ width: `${String(Math.round(share * 100))}%` }} />
  </span>
);

function EveningRow({ evening, day, words }: { evening: EveningChance; day: string; words: (id: string) => string }) {
  const told = evening.breakers.filter(({ share }) => share >= LEAST_TOLD).slice(0, MOST_BREAKERS);
  return (
    <tr className="border-b border-line align-top">
      <th scope="row" className="px-2 py-1.5 text-left font-semibold whitespace-nowrap">
        {day}
      </th>
      <td className="px-2 py-1.5 whitespace-nowrap">
        <Bar share={evening.chance} tone={toneOf(evening.chance)} />
        <span className="figures">{pct(evening.chance)}</span> <span className="text-ink-2">{chanceWords(evening.chance)}</span>
      </td>
      <td className="px-2 py-1.5 text-[0.8125rem]">
        {told.length === 0 && <span className="text-ink-3">hardly anything</span>}
        <ul>
          {told.map(({ id, how, share }) => (
            <li key={id}>
              {words(id)}, {HOW[how]} ({pct(share)})
            </li>
          ))}
        </ul>
      </td>
    </tr>
  );
}

/** A plan with room in it, beside the one there is. */
function SafeSide() {
  const { given, outlook } = usePlan();
  const days = useDays();
  const keep = useKeepPlanning();
  const [asked, setAsked] = useState(false);
  const { answer: safe, working } = useAsked(given, asked ? safeOf : null);
  if (!given || !outlook) return null;
  if (!asked)
    return (
      <Button
        className="mt-3"
        onClick={() => {
          setAsked(true);
        }}
      >
        On the safe side …
      </Button>
    );
  if (working || !safe) return <Loading what="a plan with room in it" />;
  const { planned, chances } = safe;
  const weakest = Math.min(1, ...chances.evenings.map(({ chance }) => chance));
  const more = planned.cost.evenings - outlook.cost.evenings;
  return (
    <section
      aria-labelledby="safe-side"
      className="mt-3 flex flex-wrap items-start justify-between gap-3 border border-line-strong bg-paper p-3"
    >
      <div>
        <h3 id="safe-side" className="font-semibold">
          On the safe side
        </h3>
        <p>
          {planned.cost.evenings} evenings (
          {more === 0 ? 'no more than now' : `${String(Math.abs(more))} ${more > 0 ? 'more' : 'fewer'} than now`}), done{' '}
          {days.dayOf(given.originDate, planned.cost.finishMin)} (now {days.dayOf(outlook.originDate, outlook.cost.finishMin)}). Its weakest
          evening holds in {pct(weakest)} of the runs, all of them in {pct(chances.all)}.
        </p>
      </div>
      <Button
        look="ink"
        onClick={() => {
          void keep((planning) => ({ ...planning, kept: keptPlan(planned.start, given) }), 'Kept: the plan on the safe side');
          setAsked(false);
        }}
      >
        Keep this plan
      </Button>
    </section>
  );
}
