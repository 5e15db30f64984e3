import { BLEND_OUT, DUST_OVER, WIPE_BACK, again, isHard, notHardYet, ownThinner, young } from '../drafts.js';
import type { Trouble } from '../types.js';
import { effectOf, isTint, roleIs } from './fits.js';

/** Troubles with washes, powders, speckles and lines. The gentlest remedy first. Common practice; so are the reasons. */
export const TONES: readonly Trouble[] = [
  {
    id: 'tide-mark',
    name: 'Tide mark',
    sign: 'A dark edge where the wash stopped and dried',
    fits: isTint,
    remedies: [
      BLEND_OUT,
      WIPE_BACK,
      {
        id: 'wet-again',
        words: 'Wet the whole face with its thinner, then lay the wash once more in one go and let it dry flat',
        tooLate: (met) => (isHard(met) || young(met) ? null : 'half dry it lifts in rags: let it get hard first'),
        steps: (met) => {
          const thinner = ownThinner(met);
          return thinner === null ? [again(met)] : [{ technique: 'wet', material: thinner }, again(met)];
        },
      },
      DUST_OVER,
    ],
    worse: ['A second dab on the edge alone: it makes a second ring.'],
    nextTime: ['Wash on a sealed satin face, a whole panel at a time, with one wet edge.', 'Leave the piece lying flat until it is dry.'],
  },
  {
    id: 'too-much-powder',
    name: 'Too much powder',
    sign: 'It covers more than it should, or hides the shape',
    warnedBy: ['tone-lost'],
    fits: roleIs('powder', 'slurry'),
    remedies: [
      {
        id: 'brush-off',
        words: 'Take it off with a clean soft brush, from the top downwards',
        tooLate: (met) => (effectOf(met) === 'loose' ? null : 'it is bound: a dry brush does not take it'),
      },
      {
        id: 'dry-bud',
        words: 'Lift it from faces and edges with a dry cotton bud, turned and never rubbed',
        tooLate: (met) => (effectOf(met) === 'loose' || young(met) ? null : 'it is bound by now'),
      },
      {
        id: 'tone-down',
        words: 'Tie it together with a filter in the tone of the base',
        tooLate: (met) => (effectOf(met) === 'loose' ? 'fix the powder first: a wet coat over loose powder makes mud' : notHardYet(met)),
        steps: () => [{ technique: 'filter', material: 'filter-enamel', dilution: { thinner: 'white-spirit', parts: [1, 6] } }],
      },
    ],
    worse: ['Blowing: it goes everywhere, and into you.', 'Fixing it first to see how it looks.'],
    nextTime: [
      'Half the powder, twice. Look from an arm away between.',
      'Pale powder: allow for what the fixer takes instead of putting more on.',
    ],
  },
  {
    id: 'will-not-chip',
    name: 'Will not chip',
    sign: 'Water and brush take nothing off',
    warnedBy: ['chip-stack-incomplete', 'too-late'],
    fits: (met) => met.step.technique === 'chip' || roleIs('soluble')(met),
    remedies: [
      {
        id: 'warm-water',
        words: 'Warm water, and minutes of patience before the brush',
        steps: () => [{ technique: 'wet', material: 'water', note: 'Warm; wait five minutes' }],
      },
      {
        id: 'scratch-first',
        words: 'Scratch the top coat here and there with a needle, so that the water gets under it',
        steps: () => [{ technique: 'scrape', material: null, tool: 'fine brush', coverPct: 2, note: 'A needle, hardly pressed' }],
      },
      {
        id: 'paint-the-chips',
        words: 'Paint the chips on instead: sponge for the small, fine brush for the large',
        steps: () => [{ technique: 'sponge', material: 'acrylic-matt', coverPct: 6 }],
      },
    ],
    worse: ['Alcohol: it takes the top coat off in sheets.'],
    nextTime: ['At most three thin water-based top coats.', 'Chip the same evening: next day it is half as good.'],
  },
  {
    id: 'effect-vanished',
    name: 'Effect vanished or darkened',
    sign: 'After the clear or fixer it is not what it was',
    warnedBy: ['clear-mutes-powder', 'fixer-darkens', 'gleam-dulled', 'tone-lost'],
    showsLater: true,
    fits: roleIs('clear', 'fixer'),
    remedies: [
      {
        id: 'stronger',
        words: 'When it is dry, once more what vanished, two or three times as strong',
        tooLate: (met) => (young(met) ? 'judge it dry: wet it is darker' : null),
        steps: () => [{ technique: 'powder-dry', material: 'pigment-dry', coverPct: 30, strength: 0.8 }],
      },
      {
        id: 'paler',
        words: 'What darkened: a paler tone over it, drybrushed',
        tooLate: (met) => (young(met) ? 'judge it dry: wet it is darker' : null),
        steps: () => [{ technique: 'drybrush', material: 'acrylic-matt', coverPct: 8, note: 'A tone paler' }],
      },
    ],
    worse: ['One more clear coat: it takes what is left.'],
    nextTime: ['Put pale powder on two or three times as strong, or leave it last.', 'Fixer dropped or misted, and tried on scrap.'],
  },
  {
    id: 'overdone',
    name: 'Wash or rust overdone',
    sign: 'Too dark, too much, too even',
    warnedBy: ['tone-lost'],
    fits: (met) => isTint(met) || (effectOf(met) === 'accent' && met.material !== null),
    remedies: [
      WIPE_BACK,
      BLEND_OUT,
      {
        id: 'base-back',
        words: 'When it is hard, the colour of the base sponged or drybrushed back over it',
        tooLate: notHardYet,
        steps: () => [{ technique: 'sponge', material: 'acrylic-matt', coverPct: 15, note: 'In the colour of the base' }],
      },
    ],
    worse: ['Scrubbing: the paint below comes too.', 'A lighter wash over it: it only gets darker.'],
    nextTime: ['Half as much, and a look from an arm away between.'],
  },
  {
    id: 'speckles-large',
    name: 'Speckles too large',
    sign: 'Blots where dots were meant',
    fits: (met) => met.step.technique === 'speckle',
    remedies: [
      {
        id: 'lift-dots',
        words: 'Lift the large ones at once with the tip of a dry brush',
        tooLate: (met) => (met.age === 'wet' ? null : 'it does not move any more'),
      },
      WIPE_BACK,
      {
        id: 'dab-over',
        words: 'When dry, dab the base colour over the large ones',
        tooLate: (met) => (young(met) ? 'let it dry first' : null),
        steps: () => [{ technique: 'sponge', material: 'acrylic-matt', coverPct: 3, note: 'In the colour of the base' }],
      },
    ],
    worse: ['Wiping across: dots become streaks.'],
    nextTime: ['First onto paper until they are small; less on the brush, farther away.'],
  },
  {
    id: 'pencil-wrong',
    name: 'Pencil line wrong',
    sign: 'A drawn line stands where it should not',
    fits: roleIs('drawing'),
    remedies: [
      {
        id: 'bud-off',
        words: 'Take it off with a soft eraser or a damp cotton bud; try on a hidden place',
      },
      {
        id: 'paint-over',
        words: 'Paint it out in the colour of the base',
        steps: () => [{ technique: 'brush-coat', material: 'acrylic-matt', coverPct: 2, note: 'In the colour of the base' }],
      },
    ],
    worse: ['Rubbing on a matt coat: it polishes.'],
    nextTime: ['A light hand first, on a sealed matt ground.'],
  },
];
