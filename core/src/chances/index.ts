export * from './simulate.js';
export * from './safe-plan.js';
export { spreadFactor } from './chance.js';
