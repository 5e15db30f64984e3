import type { Supplies } from '../materials/index.js';
import type { Step } from '../subjects/index.js';

/** The name and colour to show for what a step is done with: the bottle, else the kind; null where it uses nothing. */
export function stepPaint(step: Step, supplies: Supplies): { name: string; colour: string } | null {
  const bottle = supplies.bottle(step.bottleId);
  if (bottle) return { name: bottle.name, colour: step.colour ?? bottle.colour };
  if (step.material === null) return null;
  const material = supplies.material(step.material);
  return { name: material.name, colour: step.colour ?? material.colour };
}
