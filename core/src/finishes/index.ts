export * from './finish.js';
export * from './apply.js';
export * from './compare.js';
export * from './vary.js';
