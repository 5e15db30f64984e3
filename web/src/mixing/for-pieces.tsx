import { mixForMl } from '@eveningtide/core/coverage';
import { mainOf } from '@eveningtide/core/mixing';
import { TECHNIQUES, techniqueById } from '@eveningtide/core/techniques';
import { useState } from 'react';
import { usePiecesQuery } from '../store/api.js';
import { cupActions, type CupState } from '../store/cup.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Check } from '../ui/check.js';
import { SureNumberField } from '../ui/number-field.js';
import { SelectField } from '../ui/select-field.js';
import { useShown } from '../ui/shown.js';
import { useBench } from './use-bench.js';

/** Techniques that lay what is in a cup. */
export const LAYING = TECHNIQUES.filter(({ effect }) => ['film', 'tint', 'accent', 'slurry'].includes(effect));

/** Scales the cup to pieces × zones × coats, losses counted. */
export function ForPieces({ cup }: { cup: CupState }) {
  const dispatch = useAppDispatch();
  const { data } = usePiecesQuery();
  const { supplies, droppers } = useBench();
  const shown = useShown();
  const [open, setOpen] = useState(false);
  const [chosen, setChosen] = useState<string[]>([]);
  const [zone, setZone] = useState('all');
  const [coats, setCoats] = useState(1);
  const pieces = data?.map(({ piece }) => piece).filter(({ archivedOn }) => archivedOn === null) ?? [];
  const taken = pieces.filter(({ id }) => chosen.includes(id));
  const [only] = taken;
  const zones = taken.length === 1 && only ? only.zones : [];
  const main = mainOf(cup, supplies);
  const technique = techniqueById(cup.technique);
  const needed =
    main && taken.length > 0
      ? mixForMl(
          cup.components,
          main.material,
          {
            technique: technique.id,
            tool: cup.tool,
            coats,
            coverPct: null,
            on: taken.map((piece) => ({ piece, zones: [zones.some(({ id }) => id === zone) ? zone : 'all'] })),
          },
          { supplies, droppers },
        )
      : null;
  if (!open)
    return (
      <Button
        className="justify-self-start"
        onClick={() => {
          setOpen(true);
        }}
      >
        As much as pieces need …
      </Button>
    );
  return (
    <fieldset className="col-span-2 border border-line-strong bg-paper px-3 pb-3">
      <legend className="px-1 text-[0.8125rem] text-ink-2">For which pieces</legend>
      <div className="grid max-h-44 gap-x-4 overflow-y-auto sm:grid-cols-2">
        {pieces.map(({ id, name, members }) => (
          <Check
            key={id}
            checked={chosen.includes(id)}
            onChange={(yes) => {
              setChosen(yes ? [...chosen, id] : chosen.filter((other) => other !== id));
            }}
          >
            {name}
            {members.length > 1 && ` (${String(members.length)})`}
          </Check>
        ))}
      </div>
      <div className="mt-2 grid grid-cols-[1fr_1fr_5rem] gap-2">
        <SelectField
          label="Put on by"
          value={cup.technique}
          options={LAYING}
          onChange={(id) => dispatch(cupActions.set({ technique: id, tool: null }))}
        />
        <SelectField
          label="Zone"
          value={zones.some(({ id }) => id === zone) ? zone : 'all'}
          options={[{ id: 'all', name: 'all that is painted' }, ...zones.map(({ id, name }) => ({ id, name }))]}
          onChange={setZone}
        />
        <SureNumberField
          label="Coats"
          value={coats}
          min={1}
          max={10}
          whole
          onChange={(count) => {
            setCoats(count);
          }}
        />
      </div>
      <p className="mt-2 flex flex-wrap items-center gap-3">
        <span role="status">
          {needed === null
            ? 'Choose at least one piece.'
            : needed > 0
              ? `They need ${shown.text(needed, 'volume')}, losses and cup counted.`
              : 'This mix leaves no film.'}
        </span>
        <Button
          small
          look="ink"
          disabled={needed === null || needed <= 0}
          onClick={() => {
            if (needed !== null) dispatch(cupActions.set({ totalMl: Math.ceil(needed * 10) / 10 }));
            setOpen(false);
          }}
        >
          Make that much
        </Button>
        <Button
          small
          onClick={() => {
            setOpen(false);
          }}
        >
          Cancel
        </Button>
      </p>
    </fieldset>
  );
}
