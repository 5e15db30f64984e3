import { deltaE00OfLab, hexOf, labOfLight, lightOfBands, type Lab } from '../colour/index.js';
import { bandsOfMix, type Optics } from './optics.js';

export interface Part {
  optics: Optics;
  share: number;
}

/** A colour that was reckoned, and how far the real one may lie from it. */
export interface Predicted {
  colour: string;
  lab: Lab;
  /** About two times in three the real mix lies within this ΔE₀₀ of it. */
  plusMinusDe00: number;
}

/** A colour read off a bottle or a screen is itself off by about so much, ΔE₀₀ (from memory). */
const READING_DE00 = 1.5;

export const labOfMix = (parts: readonly Part[]): Lab => labOfLight(lightOfBands(bandsOfMix(parts)));

const scaled = ({ k, s, sigmaLn }: Optics, factor: number): Optics => ({
  k: k.map((value) => value * factor),
  s: s.map((value) => value * factor),
  sigmaLn,
});

/**
 * The colour of a mix with its uncertainty: each paint's strength is moved by its spread, one at a time, and what that does
 * to the colour is added in squares to what reading the colours may be off.
 */
export function predictMix(parts: readonly Part[]): Predicted {
  const light = lightOfBands(bandsOfMix(parts));
  const lab = labOfLight(light);
  const used = parts.filter(({ share }) => share > 0);
  let squares = READING_DE00 ** 2;
  if (used.length > 1)
    for (const part of used) {
      const moved = [-1, 1].map((side) => {
        const other = { ...part, optics: scaled(part.optics, Math.exp(side * part.optics.sigmaLn)) };
        return deltaE00OfLab(lab, labOfMix(used.map((one) => (one === part ? other : one))));
      });
      squares += Math.max(...moved) ** 2;
    }
  return { colour: hexOf(light), lab, plusMinusDe00: Math.sqrt(squares) };
}
