import type { MaterialRole } from '../../materials/index.js';
import { moveBefore } from '../fix-proposals.js';
import { LEAST_SHARE, shareMet } from '../meeting.js';
import { concerns, finding, layerWords, type Rule } from './rule.js';

const ID = 'brushed-over-growth';

/** What a brush or sponge carries over it; a wash that floods moss tints it. */
const CARRIED: ReadonlySet<MaterialRole> = new Set<MaterialRole>(['paint', 'primer', 'powder', 'drawing', 'clear']);

export const brushedOverGrowth: Rule = {
  id: ID,
  title: 'A brush over grass or moss',
  why: 'Fibres and flock catch every brush: it lays them flat, and paint or pastel stays on their tips as dirt. What grows comes after everything that is brushed.',
  source: 'common practice',
  examples: {
    fires: {
      steps: [
        ['glue', 'white-glue', { coverPct: 20, startMin: 0 }],
        ['scatter', 'static-grass', { coverPct: 20, startMin: 2 }],
        ['drybrush', 'acrylic-matt', { startMin: 900 }],
      ],
    },
    silent: {
      steps: [
        ['drybrush', 'acrylic-matt', { startMin: 0 }],
        ['glue', 'white-glue', { coverPct: 20, startMin: 30 }],
        ['scatter', 'static-grass', { coverPct: 20, startMin: 32 }],
      ],
    },
  },
  concerns: ({ technique, material, sprayed }) =>
    material !== null && CARRIED.has(material.role) && !sprayed && technique.touch !== 'none' && technique.effect !== 'slurry',
  check(moment) {
    if (!moment.state.laidRoles.has('aggregate')) return [];
    const met = moment.zones.flatMap((zone) => {
      const growth = zone.layers.find(({ material }) => material.stands === true);
      return growth ? [{ zone: zone.zone.id, growth, share: shareMet(growth, zone, moment.incoming) }] : [];
    });
    const [first] = met.sort((a, b) => b.share - a.share);
    if (!first) return [];
    return [
      {
        cause: `${ID}:${String(moment.stepIndex)}`,
        finding: finding(moment, ID, first.share < LEAST_SHARE ? 'hint' : 'caution', {
          zones: met.map(({ zone }) => zone),
          message: `It lays ${layerWords(first.growth)} flat and stays on its tips.`,
          evidence: `What grows comes after everything that is brushed.${concerns(first.share)}`,
          causeIndex: first.growth.stepIndex,
        }),
        propose: () => [moveBefore(moment, first.growth.stepIndex)],
      },
    ];
  },
};
