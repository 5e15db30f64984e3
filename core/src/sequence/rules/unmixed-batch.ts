import type { Step } from '../../subjects/index.js';
import type { Moment } from '../moment.js';
import { finding, type Rule } from './rule.js';

const ID = 'unmixed-batch';

/** What is mixed: the same paint, colour and dilution are the same mix. Neat from the bottle nothing is mixed. */
const mixOf = ({ material, bottleId, colour, dilution }: Step): string | null =>
  dilution === null ? null : JSON.stringify([material, bottleId, colour, dilution]);

/** Others than those it was mixed for the first time: other pieces of the batch, or other zones. */
const isForOthers = (first: Step, second: Step): boolean =>
  JSON.stringify(first.members) !== JSON.stringify(second.members) ||
  !second.zones.some((zone) => first.zones.includes(zone) || first.zones.includes('all'));

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
      on: { company: { likeness: 'alike', models: 2, varied: false } },
    },
    silent: {
      steps: [['filter', 'wash-acrylic', { dilution: { thinner: 'water', parts: [1, 6] } }]],
      on: { company: { likeness: 'alike', models: 2, varied: false } },
    },
  },
  check(moment: Moment) {
    const { subject, step, steps, stepIndex } = moment;
    if (subject.company.likeness !== 'alike' || subject.company.models < 2) return [];
    const mix = mixOf(step);
    if (mix === null) return [];
    const first = steps.findIndex(
      (other, at) => at < stepIndex && other.technique === step.technique && mixOf(other) === mix && isForOthers(other, step),
    );
    if (first < 0) return [];
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
