export * from './lightness.js';
