import type { Step } from '../../subjects/index.js';
import { formatMinutes } from '../../units/index.js';
import { keepsOf } from '../../mixing/index.js';
import { mixKeyOf } from '../mix-key.js';
import type { Moment } from '../moment.js';
import { ALONE } from '../subject.js';
import { finding, type Caused, type Rule } from './rule.js';

const ID = 'unmixed-batch';

/** Others than those it was mixed for the first time: other pieces of the batch, or other zones. */
const isForOthers = (first: Step, second: Step): boolean =>
  JSON.stringify(first.members) !== JSON.stringify(second.members) ||
  !second.zones.some((zone) => first.zones.includes(zone) || first.zones.includes('all'));

/** Another piece that should match had this mix so long ago that it is no longer good. */
function elsewhere(moment: Moment, mix: string): Caused[] {
  const { subject, step, startMin, incoming } = moment;
  const earlier = subject.company.mixed.filter(
    (other) => other.mix === mix && other.technique === step.technique && other.startMin <= startMin,
  );
  const last = earlier.reduce<(typeof earlier)[number] | null>(
    (best, one) => (best === null || one.startMin > best.startMin ? one : best),
    null,
  );
  if (!last || !incoming.material) return [];
  const keeps = keepsOf(incoming.material);
  if (startMin - last.startMin <= keeps.minutes) return [];
  return [
    {
      cause: `${ID}:${mix}`,
      finding: finding(moment, ID, 'hint', {
        zones: moment.zones.map(({ zone }) => zone.id),
        message: `The mix for ${last.name} will not keep until this step: it is made anew, and these two should match.`,
        evidence: `Used there ${formatMinutes(startMin - last.startMin)} before; it keeps ${formatMinutes(keeps.minutes)}: ${keeps.why}.`,
      }),
    },
  ];
}

export const unmixedBatch: Rule = {
  id: ID,
  title: 'Mixed anew',
  why: 'A small batch of a mix made anew for each piece is never quite the same. What should match is mixed once, for all of it.',
  source: 'common practice',
  examples: {
    fires: {
      steps: [
        ['filter', 'wash-acrylic', { members: ['a'], dilution: { thinner: 'water', parts: [1, 6] } }],
        ['filter', 'wash-acrylic', { members: ['b'], dilution: { thinner: 'water', parts: [1, 6] } }],
      ],
      on: { company: { ...ALONE, likeness: 'alike', models: 2 } },
    },
    silent: {
      steps: [['filter', 'wash-acrylic', { dilution: { thinner: 'water', parts: [1, 6] } }]],
      on: { company: { ...ALONE, likeness: 'alike', models: 2 } },
    },
  },
  check(moment: Moment) {
    const { subject, step, steps, stepIndex } = moment;
    if (subject.company.likeness !== 'alike' || subject.company.models < 2) return [];
    const mix = mixKeyOf(step);
    if (mix === null) return [];
    const first = steps.findIndex(
      (other, at) => at < stepIndex && other.technique === step.technique && mixKeyOf(other) === mix && isForOthers(other, step),
    );
    if (first < 0) return elsewhere(moment, mix);
    return [
      {
        cause: `${ID}:${mix}`,
        finding: finding(moment, ID, 'hint', {
          zones: moment.zones.map(({ zone }) => zone.id),
          message: `The mix of step ${String(first + 1)} is made anew here; one for all would match.`,
          evidence: `The same paint and dilution, for pieces that are to be alike.`,
          causeIndex: first,
        }),
      },
    ];
  },
};
