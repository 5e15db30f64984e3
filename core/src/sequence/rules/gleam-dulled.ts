import { SATIN_FROM_GU } from '../../materials/index.js';
import { moveBefore } from '../fix-proposals.js';
import type { Layer } from '../layer.js';
import { finding, layerWords, type Rule } from './rule.js';

const ID = 'gleam-dulled';

/** What covers more of a zone is its colour, not a gleam on it (our number). */
const MOST_COVER_PCT = 40;
/** A clear coat this much duller takes the gleam, GU at 60° (our number). */
const DULLER_BY_GU = 10;
/** Gloss of rubbed metal, GU (from memory). */
const METAL_GU = 60;

/** How much a small thing shines that was put there to shine; 0 for what was not: a drawn line, a tone that is drawn out. */
function gleamGu({ material, technique, coverPct }: Layer): number {
  if (coverPct > MOST_COVER_PCT || technique.accent === null) return 0;
  if (material.gleams) return METAL_GU;
  const isTone = material.role !== 'paint' || material.windows?.blend !== undefined;
  return !isTone && (material.sheenGu ?? 0) >= SATIN_FROM_GU ? (material.sheenGu ?? 0) : 0;
}

export const gleamDulled: Rule = {
  id: ID,
  title: 'A gleam that is dulled',
  why: 'Fresh oil, wet mud, rubbed graphite and bare metal are put there for their gleam. A matt or satin coat over them dries them up: it comes first, they come last.',
  source: 'common practice; sheens in gloss units after ISO 2813',
  examples: {
    fires: {
      steps: [
        ['speckle', 'acrylic-gloss', { coverPct: 3 }],
        ['clear-coat', 'clear-matt-acrylic'],
      ],
    },
    silent: {
      steps: [
        ['clear-coat', 'clear-matt-acrylic'],
        ['speckle', 'acrylic-gloss', { coverPct: 3 }],
      ],
    },
  },
  concerns: ({ technique, material }) => technique.effect === 'film' && material?.role === 'clear',
  check(moment) {
    const sheenGu = moment.incoming.material?.sheenGu ?? 0;
    const dulled = moment.zones.flatMap(({ zone, layers }) => {
      // what a clear coat has dulled before is no gleam any more
      const since = layers.findLastIndex(({ technique, material }) => technique.effect === 'film' && material.role === 'clear');
      const gleam = layers.slice(since + 1).find((layer) => gleamGu(layer) > sheenGu + DULLER_BY_GU);
      return gleam ? [{ zone: zone.id, gleam }] : [];
    });
    const [first] = dulled.sort((a, b) => a.gleam.stepIndex - b.gleam.stepIndex);
    if (!first) return [];
    return [
      {
        cause: `${ID}:${String(moment.stepIndex)}`,
        finding: finding(moment, ID, 'caution', {
          zones: dulled.map(({ zone }) => zone),
          message: `It takes the gleam from ${layerWords(first.gleam)}.`,
          evidence: `It dries to about ${String(sheenGu)} GU; what shines comes after the last flat coat.`,
          causeIndex: first.gleam.stepIndex,
        }),
        propose: () => [moveBefore(moment, first.gleam.stepIndex)],
      },
    ];
  },
};
