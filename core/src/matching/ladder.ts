import { deltaE00OfLab, type Lab } from '../colour/index.js';
import type { Optics } from './optics.js';
import { labOfMix, predictMix, type Predicted } from './predict.js';
import { nearestParts } from './ratios.js';

/** One tone of a ladder. */
export interface Rung {
  /** Whole parts of the tone before and of the last colour; the first tone is the first colour neat. */
  parts: [before: number, last: number];
  /** Share of the last colour that is then in it, 0–1. */
  shareOfLast: number;
  coverPct: number;
  predicted: Predicted;
  /** ΔE₀₀ to the rung before; 0 on the first. */
  stepDe00: number;
}

export interface Ladder {
  rungs: Rung[];
  /** ΔE₀₀ of each step if the parts were exact: all the same. */
  evenStepDe00: number;
}

export interface LadderWish {
  first: Optics;
  last: Optics;
  /** Tones in all, the two ends among them: 2–9. */
  rungs: number;
  /** Share of the zone that the first and the last tone take, %. */
  coverPct: [first: number, last: number];
  /** Whole parts in a rung at most. */
  mostParts?: number;
}

const MOST_PARTS = 12;
const HALVINGS = 60;

/**
 * Tones from one colour to another with even steps as they are seen (ΔE₀₀), each on less area than the one before.
 * The step is found by halving: marched from the first colour it must end at the last. Each tone is mixed from the one before, in
 * whole parts.
 * @throws RangeError for fewer than two rungs or more than nine, or covers outside 0–100.
 */
export function toneLadder({ first, last, rungs, coverPct, mostParts = MOST_PARTS }: LadderWish): Ladder {
  if (!Number.isInteger(rungs) || rungs < 2 || rungs > 9) throw new RangeError(`rungs must be 2–9, got ${String(rungs)}`);
  if (coverPct.some((cover) => !(cover > 0 && cover <= 100)))
    throw new RangeError(`coverPct must be above 0 and at most 100, got ${coverPct.join(', ')}`);
  const labAt = (share: number): Lab =>
    labOfMix([
      { optics: first, share: 1 - share },
      { optics: last, share },
    ]);
  const steps = rungs - 1;
  let [low, high] = [0, deltaE00OfLab(labAt(0), labAt(1))];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (march(labAt, middle, steps) === null) high = middle;
    else low = middle;
  }
  const shares = [...(march(labAt, low, steps) ?? []).slice(0, steps), 1];
  const shrink = (coverPct[1] / coverPct[0]) ** (1 / steps);
  const out: Rung[] = [];
  for (const [i, share] of shares.entries()) {
    const before = out.at(-1);
    const { parts, shareOfLast } = fromTheToneBefore(before?.shareOfLast ?? 0, share, mostParts);
    const predicted = predictMix([
      { optics: first, share: 1 - shareOfLast },
      { optics: last, share: shareOfLast },
    ]);
    out.push({
      parts,
      shareOfLast,
      coverPct: coverPct[0] * shrink ** i,
      predicted,
      stepDe00: before ? deltaE00OfLab(before.predicted.lab, predicted.lab) : 0,
    });
  }
  return { rungs: out, evenStepDe00: low };
}

/**
 * Tones are mixed on from cup to cup: near white a part of the first colour would be a drop in hundreds. What rounding missed
 * on one tone is made up for on the next.
 */
function fromTheToneBefore(before: number, wanted: number, mostParts: number): { parts: [number, number]; shareOfLast: number } {
  if (wanted <= before) return { parts: [1, 0], shareOfLast: before };
  if (wanted >= 1) return { parts: [0, 1], shareOfLast: 1 };
  const { parts } = nearestParts([1 - wanted, wanted - before], mostParts);
  const pair: [number, number] = [parts[0] ?? 0, parts[1] ?? 0];
  return { parts: pair, shareOfLast: (before * pair[0] + pair[1]) / (pair[0] + pair[1]) };
}

/** Shares of the last colour reached in so many steps of one size, the start among them; null when the end is passed before. */
function march(labAt: (share: number) => Lab, step: number, steps: number): number[] | null {
  const shares = [0];
  for (let i = 0; i < steps; i++) {
    const from = shares.at(-1) ?? 0;
    const here = labAt(from);
    if (deltaE00OfLab(here, labAt(1)) < step) return null;
    let [low, high] = [from, 1];
    for (let k = 0; k < HALVINGS / 2; k++) {
      const middle = (low + high) / 2;
      if (deltaE00OfLab(here, labAt(middle)) < step) low = middle;
      else high = middle;
    }
    shares.push(high);
  }
  return shares;
}
