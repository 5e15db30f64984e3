import { formatNumber } from '../units/index.js';
import { USUAL_INSTRUMENTS, gramsOf, type Instruments, type Measured } from './measures.js';

/** Up to so much is dropped, mL; more is measured (common practice). */
export const MOST_DROPPED_ML = 3;
/** Up to so many level spoons are counted; more is weighed (our number). */
const MOST_SPOONS = 12;

/** What drops from a dropper rather than being measured. */
export const isDropped = (ml: number): boolean => ml <= MOST_DROPPED_ML + 1e-9;

const nearest = (value: number, step: number): number => Math.round(value / step) * step;

/** A measured volume, mL, as finely as anybody reads it: half a millilitre, from ten on whole ones, from fifty on fives. */
export const readableMl = (ml: number): number => nearest(ml, ml < 10 ? 0.5 : ml < 50 ? 1 : 5);

/** The same where little adds up: up to what is dropped to a tenth, never to nothing. */
export const countedMl = (ml: number): number => (ml <= 0 ? 0 : isDropped(ml) ? Math.max(0.1, nearest(ml, 0.1)) : readableMl(ml));

/** Powder as a person takes it: a pinch, spoons, grams. */
export function powderWords(ml: number, what: Measured, { spoonMl } = USUAL_INSTRUMENTS): string {
  const spoons = ml / spoonMl;
  if (spoons < 0.25) return 'a pinch';
  if (spoons > MOST_SPOONS) return `${formatNumber(gramsOf(ml, what), 0)} g`;
  const halves = Math.max(0.5, nearest(spoons, 0.5));
  return `${formatNumber(halves, 1)} level ${halves <= 1 ? 'spoon' : 'spoons'}`;
}

/** A volume as it is taken from jar, can or bottle: pieces, a pinch of powder, spoons or grams, a brush tip; else by `volumeWords`. */
export function takenWords(ml: number, what: Measured, instruments: Instruments, volumeWords: (ml: number) => string): string {
  if (what.eachMl) {
    const count = Math.ceil(ml / what.eachMl - 1e-9);
    return `${String(count)} ${count === 1 ? 'piece' : 'pieces'}`;
  }
  if (ml <= 0) return volumeWords(0);
  if (what.powder) return powderWords(ml, what, instruments);
  return isBrushTip(ml, what) ? 'a brush tip' : volumeWords(ml);
}

/** Liquid too little to be dropped: what clings to the tip of a brush. */
export const isBrushTip = (ml: number, { dropsPerMl }: Measured): boolean => ml * dropsPerMl < 0.5;
