export * from './colour-meter.js';
export * from './device.js';
export * from './hygrometer.js';
export * from './scale.js';
