import { asUsedBy, colourShown } from '@eveningtide/core/matching';
import { mainOf, type Mix } from '@eveningtide/core/mixing';
import { stepPaint } from '@eveningtide/core/sequence';
import type { Step } from '@eveningtide/core/subjects';
import { techniqueById } from '@eveningtide/core/techniques';
import { ChevronDown } from 'lucide-react';
import { Select } from 'radix-ui';
import { useId } from 'react';
import { Swatch } from '../ui/swatch.js';
import { useOnHand } from '../workers/outlook-context.js';

const BOTTLE = 'bottle:';
const KIND = 'kind:';
const MIX = 'mix:';

/** What the technique is done with: own bottles first, then the kinds of the catalogue. */
export function MaterialField({ step, onChange }: { step: Step; onChange: (patch: Partial<Step>) => void }) {
  const id = useId();
  const { supplies, mixes } = useOnHand();
  const { roles } = techniqueById(step.technique);
  const { bottles } = supplies;
  const fitting = bottles.filter((bottle) => roles.includes(supplies.material(bottle.material).role));
  const kinds = supplies.materials.filter((material) => roles.includes(material.role));
  const paint = stepPaint(step, supplies, mixes);
  const colourOf = (mix: Mix) => colourShown(mix, supplies) ?? '#888888';
  const ownMixes = mixes.flatMap((mix) => {
    const main = mainOf(mix, supplies);
    return main && roles.includes(supplies.material(main.material).role) ? [{ mix, main }] : [];
  });
  const used = ownMixes.find(({ mix }) => mix.id === step.mixId);
  const value =
    step.mixId && used
      ? `${MIX}${step.mixId}`
      : step.bottleId
        ? `${BOTTLE}${step.bottleId}`
        : step.material
          ? `${KIND}${step.material}`
          : '';

  const choose = (chosen: string) => {
    const own = ownMixes.find(({ mix }) => `${MIX}${mix.id}` === chosen);
    const used = own && asUsedBy(own.mix, supplies);
    if (used) {
      onChange(used);
      return;
    }
    const bottle = bottles.find((b) => `${BOTTLE}${b.id}` === chosen);
    onChange(
      bottle
        ? { mixId: null, bottleId: bottle.id, material: bottle.material, colour: null }
        : { mixId: null, bottleId: null, material: chosen.slice(KIND.length), colour: null },
    );
  };

  return (
    <div>
      <span id={id} className="mb-0.5 block text-[0.8125rem] text-ink-2">
        Material
      </span>
      <Select.Root value={value} onValueChange={choose}>
        <Select.Trigger aria-labelledby={id} className="field flex items-center gap-2 text-left">
          {paint && <Swatch colour={paint.colour} />}
          <span className="flex-1 truncate">
            <Select.Value placeholder="choose …">{paint?.name ?? 'choose …'}</Select.Value>
          </span>
          <ChevronDown size={15} aria-hidden="true" />
        </Select.Trigger>
        <Select.Portal>
          <Select.Content
            position="popper"
            sideOffset={2}
            className="z-30 max-h-80 overflow-auto rounded-sm border border-line-strong bg-paper"
          >
            <Select.Viewport className="p-1">
              {ownMixes.length > 0 && (
                <Select.Group>
                  <Select.Label className="px-2 py-1 text-[0.8125rem] text-ink-3">Kept mixes</Select.Label>
                  {ownMixes.map(({ mix }) => (
                    <Item key={mix.id} value={`${MIX}${mix.id}`} colour={colourOf(mix)} name={`no. ${String(mix.number)}, ${mix.name}`} />
                  ))}
                </Select.Group>
              )}
              {fitting.length > 0 && (
                <Select.Group>
                  <Select.Label className="px-2 py-1 text-[0.8125rem] text-ink-3">On the shelf</Select.Label>
                  {fitting.map((bottle) => (
                    <Item key={bottle.id} value={`${BOTTLE}${bottle.id}`} colour={bottle.colour} name={bottle.name} />
                  ))}
                </Select.Group>
              )}
              <Select.Group>
                <Select.Label className="px-2 py-1 text-[0.8125rem] text-ink-3">Kinds</Select.Label>
                {kinds.map((material) => (
                  <Item key={material.id} value={`${KIND}${material.id}`} colour={material.colour} name={material.name} />
                ))}
              </Select.Group>
            </Select.Viewport>
          </Select.Content>
        </Select.Portal>
      </Select.Root>
    </div>
  );
}

function Item({ value, colour, name }: { value: string; colour: string; name: string }) {
  return (
    <Select.Item
      value={value}
      className="flex cursor-pointer items-center gap-2 rounded-sm px-2 py-1 outline-none data-highlighted:bg-ground data-[state=checked]:font-semibold"
    >
      <Swatch colour={colour} />
      <Select.ItemText>{name}</Select.ItemText>
    </Select.Item>
  );
}
