import type { Supplies } from '../materials/index.js';
import { dilutionOf, likeOf, sharesOf, type Mix, type MixComponent } from '../mixing/index.js';
import type { Step } from '../subjects/index.js';
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

/** What a step takes over from a mix it uses, so that whatever reckons with one paint and one thinner sees it as that; null for a mix of nothing. */
export function asUsedBy(mix: Mix, supplies: Supplies): Pick<Step, 'mixId' | 'bottleId' | 'material' | 'colour' | 'dilution'> | null {
  const material = likeOf(mix, supplies);
  if (material === null) return null;
  // what a slurry is thinned with is in its own figures
  const isSlurry = supplies.material(material).role === 'slurry' && !mix.components.some((one) => one.material === material);
  return {
    mixId: mix.id,
    bottleId: null,
    material,
    colour: colourShown(mix, supplies),
    dilution: isSlurry ? null : dilutionOf(mix, supplies),
  };
}

/** The colour a mix is shown with: as it was judged, else as predicted; null where nothing in it has one. */
export const colourShown = (mix: Pick<Mix, 'colour' | 'components'>, supplies: Supplies): string | null =>
  mix.colour ?? colourOfMix(mix.components, supplies)?.colour ?? null;

/** How many millilitres of what tints are in a cup; 0 where it was not made. */
export function tintingMl({ components, madeMl }: Pick<Mix, 'components' | 'madeMl'>, supplies: Supplies): number {
  const shares = sharesOf({ components });
  const tinting = components.reduce(
    (sum, { material }, i) => (COLOURLESS.has(supplies.material(material).role) ? sum : sum + (shares[i] ?? 0)),
    0,
  );
  return (madeMl ?? 0) * tinting;
}
