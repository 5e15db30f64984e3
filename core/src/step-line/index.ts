export { isHeading, readPaint, type ReadPaint } from './paint-line.js';
export { readLine, type LineFor, type ReadLine, type UnknownWords } from './read.js';
export * from './complete.js';
export * from './goes-on.js';
