import type { Touch } from '../techniques/index.js';
import type { WaitReason } from './openings.js';

/** What a step waits for, in words: after "waits". */
export const WAIT_WORDS: Record<WaitReason, string> = {
  touch: 'until a light touch leaves no mark',
  recoat: 'until it takes what comes over it',
  hard: 'until it stands rubbing and gripping',
  liquid: 'until the liquid no longer lifts it',
  coats: 'as long as between coats of the same',
  wrinkle: 'until the time in which it wrinkles is over, or comes before it',
  solvent: 'until hot solvent no longer swells it',
  sprinkle: 'until it is dry, or comes while it is sticky',
  open: 'for nothing: it comes while that can still be worked',
  chip: 'until water can open it, and comes before it no longer does',
};

/** What a tool that presses so hard asks of what lies below. */
export const TOUCH_WORDS: Record<Touch, string> = {
  none: 'nothing: it presses on nothing',
  light: 'tack-free',
  working: 'ready for the next coat',
  rubbing: 'dry-hard',
};
