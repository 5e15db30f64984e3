import { insertGlossCoat } from '../fix-proposals.js';
import { surfaceSheen } from '../state.js';
import { finding, type Rule } from './rule.js';

const ID = 'decal-needs-gloss';
/** From a smooth satin up a decal lies down without silvering, GU at 60° (our number). */
const SMOOTH_FROM_GU = 25;

export const decalNeedsGloss: Rule = {
  id: ID,
  title: 'A decal needs a smooth coat',
  why: 'On a matt surface air stays under the film of a decal and shows as silver. A gloss or smooth satin coat first lets it lie down.',
  source: 'common practice',
  curedBy: ['smooth'],
  examples: {
    fires: { steps: [['decal', 'decal-waterslide']] },
    silent: {
      steps: [
        ['clear-coat', 'clear-gloss-acrylic'],
        ['decal', 'decal-waterslide'],
        ['clear-coat', 'clear-matt-acrylic'],
      ],
    },
  },
  concerns: ({ material }) => material?.role === 'decal',
  check(moment) {
    const rough = moment.zones.map((zone) => ({ zone, ...surfaceSheen(zone) })).filter((s) => s.sheenGu < SMOOTH_FROM_GU);
    const first = rough[0];
    if (!first) return [];
    return [
      {
        cause: `${ID}:${String(first.layer?.stepIndex ?? 'start')}`,
        finding: finding(moment, ID, 'caution', {
          zones: rough.map((s) => s.zone.zone.id),
          message: 'The surface is too matt for a decal: it will silver.',
          evidence: `About ${String(first.sheenGu)} GU; smooth satin is ${String(SMOOTH_FROM_GU)} or more.`,
          causeIndex: first.layer?.stepIndex ?? null,
          spoils: 'silvered',
        }),
        propose: () => insertGlossCoat(moment),
      },
    ];
  },
};
