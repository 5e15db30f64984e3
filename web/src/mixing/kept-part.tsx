import { suppliesName } from '@eveningtide/core/materials';
import { countedOut, keepsOfMix, volumesOfCup, type Mix } from '@eveningtide/core/mixing';
import { colourShown } from '@eveningtide/core/matching';
import { formatMinutes } from '@eveningtide/core/units';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { usePassOn } from '../passing/use-pass-on.js';
import { useDeleteMixMutation, useMixesQuery, usePiecesQuery, useRestoreDeletedMutation, type StoredMix } from '../store/api.js';
import { EMPTY_CUP, cupActions } from '../store/cup.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { useShown } from '../ui/shown.js';
import { Empty, Failed, Loading } from '../ui/states.js';
import { Swatch } from '../ui/swatch.js';
import { ChangeDialog } from './change-dialog.js';
import { Labels, type Label } from './labels.js';
import { MixColourDialog } from './mix-colour-dialog.js';
import { useBench } from './use-bench.js';
import { recipeWords } from './words.js';
import { notifyDeleted, notifyFailure } from '../ui/notify.js';

/** Mixes that were kept: recipes, and cups that were made, with everything done to them since. */
export function KeptPart() {
  const { data, isError, refetch } = useMixesQuery();
  const { supplies, measured, measuring } = useBench();
  const [changing, setChanging] = useState<StoredMix | null>(null);
  if (isError && !data)
    return (
      <Failed
        what="your mixes"
        onRetry={() => {
          void refetch();
        }}
      />
    );
  if (!data) return <Loading what="your mixes" />;
  if (data.length === 0)
    return (
      <Empty title="No mix kept yet" go={{ to: '/mixing?part=cup', words: 'To the cup' }}>
        Think one out in the cup and keep it. It gets a number and a label; steps can use it, and next year it can be matched again.
      </Empty>
    );
  const sorted = [...data].sort((a, b) => b.mix.number - a.mix.number);
  const labels = sorted.map(({ mix }): Label => {
    const volumes = volumesOfCup({ components: mix.components, totalMl: mix.madeMl ?? EMPTY_CUP.totalMl });
    const counted = countedOut(volumes, measuring.countBy, measured(mix.components), measuring);
    const keeps = keepsOfMix(mix, supplies);
    return {
      mark: String(mix.number),
      name: mix.name,
      colour: colourShown(mix, supplies) ?? '#888888',
      lines: mix.components.map((component, i) => ({ component, out: counted.components[i] })),
      mixedOn: mix.madeOn,
      keeps: Number.isFinite(keeps.minutes) ? formatMinutes(keeps.minutes) : 'on',
      for: '',
    };
  });
  return (
    <>
      <div className="no-print mb-3 flex justify-end">
        <Button
          onClick={() => {
            window.print();
          }}
        >
          <Printer size={16} aria-hidden="true" /> Print labels of all
        </Button>
      </div>
      <ul className="no-print grid items-start gap-3 xl:grid-cols-2">
        {sorted.map((stored) => (
          <MixCard
            key={stored.mix.id}
            stored={stored}
            onChange={() => {
              setChanging(stored);
            }}
          />
        ))}
      </ul>
      <Labels labels={labels} />
      {changing && (
        <ChangeDialog
          stored={changing}
          onClose={() => {
            setChanging(null);
          }}
        />
      )}
    </>
  );
}

function MixCard({ stored, onChange }: { stored: StoredMix; onChange: () => void }) {
  const { mix } = stored;
  const passOn = usePassOn();
  const [judging, setJudging] = useState(false);
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const { supplies } = useBench();
  const shown = useShown();
  const days = useDays();
  const { data: pieces } = usePiecesQuery();
  const [remove] = useDeleteMixMutation();
  const [restore] = useRestoreDeletedMutation();
  const colour = colourShown(mix, supplies);
  const users = pieces?.filter(({ piece }) => piece.steps.some(({ mixId }) => mixId === mix.id)).map(({ piece }) => piece.name) ?? [];
  const throwAway = async (): Promise<void> => {
    try {
      await remove(mix.id).unwrap();
      const more = users.length > 0 ? `Steps of ${users.join(', ')} keep paint and dilution. ` : '';
      notifyDeleted(`${mix.name} deleted`, { kind: 'mix', id: mix.id }, restore, more);
    } catch (error) {
      notifyFailure('The mix stays', error);
    }
  };
  return (
    <li className="border border-line-strong bg-paper px-4 py-3">
      <div className="flex items-start gap-3">
        <b className="figures flex size-8 shrink-0 items-center justify-center border border-ink text-lg">{mix.number}</b>
        <div className="min-w-0 flex-1">
          <h2 className="flex items-center gap-1.5 font-semibold">
            {colour && <Swatch colour={colour} size={18} />} {mix.name}
          </h2>
          <p className="text-[0.8125rem] text-ink-2">
            {mix.madeOn === null
              ? 'a recipe, not made yet'
              : `made ${days.day(mix.madeOn)}${mix.madeMl === null ? '' : `, ${shown.text(mix.madeMl, 'volume')}`}`}
            {mix.colour !== null && ' · colour as it dried'}
          </p>
        </div>
      </div>
      <p className="mt-1">{recipeWords(mix.components, supplies)}</p>
      {mix.changes.length > 0 && (
        <ul className="mt-1 text-[0.8125rem]">
          {mix.changes.map((change, i) => (
            <li key={i}>
              {days.day(change.on)}: {change.words};{' '}
              {change.added.map((added) => `+ ${shown.text(added.ml, 'volume')} ${suppliesName(added, supplies)}`).join(', ')}
            </li>
          ))}
        </ul>
      )}
      {mix.note && <p className="mt-1 text-[0.8125rem] text-ink-2">{mix.note}</p>}
      {users.length > 0 && <p className="mt-1 text-[0.8125rem]">Used on {users.join(', ')}</p>}
      <div className="mt-2 flex flex-wrap gap-2">
        <Button
          small
          onClick={() => {
            dispatch(cupActions.set(openedCup(mix)));
            void navigate('/mixing?part=cup');
          }}
        >
          Open in the cup
        </Button>
        <Button
          small
          onClick={() => {
            void navigate(`/mixing?part=find&mix=${mix.id}`);
          }}
        >
          Match it again
        </Button>
        <Button small disabled={mix.madeMl === null} onClick={onChange}>
          Change the cup …
        </Button>
        <Button
          small
          onClick={() => {
            setJudging(true);
          }}
        >
          What it dried to …
        </Button>
        <Button
          small
          onClick={() => {
            void passOn('mixes', mix.id, mix.name);
          }}
        >
          Save to a file
        </Button>
        <Button
          small
          onClick={() => {
            void throwAway();
          }}
        >
          Delete it
        </Button>
      </div>
      {judging && (
        <MixColourDialog
          stored={stored}
          onClose={() => {
            setJudging(false);
          }}
        />
      )}
    </li>
  );
}

const openedCup = (mix: Mix) => ({
  ...EMPTY_CUP,
  name: mix.name,
  mixId: mix.id,
  components: mix.components.map((component) => ({ ...component })),
  totalMl: mix.madeMl ?? EMPTY_CUP.totalMl,
});
