import { AMOUNTS, chosenWish, effectById, proposalOf, type Amount, type Effect } from '@eveningtide/core/effects';
import { NO_INTENT, type Intent, type Piece, type Wish } from '@eveningtide/core/subjects';
import { USUAL_SCHOOLS } from '@eveningtide/core/techniques';
import { nanoid } from '@reduxjs/toolkit';
import { BookOpenText, Plus } from 'lucide-react';
import { useMemo, useState } from 'react';
import { toast } from '../store/toast.js';
import { countWords } from '../ui/words.js';
import { useWorkshopQuery } from '../store/api.js';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Check } from '../ui/check.js';
import { NumberField } from '../ui/number-field.js';
import { Panel } from '../ui/panel.js';
import { SelectField } from '../ui/select-field.js';
import { EffectsDialog } from './effects-dialog.js';
import { StoryForm } from './story-form.js';
import { WishRow } from './wish-row.js';
import { notifyWithUndo } from '../ui/notify.js';

/** The story, the wishes, and what the order has to keep to. */
export function WishList({ piece }: { piece: Piece }) {
  const dispatch = useAppDispatch();
  const { data: workshop } = useWorkshopQuery();
  const [choosing, setChoosing] = useState(false);
  const [amount, setAmount] = useState<Amount>('typical');
  const intent: Intent = piece.intent ?? NO_INTENT;
  const set = (given: Partial<Intent>) => {
    dispatch(editorActions.patched({ intent: { ...intent, ...given } }));
  };
  const setWish = (id: string, given: Partial<Wish>) => {
    set({ wishes: intent.wishes.map((wish) => (wish.id === id ? { ...wish, ...given } : wish)) });
  };
  const schools = workshop?.workshop.schools ?? USUAL_SCHOOLS;
  const wished = new Set(intent.wishes.map(({ effect }) => effect));
  const proposal = useMemo(() => proposalOf(piece, intent.story, amount), [piece, intent.story, amount]);
  const propose = () => {
    const added = proposal.wishes.filter(({ effect }) => !wished.has(effect));
    if (added.length > 0) set({ wishes: [...intent.wishes, ...added.map((wish) => ({ ...wish, id: nanoid(8) }))] });
    toast(
      added.length > 0
        ? `${countWords(added.length, 'effect')} added; what is too much comes out again`
        : 'Nothing more would be seen on such a piece',
    );
  };
  const add = (effect: Effect) => {
    set({ wishes: [...intent.wishes, { ...chosenWish(effect, piece), id: nanoid(8) }] });
  };
  return (
    <section
      aria-label="Wishes"
      className="min-w-0 overflow-y-auto border-r border-line-strong pb-10 @max-[46rem]:overflow-visible @max-[46rem]:border-0"
    >
      <Panel title="Story" aside={<span className="text-[0.8125rem] text-ink-2">proposes what would be seen</span>}>
        <StoryForm
          kind={piece.kind}
          story={intent.story}
          onChange={(story) => {
            set({ story });
          }}
        />
        <div className="mt-2 flex items-end gap-2">
          <SelectField label="How much of it" className="w-36" value={amount} options={AMOUNT_OPTIONS} onChange={setAmount} />
          <Button small onClick={propose}>
            <BookOpenText size={14} aria-hidden="true" /> Propose from the story
          </Button>
        </div>
      </Panel>
      <div className="px-4 py-2.5">
        <h2 className="font-semibold">What it should look like</h2>
        {intent.wishes.length === 0 ? (
          <p className="my-2 max-w-prose text-ink-2">
            Say what is to be seen: rust below the hinges, mud to the axles, soot at the exhaust. The order, the seals and the waits are
            found for you. Let the story propose, or add effects one by one.
          </p>
        ) : (
          <ul className="mt-1">
            {intent.wishes.map((wish) => (
              <WishRow
                key={wish.id}
                piece={piece}
                wish={wish}
                story={intent.story}
                schools={schools}
                onChange={(given) => {
                  setWish(wish.id, given);
                }}
                onRemove={() => {
                  set({ wishes: intent.wishes.filter(({ id }) => id !== wish.id) });
                  notifyWithUndo(`${effectById(wish.effect).name} removed`, () => dispatch(editorActions.undone()), { brief: true });
                }}
              />
            ))}
          </ul>
        )}
        <AlsoPossible
          wishes={proposal.alsoPossible.filter(({ effect }) => intent.wishes.length > 0 && !wished.has(effect))}
          onAdd={(wish) => {
            set({ wishes: [...intent.wishes, { ...wish, id: nanoid(8) }] });
          }}
        />
        <Button
          className="mt-3"
          onClick={() => {
            setChoosing(true);
          }}
        >
          <Plus size={16} aria-hidden="true" /> Add an effect
        </Button>
      </div>
      <Limits piece={piece} intent={intent} set={set} />
      {choosing && (
        <EffectsDialog
          piece={piece}
          story={intent.story}
          schools={schools}
          onAdd={add}
          onClose={() => {
            setChoosing(false);
          }}
        />
      )}
    </section>
  );
}

const AMOUNT_NAMES: Record<Amount, string> = { light: 'a little', typical: 'as usual', heavy: 'a lot' };
const AMOUNT_OPTIONS = AMOUNTS.map((id) => ({ id, name: AMOUNT_NAMES[id] }));

/** What the story would bring as well, each to be added by itself. */
function AlsoPossible({ wishes, onAdd }: { wishes: readonly Wish[]; onAdd: (wish: Wish) => void }) {
  if (wishes.length === 0) return null;
  return (
    <div role="group" aria-label="Also possible" className="mt-3 flex flex-wrap items-center gap-1.5">
      <span className="text-[0.8125rem] text-ink-2">Also possible</span>
      {wishes.map((wish) => (
        <Button
          key={wish.effect}
          small
          onClick={() => {
            onAdd(wish);
          }}
        >
          <Plus size={13} aria-hidden="true" /> {effectById(wish.effect).name}
        </Button>
      ))}
    </div>
  );
}

/** What the order has to keep to. */
function Limits({ piece, intent, set }: { piece: Piece; intent: Intent; set: (given: Partial<Intent>) => void }) {
  const own = piece.steps.filter(({ fromWish }) => fromWish === null).length;
  return (
    <div className="grid grid-cols-2 gap-2 border-t border-line-strong px-4 py-2.5">
      <h2 className="col-span-2 font-semibold">The order keeps to</h2>
      <NumberField
        label="Steps done already"
        value={intent.doneSteps}
        min={0}
        max={piece.steps.length}
        whole
        optional={false}
        onChange={(doneSteps) => {
          set({ doneSteps: doneSteps ?? 0 });
        }}
      />
      <NumberField
        label="Minutes at the bench there are"
        usual="as many as it takes"
        value={intent.timeBoxMin}
        min={1}
        max={10_000}
        onChange={(timeBoxMin) => {
          set({ timeBoxMin });
        }}
      />
      <Check
        className="col-span-2"
        checked={intent.keepOrder}
        onChange={(keepOrder) => {
          set({ keepOrder });
        }}
      >
        my own order where it is right ({countWords(own, 'step')} of my own)
      </Check>
    </div>
  );
}
