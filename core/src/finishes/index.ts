export * from './finish.js';
