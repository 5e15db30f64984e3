import { hexOf, lightnessOfLight, deltaE00 } from '@eveningtide/core/colour';
import type { PlacesLight } from '@eveningtide/core/sequence';

const PLACES = [
  ['recess', 'grooves'],
  ['face', 'faces'],
  ['crest', 'edges'],
] as const;

/** Steps of lightness and of colour by which one says so (our numbers; two steps of ΔE₀₀ are just told apart). */
const [TOLD_L, MUCH_L, TOLD_DE] = [1.5, 12, 2];

/** What changes from one look to another, kind of place by kind of place, for who cannot see it. */
export function changeWords(before: PlacesLight, after: PlacesLight): string {
  const said = PLACES.map(([place, name]) => {
    const [was, is] = [before[place], after[place]];
    const lighter = lightnessOfLight(is) - lightnessOfLight(was);
    if (Math.abs(lighter) >= TOLD_L) return `${name} ${Math.abs(lighter) >= MUCH_L ? 'much ' : ''}${lighter > 0 ? 'lighter' : 'darker'}`;
    return deltaE00(is, was) >= TOLD_DE ? `${name} another hue` : null;
  }).filter((one) => one !== null);
  return said.length === 0 ? 'no colour changes' : said.join(', ');
}

/** The colours of a look. */
export const coloursOf = ({ recess, face, crest }: PlacesLight): string =>
  `grooves ${hexOf(recess)}, faces ${hexOf(face)}, edges ${hexOf(crest)}`;
