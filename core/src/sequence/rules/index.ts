import { climate } from './climate.js';
import { glazingUnmasked } from './glazing-unmasked.js';
import { powderNeedsTooth } from './powder-needs-tooth.js';
import type { Rule } from './rule.js';
import { solventAttacksSubstrate } from './solvent-attacks-substrate.js';
import { solventLiftsLayer } from './solvent-lifts-layer.js';
import { betweenWindows, tooLate, tooSoon } from './timing.js';

/** Every rule that is built, each in a file of its own. To add one: write it, list it here. */
export const RULES: readonly Rule[] = [
  solventLiftsLayer,
  solventAttacksSubstrate,
  tooSoon,
  tooLate,
  betweenWindows,
  powderNeedsTooth,
  glazingUnmasked,
  climate,
];

export type { Rule } from './rule.js';
