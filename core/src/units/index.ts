export * from './convert.js';
export * from './scales.js';
export * from './car-weight.js';
export * from './dates.js';
export * from './interval.js';
export * from './format.js';
export * from './shown.js';
export * from './seeded.js';
