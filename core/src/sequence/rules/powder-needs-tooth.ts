import { SATIN_FROM_GU } from '../../materials/index.js';
import { insertMattCoat } from '../fix-proposals.js';
import { surfaceSheen } from '../state.js';
import { finding, type Caused, type Rule } from './rule.js';

const ID = 'powder-needs-tooth';

export const powderNeedsTooth: Rule = {
  id: ID,
  title: 'Powder needs tooth',
  why: 'Loose powder holds in the pores of a matt surface. On satin or gloss it falls off again; a clear matt coat first gives it tooth.',
  source: 'common practice',
  curedBy: ['tooth'],
  examples: {
    fires: { steps: [['powder-dry', 'pigment-dry']], on: { startSheen: 'gloss' } },
    silent: {
      steps: [
        ['clear-coat', 'clear-matt-acrylic'],
        ['powder-dry', 'pigment-dry'],
      ],
      on: { startSheen: 'gloss' },
    },
  },
  check(moment) {
    const { material, technique } = moment.incoming;
    const loosePowder = technique.effect === 'loose' && material?.role === 'powder' && !material.selfAdhesive;
    if (!loosePowder) return [];
    const smooth = moment.zones.map((zone) => ({ zone, ...surfaceSheen(zone) })).filter((s) => s.sheenGu >= SATIN_FROM_GU);
    const first = smooth[0];
    if (!first) return [];
    const caused: Caused = {
      cause: `${ID}:${String(first.layer?.stepIndex ?? 'start')}`,
      finding: finding(moment, ID, 'snag', {
        zones: smooth.map((s) => s.zone.zone.id),
        message: 'Powder will not hold on this shine.',
        evidence: `About ${String(first.sheenGu)} GU from ${first.layer ? `step ${String(first.layer.stepIndex + 1)}` : 'the piece as it came'}; matt is below ${String(SATIN_FROM_GU)}.`,
        causeIndex: first.layer?.stepIndex ?? null,
        spoils: 'slid',
      }),
      propose: () => insertMattCoat(moment),
    };
    return [caused];
  },
};
