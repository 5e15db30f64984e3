export * from './as-done.js';
export { recordRows, type RecordRow } from './rows.js';
export * from './dossier.js';
export { alreadyOnIt, type AlreadyOnIt } from './already-on-it.js';
export { BUD_LIQUIDS, budFinds, type BudLiquid } from './bud-test.js';
export { OLD_AGES, OLD_LAYERS, type OldAge, type OldLayer } from './old-layers.js';
export { amountsOfLoad, amountsOfPlanting, type AmountRow } from './amounts.js';
