export * from './humid-air.js';
export * from './profile.js';
export * from './daylight.js';
