export { SOMETHING_ELSE, TROUBLES, isTroubleId, troubleById } from './catalogue/index.js';
export { adviceFor, withRemedy, type Advice, type Judged } from './advise.js';
export { troublesOf, type TroubledBench, type TroubledStep } from './likeliest.js';
export type { Age, StepDraft, Trouble } from './types.js';
