export { SOMETHING_ELSE, TROUBLES, isTroubleId, troubleById } from './catalogue/index.js';
export { adviceFor, troublesOf, withRemedy, type Advice, type Judged } from './advise.js';
export type { Age, StepDraft, Trouble } from './types.js';
