import { deltaE00, hexOf, lightnessOfLight, type Linear } from '@eveningtide/core/colour';
import { SPOILS, type PlacesLight, type ZoneStrokes } from '@eveningtide/core/sequence';

const PLACES = [
  ['recess', 'grooves'],
  ['face', 'faces'],
  ['crest', 'edges'],
] as const;

/** Steps of lightness and of colour by which one says so (our numbers; two steps of ΔE₀₀ are just told apart). */
const [TOLD_L, MUCH_L, TOLD_DE] = [1.5, 12, 2];

/** How a place changes; null where nobody would tell. */
function wordsFor(was: Linear, is: Linear): string | null {
  const lighter = lightnessOfLight(is) - lightnessOfLight(was);
  if (Math.abs(lighter) >= TOLD_L) return `${Math.abs(lighter) >= MUCH_L ? 'much ' : ''}${lighter > 0 ? 'lighter' : 'darker'}`;
  return deltaE00(is, was) >= TOLD_DE ? 'of another hue' : null;
}

/** What changes from one look to another, for who cannot see it: kinds of place that change alike are named together. */
export function changeWords(before: PlacesLight, after: PlacesLight): string {
  const alike = new Map<string, string[]>();
  for (const [place, name] of PLACES) {
    const words = wordsFor(before[place], after[place]);
    if (words !== null) alike.set(words, [...(alike.get(words) ?? []), name]);
  }
  if (alike.size === 0) return 'no colour changes';
  return [...alike]
    .map(([words, names]) => (names.length === PLACES.length ? `all of it ${words}` : `${names.join(' and ')} ${words}`))
    .join(', ');
}

/** The colours of a look. */
export const coloursOf = ({ recess, face, crest }: PlacesLight): string =>
  `grooves ${hexOf(recess)}, faces ${hexOf(face)}, edges ${hexOf(crest)}`;

/** What strokes spoil, from one up to another, as it is drawn; empty where they spoil nothing. */
export function spoiltWords({ strokes }: ZoneStrokes, from: number, to: number): string {
  const spoils = strokes.slice(Math.max(0, from), to).flatMap(({ spoilt }) => spoilt.map(({ spoil }) => SPOILS[spoil]));
  return [...new Set(spoils)].join(', ');
}
