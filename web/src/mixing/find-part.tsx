import { hasSome } from '@eveningtide/core/materials';
import { hexOfLab, labOf } from '@eveningtide/core/colour';
import { colourShown, matchOf, type FoundRecipe, type Match } from '@eveningtide/core/matching';
import { useMemo, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { EMPTY_CUP, cupActions } from '../store/cup.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Check } from '../ui/check.js';
import { Empty } from '../ui/states.js';
import { useOnHand, useSupplies } from '../workers/outlook-context.js';
import type { FindQuestion } from '../workers/finder.worker.js';
import { finderService } from '../workers/threads.js';
import { useAsked } from '../workers/use-asked.js';
import { Delta } from '../ui/delta.js';
import { TargetField } from './target-field.js';
import type { Target } from './target.js';
import { isPaint } from './words.js';

/** So long nothing may change before the search begins: a colour is dragged about. */
const STILL_MS = 150;

const find = (question: FindQuestion) => finderService().find(question);

/** Two or three bottles in small whole parts that come nearest to a colour. */
export function FindPart() {
  const { shelf, supplies, mixes } = useOnHand();
  const [search] = useSearchParams();
  const asked = search.get('mix');
  const [target, setTarget] = useState<Target>(() => {
    const mix = mixes.find(({ id }) => id === asked);
    const colour = mix && colourShown(mix, supplies);
    return colour ? { lab: labOf(colour), from: mix.name } : { lab: labOf('#8a7a5c'), from: 'the colour you picked' };
  });
  const [three, setThree] = useState(true);
  const [opened, setOpened] = useState(false);
  const bottles = useMemo(
    () => supplies.bottles.filter((bottle) => isPaint(bottle, supplies) && hasSome(bottle) && (!opened || bottle.openedOn !== null)),
    [supplies, opened],
  );
  const question = useMemo(
    () =>
      shelf
        ? { target: target.lab, shelf, bottleIds: bottles.map(({ id }) => id), mostBottles: three ? (3 as const) : (2 as const) }
        : null,
    [shelf, target, bottles, three],
  );
  const { answer: found, working, error } = useAsked(question, find, { stillMs: STILL_MS });
  const wanted = hexOfLab(target.lab);
  return (
    <div className="grid items-start gap-6 lg:grid-cols-[22rem_minmax(0,1fr)]">
      <section aria-label="What is wanted">
        <TargetField key={asked} start={asked} onChange={setTarget} />
        <div className="mt-3 flex flex-wrap gap-x-5">
          <Check checked={three} onChange={setThree}>
            up to three bottles
          </Check>
          <Check checked={opened} onChange={setOpened}>
            only opened ones
          </Check>
        </div>
        <p className="mt-3 text-[0.8125rem] text-ink-2">
          {bottles.length} paints and washes of your shelf are tried, in all small whole parts. Where a bottle has a swatch with white, its
          strength is known and the ± is narrower: note one on the bottle.
        </p>
        <p className="mt-2 text-[0.8125rem] text-ink-3">
          Calculated by absorption and scattering (Kubelka–Munk) in 16 bands; colours off a screen or a lid are themselves a guess. Always
          lay a trial and judge it dry, in daylight.
        </p>
      </section>
      <section aria-label="Recipes" aria-busy={working}>
        {error && (
          <p role="alert" className="font-semibold text-brick">
            The search failed: {error}
          </p>
        )}
        <p role="status" className="mb-2 text-ink-2">
          {working ? 'Trying …' : found ? `Nearest to ${target.from}` : ''}
        </p>
        {bottles.length === 0 && (
          <Empty title="No paint to mix from" go={{ to: '/shelf', words: 'To the shelf' }}>
            Put paints on the shelf, or allow those that are not opened.
          </Empty>
        )}
        <ol className="space-y-2">
          {(bottles.length === 0 ? [] : (found ?? [])).map((recipe) => (
            <Found key={recipe.bottles.map(({ id }) => id).join(' ')} recipe={recipe} wanted={wanted} from={target.from} />
          ))}
        </ol>
      </section>
    </div>
  );
}

function Found({ recipe, wanted, from }: { recipe: FoundRecipe; wanted: string; from: string }) {
  const supplies = useSupplies();
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const { predicted, de00, bottles } = recipe;
  const words = bottles.map(({ id, parts }) =>
    bottles.length === 1 ? (supplies.bottle(id)?.name ?? id) : `${String(parts)} ${supplies.bottle(id)?.name ?? id}`,
  );
  return (
    <li className="flex items-center gap-3 border border-line-strong bg-paper p-2">
      <span className="flex shrink-0 border border-ink/45" aria-hidden="true">
        <span className="block h-12 w-12" style={{ background: wanted }} />
        <span className="block h-12 w-12" style={{ background: predicted.colour }} />
      </span>
      <span className="min-w-0 flex-1">
        <b className="font-semibold">{words.join(' : ')}</b>
        {bottles.length === 1 && ' as it is'}
        <span className="block text-[0.8125rem] text-ink-2">
          <Delta de00={de00} plusMinus={predicted.plusMinusDe00} /> · wanted <span className="figures">{wanted}</span>, gives about{' '}
          <span className="figures">{predicted.colour}</span>
        </span>
        <span className="block text-[0.8125rem] text-ink-2">{MATCH_WORDS[matchOf(de00, predicted.plusMinusDe00)]}</span>
      </span>
      <Button
        small
        onClick={() => {
          dispatch(
            cupActions.set({
              ...EMPTY_CUP,
              name: `As ${from}`.slice(0, 120),
              components: bottles.flatMap(({ id, parts }) => {
                const bottle = supplies.bottle(id);
                return bottle ? [{ material: bottle.material, bottleId: id, parts }] : [];
              }),
            }),
          );
          void navigate('/mixing?part=cup');
        }}
      >
        Into the cup
      </Button>
    </li>
  );
}

const MATCH_WORDS: Record<Match, string> = {
  match: 'Hardly told apart side by side.',
  'not sure': 'As near as can be calculated; only a trial tells.',
  neighbour: 'Seen side by side; a neighbour, not a match.',
  'no match': 'Another colour: a bottle is missing for this one.',
};
