export * from './types.js';
export * from './tools.js';
export * from './pace.js';
export { groundTechnique, isOnSurface } from './lays.js';
export { TECHNIQUES, TECHNIQUE_FAMILIES, isTechniqueId, techniqueById } from './catalogue/index.js';
export * from './schools.js';
export * from './how.js';
