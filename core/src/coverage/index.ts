export * from './coverage.js';
