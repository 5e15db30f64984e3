export * from './drying.js';
