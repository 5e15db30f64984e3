export { readLine, type LineFor, type ReadLine, type UnknownWords } from './read.js';
