export * from './device.js';
export * from './hygrometer.js';
