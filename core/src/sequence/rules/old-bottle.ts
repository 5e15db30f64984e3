import { DAYS_PER_MONTH } from '../../materials/index.js';
import { finding, type Rule } from './rule.js';

const ID = 'old-bottle';

export const oldBottle: Rule = {
  id: ID,
  title: 'An old bottle',
  why: 'Once opened, paint skins, thickens or loses its grip; an aerosol loses its pressure. Past its usual life it is stirred, tried on scrap, or replaced.',
  source: 'common practice',
  arranging: 'never',
  examples: {
    fires: { steps: [['brush-coat', 'acrylic-matt']], bottleAgesDays: [1000] },
    silent: { steps: [['brush-coat', 'acrylic-matt']], bottleAgesDays: [200] },
  },
  check(moment) {
    const { material } = moment.incoming;
    const { bottleAgeDays, bottle } = moment;
    if (!material?.lifeMonths || bottleAgeDays === null) return [];
    const months = bottleAgeDays / DAYS_PER_MONTH;
    if (months <= material.lifeMonths) return [];
    return [
      {
        cause: `${ID}:${bottle?.id ?? material.id}`,
        finding: finding(moment, ID, 'caution', {
          zones: moment.zones.map((zone) => zone.zone.id),
          message: `${bottle?.name ?? material.name} has been open longer than it usually lasts.`,
          evidence: `Opened ${String(Math.round(months))} months before; ${material.name.toLowerCase()} usually lasts ${String(material.lifeMonths)}.`,
        }),
        propose: () =>
          moment.supplies.bottles
            .filter((other) => other.id !== bottle?.id && other.material === moment.step.material)
            .map((other) => ({
              way: 'swap',
              label: `Take ${other.name} instead`,
              edits: [{ kind: 'patch', at: moment.stepIndex, patch: { bottleId: other.id } }],
            })),
      },
    ];
  },
};
