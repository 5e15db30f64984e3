import { ALONE } from '../subject.js';
import { finding, type Rule } from './rule.js';

const ID = 'fleet-twins';

export const fleetTwins: Rule = {
  id: ID,
  title: 'Twins in a train',
  why: 'No two wagons of a train weathered alike. Where each is to age by its own story, one recipe to the last number makes twins of them. Let the numbers vary a little from piece to piece, or do some steps on some of them only.',
  source: 'common practice',
  examples: {
    fires: {
      steps: [['brush-coat', 'acrylic-matt']],
      on: { company: { ...ALONE, models: 3, varied: false } },
    },
    silent: {
      steps: [['brush-coat', 'acrylic-matt']],
      on: { company: { ...ALONE, models: 3, varied: true } },
    },
  },
  check(moment) {
    const { company } = moment.subject;
    if (moment.stepIndex > 0 || company.likeness !== 'own' || company.models < 2 || company.varied) return [];
    return [
      {
        cause: ID,
        finding: finding(moment, ID, 'hint', {
          zones: moment.zones.map(({ zone }) => zone.id),
          message: `All ${String(company.models)} pieces get the same numbers to the last one; each was to be its own.`,
          evidence: 'No step differs from piece to piece, and nothing varies.',
        }),
      },
    ];
  },
};
