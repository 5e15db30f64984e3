export { CRAFT_WORDS, alsoCalled, craftNames } from './craft-words.js';
