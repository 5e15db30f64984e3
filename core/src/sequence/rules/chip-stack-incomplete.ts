import type { Layer } from '../layer.js';
import { solubleIndex, underSoluble, type ZoneState } from '../state.js';
import type { Moment } from '../moment.js';
import { filmStateAt, layerResistance } from '../layer.js';
import { solubleUnder } from '../fix-proposals.js';
import { finding, type Rule } from './rule.js';

const ID = 'chip-stack-incomplete';
/** More than this and water no longer gets through (common practice). */
const MOST_TOP_COATS = 3;

const isFilm = (layer: Layer): boolean => layer.technique.effect === 'film';

/** What is missing for water to open the top coats in chips; null when the stack is whole. */
function missing(zone: ZoneState, moment: Moment): string | null {
  const at = solubleIndex(zone);
  if (at < 0) return 'there is no soluble layer to open';
  const below = underSoluble(zone, at);
  if (below && (!filmStateAt(below, moment.startMin).dryHard || layerResistance(below, 'water', 'flood', moment.startMin) !== 'holds'))
    return `the ${below.material.name.toLowerCase()} below it does not stand up to water`;
  const above = zone.layers.slice(at + 1).filter(isFilm);
  if (above.length === 0) return 'nothing lies over the soluble layer';
  const tight = above.find((layer) => layer.material.carrier !== 'water');
  if (tight) return `${tight.material.name.toLowerCase()} over the soluble layer lets no water through`;
  const coats = above.reduce((sum, layer) => sum + layer.coats, 0);
  if (coats > MOST_TOP_COATS) return `${String(coats)} top coats are too many; at most ${String(MOST_TOP_COATS)} thin ones`;
  return null;
}

export const chipStackIncomplete: Rule = {
  id: ID,
  title: 'The layers for chipping are not right',
  why: 'Chips come where water reaches a soluble layer through thin water-based top coats, over a coat that stands up to the water.',
  source: 'common practice',
  examples: {
    fires: {
      steps: [
        ['airbrush-coat', 'lacquer-matt'],
        ['airbrush-coat', 'acrylic-matt'],
        ['chip', 'water'],
      ],
    },
    silent: {
      steps: [
        ['airbrush-coat', 'lacquer-matt'],
        ['spray-coat', 'chipping-medium', { coats: 2 }],
        ['airbrush-coat', 'acrylic-matt'],
        ['chip', 'water'],
      ],
    },
  },
  concerns: ({ need }) => need === 'chip',
  check(moment) {
    const faults = moment.zones.flatMap((zone) => {
      const what = missing(zone, moment);
      return what === null ? [] : [{ zone, what }];
    });
    const first = faults[0];
    if (!first) return [];
    return [
      {
        cause: `${ID}:${String(moment.stepIndex)}`,
        finding: finding(moment, ID, 'snag', {
          zones: faults.map(({ zone }) => zone.zone.id),
          message: `It will not chip: ${first.what}.`,
          evidence:
            'Wanted, from below: a hard coat that stands up to water, the soluble layer, one to three thin water-based coats. Where nothing is offered here, the layers are built anew from the hard coat up.',
          spoils: 'unopened',
        }),
        propose: () => {
          const top = first.zone.layers.findLast(isFilm);
          return top ? solubleUnder(moment, top.stepIndex) : [];
        },
      },
    ];
  },
};
