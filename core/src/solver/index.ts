export * from './problem.js';
export * from './solve.js';
export { scheduleFaults } from './check.js';
export * from './evenings/index.js';
export type * from './solution.js';
