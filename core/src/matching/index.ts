export * from './optics.js';
export * from './predict.js';
export * from './ratios.js';
export * from './finder.js';
export * from './ladder.js';
export * from './corrections.js';
export * from './of-mix.js';
export * from './verdict.js';
