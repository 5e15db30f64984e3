import { bindLoad } from '../fix-proposals.js';
import { findingAt, type Rule } from './rule.js';

const ID = 'loose-load-unbound';

export const looseLoadUnbound: Rule = {
  id: ID,
  title: 'A load that nothing binds',
  why: 'What lies loose in a piece that is handled is on the floor and in the gears the first time it tips over. Glue below it holds one layer; thinned glue flooded in holds all of it.',
  source: 'common practice',
  examples: {
    fires: {
      steps: [
        ['brush-coat', 'acrylic-matt'],
        ['scatter', 'aggregate'],
      ],
      on: { handled: true },
    },
    silent: {
      steps: [
        ['glue', 'white-glue'],
        ['scatter', 'aggregate'],
        ['wet', 'isopropanol-70'],
        ['flood-glue', 'white-glue-dilute'],
      ],
      on: { handled: true },
    },
  },
  check: () => [],
  checkEnd(end) {
    if (!end.subject.handled || !end.state.laidRoles.has('aggregate')) return [];
    const loose = [...end.state.zones.values()].flatMap(({ zone, layers }) =>
      layers.filter((layer) => layer.loose && layer.material.role === 'aggregate').map((layer) => ({ zone: zone.id, layer })),
    );
    const last = Math.max(-1, ...loose.map(({ layer }) => layer.stepIndex));
    const step = end.steps[last];
    if (!step) return [];
    const zones = [...new Set(loose.map(({ zone }) => zone))];
    return [
      {
        cause: ID,
        finding: findingAt(step, last, ID, 'caution', {
          zones,
          message: 'The piece is handled, and nothing ever binds what is scattered on it.',
          evidence: 'No wet glue lies below it, and none is flooded in afterwards.',
          causeIndex: last,
        }),
        propose: () => bindLoad(zones, last + 1),
      },
    ];
  },
};
