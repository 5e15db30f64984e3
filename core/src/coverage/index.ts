export * from './coverage.js';
export * from './mix-needed.js';
