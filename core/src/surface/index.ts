export * from './relief.js';
export { fieldsOf, type Fields } from './fields.js';
export * from './shares.js';
export * from './spread/index.js';
export * from './painted.js';
export * from './lit.js';
export * from './card.js';
export * from './elevation.js';
export * from './example.js';
