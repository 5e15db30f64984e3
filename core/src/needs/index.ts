export * from './uses.js';
export * from './stock.js';
export * from './shopping.js';
export * from './cost.js';
export * from './bottle-life.js';
export * from './sealants.js';
export * from './bottle-rows.js';
export * from './stock-count.js';
