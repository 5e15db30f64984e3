import type { Hazard, Material, Supplies } from '../materials/index.js';
import type { Step } from '../subjects/index.js';

/** So long after it was laid there may be enough of a solvent in the air to burn (common practice: half an hour). */
export const VAPOUR_STAYS_MIN = 30;

/** Its vapour burns. */
export const FLAMMABLE: Hazard = 'flammable-vapour';

/** What of a step gives off vapour that burns: its material or its thinner; null where nothing does. */
export function burnsIn(step: Step, supplies: Supplies): Material | null {
  const names = [step.material, step.dilution?.thinner ?? null];
  for (const name of names) {
    const material = name === null ? null : supplies.material(name);
    if (material?.hazards.includes(FLAMMABLE)) return material;
  }
  return null;
}
