import { techniqueById } from '../techniques/index.js';
import {
  ABRADE_AND_AGAIN,
  BLEND_OUT,
  DUST_OVER,
  WIPE_BACK,
  again,
  isHard,
  notHardYet,
  ownThinner,
  stillTakenBackWith,
  young,
} from './drafts.js';
import type { Met, Trouble } from './types.js';

const effectOf = ({ step }: Pick<Met, 'step'>) => techniqueById(step.technique).effect;
const isSprayed = (met: Pick<Met, 'step' | 'material'>): boolean => isFilm(met) && met.step.technique !== 'brush-coat';
const isFilm = (met: Pick<Met, 'step' | 'material'>): boolean => effectOf(met) === 'film' && met.material !== null;
const roleIs =
  (...roles: string[]) =>
  (met: Pick<Met, 'material'>): boolean =>
    met.material !== null && roles.includes(met.material.role);
const isTint = (met: Pick<Met, 'step' | 'material'>): boolean => ['tint', 'slurry'].includes(effectOf(met)) && met.material !== null;

/** Ten troubles and their remedies, the gentlest first. Common practice; so are the reasons. */
export const TROUBLES: readonly Trouble[] = [
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
    id: 'fogged-clear',
    name: 'Fogged clear coat',
    sign: 'A clear coat has dried milky',
    fits: roleIs('clear', 'fixer'),
    remedies: [
      {
        id: 'wait-warm',
        words: 'Leave it warm and dry for some hours: what is only damp clears by itself',
        tooLate: (met) => (isHard(met) ? 'it is hard: what is milky now stays so' : null),
      },
      {
        id: 'mist-own-thinner',
        words: 'One mist of its own thinner, so that it flows and lets the damp out',
        tooLate: (met) => (met.age === 'wet' ? 'it is still wet: wait first' : null),
        steps: (met) => {
          const thinner = ownThinner(met);
          return thinner === null ? [] : [{ technique: 'wet', material: thinner, tool: 'airbrush', note: 'A mist from afar, one pass' }];
        },
      },
      {
        id: 'gloss-then-matt',
        words: 'When it is hard, one thin gloss coat, which makes it clear again, then the sheen that is wanted',
        tooLate: notHardYet,
        steps: (met) => [
          { technique: 'clear-coat', material: 'clear-gloss-acrylic', coats: 1 },
          { ...again(met), coats: 1 },
        ],
      },
    ],
    worse: ['More of the same clear at once: the damp is shut in.'],
    nextTime: ['Not above 70 % humidity; shake the bottle until nothing lies at its foot.', 'Thin coats, and let each flash off.'],
  },
  {
    id: 'lifted-paint',
    name: 'Lifted paint',
    sign: 'What lies below comes up under the brush',
    fits: (met) => isTint(met) || isFilm(met) || effectOf(met) === 'wet' || ['blend', 'wipe-back', 'decal'].includes(met.step.technique),
    remedies: [
      {
        id: 'stop-and-dry',
        words: 'Stop. Do not wipe. Leave it until it is hard, then look how much is lost',
        tooLate: (met) => (isHard(met) ? 'it is hard already' : null),
      },
      {
        id: 'touch-up',
        words: 'When it is hard, smooth the edge and touch in the paint below with the brush, then seal before going on',
        tooLate: notHardYet,
        steps: () => [
          { technique: 'abrade', note: 'The edge of the bare place only' },
          { technique: 'brush-coat', material: 'acrylic-matt', coverPct: 10, note: 'In the colour that lies below' },
          { technique: 'clear-coat', material: 'clear-matt-acrylic', coats: 1 },
        ],
      },
      {
        id: 'make-it-a-chip',
        words: 'Make it part of the story: dark in the bare place, a thin light edge below it',
        tooLate: notHardYet,
        steps: () => [{ technique: 'sponge', material: 'acrylic-matt', coverPct: 2, note: 'Dark in the bare place' }],
      },
    ],
    worse: ['Going over it again now, and thinner of any kind.'],
    nextTime: [
      'A clear coat between the paint and anything that its thinner is in.',
      'Wait until the layer below is solvent-proof, not only dry.',
    ],
  },
  {
    id: 'too-much-powder',
    name: 'Too much powder',
    sign: 'It covers more than it should, or hides the shape',
    fits: roleIs('powder', 'slurry'),
    remedies: [
      {
        id: 'brush-off',
        words: 'Take it off with a clean soft brush, from the top downwards',
        tooLate: (met) => (effectOf(met) === 'loose' ? null : 'it is bound: a dry brush does not take it'),
      },
      {
        id: 'damp-stick',
        words: 'Lift it from faces and edges with a cotton bud hardly damp',
        tooLate: (met) => (effectOf(met) === 'loose' || young(met) ? null : 'it is bound by now'),
        steps: (met) => [{ technique: 'wipe-back', material: ownThinner(met) ?? 'water', coverPct: 20 }],
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
    id: 'fingerprint',
    name: 'Fingerprint',
    sign: 'A print in the coat',
    fits: (met) => met.material !== null && effectOf(met) !== 'none',
    remedies: [
      WIPE_BACK,
      {
        id: 'let-level',
        words: 'Leave it alone: a thin print in a long-open coat may still level',
        tooLate: (met) =>
          met.age === 'wet' && ['oil', 'enamel'].some((family) => met.material?.family.startsWith(family))
            ? null
            : 'it does not flow any more',
      },
      ABRADE_AND_AGAIN,
    ],
    worse: ['Rubbing it while it is soft.'],
    nextTime: [
      'Hold it by a stick or a clamp; touch-dry is not dry-hard.',
      'Gloves without powder: skin leaves fat on which the next coat creeps.',
    ],
  },
  {
    id: 'orange-peel',
    name: 'Orange peel',
    sign: 'The coat has dried in small dimples',
    fits: isSprayed,
    remedies: [
      {
        id: 'flow-mist',
        words: 'At once one light, wetter pass, so that it flows together',
        tooLate: (met) => (met.age === 'wet' ? null : 'it does not flow any more'),
        steps: (met) => [{ ...again(met), coats: 1, note: 'Thinner than before, one wet pass' }],
      },
      ABRADE_AND_AGAIN,
    ],
    worse: ['Another coat as before: each lies on the dimples of the last.'],
    nextTime: [
      'Thinner, nearer, a little less pressure; in the warm.',
      'A hardware can lays thick: warm it in the hand, and never the last coat with it.',
    ],
  },
  {
    id: 'frosting',
    name: 'Frosting',
    sign: 'White bloom on a spray coat, powdery to the finger',
    fits: isSprayed,
    remedies: [
      {
        id: 'warm-room',
        words: 'Take it into a warm dry place: light bloom goes as the damp does',
        tooLate: (met) => (isHard(met) ? 'it is hard: the bloom is in the film' : null),
      },
      {
        id: 'mist-own-thinner',
        words: 'One mist of its own thinner, in the warm',
        tooLate: (met) => (met.age === 'wet' ? 'it is still wet: wait first' : null),
        steps: (met) => {
          const thinner = ownThinner(met);
          return thinner === null ? [] : [{ technique: 'wet', material: thinner, tool: 'airbrush', note: 'A mist from afar, one pass' }];
        },
      },
      ABRADE_AND_AGAIN,
    ],
    worse: ['Another coat in the same air.'],
    nextTime: ['Look at the dew point: the surface 3 °C above it at least.', 'Nearer, so that the paint is wet when it lands.'],
  },
  {
    id: 'wrinkling',
    name: 'Wrinkling',
    sign: 'The coat has crept into folds',
    fits: isFilm,
    remedies: [
      {
        id: 'leave-hard',
        words: 'Leave it until it is dry through. Nothing laid now will lie',
        tooLate: (met) => (isHard(met) ? 'it is hard already: go on' : null),
      },
      {
        id: 'strip-it',
        words: 'Take it off with its thinner, down to what holds',
        tooLate: (met) => (stillTakenBackWith(met) === null ? 'it does not come off any more without what lies under it' : null),
        steps: (met) => {
          const thinner = stillTakenBackWith(met);
          return thinner === null ? [] : [{ technique: 'wipe-back', material: thinner }];
        },
        redoes: true,
      },
      ABRADE_AND_AGAIN,
    ],
    worse: ['A coat on top to fill the folds.', 'Warm air: the skin shrinks first.'],
    nextTime: ['Within the hour, or after two days: not between.', 'Half the film.'],
  },
  {
    id: 'silvered-decal',
    name: 'Silvered decal',
    sign: 'Bright air under a decal',
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
    id: 'will-not-chip',
    name: 'Will not chip',
    sign: 'Water and brush take nothing off',
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
];

/** @throws RangeError when the trouble is not known. */
export function troubleById(id: string): Trouble {
  const found = TROUBLES.find((one) => one.id === id);
  if (!found) throw new RangeError(`trouble '${id}' is not known; known are ${TROUBLES.map((one) => one.id).join(', ')}`);
  return found;
}

export const isTroubleId = (id: string): boolean => TROUBLES.some((one) => one.id === id);
