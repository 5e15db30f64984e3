export * from './fault.js';
export * from './kept-thing.js';
export * from './kept.js';
export { eveningFaults } from './workshop.js';
