import { moveBefore } from '../fix-proposals.js';
import { finding, type Rule } from './rule.js';

const ID = 'mechanics-after-finish';

/** Work that grips, presses and cuts. */
const HEAVY = new Set(['prep-mechanical', 'scribe']);
const FINISH = new Set(['primer', 'paint', 'clear']);

export const mechanicsAfterFinish: Rule = {
  id: ID,
  title: 'Mechanics after the finish',
  why: 'Couplers, wheel gauge, holes and scribed cracks want a firm grip. Done after the first coat they mark it; done before, nothing is spoiled.',
  source: 'common practice',
  examples: {
    fires: {
      steps: [
        ['brush-coat', 'acrylic-matt'],
        ['prep-mechanical', null],
      ],
    },
    silent: {
      steps: [
        ['prep-mechanical', null],
        ['brush-coat', 'acrylic-matt'],
      ],
    },
  },
  concerns: ({ technique }) => HEAVY.has(technique.id),
  check(moment) {
    const coats = [...moment.state.zones.values()].flatMap((zone) =>
      zone.layers.filter((layer) => layer.technique.effect === 'film' && FINISH.has(layer.material.role)),
    );
    if (coats.length === 0) return [];
    const first = Math.min(...coats.map((layer) => layer.stepIndex));
    return [
      {
        cause: `${ID}:${String(moment.stepIndex)}`,
        finding: finding(moment, ID, 'caution', {
          zones: moment.zones.map((zone) => zone.zone.id),
          message: `${moment.incoming.technique.name} marks the finish: the first coat lies since step ${String(first + 1)}.`,
          evidence: 'Work that needs a firm grip comes before the first coat.',
          causeIndex: first,
        }),
        propose: () => [moveBefore(moment, first)],
      },
    ];
  },
};
