export * from './coverage.js';
export * from './mix-needed.js';
export * from './use.js';
export { FROM_THE_TAP } from './dry-use.js';
export * from './for-pieces.js';
export * from './mix-facts.js';
