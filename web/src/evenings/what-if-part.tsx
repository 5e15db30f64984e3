import {
  differenceTo,
  inWay,
  operationOf,
  type WhatIfPlan,
  type Difference,
  type PlanInput,
  type Scenario,
} from '@eveningtide/core/schedule';
import { stepIdOf } from '@eveningtide/core/sequence';
import { useMemo, useState } from 'react';
import { countWords } from '../ui/words.js';
import { usePiecesQuery, useSavePieceMutation, useSaveWorkshopMutation, useWorkshopQuery } from '../store/api.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { SelectField } from '../ui/select-field.js';
import { Loading } from '../ui/states.js';
import { TableHead } from '../ui/table-head.js';
import { eveningsService } from '../workers/threads.js';
import { useAsked } from '../workers/use-asked.js';
import { usePlan, useSupplies } from '../workers/outlook-context.js';
import { notifyFailure, notifyWithUndo } from '../ui/notify.js';

interface Answers {
  now: WhatIfPlan;
  others: { id: string; name: string; note: string; alternative: WhatIfPlan | null }[];
}

const openPieces = ({ pieces }: PlanInput) => pieces.filter(({ archivedOn, steps }) => archivedOn === null && steps.length > 0);

/** One question after the other: they share a thread. */
async function askAll(given: PlanInput, without: string | null): Promise<Answers> {
  const ask = (scenario: Scenario) => eveningsService().scenario(given, scenario);
  const now = await ask({ kind: 'as-is' });
  const piece = without === null ? openPieces(given)[0] : given.pieces.find(({ id }) => id === without);
  return {
    now,
    others: [
      {
        id: 'heating',
        name: 'Heating left on',
        note: 'nights as warm and dry as the evenings',
        alternative: await ask({ kind: 'heating' }),
      },
      { id: 'dryer', name: 'Dryer allowed', note: 'cool moving air on coats where it helps', alternative: await ask({ kind: 'dryer' }) },
      {
        id: 'tools',
        name: 'Brush or airbrush',
        note: 'coats of paint with whichever suits the plan',
        alternative: await ask({ kind: 'tools' }),
      },
      {
        id: 'evening',
        name: 'One more evening',
        note: 'on the best free day of the coming week',
        alternative: await eveningsService().bestDay(given),
      },
      {
        id: 'careful',
        name: 'Careful drying times',
        note: 'they hold four times out of five',
        alternative: await ask({ kind: 'careful' }),
      },
      ...(piece
        ? [
            {
              id: 'without',
              name: `Without ${piece.name}`,
              note: 'it is left for later',
              alternative: await ask({ kind: 'without', pieceId: piece.id }),
            },
          ]
        : []),
    ],
  };
}

/** The plan as it would be if something were otherwise, beside the plan as it is. */
export function WhatIfPart() {
  const { given, outlook } = usePlan();
  const days = useDays();
  const open = given ? openPieces(given) : [];
  const [without, setWithout] = useState<string | null>(null);
  const ask = useMemo(() => (of: PlanInput) => askAll(of, without), [without]);
  const { answer, working, error } = useAsked(given, ask);
  if (!outlook || !given) return <Loading what="the plan" />;
  if (error !== null)
    return (
      <p role="alert" className="px-4 text-brick">
        Could not calculate this: {error}
      </p>
    );
  if (!answer) return <Loading what="the other plans" />;
  const { now, others } = answer;
  return (
    <div className="px-4 py-3" aria-busy={working}>
      <div className="mb-2 flex flex-wrap items-end gap-4">
        <SelectField
          label="Leave out"
          value={without ?? open[0]?.id ?? ''}
          options={open.map(({ id, name }) => ({ id, name }))}
          onChange={setWithout}
          className="w-64"
        />
        <p className="max-w-prose text-[0.8125rem] text-ink-3">
          Each plan is worked on equally long, the one you have as well, so that they compare.
        </p>
      </div>
      <table className="w-full border-y border-line">
        <TableHead heads={['If', 'Evenings', 'All done', 'Cleanings', 'Against now', '']} />
        <tbody>
          <Row name="As it is" note="" alternative={now} now={now} />
          {others.map(({ id, name, note, alternative }) => (
            <Row
              key={id}
              name={name}
              note={alternative?.scenario.kind === 'evening' ? `on ${days.day(alternative.scenario.date)}` : note}
              alternative={alternative}
              now={now}
            />
          ))}
        </tbody>
      </table>
    </div>
  );
}

const hasDifference = ({ evenings, days, cleanings }: Difference): boolean => evenings !== 0 || days !== 0 || cleanings !== 0;

/** `1 evening fewer, 2 days sooner`. */
function differenceWords({ evenings, days, cleanings }: Difference): string {
  const words = (count: number, what: string, less: string, more: string): string[] =>
    count === 0 ? [] : [`${countWords(Math.abs(count), what)} ${count < 0 ? less : more}`];
  const all = [
    ...words(evenings, 'evening', 'fewer', 'more'),
    ...words(days, 'day', 'sooner', 'later'),
    ...words(cleanings, 'cleaning', 'fewer', 'more'),
  ];
  return all.length === 0 ? 'no difference' : all.join(', ');
}

