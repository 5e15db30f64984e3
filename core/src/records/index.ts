export * from './as-done.js';
export { recordRows, type RecordRow } from './rows.js';
export * from './dossier.js';
export { OLD_AGES, OLD_LAYERS, alreadyOnIt, type AlreadyOnIt, type OldAge, type OldLayer } from './already-on-it.js';
export { amountsOfLoad, amountsOfPlanting, type AmountRow } from './amounts.js';
