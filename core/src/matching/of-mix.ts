import type { Supplies } from '../materials/index.js';
import type { MixComponent } from '../mixing/index.js';
import { opticsOfBottle, opticsOfColour, assumedScattering } from './optics.js';
import { predictMix, type Part, type Predicted } from './predict.js';

/** Roles that change no colour to speak of. */
const COLOURLESS = new Set(['thinner', 'clear', 'fixer', 'glue', 'soluble']);

/** What of a mix gives it its colour, with the optics of each bottle or kind. */
export function partsOfMix(components: readonly MixComponent[], supplies: Supplies): Part[] {
  return components.flatMap((component): Part[] => {
    const material = supplies.material(component.material);
    if (COLOURLESS.has(material.role) || component.parts <= 0) return [];
    const bottle = supplies.bottle(component.bottleId);
    const optics = bottle ? opticsOfBottle(bottle, supplies) : opticsOfColour(material.colour, assumedScattering(material));
    return [{ optics, share: component.parts }];
  });
}

/** The colour of a mix as it dries, with its ±; null where nothing in it has one. */
export function colourOfMix(components: readonly MixComponent[], supplies: Supplies): Predicted | null {
  const parts = partsOfMix(components, supplies);
  return parts.length > 0 ? predictMix(parts) : null;
}
