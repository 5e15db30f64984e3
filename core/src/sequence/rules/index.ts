import { brightAfterDull } from './bright-after-dull.js';
import { brushedOverGrowth } from './brushed-over-growth.js';
import { buildOverDetail } from './build-over-detail.js';
import { chipStackIncomplete } from './chip-stack-incomplete.js';
import { clearMutesPowder } from './clear-mutes-powder.js';
import { climate } from './climate.js';
import { coverageOverdone } from './coverage-overdone.js';
import { decalInChipZone } from './decal-in-chip-zone.js';
import { decalNeedsGloss } from './decal-needs-gloss.js';
import { decalUnsealed } from './decal-unsealed.js';
import { fixerDarkens } from './fixer-darkens.js';
import { floodNeedsWetting } from './flood-needs-wetting.js';
import { gleamDulled } from './gleam-dulled.js';
import { glazingUnmasked } from './glazing-unmasked.js';
import { fleetTwins } from './fleet-twins.js';
import { gravityDirection } from './gravity-direction.js';
import { heatOverLimit } from './heat-over-limit.js';
import { heatGunNearVapour } from './heat-gun-near-vapour.js';
import { highlightBeforeColour } from './highlight-before-colour.js';
import type { Incoming } from '../incoming.js';
import { keepCleanUnprotected } from './keep-clean-unprotected.js';
import { lookFirstRule } from './look-first.js';
import { looseLoadUnbound } from './loose-load-unbound.js';
import { maskLeftLong } from './mask-left-long.js';
import { mechanicsAfterFinish } from './mechanics-after-finish.js';
import { nothingTold } from './nothing-told.js';
import { oldBottle } from './old-bottle.js';
import { powderLeftLoose } from './powder-left-loose.js';
import { powderNeedsTooth } from './powder-needs-tooth.js';
import { primeFirst } from './prime-first.js';
import type { Rule } from './rule.js';
import { scatterNeedsGlue } from './scatter-needs-glue.js';
import { sheenAtEnd } from './sheen-at-end.js';
import { maskOnSoftPaint, refitWet } from './soft-paint.js';
import { solventAttacksSubstrate } from './solvent-attacks-substrate.js';
import { solventLiftsLayer } from './solvent-lifts-layer.js';
import { streakWithoutSource } from './streak-without-source.js';
import { testFirst } from './test-first.js';
import { betweenWindows, tooLate, tooSoon } from './timing.js';
import { toneLost } from './tone-lost.js';
import { tooThickToSpray } from './too-thick-to-spray.js';
import { unmixedBatch } from './unmixed-batch.js';
import { waterWarpsCard } from './water-warps-card.js';

/** Every rule that is built, each in a file of its own. To add one: write it, list it here. */
export const RULES: readonly Rule[] = [
  solventLiftsLayer,
  solventAttacksSubstrate,
  heatOverLimit,
  heatGunNearVapour,
  tooSoon,
  tooLate,
  betweenWindows,
  mechanicsAfterFinish,
  primeFirst,
  powderNeedsTooth,
  powderLeftLoose,
  clearMutesPowder,
  fixerDarkens,
  decalNeedsGloss,
  decalUnsealed,
  decalInChipZone,
  chipStackIncomplete,
  glazingUnmasked,
  keepCleanUnprotected,
  maskOnSoftPaint,
  maskLeftLong,
  refitWet,
  looseLoadUnbound,
  floodNeedsWetting,
  scatterNeedsGlue,
  brushedOverGrowth,
  waterWarpsCard,
  gleamDulled,
  tooThickToSpray,
  streakWithoutSource,
  gravityDirection,
  highlightBeforeColour,
  brightAfterDull,
  toneLost,
  buildOverDetail,
  sheenAtEnd,
  coverageOverdone,
  lookFirstRule,
  unmixedBatch,
  fleetTwins,
  oldBottle,
  testFirst,
  climate,
  nothingTold,
];

const BY_ID = new Map(RULES.map((rule) => [rule.id, rule]));

/** @throws RangeError when there is no such rule. */
export function ruleById(id: string): Rule {
  const rule = BY_ID.get(id);
  if (!rule) throw new RangeError(`rule '${id}' is not known`);
  return rule;
}

const concerned = new WeakMap<Incoming, readonly Rule[]>();

/** The rules that have anything to say of what a step brings, in their order; worked out once for each. */
export function rulesFor(incoming: Incoming): readonly Rule[] {
  const known = concerned.get(incoming);
  if (known) return known;
  const rules = RULES.filter(({ concerns }) => concerns === undefined || concerns(incoming));
  concerned.set(incoming, rules);
  return rules;
}

export type { Cure, Rule } from './rule.js';
