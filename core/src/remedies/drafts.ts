import { thinnerOf } from '../mixing/index.js';
import { onItsOwn } from '../subjects/index.js';
import type { Met, Remedy, StepDraft } from './types.js';

/** The liquid that a material is thinned and, while it is young, taken off with; null where there is none. */
export const ownThinner = ({ material }: Pick<Met, 'material'>): string | null => (material ? thinnerOf(material) : null);

/** The thinner by which it still comes off, as the walk says; its own where that says nothing. */
export function stillTakenBackWith(met: Met): string | null {
  const back = met.report.takeBack;
  if (!back || back.untilMin <= met.nowMin) return null;
  return thinnerOf({ carrier: back.withSolvent });
}

export const young = (met: Met): boolean => met.age === 'wet' || met.age === 'touch-dry';
export const isHard = (met: Met): boolean => met.age === 'hard' || met.age === 'proof';

export const notHardYet = (met: Met): string | null => (isHard(met) ? null : 'it must be dry-hard first, or it tears');

export const noLongerWorkable = (met: Met): string | null =>
  young(met) ? null : 'it is too dry to be moved; damp thinner now only makes a second edge';

const blend: (met: Met) => StepDraft[] = (met) => {
  const thinner = ownThinner(met);
  return thinner === null ? [] : [{ technique: 'blend', material: thinner, note: 'A brush damp, not wet, drawn outwards' }];
};

/** Remedies that several troubles share. */
export const BLEND_OUT: Remedy = {
  id: 'blend-out',
  words: 'Draw the edge outwards with a brush damp with its own thinner',
  tooLate: noLongerWorkable,
  steps: blend,
};

export const WIPE_BACK: Remedy = {
  id: 'wipe-back',
  words: 'Take it off again while it still comes off, and begin anew',
  tooLate: (met) => (stillTakenBackWith(met) === null ? 'it does not come off any more without what lies under it' : null),
  steps: (met) => {
    const thinner = stillTakenBackWith(met);
    return thinner === null ? [] : [{ technique: 'wipe-back', material: thinner }];
  },
  redoes: true,
};

/** The step once more as it was; it gets an id of its own where it is put in. */
export const again = ({ step }: Pick<Met, 'step'>): StepDraft => onItsOwn(step, step.id);

export const ABRADE_AND_AGAIN: Remedy = {
  id: 'abrade',
  words: 'When it is hard, rub it down wet and fine, wipe it, and lay a thinner coat',
  tooLate: notHardYet,
  steps: (met) => [
    { technique: 'abrade', note: 'Wet and fine, so that it does not dust' },
    { technique: 'clean', material: 'water' },
    { ...again(met), coats: 1 },
  ],
};

export const DUST_OVER: Remedy = {
  id: 'dust-over',
  words: 'Hide it: a little earth or dust powder along the edge',
  tooLate: notHardYet,
  steps: () => [{ technique: 'powder-dry', material: 'pigment-dry', coverPct: 10, strength: 0.3 }],
};

export const TOUCH_UP: Remedy = {
  id: 'touch-up-place',
  words: 'When it is hard, smooth the place, touch it in with the brush in its colour, and seal before going on',
  tooLate: notHardYet,
  steps: () => [
    { technique: 'abrade', note: 'The place only' },
    { technique: 'brush-coat', material: 'acrylic-matt', coverPct: 5, note: 'In the colour that was there' },
    { technique: 'clear-coat', material: 'clear-matt-acrylic', coats: 1 },
  ],
};

export const MAKE_IT_A_CHIP: Remedy = {
  id: 'make-it-a-chip',
  words: 'Make it part of the story: dark in the bare place, a thin light edge below it',
  tooLate: notHardYet,
  steps: () => [{ technique: 'sponge', material: 'acrylic-matt', coverPct: 2, note: 'Dark in the bare place' }],
};

export const MIST_OWN_THINNER: Remedy = {
  id: 'mist-own-thinner',
  words: 'One mist of its own thinner, in the warm, so that it flows and lets the damp out',
  tooLate: (met) => {
    if (met.age === 'wet') return 'it is still wet: wait first';
    return met.material?.carrier === 'water' ? 'water only shuts more damp in' : null;
  },
  steps: (met) => {
    const thinner = ownThinner(met);
    return thinner === null ? [] : [{ technique: 'wet', material: thinner, tool: 'airbrush', note: 'A mist from afar, one pass' }];
  },
};

/** White glue holds what falls into it for so long, and is hard so much later, minutes (from memory); what is scattered does not dry itself and says nothing of it. */
const GLUE_HOLDS_MIN = 15;
const GLUE_HARD_MIN = 12 * 60;

/** The glue still moves: this one's own, or that which dry matter fell into. */
export const glueMoves = (met: Met): boolean => (met.material?.drying ? young(met) : met.ageMin < GLUE_HOLDS_MIN);

export const glueNotHardYet = (met: Met): string | null =>
  met.material?.drying ? notHardYet(met) : met.ageMin < GLUE_HARD_MIN ? 'the glue must be hard first, or it tears' : null;
