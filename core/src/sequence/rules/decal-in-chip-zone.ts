import { moveAfter } from '../fix-proposals.js';
import { solubleIndex } from '../state.js';
import { finding, type Rule } from './rule.js';
import { meets } from '../later.js';

const ID = 'decal-in-chip-zone';

export const decalInChipZone: Rule = {
  id: ID,
  title: 'A decal where chips should come',
  why: 'Chips break through paint, not through the film of a decal: it peels off in one piece or holds everything. What shall chip is painted.',
  source: 'common practice',
  examples: {
    fires: {
      steps: [
        ['airbrush-coat', 'lacquer-matt', { startMin: 0 }],
        ['spray-coat', 'chipping-medium', { coats: 2, startMin: 120 }],
        ['airbrush-coat', 'acrylic-satin', { startMin: 150 }],
        ['decal', 'decal-waterslide', { startMin: 240 }],
        ['chip', 'water', { startMin: 260 }],
      ],
    },
    silent: {
      steps: [
        ['airbrush-coat', 'lacquer-matt', { startMin: 0 }],
        ['spray-coat', 'chipping-medium', { coats: 2, startMin: 120 }],
        ['airbrush-coat', 'acrylic-matt', { startMin: 150 }],
        ['chip', 'water', { startMin: 170 }],
        ['clear-coat', 'clear-gloss-acrylic', { startMin: 600 }],
        ['decal', 'decal-waterslide', { startMin: 1200 }],
        ['clear-coat', 'clear-matt-acrylic', { startMin: 2400 }],
      ],
    },
  },
  concerns: ({ material }) => material?.role === 'decal',
  check(moment) {
    const zones = moment.zones.filter((zone) => solubleIndex(zone) >= 0).map((zone) => zone.zone.id);
    const chip = moment.steps.findIndex((later, at) => at > moment.stepIndex && later.technique === 'chip' && meets(later, zones));
    if (zones.length === 0 || chip < 0) return [];
    return [
      {
        cause: `${ID}:${String(moment.stepIndex)}`,
        finding: finding(moment, ID, 'caution', {
          zones,
          message: `A decal does not chip: step ${String(chip + 1)} opens what lies under it.`,
          evidence: 'It lies between the soluble layer and the chips; lettering that shall chip is painted.',
          causeIndex: chip,
        }),
        propose: () => [moveAfter(moment, chip)],
      },
    ];
  },
};
