import { formatMinutes } from '../../units/index.js';
import { finding, findingAt, type Rule } from './rule.js';

const ID = 'mask-left-long';

export const maskLeftLong: Rule = {
  id: ID,
  title: 'Mask left too long',
  why: 'Masking tape or film left for more than two days leaves its glue behind and pulls paint; fine-line tape marks fresh paint after a day, putty stains it after half a day, and fluid that is a day old tears instead of rubbing off. Mask shortly before the spray, unmask the same evening.',
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
    const old = moment.zones.filter(({ maskedUntilMin }) => maskedUntilMin !== null && moment.startMin > maskedUntilMin);
    const first = old[0];
    if (!first) return [];
    const sinceMin = first.maskedSinceMin ?? 0;
    const mostMin = (first.maskedUntilMin ?? 0) - sinceMin;
    return [
      {
        cause: `${ID}:${String(sinceMin)}`,
        finding: finding(moment, ID, 'caution', {
          zones: old.map((zone) => zone.zone.id),
          message: 'The mask has been on too long: it pulls paint or leaves traces.',
          evidence: `On for ${formatMinutes(moment.startMin - sinceMin)}; ${formatMinutes(mostMin)} are the most.`,
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
