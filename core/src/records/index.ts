export * from './as-done.js';
export { recordRows, type RecordRow } from './rows.js';
export * from './dossier.js';
