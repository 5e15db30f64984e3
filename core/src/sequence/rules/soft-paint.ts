import { formatMinutes, standing } from '../../units/index.js';
import { letPlanChoose, waitUntil } from '../fix-proposals.js';
import type { Moment } from '../moment.js';
import type { Spoil } from '../spoils.js';
import { concerns, finding, layerWords, type Caused, type Rule } from './rule.js';

/** Layers that are not dry-hard yet when a step handles the zone. */
function softUnder(moment: Moment, rule: string, spoils: Spoil, message: (layer: string) => string): Caused[] {
  const wet = moment.openings.filter(({ opening }) => standing(opening.list, moment.startMin) === 'before');
  return wet.map(({ opening }) => {
    const { layer: soft, list, share } = opening;
    const hard = list[0]?.fromMin ?? Infinity;
    return {
      cause: `${rule}:${String(moment.stepIndex)}:${String(soft.stepIndex)}`,
      finding: finding(moment, rule, 'caution', {
        zones: wet.flatMap(({ zone, opening: { layer } }) => (layer.stepIndex === soft.stepIndex ? [zone.zone.id] : [])),
        message: message(layerWords(soft)),
        evidence: `${formatMinutes(moment.startMin - soft.endMin)} old, dry-hard after ${formatMinutes(hard - soft.endMin)}.${concerns(share)}`,
        causeIndex: soft.stepIndex,
        spoils,
      }),
      propose: () => [...letPlanChoose(moment), ...waitUntil(moment, hard, 'dry-hard')],
    };
  });
}

export const maskOnSoftPaint: Rule = {
  id: 'mask-on-soft-paint',
  title: 'Tape on soft paint',
  why: 'Tape on a coat that is not dry-hard prints its edge and lifts paint when it is pulled.',
  source: 'common practice',
  examples: {
    fires: {
      steps: [
        ['brush-coat', 'acrylic-matt', { startMin: 0 }],
        ['mask', 'masking-tape', { startMin: 30 }],
      ],
    },
    silent: {
      steps: [
        ['brush-coat', 'acrylic-matt', { startMin: 0 }],
        ['mask', 'masking-tape', { startMin: 300 }],
      ],
    },
  },
  concerns: ({ technique }) => technique.effect === 'mask',
  check: (moment) => softUnder(moment, 'mask-on-soft-paint', 'pulled', (layer) => `Tape on soft paint: ${layer} is not hard yet.`),
};

export const refitWet: Rule = {
  id: 'refit-wet',
  title: 'Refitted wet',
  why: 'A part that goes back before its coat is dry-hard sticks, prints and picks up dust; a wheel may never run true again.',
  source: 'common practice',
  examples: {
    fires: {
      steps: [
        ['brush-coat', 'enamel-matt', { startMin: 0 }],
        ['refit', null, { startMin: 60 }],
      ],
    },
    silent: {
      steps: [
        ['brush-coat', 'enamel-matt', { startMin: 0 }],
        ['refit', null, { startMin: 1500 }],
      ],
    },
  },
  concerns: ({ technique }) => technique.effect === 'refit',
  check: (moment) => softUnder(moment, 'refit-wet', 'printed', (layer) => `Refitted wet: ${layer} is not hard yet.`),
};
