import { MAKE_IT_A_CHIP, TOUCH_UP, isHard, young } from '../drafts.js';
import type { Trouble } from '../types.js';
import { isFilm, roleIs } from './fits.js';

/** Troubles with decals and tape. The gentlest remedy first. Common practice; so are the reasons. */
export const MARKS: readonly Trouble[] = [
  {
    id: 'silvered-decal',
    name: 'Silvered decal',
    sign: 'Bright air under a decal',
    warnedBy: ['decal-needs-gloss', 'decal-unsealed'],
    showsLater: true,
    fits: (met) => met.step.technique === 'decal' || roleIs('decal')(met),
    remedies: [
      {
        id: 'prick-and-set',
        words: 'Prick it with a needle and let setting liquid run under, twice if need be; do not touch it while it is soft',
        steps: () => [{ technique: 'decal', material: 'decal-setting', coverPct: 3, note: 'Prick, wet, wait; do not press' }],
      },
      {
        id: 'hide-under-dust',
        words: 'If it stays: hide it under the dirt that comes anyway',
        steps: () => [{ technique: 'filter', material: 'filter-enamel', dilution: { thinner: 'white-spirit', parts: [1, 8] } }],
      },
    ],
    worse: ['A matt coat over it: the air stays and shows.'],
    nextTime: ['A gloss coat first, however thin.', 'Warm water, and press the water out from the middle.'],
  },
  {
    id: 'torn-decal',
    name: 'Torn or crooked decal',
    sign: 'It is not where, or not as, it should be',
    fits: (met) => met.step.technique === 'decal' || roleIs('decal')(met),
    remedies: [
      {
        id: 'float-again',
        words: 'Flood it with water and move it with a wet brush',
        tooLate: (met) => (young(met) ? null : 'it holds by now: wetting tears it'),
        steps: () => [{ technique: 'wet', material: 'water', coverPct: 5, note: 'Let it float, then push' }],
      },
      {
        id: 'touch-in',
        words: 'Touch the tear in with a fine brush when it is dry',
        tooLate: (met) => (young(met) ? 'let it dry first' : null),
        steps: () => [{ technique: 'line-draw', material: 'acrylic-matt', coverPct: 1 }],
      },
      {
        id: 'new-one',
        words: 'Take it off with tape or a damp cloth, and lay a new one',
        tooLate: (met) => (isHard(met) ? 'it is set: it comes off in rags' : null),
        redoes: true,
      },
    ],
    worse: ['Pulling dry.', 'Setting liquid on one that lies wrong.'],
    nextTime: ['Slide it off its paper into a drop of water; old sheets get a coat of clear first.'],
  },
  {
    id: 'bleed-under-tape',
    name: 'Bleed under tape',
    sign: 'Colour has crept under the edge',
    warnedBy: ['mask-on-soft-paint'],
    showsLater: true,
    fits: (met) => ['mask', 'unmask'].includes(met.step.technique) || isFilm(met),
    remedies: [
      {
        id: 'scrape-edge',
        words: 'Scrape the rim off with the tip of a cocktail stick while it is not hard',
        tooLate: (met) => (met.material !== null && isHard(met) ? 'it is hard: paint it out' : null),
      },
      TOUCH_UP,
      {
        id: 'line-over',
        words: 'Hide it under a strip, a line or dirt along the edge',
        steps: () => [{ technique: 'line-draw', material: 'pencil-coloured', coverPct: 1 }],
      },
    ],
    worse: ['Thinner: it takes the edge with it.'],
    nextTime: ['Rub the edge of the tape down, seal it with the lower colour or clear, spray away from it.'],
  },
  {
    id: 'pulled-by-tape',
    name: 'Paint pulled by tape',
    sign: 'The coat below has come off with the tape',
    warnedBy: ['mask-left-long', 'mask-on-soft-paint', 'prime-first'],
    showsLater: true,
    fits: (met) => ['mask', 'unmask'].includes(met.step.technique),
    remedies: [TOUCH_UP, MAKE_IT_A_CHIP],
    worse: ['Pulling on: stop, warm it with the hand, pull back over itself.'],
    nextTime: ['A ground that grips: washed, primed, dry-hard.', 'Take its tack off on the back of the hand; within two days.'],
  },
];
