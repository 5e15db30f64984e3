import type { Supplies } from '../materials/index.js';
import type { Mix } from '../mixing/index.js';
import type { Step } from '../subjects/index.js';

/** The name and colour to show for what a step is done with: the mix, else the bottle, else the kind; null where it uses nothing. */
export function stepPaint(
  step: Step,
  supplies: Supplies,
  mixes: readonly Pick<Mix, 'id' | 'number' | 'name'>[] = [],
): { name: string; colour: string } | null {
  const bottle = supplies.bottle(step.bottleId);
  if (bottle) return { name: bottle.name, colour: step.colour ?? bottle.colour };
  if (step.material === null) return null;
  const material = supplies.material(step.material);
  const mix = step.mixId === null ? undefined : mixes.find(({ id }) => id === step.mixId);
  return { name: mix ? `no. ${String(mix.number)}, ${mix.name}` : material.name, colour: step.colour ?? material.colour };
}
