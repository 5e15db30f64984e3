import { formatMinutes } from '../../units/index.js';
import { LONGEST_MASKED_MIN } from '../chains.js';
import { finding, findingAt, type Rule } from './rule.js';

const ID = 'mask-left-long';

export const maskLeftLong: Rule = {
  id: ID,
  title: 'Tape left for days',
  why: 'Masking tape left for more than two days leaves its glue behind and pulls paint when it comes off. Mask shortly before the spray, unmask the same evening.',
  source: 'common practice',
  examples: {
    fires: {
      steps: [
        ['mask', 'masking-tape', { zones: ['glazing'], startMin: 0 }],
        ['clear-coat', 'clear-matt-acrylic', { startMin: 10 }],
        ['unmask', null, { zones: ['glazing'], startMin: 5000 }],
      ],
      on: { keepClean: ['glazing'] },
    },
    silent: {
      steps: [
        ['mask', 'masking-tape', { zones: ['glazing'], startMin: 0 }],
        ['clear-coat', 'clear-matt-acrylic', { startMin: 10 }],
        ['unmask', null, { zones: ['glazing'], startMin: 60 }],
      ],
      on: { keepClean: ['glazing'] },
    },
  },
  concerns: ({ technique }) => technique.effect === 'unmask',
  check(moment) {
    const old = moment.zones.filter((zone) => zone.maskedSinceMin !== null && moment.startMin - zone.maskedSinceMin > LONGEST_MASKED_MIN);
    const first = old[0];
    if (!first) return [];
    return [
      {
        cause: `${ID}:${String(first.maskedSinceMin)}`,
        finding: finding(moment, ID, 'caution', {
          zones: old.map((zone) => zone.zone.id),
          message: 'The tape has been on too long: it leaves its glue and pulls paint.',
          evidence: `On for ${formatMinutes(moment.startMin - (first.maskedSinceMin ?? 0))}; two days are the most.`,
        }),
      },
    ];
  },
  checkEnd({ steps, state }) {
    const zones = [...state.zones.values()].filter((zone) => zone.masked).map((zone) => zone.zone.id);
    const last = steps.findLastIndex((step) => step.technique === 'mask');
    const step = steps[last];
    if (zones.length === 0 || !step) return [];
    return [
      {
        cause: `${ID}:end`,
        finding: findingAt(step, last, ID, 'hint', {
          zones,
          message: 'No step takes this mask off again.',
          evidence: 'The sequence ends with the mask on.',
        }),
        propose: () => [
          {
            way: 'insert',
            label: 'Unmask at the end',
            edits: [{ kind: 'insert', at: steps.length, step: { ...step, technique: 'unmask', material: null, bottleId: null, zones } }],
          },
        ],
      },
    ];
  },
};
