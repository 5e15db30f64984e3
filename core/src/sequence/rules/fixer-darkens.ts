import { toneOf } from '../../colour/index.js';
import { finding, layerWords, type Rule } from './rule.js';
import { isTried } from './trial.js';

const ID = 'fixer-darkens';

export const fixerDarkens: Rule = {
  id: ID,
  title: 'A fixer darkens pale powder',
  why: 'Fixer wets pale powder for good and leaves it darker; more of it does not help, a paler powder does. Try it on scrap first and note the trial.',
  source: 'common practice',
  examples: {
    fires: {
      steps: [
        ['powder-dry', 'chalk-dry', { allowance: 2 }],
        ['fix', 'fixer-spirit'],
      ],
    },
    silent: {
      steps: [
        ['powder-dry', 'chalk-dry', { allowance: 2 }],
        ['fix', 'fixer-spirit', { note: 'Tried on scrap: one tone paler' }],
      ],
    },
  },
  concerns: ({ material }) => material?.role === 'fixer',
  check(moment) {
    if (isTried(moment)) return [];
    const found = moment.zones.flatMap((zone) => {
      const layer = zone.layers.findLast((l) => l.loose && l.material.role === 'powder' && toneOf(l.colour) === 'pale');
      return layer ? [{ zone, layer }] : [];
    });
    const first = found[0];
    if (!first) return [];
    return [
      {
        cause: `${ID}:${String(first.layer.stepIndex)}`,
        finding: finding(moment, ID, 'hint', {
          zones: found.map(({ zone }) => zone.zone.id),
          message: `The fixer darkens ${layerWords(first.layer)}; a paler powder makes up for it, more of it does not.`,
          evidence: 'A pale tone, and no trial is noted.',
          causeIndex: first.layer.stepIndex,
        }),
      },
    ];
  },
};
