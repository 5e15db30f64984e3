export * from './types.js';
export * from './families.js';
export * from './solvents.js';
export * from './bottle.js';
export * from './own.js';
export * from './supplies.js';
export * from './cautions.js';
export * from './alternatives.js';
export { MATERIALS, isMaterialId, materialById } from './catalogue/index.js';
