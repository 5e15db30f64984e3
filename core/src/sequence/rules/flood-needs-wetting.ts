import { STAYS_WET_MIN } from '../chains.js';
import { wetFirst } from '../fix-proposals.js';
import type { Layer } from '../layer.js';
import type { Moment } from '../moment.js';
import { finding, layerWords, type Rule } from './rule.js';

const ID = 'flood-needs-wetting';

const isWetted = (layers: readonly Layer[], scattered: Layer, { startMin }: Moment): boolean =>
  layers.some(
    ({ technique, stepIndex, endMin }) =>
      technique.soaksLoose && technique.effect === 'wet' && stepIndex > scattered.stepIndex && startMin - endMin <= STAYS_WET_MIN,
  );

export const floodNeedsWetting: Rule = {
  id: ID,
  title: 'Glue on dry matter that was not wetted',
  why: 'Drops of thinned glue roll up in dry dust and leave craters. Alcohol or soapy water right before lets them soak in; glues that are sold for it have a wetting agent of their own.',
  source: 'common practice',
  examples: {
    fires: {
      steps: [
        ['scatter', 'earth'],
        ['flood-glue', 'white-glue-dilute'],
      ],
    },
    silent: {
      steps: [
        ['scatter', 'earth'],
        ['wet', 'isopropanol-70'],
        ['flood-glue', 'white-glue-dilute'],
      ],
    },
  },
  concerns: ({ technique, material, solvents }) =>
    technique.soaksLoose &&
    technique.effect === 'slurry' &&
    material !== null &&
    material.wetsOut !== true &&
    solvents.every(({ solvent }) => solvent === 'water'),
  check(moment) {
    const dry = moment.zones.flatMap((zone) => {
      const scattered = zone.layers.findLast((layer) => layer.loose && layer.material.role === 'aggregate');
      return scattered && !isWetted(zone.layers, scattered, moment) ? [{ zone: zone.zone.id, scattered }] : [];
    });
    const [first] = dry;
    if (!first) return [];
    return [
      {
        cause: `${ID}:${String(moment.stepIndex)}`,
        finding: finding(moment, ID, 'caution', {
          zones: dry.map(({ zone }) => zone),
          message: `It rolls up in drops on ${layerWords(first.scattered)}, which is dry.`,
          evidence: `Nothing wetted it in the ${String(STAYS_WET_MIN)} minutes before.`,
          causeIndex: first.scattered.stepIndex,
        }),
        propose: () => wetFirst(moment),
      },
    ];
  },
};
