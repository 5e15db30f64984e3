import { asUsedBy, colourShown } from '@eveningtide/core/matching';
import { likeOf, type Mix } from '@eveningtide/core/mixing';
import { stepPaint } from '@eveningtide/core/sequence';
import type { Step } from '@eveningtide/core/subjects';
import { techniqueById } from '@eveningtide/core/techniques';
import type { ComponentProps } from 'react';
import { PickField } from '../find/pick-field.js';
import { ROLE_NAMES } from '../ui/roles.js';
import { Swatch } from '../ui/swatch.js';
import { useOnHand } from '../workers/outlook-context.js';

const BOTTLE = 'bottle:';
const KIND = 'kind:';
const MIX = 'mix:';

interface MaterialFieldProps extends Pick<ComponentProps<typeof PickField>, 'isOpen' | 'onOpen'> {
  step: Step;
  onChange: (patch: Partial<Step>) => void;
}

/** What the technique is done with: own bottles first, then the kinds of the catalogue. */
export function MaterialField({ step, onChange, ...opening }: MaterialFieldProps) {
  const { supplies, mixes } = useOnHand();
  const { roles } = techniqueById(step.technique);
  const { bottles } = supplies;
  const fitting = bottles.filter((bottle) => roles.includes(supplies.material(bottle.material).role));
  const kinds = supplies.materials.filter((material) => roles.includes(material.role));
  const paint = stepPaint(step, supplies, mixes);
  const colourOf = (mix: Mix) => colourShown(mix, supplies) ?? '#888888';
  const ownMixes = mixes.flatMap((mix) => {
    const like = likeOf(mix, supplies);
    return like !== null && roles.includes(supplies.material(like).role) ? [{ mix }] : [];
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
    <PickField
      {...opening}
      label="Material"
      value={value}
      shown={
        <>
          {paint && <Swatch colour={paint.colour} />}
          <span className="truncate">{paint?.name ?? 'choose …'}</span>
        </>
      }
      groups={[
        {
          heading: 'Kept mixes',
          items: ownMixes.map(({ mix }) => ({
            id: `${MIX}${mix.id}`,
            colour: colourOf(mix),
            name: `no. ${String(mix.number)}, ${mix.name}`,
          })),
        },
        {
          heading: 'On the shelf',
          items: fitting.map(({ id, colour, name, material }) => ({
            id: `${BOTTLE}${id}`,
            colour,
            name,
            text: supplies.material(material).name,
          })),
        },
        {
          heading: 'Kinds',
          items: kinds.map(({ id, colour, name, role }) => ({ id: `${KIND}${id}`, colour, name, text: ROLE_NAMES[role] })),
        },
      ]}
      onChange={choose}
    />
  );
}
