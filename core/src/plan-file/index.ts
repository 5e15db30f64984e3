export * from './plan-file.js';
