export * from './calendar-file.js';
