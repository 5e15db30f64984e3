export * from './types.js';
export { EFFECTS, effectById, isEffectId } from './catalogue/index.js';
export * from './places.js';
export * from './story.js';
export * from './tones.js';
export * from './resolve.js';
