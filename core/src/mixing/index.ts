export * from './dilution.js';
export * from './volumes.js';
