export * from './types.js';
export { EFFECTS, effectById, isEffectId } from './catalogue/index.js';
export * from './places.js';
export {
  AMOUNTS,
  REGION_NAMES,
  chosenWish,
  likelyIntensity,
  proposalOf,
  proposedWishes,
  suits,
  type Amount,
  type Proposal,
} from './story.js';
export * from './recipes.js';
export * from './tones.js';
export * from './resolve.js';
export * from './seen.js';
