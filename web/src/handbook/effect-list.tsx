import { EFFECTS, chosenWish, sampleFor, type Effect } from '@eveningtide/core/effects';
import { USUAL_STORY } from '@eveningtide/core/subjects';
import { USUAL_SCHOOLS, type Schools } from '@eveningtide/core/techniques';
import { useMemo, useState } from 'react';
import { foundBy } from '../find/find.js';
import { WishCard } from '../looks/wish-card.js';
import { useWorkshopQuery } from '../store/api.js';
import { NearView } from '../ui/near-view.js';
import { SearchField } from '../ui/search-field.js';

/** So high is an effect of the list, about; so many are seen at once. */
const [ROW_PX, FIRST_ROWS] = [150, 6];
/** Plain to see in a small picture. */
const SHOWN_AT = 0.7;

/** Every effect that can be wished for: what it looks like, the ways to it, what it needs and what must not come after. */
export function EffectList() {
  const { data } = useWorkshopQuery();
  const [text, setText] = useState('');
  const schools = data?.workshop.schools ?? USUAL_SCHOOLS;
  const found = foundBy(text, EFFECTS, ({ name, shows, ways }) => ({ name, text: `${shows} ${ways.map((way) => way.name).join(' ')}` }));
  return (
    <>
      <SearchField placeholder="any word for it …" label="Search the effects" text={text} onChange={setText} />
      {found.length === 0 && <p className="text-ink-2">No effect has such a word.</p>}
      <ul className="grid gap-x-8 min-[64rem]:grid-cols-2">
        {found.map((effect, i) => (
          <li key={effect.id} className="border-b border-line py-3">
            <NearView height={ROW_PX} always={i < FIRST_ROWS}>
              {() => <EffectItem effect={effect} schools={schools} />}
            </NearView>
          </li>
        ))}
      </ul>
      <p className="mt-3 text-[0.8125rem] text-ink-3">
        Pictures are predicted, on the first shape that has a place for the effect. Common practice; shares, strengths and likelihoods are
        from memory.
      </p>
    </>
  );
}

function EffectItem({ effect, schools }: { effect: Effect; schools: Schools }) {
  const piece = useMemo(() => sampleFor(effect), [effect]);
  const wish = useMemo(() => piece && { ...chosenWish(effect, piece), intensity: SHOWN_AT }, [effect, piece]);
  return (
    <article className="grid grid-cols-[auto_minmax(0,1fr)] gap-4" aria-label={effect.name}>
      {piece && wish ? (
        <WishCard place={`effect ${effect.id}`} piece={piece} wish={wish} story={USUAL_STORY} schools={schools} />
      ) : (
        <span className="w-24" />
      )}
      <div>
        <h2 className="font-semibold">{effect.name}</h2>
        <p>{effect.shows}</p>
        <p className="text-[0.8125rem] text-ink-2">
          On {[...new Set(effect.zones)].join(', ').replaceAll('-', ' ')}
          {effect.features.length > 0 && `, at ${effect.features.join(', ')}`}
        </p>
        <ul className="mt-1 list-disc pl-4 text-[0.8125rem]">
          {effect.ways.map((way) => (
            <li key={way.id}>
              {way.name}. <span className="text-ink-2">{way.why}</span>
            </li>
          ))}
        </ul>
        <p className="mt-1 text-[0.8125rem]">
          <b className="font-semibold">Needs:</b> {effect.before} <b className="font-semibold">Then:</b> {effect.after}
        </p>
      </div>
    </article>
  );
}
