export * from './evening.js';
export * from './timers.js';
export * from './meanwhile.js';
export * from './delay.js';
export * from './rounds.js';
export * from './as-logged.js';
export * from './cleaning.js';
