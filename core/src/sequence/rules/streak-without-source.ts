import { moveBefore } from '../fix-proposals.js';
import { finding, type Rule } from './rule.js';

const ID = 'streak-without-source';
/** What lies on a surface and runs off it, as against a feature of the piece. */
const SPILL = 'spill-slurry';

export const streakWithoutSource: Rule = {
  id: ID,
  title: 'A streak out of nothing',
  why: 'A streak runs from something above it. What runs from a spill is laid before the spill itself: afterwards the brush spoils the clumps.',
  source: 'common practice',
  examples: {
    fires: {
      steps: [
        ['glue', 'spill-slurry'],
        ['streak', 'acrylic-matt', { source: 'spill on roof' }],
      ],
    },
    silent: {
      steps: [
        ['streak', 'acrylic-matt', { source: 'spill on roof' }],
        ['glue', 'spill-slurry'],
      ],
    },
  },
  check(moment) {
    const { step, incoming, steps, stepIndex } = moment;
    if (incoming.technique.id !== 'streak') return [];
    const spill = steps.findIndex((other, at) => at < stepIndex && other.material === SPILL);
    const fromSpill = step.source !== null && /\bspill/i.test(step.source);
    if (step.source !== null && !(fromSpill && spill >= 0)) return [];
    return [
      {
        cause: `${ID}:${String(stepIndex)}`,
        finding: finding(moment, ID, 'caution', {
          zones: moment.zones.map((zone) => zone.zone.id),
          message: fromSpill
            ? `The spill is laid already in step ${String(spill + 1)}: its streak comes before it.`
            : 'Nothing above it is named that it could run from.',
          evidence: step.source === null ? 'The step names no source.' : `It runs from: ${step.source}.`,
          causeIndex: fromSpill ? spill : null,
        }),
        propose: () => (fromSpill ? [moveBefore(moment, spill)] : []),
      },
    ];
  },
};
