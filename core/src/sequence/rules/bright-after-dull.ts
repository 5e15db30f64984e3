import { chromaOf } from '../../colour/index.js';
import { gentler, moveBefore } from '../fix-proposals.js';
import type { Layer } from '../layer.js';
import type { Moment } from '../moment.js';
import { formatNumber } from '../../units/index.js';
import { finding, layerWords, type Rule } from './rule.js';

const ID = 'bright-after-dull';

/** Colourfulness C*ab from which a powder is bright: rust and ochre are, earth and soot are not (our number). */
const BRIGHT_FROM = 32;
/** So much less colourful must the tone below be to count as the one that ties together (our number). */
const DULLER_BY = 10;
/** Put on weaker than this it is a breath of colour, not a bright tone (our number). */
const STRONG_FROM = 0.5;
const TELLS_FROM_PCT = 25;
const CAUTION_FROM_PCT = 50;

const isDry = ({ technique, material }: { technique: { effect: string }; material: { role: string } | null }): boolean =>
  technique.effect === 'loose' && material?.role === 'powder';

/** The earthier powder that lies over the same zone already, on a good part of it. */
function dullTone(moment: Moment, chroma: number): Layer | undefined {
  for (const zone of moment.zones) {
    const dull = zone.layers.findLast(
      (layer) => isDry(layer) && layer.coverPct >= TELLS_FROM_PCT && chromaOf(layer.colour) <= chroma - DULLER_BY,
    );
    if (dull) return dull;
  }
  return undefined;
}

export const brightAfterDull: Rule = {
  id: ID,
  title: 'Bright after dull',
  why: 'Strong bright powders come first; a darker or earthier tone then ties them together. Bright over all of it again undoes that. A small bright accent last is right.',
  source: 'common practice; a quarter and a half of the zone as in the contract',
  examples: {
    fires: {
      steps: [
        ['powder-dry', 'pigment-dry', { colour: '#6e5a45', coverPct: 60 }],
        ['powder-dry', 'pigment-dry', { colour: '#b5622a', coverPct: 40 }],
      ],
    },
    silent: {
      steps: [
        ['powder-dry', 'pigment-dry', { colour: '#b5622a', coverPct: 40 }],
        ['powder-dry', 'pigment-dry', { colour: '#6e5a45', coverPct: 60 }],
        ['powder-dry', 'pigment-dry', { colour: '#b5622a', coverPct: 6 }],
      ],
    },
  },
  concerns: isDry,
  check(moment) {
    const { incoming, step } = moment;
    if (incoming.colour === null || incoming.coverPct < TELLS_FROM_PCT || (step.strength ?? 1) < STRONG_FROM) return [];
    if (!moment.state.laidRoles.has('powder')) return [];
    const chroma = chromaOf(incoming.colour);
    if (chroma < BRIGHT_FROM) return [];
    const dull = dullTone(moment, chroma);
    if (!dull) return [];
    return [
      {
        cause: `${ID}:${String(moment.stepIndex)}`,
        finding: finding(moment, ID, incoming.coverPct >= CAUTION_FROM_PCT ? 'caution' : 'hint', {
          zones: moment.zones.map(({ zone }) => zone.id),
          message: `A bright tone over ${layerWords(dull)}, which was to tie the tones together.`,
          evidence: `On ${formatNumber(incoming.coverPct, 0)} % of the zone, colourfulness ${formatNumber(chroma, 0)} over ${formatNumber(chromaOf(dull.colour), 0)}.`,
          causeIndex: dull.stepIndex,
        }),
        propose: () => [moveBefore(moment, dull.stepIndex), ...gentler(moment, incoming.coverPct)],
      },
    ];
  },
};
