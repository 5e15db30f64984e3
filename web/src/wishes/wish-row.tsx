import { useSupplies } from '../workers/outlook-context.js';
import { colourOf, effectById, featuresFor, wayOf, zonesOfWish } from '@eveningtide/core/effects';
import { PRIORITIES, type Piece, type Priority, type Story, type Wish } from '@eveningtide/core/subjects';
import type { Schools } from '@eveningtide/core/techniques';
import { X } from 'lucide-react';
import { SelectField } from '../ui/select-field.js';
import { Swatch } from '../ui/swatch.js';
import { WishCard } from '../looks/wish-card.js';
import { strengthWords } from './words.js';
import { Range } from '../ui/range.js';

const PRIORITY_NAMES: Record<Priority, string> = { must: 'must', should: 'should', may: 'may' };

interface WishRowProps {
  piece: Piece;
  wish: Wish;
  story: Story;
  schools: Schools;
  onChange: (given: Partial<Wish>) => void;
  onRemove: () => void;
}

/** One effect wished for: how strong, how badly, and folded below in which way, where and in what colour. */
export function WishRow({ piece, wish, story, schools, onChange, onRemove }: WishRowProps) {
  const effect = effectById(wish.effect);
  const way = wayOf(wish, effect, { schools, supplies: useSupplies() });
  // a plain coat is there or not: it has no strength
  const grows = way.steps.some(({ coverPct, strength }) => coverPct ?? strength);
  const zones = zonesOfWish(wish, effect, piece);
  const colour = colourOf('main', wish, effect, { piece, story });
  const where = piece.zones.filter(({ id }) => zones.includes(id)).map(({ name }) => name.toLowerCase());
  return (
    <li className="border-b border-line py-1.5">
      <div className="grid grid-cols-[6rem_minmax(0,1fr)_7.5rem_5rem_1.75rem] items-center gap-2 max-[40rem]:grid-cols-[6rem_minmax(0,1fr)_1.75rem]">
        <WishCard place={`wish ${wish.id}`} piece={piece} wish={wish} story={story} schools={schools} />
        <span className="flex min-w-0 items-center gap-2">
          <Swatch colour={colour} />
          <span className="min-w-0 leading-tight">
            <b className="font-semibold">{effect.name}</b>
            <span className="block truncate text-[0.8125rem] text-ink-2">
              {where.join(', ') || 'no zone that is seen has a place for it'}
            </span>
          </span>
        </span>
        <div className="contents max-[40rem]:order-1 max-[40rem]:col-span-3 max-[40rem]:grid max-[40rem]:grid-cols-[minmax(0,1fr)_6rem] max-[40rem]:items-center max-[40rem]:gap-3">
          {!grows ? (
            <span className="text-[0.8125rem] text-ink-2">all of it</span>
          ) : (
            <label className="text-[0.8125rem] text-ink-2">
              <span aria-hidden="true">{strengthWords(wish.intensity)}</span>
              <Range
                label={`How strong: ${effect.name}`}
                words={strengthWords(wish.intensity)}
                value={Math.round(wish.intensity * 100)}
                min={0}
                max={100}
                step={5}
                onChange={(value) => {
                  onChange({ intensity: value / 100 });
                }}
              />
            </label>
          )}
          <select
            aria-label={`How badly: ${effect.name}`}
            className="field"
            value={wish.priority}
            onChange={(event) => {
              onChange({ priority: event.target.value as Priority });
            }}
          >
            {PRIORITIES.map((id) => (
              <option key={id} value={id}>
                {PRIORITY_NAMES[id]}
              </option>
            ))}
          </select>
        </div>
        <button
          type="button"
          aria-label={`Not ${effect.name} after all`}
          className="flex min-h-7 items-center justify-center hover:text-brick"
          onClick={onRemove}
        >
          <X size={15} aria-hidden="true" />
        </button>
      </div>
      <details className="mt-0.5">
        <summary className="text-[0.8125rem] text-ink-2">
          {way.name}
          {wish.way === null && effect.ways.length > 1 ? ', as usual' : ''}
        </summary>
        <WishDetails piece={piece} wish={wish} colour={colour} schools={schools} onChange={onChange} />
      </details>
    </li>
  );
}

function WishDetails({
  piece,
  wish,
  colour,
  schools,
  onChange,
}: Pick<WishRowProps, 'piece' | 'wish' | 'schools' | 'onChange'> & { colour: string }) {
  const effect = effectById(wish.effect);
  const features = featuresFor(effect, piece);
  const way = wayOf(wish, effect, { schools, supplies: useSupplies() });
  return (
    <div className="my-1 grid grid-cols-2 gap-2 border-l-2 border-line pl-3">
      <p className="col-span-2 text-[0.8125rem] text-ink-2">
        {effect.shows} {way.why}
      </p>
      <SelectField
        label="Way"
        value={wish.way ?? 'usual'}
        options={[{ id: 'usual', name: 'as usual, by your school' }, ...effect.ways]}
        onChange={(id) => {
          onChange({ way: id === 'usual' ? null : id });
        }}
      />
      {features.length > 0 && (
        <SelectField
          label={effect.needsFeature ? 'Runs from' : 'At'}
          value={wish.featureId ?? 'none'}
          options={[
            ...(effect.needsFeature ? [] : [{ id: 'none', name: 'no place in particular' }]),
            ...features.map(({ id, label }) => ({ id, name: label })),
          ]}
          onChange={(id) => {
            onChange({ featureId: id === 'none' ? null : id, zones: null });
          }}
        />
      )}
      <label className="text-[0.8125rem] text-ink-2">
        Colour
        <span className="flex items-center gap-2">
          <input
            type="color"
            aria-label={`Colour of ${effect.name}`}
            className="field h-8 w-14 p-0.5"
            value={colour}
            onChange={(event) => {
              onChange({ colour: event.target.value });
            }}
          />
          {wish.colour !== null && (
            <button
              type="button"
              className="min-h-6 underline"
              onClick={() => {
                onChange({ colour: null });
              }}
            >
              as usual
            </button>
          )}
        </span>
      </label>
      <WishZones piece={piece} wish={wish} onChange={onChange} />
      <p className="col-span-2 text-[0.8125rem] text-ink-3">
        Needs: {effect.before} Then: {effect.after}
      </p>
    </div>
  );
}

/** The zones it goes on; all of them cleared means: where it usually is. */
function WishZones({ piece, wish, onChange }: Pick<WishRowProps, 'piece' | 'wish' | 'onChange'>) {
  const effect = effectById(wish.effect);
  const now = zonesOfWish(wish, effect, piece);
  const open = piece.zones.filter(({ keepClean, seen }) => keepClean === null && seen !== 'never');
  return (
    <fieldset className="col-span-2">
      <legend className="text-[0.8125rem] text-ink-2">Zones{wish.zones === null ? ', as usual' : ''}</legend>
      <div className="flex flex-wrap gap-x-3">
        {open.map(({ id, name }) => (
          <label key={id} className="flex min-h-6 items-center gap-1.5 text-[0.8125rem]">
            <input
              type="checkbox"
              checked={now.includes(id)}
              onChange={(event) => {
                const next = open.filter((zone) => (zone.id === id ? event.target.checked : now.includes(zone.id))).map((zone) => zone.id);
                onChange({ zones: next.length > 0 ? next : null, featureId: effect.needsFeature ? wish.featureId : null });
              }}
            />
            {name.toLowerCase()}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