/** When all is done; a plan that leaves steps out has no such time, nor one with nothing in it. */
function doneWords({ plan, cost }: WhatIfPlan['planned'], when: (minute: number) => string): string {
  if (plan.unplaced.length > 0) return `${countWords(plan.unplaced.length, 'step')} without an evening`;
  return plan.placed.length === 0 ? 'nothing to do' : when(cost.finishMin);
}

function Row({ name, note, alternative, now }: { name: string; note: string; alternative: WhatIfPlan | null; now: WhatIfPlan }) {
  const { given } = usePlan();
  const days = useDays();
  if (!given) return null;
  const cost = alternative?.planned.cost;
  const difference = alternative && alternative !== now ? differenceTo(now.planned, alternative.planned) : null;
  return (
    <tr className="border-b border-line">
      <th scope="row" className="px-2 py-1.5 text-left font-semibold">
        {name} <span className="block text-[0.8125rem] font-normal text-ink-2">{note}</span>
      </th>
      {alternative && cost ? (
        <>
          <td className="figures px-2 py-1.5">{cost.evenings}</td>
          <td className="px-2 py-1.5 whitespace-nowrap">
            {doneWords(alternative.planned, (minute) => days.when(given.originDate, minute))}
          </td>
          <td className="figures px-2 py-1.5">{alternative.planned.plan.cleanings.length}</td>
          <td className="px-2 py-1.5">{difference && differenceWords(difference)}</td>
          <td className="px-2 py-1.5 text-right">{difference && hasDifference(difference) && <DoIt alternative={alternative} />}</td>
        </>
      ) : (
        <td className="px-2 py-1.5 text-ink-2" colSpan={5}>
          no free day in the coming week
        </td>
      )}
    </tr>
  );
}

/** What can be done from here: the evening added, the coats dried with the dryer, careful times from now on. */
function DoIt({ alternative: { scenario, planned } }: { alternative: WhatIfPlan }) {
  const { outlook } = usePlan();
  const supplies = useSupplies();
  const days = useDays();
  const { data: stored } = useWorkshopQuery();
  const { data: pieces } = usePiecesQuery();
  const [saveWorkshop] = useSaveWorkshopMutation();
  const [savePiece] = useSavePieceMutation();
  const tried = async (work: () => Promise<void>): Promise<void> => {
    try {
      await work();
    } catch (error) {
      notifyFailure('It was not changed', error);
    }
  };
  if (!stored || !pieces || !outlook) return null;
  const setWorkshop = (workshop: typeof stored.workshop, words: string) =>
    tried(async () => {
      const saved = await saveWorkshop({ version: stored.version, workshop }).unwrap();
      notifyWithUndo(words, async () => {
        await saveWorkshop({ version: saved.version, workshop: stored.workshop }).unwrap();
      });
    });
  if (scenario.kind === 'evening') {
    const { date, start, end } = scenario;
    const dates = [...stored.workshop.dates.filter((one) => one.date !== date), { date, start, end }];
    return (
      <Button small onClick={() => void setWorkshop({ ...stored.workshop, dates }, `${days.day(date)} is an evening at the bench`)}>
        Add the evening
      </Button>
    );
  }
  if (scenario.kind === 'careful' && !stored.workshop.careful)
    return (
      <Button small onClick={() => void setWorkshop({ ...stored.workshop, careful: true }, 'Planned with careful drying times')}>
        Plan carefully
      </Button>
    );
  const chosen = Object.entries(planned.plan.chosen);
  if ((scenario.kind !== 'dryer' && scenario.kind !== 'tools') || chosen.length === 0) return null;
  const doSo = () =>
    tried(async () => {
      const changed: { version: number; piece: (typeof pieces)[number]['piece'] }[] = [];
      for (const { version, piece } of pieces) {
        const ways = new Map(
          chosen.flatMap(([id, way]) => {
            const { pieceId, stepIndex } = operationOf(id);
            const step = pieceId === piece.id ? outlook.pieces.find((one) => one.pieceId === pieceId)?.steps[stepIndex] : undefined;
            return step ? [[stepIdOf(step.id), way] as const] : [];
          }),
        );
        if (ways.size === 0) continue;
        const steps = piece.steps.map((step) => inWay(step, ways.get(step.id) ?? null, supplies));
        const saved = await savePiece({ version, piece: { ...piece, steps } }).unwrap();
        changed.push({ version: saved.version, piece });
      }
      notifyWithUndo(`${countWords(chosen.length, 'coat')} done in the other way`, async () => {
        for (const { version, piece } of changed) await savePiece({ version, piece }).unwrap();
      });
    });
  return (
    <Button small onClick={() => void doSo()}>
      {scenario.kind === 'dryer' ? `Dry ${countWords(chosen.length, 'coat')} with it` : `Change ${countWords(chosen.length, 'coat')}`}
    </Button>
  );
}
