export * from './posterior.js';
export { dryingCases, handsCases, type Case } from './cases.js';
export * from './learn.js';
