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
/** From here on an evening is called likely to hold, and from there on sure enough (our words). */
const LIKELY = 0.6;
const SURE = 0.9;

const pct = (share: number): string => `${String(Math.round(share * 100))} %`;
const chanceWords = (chance: number): string => (chance >= SURE ? 'sure enough' : chance >= LIKELY ? 'likely' : 'doubtful');

const chancesOf = (given: PlanInput) => eveningsService().chances(given);
const safeOf = (given: PlanInput) => eveningsService().safe(given);

/** How sure each evening is when paint dries slower and hands are slower than reckoned, and a plan that leaves room for it. */
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
  const breakers = ({ breakers: list }: EveningChance): string =>
    list
      .slice(0, MOST_BREAKERS)
      .map(({ id, how, share }) => `${words(id)}, ${HOW[how]} (${pct(share)})`)
      .join('; ');
  return (
    <div className="px-4 py-3" aria-busy={working}>
      <p className="mb-2">
        Carried out {answer.runs} times with drying and hands-on times that vary: every evening goes as planned in <b>{pct(answer.all)}</b>{' '}
        of them.
        {likely && <> Half the time all is done by {days.dayOf(originDate, likely.toMin)}</>}
        {careful && <>, four times out of five by {days.dayOf(originDate, careful.toMin)}</>}
        {(likely ?? careful) && '.'}
      </p>
      <table className="w-full border-y border-line">
        <TableHead heads={['Evening', 'Goes as planned', 'What breaks it']} />
        <tbody>
          {answer.evenings.map((evening) => (
            <tr key={evening.fromMin} className="border-b border-line align-top">
              <th scope="row" className="px-2 py-1.5 text-left font-semibold whitespace-nowrap">
                {days.dayOf(originDate, evening.fromMin)}
              </th>
              <td className="px-2 py-1.5 whitespace-nowrap">
                <span className="mr-2 inline-block h-2.5 w-32 border border-line-strong align-middle" aria-hidden="true">
                  <span className="block h-full bg-ink" style={{ width: pct(evening.chance).replace(' ', '') }} />
                </span>
                <span className="figures">{pct(evening.chance)}</span> <span className="text-ink-2">{chanceWords(evening.chance)}</span>
              </td>
              <td className="px-2 py-1.5 text-[0.8125rem]">
                {evening.breakers.length === 0 ? <span className="text-ink-3">nothing</span> : breakers(evening)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <SafeSide />
      <p className="mt-3 max-w-prose text-[0.8125rem] text-ink-3">
        Drying varies as its material says (σ 0.25 of the logarithm), hands-on times by about 15 % and repeat groups may want another round:
        figures from memory until your own log knows better. You work in the order of the plan but for what is not ready; unfinished steps
        move to the next evening.
      </p>
    </div>
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
