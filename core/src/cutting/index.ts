export * from './cut-plan.js';
export type { CuttingProblem, Demand } from './stock-problem.js';
export * from './cut-list.js';
export * from './typed-length.js';
