import { moveBefore } from '../fix-proposals.js';
import type { Moment } from '../moment.js';
import { finding, type Rule } from './rule.js';

const ID = 'streak-without-source';
/** What lies on a surface and runs off it, as against a feature of the piece. */
const SPILL = 'spill-slurry';

/** Zones from the top of a piece to its foot (common practice of how models stand); what is not listed is in the middle. */
const HEIGHT: ReadonlyMap<string, number> = new Map([
  ['roof', 0],
  ['crown', 0],
  ['load', 0],
  ['side-lower', 2],
  ['floor', 2],
  ['underframe', 3],
  ['running-gear', 3],
  ['base', 3],
  ['wheels', 4],
]);
const MIDDLE = 1;
const heightOf = (role: string | undefined): number => HEIGHT.get(role ?? '') ?? MIDDLE;

/** The feature the streak is said to run from lies below every zone that it runs over. */
function sourceLiesBelow({ step, subject, zones }: Moment): boolean {
  const feature = subject.features.find(({ label }) => label.toLowerCase() === step.source?.toLowerCase());
  if (!feature || zones.length === 0) return false;
  const height = heightOf(subject.zones.find(({ id }) => id === feature.zoneId)?.role);
  return zones.every(({ zone }) => heightOf(zone.role) < height);
}

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
  concerns: ({ technique }) => technique.id === 'streak',
  check(moment) {
    const { step, steps, stepIndex } = moment;
    const spill = steps.findIndex((other, at) => at < stepIndex && other.material === SPILL);
    const fromSpill = step.source !== null && /\bspill/i.test(step.source);
    const below = sourceLiesBelow(moment);
    if (step.source !== null && !(fromSpill && spill >= 0) && !below) return [];
    return [
      {
        cause: `${ID}:${String(stepIndex)}`,
        finding: finding(moment, ID, 'caution', {
          zones: moment.zones.map((zone) => zone.zone.id),
          message: fromSpill
            ? `The spill is laid already in step ${String(spill + 1)}: its streak comes before it.`
            : below
              ? `${step.source ?? ''} lies below it: nothing runs upwards.`
              : 'Nothing above it is named that it could run from.',
          evidence: step.source === null ? 'The step names no source.' : `It runs from: ${step.source}.`,
          causeIndex: fromSpill ? spill : null,
        }),
        propose: () => (fromSpill ? [moveBefore(moment, spill)] : []),
      },
    ];
  },
};
