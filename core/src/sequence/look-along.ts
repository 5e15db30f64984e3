import { hexOf } from '../colour/index.js';
import { meanLight, type ZoneLook } from './look.js';
import { startState } from './state.js';
import { Walk } from './walker.js';
import type { SequenceProblem } from './problem.js';

/** How a zone looks at one moment, as screen colours. */
export interface Looks {
  recess: string;
  face: string;
  crest: string;
  /** Of all three, as seen from farther away. */
  mean: string;
  /** Some colour below was never told: it is a guess. */
  guessed: boolean;
}

const looksOf = (look: ZoneLook): Looks => ({
  recess: hexOf(look.recess),
  face: hexOf(look.face),
  crest: hexOf(look.crest),
  mean: hexOf(meanLight(look)),
  guessed: look.guessed,
});

const allZones = (zones: ReturnType<typeof startState>['zones']): Record<string, Looks> =>
  Object.fromEntries([...zones].map(([id, { look }]) => [id, looksOf(look)]));

/** The predicted look of every zone before the first step and after each: as many entries as steps, and one. */
export function looksAlong(problem: SequenceProblem): Record<string, Looks>[] {
  const { steps, startsMin, durationsMin } = problem;
  const walk = Walk.begin(problem);
  const out = [allZones(walk.state.zones)];
  for (let i = 0; i < steps.length; i++) {
    walk.take(steps, i, { startMin: startsMin[i] ?? null, durationMin: durationsMin[i] ?? 0 }, { before: () => undefined });
    out.push(allZones(walk.state.zones));
  }
  return out;
}
