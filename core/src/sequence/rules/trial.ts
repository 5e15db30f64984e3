import type { Moment } from '../moment.js';

/** Words in a note that tell of a trial on scrap. */
const TRIAL = /\b(test(ed)?|trial|tried)\b/i;

/** A trial is logged: on the bottle, or in the step's note. */
export const isTried = ({ bottle, step }: Pick<Moment, 'bottle' | 'step'>): boolean =>
  (bottle?.triedOn ?? null) !== null || TRIAL.test(step.note);
