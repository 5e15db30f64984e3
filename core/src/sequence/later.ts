import type { Step } from '../subjects/index.js';

/** A step is done on one of these zones; `all` takes in every zone that need not be kept clean. */
export const meets = (step: Step, zones: readonly string[]): boolean =>
  step.zones.includes('all') || zones.includes('all') || step.zones.some((zone) => zones.includes(zone));
