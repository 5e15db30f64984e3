export * from './planting.js';
export * from './growth.js';
export * from './free-ground.js';
export * from './places.js';
export * from './as-steps.js';
export * from './areas.js';
export * from './facts.js';
