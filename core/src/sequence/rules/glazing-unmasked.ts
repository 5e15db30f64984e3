import { maskPairs } from '../fix-proposals.js';
import { fogsGlazing, openGlazing } from '../glazing.js';
import { finding, type Caused, type Rule } from './rule.js';

const ID = 'glazing-unmasked';

export const glazingUnmasked: Rule = {
  id: ID,
  title: 'Windows left open',
  why: 'Any spray or clear coat that reaches window glazing fogs it for good, primer included. Mask it first, or take the glazing out.',
  source: 'common practice',
  examples: {
    fires: { steps: [['clear-coat', 'clear-matt-acrylic']], on: { glazing: true } },
    silent: {
      steps: [
        ['mask', 'masking-tape', { zones: ['glazing'] }],
        ['clear-coat', 'clear-matt-acrylic'],
        ['unmask', null, { zones: ['glazing'] }],
      ],
      on: { glazing: true },
    },
  },
  check(moment) {
    const open = openGlazing(moment.state);
    if (open.length === 0 || !fogsGlazing(moment.step, moment.subject)) return [];
    const caused: Caused = {
      cause: ID,
      finding: finding(moment, ID, 'snag', {
        zones: open.map((zone) => zone.zone.id),
        message: 'Spray reaches the glazing and fogs it.',
        evidence: 'The glazing is neither masked nor taken off at this step.',
      }),
      propose: () =>
        maskPairs(
          moment,
          open.map((zone) => zone.zone.id),
          (step) => fogsGlazing(step, moment.subject),
        ),
    };
    return [caused];
  },
};
