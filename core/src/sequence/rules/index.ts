import { chipStackIncomplete } from './chip-stack-incomplete.js';
import { climate } from './climate.js';
import { decalNeedsGloss } from './decal-needs-gloss.js';
import { glazingUnmasked } from './glazing-unmasked.js';
import { heatOverLimit } from './heat-over-limit.js';
import { powderLeftLoose } from './powder-left-loose.js';
import { powderNeedsTooth } from './powder-needs-tooth.js';
import type { Rule } from './rule.js';
import { maskOnSoftPaint, refitWet } from './soft-paint.js';
import { solventAttacksSubstrate } from './solvent-attacks-substrate.js';
import { solventLiftsLayer } from './solvent-lifts-layer.js';
import { streakWithoutSource } from './streak-without-source.js';
import { betweenWindows, tooLate, tooSoon } from './timing.js';

/** Every rule that is built, each in a file of its own. To add one: write it, list it here. */
export const RULES: readonly Rule[] = [
  solventLiftsLayer,
  solventAttacksSubstrate,
  heatOverLimit,
  tooSoon,
  tooLate,
  betweenWindows,
  powderNeedsTooth,
  powderLeftLoose,
  decalNeedsGloss,
  chipStackIncomplete,
  glazingUnmasked,
  maskOnSoftPaint,
  refitWet,
  streakWithoutSource,
  climate,
];

export type { Rule } from './rule.js';
