import { maskPairs } from '../fix-proposals.js';
import { openPlaces, spreads, sprays } from '../keep-clean.js';
import { finding, type Caused, type Rule } from './rule.js';

const ID = 'glazing-unmasked';

export const glazingUnmasked: Rule = {
  id: ID,
  title: 'Windows left open',
  why: 'Any spray or clear coat that reaches window glazing fogs it for good, primer included. Mask it first, or take the glazing out.',
  source: 'common practice',
  examples: {
    fires: { steps: [['clear-coat', 'clear-matt-acrylic']], on: { keepClean: ['glazing'] } },
    silent: {
      steps: [
        ['mask', 'masking-tape', { zones: ['glazing'] }],
        ['clear-coat', 'clear-matt-acrylic'],
        ['unmask', null, { zones: ['glazing'] }],
      ],
      on: { keepClean: ['glazing'] },
    },
  },
  concerns: spreads,
  check(moment) {
    if (!sprays(moment.step, moment.subject, 'glazing', moment.supplies)) return [];
    const open = openPlaces(moment.state, 'glazing');
    if (open.length === 0) return [];
    const caused: Caused = {
      cause: ID,
      finding: finding(moment, ID, 'snag', {
        zones: open.map((zone) => zone.zone.id),
        message: 'Spray reaches the glazing and fogs it.',
        evidence: 'The glazing is neither masked nor taken off at this step.',
        spoils: 'fogged',
      }),
      propose: () =>
        maskPairs(
          moment,
          open.map((zone) => zone.zone.id),
          (step) => sprays(step, moment.subject, 'glazing', moment.supplies),
        ),
    };
    return [caused];
  },
};
