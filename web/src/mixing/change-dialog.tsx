import { labOf } from '@eveningtide/core/colour';
import {
  NUDGES,
  correctedTowards,
  nudged,
  opticsOfBottle,
  partsOfMix,
  predictMix,
  tintingMl,
  type Candidate,
  type Nudge,
} from '@eveningtide/core/matching';
import { canMix, changed, mainOf } from '@eveningtide/core/mixing';
import { formatNumber } from '@eveningtide/core/units';
import { useState } from 'react';
import { useSaveMixMutation, type StoredMix } from '../store/api.js';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { SelectField } from '../ui/select-field.js';
import { useShown } from '../ui/shown.js';
import { Swatch } from '../ui/swatch.js';
import { useBenchNow } from '../workers/outlook-context.js';
import { useBench } from './use-bench.js';
import { Delta } from '../ui/delta.js';
import { isPaint } from './words.js';
import { notifyFailure, notifyWithUndo } from '../ui/notify.js';

const TOWARDS = 'target';
type Wanted = Nudge | typeof TOWARDS;

const WISHES: readonly { id: Wanted; name: string }[] = [
  ...NUDGES.map((id) => ({ id, name: `a little ${id}` })),
  { id: TOWARDS, name: 'nearer to the colour it was judged' },
];

const MOST_SHOWN = 5;

/** “A little darker”: what to add of which bottle, and the change written down. */
export function ChangeDialog({ stored: { mix, version }, onClose }: { stored: StoredMix; onClose: () => void }) {
  const { supplies, measured } = useBench();
  const now = useBenchNow();
  const shown = useShown();
  const [save, { isLoading }] = useSaveMixMutation();
  const [wish, setWish] = useState<Wanted>('darker');
  const parts = partsOfMix(mix.components, supplies);
  const main = mainOf(mix, supplies);
  const mainMaterial = main ? supplies.material(main.material) : null;
  const candidates = supplies.bottles
    .filter((bottle) => isPaint(bottle, supplies) && mainMaterial !== null && canMix(mainMaterial, supplies.material(bottle.material)))
    .map((bottle): Candidate => ({
      id: bottle.id,
      material: supplies.material(bottle.material),
      optics: opticsOfBottle(bottle, supplies),
    }));
  const found =
    parts.length === 0
      ? []
      : wish === TOWARDS
        ? correctedTowards(parts, labOf(mix.colour ?? '#000000'), candidates)
        : nudged(parts, wish, candidates);
  const cupMl = tintingMl(mix, supplies);
  const add = async (bottleId: string, ml: number) => {
    const bottle = supplies.bottle(bottleId);
    if (!bottle) return;
    const words = WISHES.find(({ id }) => id === wish)?.name ?? wish;
    const after = changed(mix, { on: now.date, words, added: [{ material: bottle.material, bottleId, ml: Math.round(ml * 100) / 100 }] });
    try {
      // a judged colour no longer holds once something else is in the cup
      await save({ version, mix: { ...after, colour: null } }).unwrap();
      notifyWithUndo(`${mix.name}: ${words}`, () => save({ version: version + 1, mix }).unwrap());
      onClose();
    } catch (error) {
      notifyFailure('The change was not kept', error);
    }
  };
  const before = parts.length > 0 ? predictMix(parts) : null;
  return (
    <Dialog
      title={`Change ${mix.name}`}
      note="Add, stir, let a trial dry: wet paint looks darker. What you take is written into the mix."
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <SelectField
        label="It should be"
        value={wish}
        options={WISHES.filter(({ id }) => id !== TOWARDS || mix.colour !== null)}
        onChange={setWish}
      />
      {before && (
        <p className="mt-2 flex items-center gap-1.5">
          Now about <Swatch colour={before.colour} size={18} /> <span className="figures">{before.colour}</span>
        </p>
      )}
      {found.length === 0 ? (
        <p className="mt-3">No bottle on the shelf does that without pulling the colour elsewhere.</p>
      ) : (
        <ul className="mt-3 space-y-1.5">
          {found.slice(0, MOST_SHOWN).map((one) => {
            const bottle = supplies.bottle(one.id);
            if (!bottle) return null;
            const ml = one.perMix * cupMl;
            const [what] = measured([{ material: bottle.material, bottleId: bottle.id }]);
            return (
              <li key={one.id} className="flex items-center gap-2 border-b border-line pb-1.5">
                <Swatch colour={bottle.colour} size={18} />
                <span className="min-w-0 flex-1">
                  <b className="font-semibold">
                    {formatNumber(Math.max(1, ml * (what?.dropsPerMl ?? 20)), 0)} drops {bottle.name}
                  </b>{' '}
                  <span className="figures text-[0.8125rem] text-ink-2">{shown.text(ml, 'volume')}</span>
                  <span className="flex items-center gap-1.5 text-[0.8125rem] text-ink-2">
                    gives about <Swatch colour={one.predicted.colour} />
                    <Delta de00={'de00' in one ? (one.de00 as number) : null} plusMinus={one.predicted.plusMinusDe00} />
                  </span>
                </span>
                <Button
                  small
                  look="ink"
                  disabled={isLoading}
                  aria-label={`Added: ${bottle.name}`}
                  onClick={() => {
                    void add(bottle.id, ml);
                  }}
                >
                  Added
                </Button>
              </li>
            );
          })}
        </ul>
      )}
      <p className="mt-2 text-[0.8125rem] text-ink-3">Begin with half of it: what is too much cannot be taken back.</p>
    </Dialog>
  );
}
