export * from './dilution.js';
export * from './volumes.js';
export * from './usual.js';
