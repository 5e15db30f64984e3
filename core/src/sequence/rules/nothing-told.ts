import type { Technique } from '../../techniques/index.js';
import { finding, type Rule } from './rule.js';

const ID = 'nothing-told';

/** What cannot be done without something to lay. */
const LAYS: ReadonlySet<Technique['effect']> = new Set(['film', 'tint', 'accent', 'loose', 'slurry', 'inlay'] as const);

export const nothingTold: Rule = {
  id: ID,
  title: 'It is not said what with',
  why: 'Without the material nothing can be calculated: neither drying nor amounts nor what harms what. Powder alone makes no slurry: it wants its liquid.',
  source: 'common practice',
  examples: {
    fires: { steps: [['brush-coat', null]] },
    silent: { steps: [['brush-coat', 'acrylic-matt']] },
  },
  concerns: ({ technique }) => LAYS.has(technique.effect),
  check(moment) {
    const { technique, material } = moment.incoming;
    const isDry = technique.effect === 'slurry' && material?.carrier === 'none' && !moment.step.dilution;
    if (material && !isDry) return [];
    return [
      {
        cause: `${ID}:${String(moment.stepIndex)}`,
        finding: finding(moment, ID, 'hint', {
          zones: moment.zones.map(({ zone }) => zone.id),
          message: material
            ? 'It is not said which liquid the powder goes into.'
            : `It is not said what the ${technique.name.toLowerCase()} is done with.`,
          evidence: material ? 'Choose a dilution, or a slurry that is ready.' : 'Choose a material, or one of your bottles.',
        }),
      },
    ];
  },
};
