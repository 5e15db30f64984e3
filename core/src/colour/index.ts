export * from './linear.js';
export * from './lightness.js';
export * from './difference.js';
export * from './shift.js';
