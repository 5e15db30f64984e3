export * from './matter.js';
export * from './shape.js';
export * from './load.js';
export * from './as-piece.js';
