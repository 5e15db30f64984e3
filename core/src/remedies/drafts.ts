import { onItsOwn } from '../subjects/index.js';
import type { Met, Remedy, StepDraft } from './types.js';

/** The liquid that a material is thinned and, while it is young, taken off with; null where there is none. */
export function ownThinner({ material }: Pick<Met, 'material'>): string | null {
  switch (material?.carrier) {
    case 'water':
      return 'water';
    case 'alcohol':
      return 'isopropanol-70';
    case 'spirit':
      return 'white-spirit';
    case 'hot':
      return 'lacquer-thinner';
    default:
      return null;
  }
}

/** The thinner by which it still comes off, as the walk says; its own where that says nothing. */
export function stillTakenBackWith(met: Met): string | null {
  const back = met.report.takeBack;
  if (!back || back.untilMin <= met.nowMin) return null;
  return { water: 'water', alcohol: 'isopropanol-70', spirit: 'white-spirit', hot: 'lacquer-thinner', cyano: null, heat: null }[
    back.withSolvent
  ];
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
