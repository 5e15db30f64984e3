import { glueFirst } from '../fix-proposals.js';
import type { Moment } from '../moment.js';
import { heeded } from '../openings.js';
import { fallsIntoWet, type ZoneState } from '../state.js';
import { finding, type Rule } from './rule.js';

const ID = 'scatter-needs-glue';

/** That it comes too late into glue that was meant for it is said as such. */
const isMissed = (zone: ZoneState, { openings, startMin }: Moment): boolean =>
  openings.some(
    (one) =>
      one.zone === zone &&
      one.opening.why === 'sprinkle' &&
      !heeded(one.opening).some((gap) => gap.fromMin <= startMin && startMin <= gap.toMin),
  );

export const scatterNeedsGlue: Rule = {
  id: ID,
  title: 'Nothing wet to hold it',
  why: 'Flock, turf and grass stand only where they land in wet glue. On dry paint they lie flat and blow away.',
  source: 'common practice',
  examples: {
    fires: {
      steps: [
        ['brush-coat', 'acrylic-matt', { startMin: 0 }],
        ['scatter', 'static-grass', { startMin: 90 }],
      ],
    },
    silent: {
      steps: [
        ['brush-coat', 'acrylic-matt', { startMin: 0 }],
        ['glue', 'white-glue', { startMin: 90 }],
        ['scatter', 'static-grass', { startMin: 92 }],
      ],
    },
  },
  concerns: ({ need, material }) => need === 'wet-glue' && material?.stands === true,
  check(moment) {
    const bare = moment.zones.filter((zone) => !fallsIntoWet(zone, moment.incoming, moment.startMin) && !isMissed(zone, moment));
    if (bare.length === 0) return [];
    return [
      {
        cause: `${ID}:${String(moment.stepIndex)}`,
        finding: finding(moment, ID, 'snag', {
          zones: bare.map(({ zone }) => zone.id),
          message: 'It falls on a dry ground: nothing holds it.',
          evidence: 'No glue lies below that is still wet.',
        }),
        propose: () => glueFirst(moment),
      },
    ];
  },
};
