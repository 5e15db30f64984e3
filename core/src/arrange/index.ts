export * from './arrange.js';
export type { Cost } from './search.js';
