import { dilutionShares, usualDilution } from '../../mixing/index.js';
import { finding, type Rule } from './rule.js';

const ID = 'too-thick-to-spray';

/** Thinned less than this it spits, solids by volume, % (from memory). */
const MOST_PCT = 30;
/** What is as full of solids out of the pot was never meant for a nozzle, volume % (our number). */
const NEVER_NEAT_PCT = 50;

export const tooThickToSpray: Rule = {
  id: ID,
  title: 'Too thick for the airbrush',
  why: 'Paint that is too thick spits, dries on the needle and clogs the nozzle. Like thin milk is about right.',
  source: 'common practice; solids from memory',
  arranging: 'never',
  examples: {
    fires: { steps: [['airbrush-coat', 'acrylic-matt', { dilution: { thinner: 'acrylic-thinner', parts: [8, 1] } }]] },
    silent: { steps: [['airbrush-coat', 'acrylic-matt', { dilution: { thinner: 'acrylic-thinner', parts: [2, 1] } }]] },
  },
  concerns: ({ tool, material }) => tool === 'airbrush' && material !== null && material.volumeSolidsPct > 0 && material.carrier !== 'none',
  check(moment) {
    const { technique, material, tool } = moment.incoming;
    if (!material) return [];
    const { dilution } = moment.step;
    const most = dilution ? MOST_PCT : NEVER_NEAT_PCT;
    const solids = dilutionShares(dilution).paint * material.volumeSolidsPct;
    if (solids <= most) return [];
    const usual = usualDilution(technique.id, tool, material);
    return [
      {
        cause: `${ID}:${String(moment.stepIndex)}`,
        finding: finding(moment, ID, 'caution', {
          zones: moment.zones.map(({ zone }) => zone.id),
          message: `${material.name} this thick clogs the nozzle.`,
          evidence: `About ${String(Math.round(solids))} % solids by volume; ${String(most)} % is the most that sprays well.`,
          spoils: 'spat',
        }),
        propose: () =>
          usual
            ? [{ way: 'adjust', label: 'Thin it as usual', edits: [{ kind: 'patch', at: moment.stepIndex, patch: { dilution: usual } }] }]
            : [],
      },
    ];
  },
};
