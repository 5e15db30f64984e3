import { blownAirC } from '../../drying/index.js';
import { finding, type Rule } from './rule.js';

const ID = 'heat-over-limit';

export const heatOverLimit: Rule = {
  id: ID,
  title: 'Too hot for the piece',
  why: 'Warm air from a dryer bends thin plastic, and a heat gun melts or burns it; foam collapses, and its fumes are poisonous.',
  source: 'common practice; limits of the substrates from memory',
  examples: {
    fires: { steps: [['brush-coat', 'acrylic-matt', { drying: 'heat-gun' }]] },
    silent: { steps: [['brush-coat', 'acrylic-matt', { drying: 'cool-dryer' }]] },
  },
  check(moment) {
    const tempC = blownAirC(moment.incoming.airflow, moment.air);
    const bent = moment.zones.filter((zone) => tempC > zone.substrate.heatLimitC);
    const first = bent[0];
    if (!first) return [];
    return [
      {
        cause: `${ID}:${String(moment.stepIndex)}`,
        finding: finding(moment, ID, 'snag', {
          zones: bent.map((zone) => zone.zone.id),
          message: `Too hot for ${first.substrate.name.toLowerCase()}.`,
          evidence: `The air is about ${String(Math.round(tempC))} °C; it stands ${String(first.substrate.heatLimitC)} °C.`,
        }),
        propose: () => [
          { way: 'swap', label: 'Dry it in still air', edits: [{ kind: 'patch', at: moment.stepIndex, patch: { drying: 'still' } }] },
        ],
      },
    ];
  },
};
