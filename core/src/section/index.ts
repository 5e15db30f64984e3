export * from './section.js';
