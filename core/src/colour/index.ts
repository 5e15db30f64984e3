export * from './linear.js';
export * from './lightness.js';
export * from './difference.js';
export * from './shift.js';
export * from './kubelka.js';
export * from './reflectance.js';
export * from './surface.js';
export * from './averaged.js';
