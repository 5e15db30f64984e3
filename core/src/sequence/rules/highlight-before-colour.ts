import { incomingOf } from '../incoming.js';
import { moveAfter } from '../fix-proposals.js';
import type { Step } from '../../subjects/index.js';
import type { Supplies } from '../../materials/index.js';
import { meets } from '../later.js';
import { finding, type Rule } from './rule.js';

const ID = 'highlight-before-colour';

const HIGHLIGHTS = new Set(['drybrush', 'edge-highlight']);
/** A coat on less of the zone is a patch that leaves the highlights (our number). */
const COVERS_FROM_PCT = 50;

function coversUp(step: Step, supplies: Supplies): boolean {
  const { technique, material, coverPct } = incomingOf(step, supplies);
  const opaque = material?.role === 'paint' || material?.role === 'primer';
  return technique.effect === 'film' && opaque && coverPct >= COVERS_FROM_PCT;
}

export const highlightBeforeColour: Rule = {
  id: ID,
  title: 'Highlights before the last colour',
  why: 'Drybrushed crests and edge lights lie on top of everything. An opaque coat on the same zone, a door painted late, covers them or spills over them.',
  source: 'common practice',
  examples: {
    fires: {
      steps: [
        ['brush-coat', 'acrylic-matt'],
        ['drybrush', 'acrylic-matt'],
        ['brush-coat', 'acrylic-matt', { zones: ['roof'] }],
      ],
    },
    silent: {
      steps: [
        ['brush-coat', 'acrylic-matt'],
        ['brush-coat', 'acrylic-matt', { zones: ['roof'] }],
        ['drybrush', 'acrylic-matt'],
      ],
    },
  },
  concerns: ({ technique }) => HIGHLIGHTS.has(technique.id),
  check(moment) {
    const zones = moment.zones.map((zone) => zone.zone.id);
    const { steps, stepIndex, supplies } = moment;
    const coat = steps.findLastIndex((step, at) => at > stepIndex && coversUp(step, supplies) && meets(step, zones));
    if (coat < 0) return [];
    // what lies under a soluble layer is meant to be covered: it shows in the chips
    const soluble = steps.findIndex(
      (step, at) => at > stepIndex && at < coat && incomingOf(step, supplies).material?.role === 'soluble' && meets(step, zones),
    );
    if (soluble >= 0) return [];
    return [
      {
        cause: `${ID}:${String(moment.stepIndex)}`,
        finding: finding(moment, ID, 'caution', {
          zones,
          message: `The coat of step ${String(coat + 1)} comes over these highlights.`,
          evidence: 'Highlights follow the last opaque coat of their zone.',
          causeIndex: coat,
        }),
        propose: () => [moveAfter(moment, coat)],
      },
    ];
  },
};
