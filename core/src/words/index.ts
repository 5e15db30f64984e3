export { CRAFT_WORDS, alsoCalled, craftNames } from './craft-words.js';
export * from './terms.js';
