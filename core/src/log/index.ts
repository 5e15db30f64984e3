export * from './entry.js';
export * from './part.js';
export * from './progress.js';
export * from './another-round.js';
export * from './marks.js';
export { openedByUse } from './opened.js';
