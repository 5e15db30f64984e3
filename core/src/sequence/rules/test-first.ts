import { finding, type Rule } from './rule.js';
import { isTried } from './trial.js';

const ID = 'test-first';

export const testFirst: Rule = {
  id: ID,
  title: 'Needs a trial first',
  why: 'Hardware aerosols and bottles of unknown make go on thick, turn the colour or lift what lies below. A trial on scrap of the same build shows it; note the day on the bottle.',
  source: 'common practice',
  arranging: 'never',
  examples: {
    fires: { steps: [['clear-coat', 'clear-matt-hardware-aerosol']] },
    silent: { steps: [['clear-coat', 'clear-matt-hardware-aerosol', { note: 'Tried on scrap, no change' }]] },
  },
  concerns: ({ material }) => material?.testFirst === true,
  check(moment) {
    const { material } = moment.incoming;
    if (!material?.testFirst || isTried(moment)) return [];
    return [
      {
        cause: `${ID}:${material.id}`,
        finding: finding(moment, ID, 'caution', {
          zones: moment.zones.map((zone) => zone.zone.id),
          message: `Try ${material.name.toLowerCase()} on scrap first.`,
          evidence: 'No trial is noted, neither on the bottle nor at the step.',
        }),
      },
    ];
  },
};
