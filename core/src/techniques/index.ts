export * from './types.js';
export { TECHNIQUES, isTechniqueId, techniqueById } from './catalogue.js';
export * from './schools.js';
