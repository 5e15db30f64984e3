export { CRAFT_WORDS, alsoCalled } from './craft-words.js';
