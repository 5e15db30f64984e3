export * from './problem.js';
export * from './planner.js';
export * from './elapse.js';
export * from './calendar.js';
export * from './dates.js';
export * from './workshop.js';
export * from './plan-pieces.js';
export * from './outlook.js';
