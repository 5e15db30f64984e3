export * from './fault.js';
export * from './kept-thing.js';
export * from './kept.js';
export { eveningFaults, rareEveningH } from './workshop.js';
