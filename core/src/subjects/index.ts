export * from './step.js';
export * from './substrates.js';
export * from './piece.js';
export * from './batch.js';
export * from './duplicate.js';
export * from './groups.js';
export * from './templates/index.js';
export * from './intent.js';
