export * from './plan-file.js';
export * from './upgrade.js';
export * from './touches.js';
export * from './part.js';
