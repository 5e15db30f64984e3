export * from './problem.js';
export * from './calendar.js';
export * from './dates.js';
export * from './workshop.js';
export * from './kept-plan.js';
export * from './plan-pieces.js';
export * from './outlook.js';
export type { Plan, Placed } from '../solver/index.js';
