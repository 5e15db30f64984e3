export * from './step.js';
export * from './substrates.js';
export * from './piece.js';
export * from './templates.js';
