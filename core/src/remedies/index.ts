export { TROUBLES, isTroubleId, troubleById } from './catalogue.js';
export { adviceFor, troublesOf, withRemedy, type Advice, type Judged } from './advise.js';
export type { Age, StepDraft, Trouble } from './types.js';
