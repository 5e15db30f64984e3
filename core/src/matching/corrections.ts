import { deltaE00OfLab, type Lab } from '../colour/index.js';
import type { Candidate } from './finder.js';
import { labOfMix, predictMix, type Part, type Predicted } from './predict.js';

/** A direction that a painter asks for. */
export const NUDGES = ['darker', 'lighter', 'redder', 'greener', 'yellower', 'bluer', 'greyer'] as const;
export type Nudge = (typeof NUDGES)[number];

/** How far a colour has gone in a direction, in CIELAB units. */
const REACH: Record<Nudge, (from: Lab, to: Lab) => number> = {
  darker: (from, to) => from.l - to.l,
  lighter: (from, to) => to.l - from.l,
  redder: (from, to) => to.a - from.a,
  greener: (from, to) => from.a - to.a,
  yellower: (from, to) => to.b - from.b,
  bluer: (from, to) => from.b - to.b,
  greyer: (from, to) => Math.hypot(from.a, from.b) - Math.hypot(to.a, to.b),
};

/** “A little” is about three units: plainly seen, not a jump (our number). */
export const A_LITTLE = 3;

/** What to add to a mix to move its colour. */
export interface Addition {
  id: string;
  /** Of what is added, against the mix as it is: 0.1 is a tenth. */
  perMix: number;
  predicted: Predicted;
}

/** More than this is another mix, not a correction (our number). */
const MOST_PER_MIX = 0.5;
const HALVINGS = 40;

/**
 * How little of which bottle moves a mix in a direction, the smallest addition first. What would also pull the colour elsewhere
 * by more than it moves it is left out.
 */
export function nudged(mix: readonly Part[], wish: Nudge, candidates: readonly Candidate[], by = A_LITTLE): Addition[] {
  const from = labOfMix(mix);
  const whole = mix.reduce((sum, { share }) => sum + share, 0);
  const withMore = (candidate: Candidate, perMix: number): Part[] => [...mix, { optics: candidate.optics, share: perMix * whole }];
  const moved = (candidate: Candidate, perMix: number): number => REACH[wish](from, labOfMix(withMore(candidate, perMix)));
  return candidates
    .flatMap((candidate): Addition[] => {
      if (moved(candidate, MOST_PER_MIX) < by) return [];
      let [low, high] = [0, MOST_PER_MIX];
      for (let i = 0; i < HALVINGS; i++) {
        const middle = (low + high) / 2;
        if (moved(candidate, middle) < by) low = middle;
        else high = middle;
      }
      const predicted = predictMix(withMore(candidate, high));
      const all = Math.hypot(predicted.lab.l - from.l, predicted.lab.a - from.a, predicted.lab.b - from.b);
      return all > 2.5 * by ? [] : [{ id: candidate.id, perMix: high, predicted }];
    })
    .sort((a, b) => a.perMix - b.perMix);
}

/** What brings a mix nearest to a target by adding one bottle; nothing where no addition helps by at least a quarter of a ΔE₀₀. */
export function correctedTowards(mix: readonly Part[], target: Lab, candidates: readonly Candidate[]): (Addition & { de00: number })[] {
  const whole = mix.reduce((sum, { share }) => sum + share, 0);
  const now = deltaE00OfLab(labOfMix(mix), target);
  const off = (candidate: Candidate, perMix: number): number =>
    deltaE00OfLab(labOfMix([...mix, { optics: candidate.optics, share: perMix * whole }]), target);
  return candidates
    .flatMap((candidate) => {
      // additions are tried on an even ladder of logarithms: a strong black is felt at a hundredth
      let best = { perMix: 0, de00: now };
      for (let i = 0; i <= 60; i++) {
        const perMix = 0.002 * (MOST_PER_MIX / 0.002) ** (i / 60);
        const de00 = off(candidate, perMix);
        if (de00 < best.de00) best = { perMix, de00 };
      }
      if (best.de00 > now - 0.25) return [];
      const predicted = predictMix([...mix, { optics: candidate.optics, share: best.perMix * whole }]);
      return [{ id: candidate.id, perMix: best.perMix, predicted, de00: best.de00 }];
    })
    .sort((a, b) => a.de00 - b.de00);
}
