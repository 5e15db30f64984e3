import { glueMoves, glueNotHardYet, notHardYet, young } from '../drafts.js';
import type { Trouble } from '../types.js';
import { roleIs } from './fits.js';

/** Troubles with glue, loads and grass. The gentlest remedy first. Common practice; so are the reasons. */
export const GROUNDWORK: readonly Trouble[] = [
  {
    id: 'glue-bloom',
    name: 'White bloom of glue',
    sign: 'A white haze around what was glued',
    warnedBy: ['climate'],
    showsLater: true,
    fits: roleIs('glue'),
    remedies: [
      {
        id: 'tint-it',
        words: 'When it is dry, a thin acrylic wash in the tone of the ground over it',
        tooLate: (met) => (young(met) ? 'white glue clears as it dries: wait' : null),
        steps: () => [{ technique: 'wash', material: 'wash-acrylic', coverPct: 30 }],
      },
      {
        id: 'clear-it',
        words: 'Superglue: a thin matt clear over the haze',
        tooLate: (met) => (met.material?.carrier === 'cyano' ? null : 'that helps with superglue only'),
        steps: () => [{ technique: 'clear-coat', material: 'clear-matt-acrylic', coats: 1 }],
      },
    ],
    worse: ['More glue.'],
    nextTime: ['Superglue: little of it, moving air, never shut in.', 'White glue that says it dries clear and matt.'],
  },
  {
    id: 'floating-grains',
    name: 'Floating grains, or it leaks',
    sign: 'What was scattered swims, or glue runs out below',
    warnedBy: ['flood-needs-wetting', 'loose-load-unbound', 'scatter-needs-glue'],
    fits: (met) => ['glue', 'scatter', 'wet', 'flood-glue'].includes(met.step.technique),
    remedies: [
      {
        id: 'soak-up',
        words: 'Soak it up at the edge with the corner of a paper towel, and leave it alone',
        tooLate: (met) => (glueMoves(met) ? null : 'it is set'),
      },
      {
        id: 'more-grains',
        words: 'Scatter dry grains where it swims: they drink it',
        tooLate: (met) => (glueMoves(met) ? null : 'it is set: nothing holds them any more'),
        steps: (met) => [
          { technique: 'scatter', material: met.material?.role === 'aggregate' ? met.material.id : 'aggregate', coverPct: 20 },
        ],
      },
    ],
    worse: ['Stirring it: craters stay.'],
    nextTime: ['Mist it wet first, then drop by drop from the edge; foil or wax under it, a rim around it.'],
  },
  {
    id: 'glue-squeezed',
    name: 'Glue squeezed out',
    sign: 'It stands along the joint',
    fits: roleIs('glue'),
    remedies: [
      {
        id: 'wipe-now',
        words: 'Wipe it off at once with a damp cotton bud',
        tooLate: (met) => (met.age === 'wet' && met.material?.carrier === 'water' ? null : 'it has a skin: let it get hard'),
      },
      {
        id: 'pare-off',
        words: 'When it is hard, pare it off with a sharp knife, away from you',
        tooLate: notHardYet,
        steps: () => [{ technique: 'scribe', coverPct: 3, note: 'Pared, away from the hand that holds' }],
      },
    ],
    worse: ['Wiping when it has a skin: it smears.'],
    nextTime: ['A toothpick’s worth, from the middle outwards.'],
  },
  {
    id: 'hot-glue-strings',
    name: 'Hot glue strings',
    sign: 'Threads from place to place',
    fits: (met) => met.material?.carrier === 'heat',
    remedies: [
      {
        id: 'wind-up',
        words: 'When they are cold, wind them up on a stick and pull',
      },
      {
        id: 'cut-foot',
        words: 'Cut the feet off with a knife, away from you',
      },
    ],
    worse: ['Touching them while they are hot: they burn and stick.'],
    nextTime: ['Twist the gun as you lift; let it get hot first.'],
  },
  {
    id: 'grass-flat',
    name: 'Grass lies down',
    sign: 'Fibres lie instead of standing',
    warnedBy: ['scatter-needs-glue', 'too-late'],
    fits: (met) => met.material?.stands === true,
    remedies: [
      {
        id: 'raise',
        words: 'While the glue is wet: turn it upside down and tap, or hold the charged sieve over it once more',
        tooLate: (met) => (glueMoves(met) ? null : 'the glue has set'),
      },
      {
        id: 'second-layer',
        words: 'When it is dry: a little glue on the tips, and a second, shorter layer',
        tooLate: glueNotHardYet,
        steps: (met) => [
          { technique: 'glue', material: 'white-glue', coverPct: 8, note: 'On the tips' },
          { technique: 'scatter', material: met.material?.id ?? 'static-grass', coverPct: 8 },
        ],
      },
    ],
    worse: ['Pressing or brushing it upright.'],
    nextTime: [
      'Fresh glue in small patches, the earth clip close by, fibres dry.',
      'High voltage: not with a pacemaker; one hand behind the back.',
    ],
  },
];
