export * from './coverage.js';
export * from './mix-needed.js';
export * from './use.js';
export { NOT_COUNTED } from './dry-use.js';
export * from './for-pieces.js';
export * from './mix-facts.js';
