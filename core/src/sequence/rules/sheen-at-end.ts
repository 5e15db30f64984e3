import { sheenName } from '../../materials/index.js';
import { clearCoats } from '../fix-proposals.js';
import type { Layer } from '../layer.js';
import { surfaceSheen, type SequenceState } from '../state.js';
import { findingAt, type Rule } from './rule.js';

const ID = 'sheen-at-end';

/** Zones that would end in another sheen than is wanted, with the layer that makes it so. */
export const wrongSheens = ({ subject, zones }: SequenceState): { zone: string; sheenGu: number; layer: Layer }[] =>
  [...zones.values()].flatMap((zone) => {
    if (zone.zone.keepClean !== null || zone.zone.seen === 'never') return [];
    const { sheenGu, layer } = surfaceSheen(zone);
    return layer && sheenName(sheenGu) !== subject.sheenWanted ? [{ zone: zone.zone.id, sheenGu, layer }] : [];
  });

export const sheenAtEnd: Rule = {
  id: ID,
  title: 'Not the sheen that was wanted',
  why: 'The last coat sets the sheen. A seal left glossy makes mud look wet; a matt coat over everything flattens a polish that was wanted.',
  source: 'common practice; sheens in gloss units after ISO 2813',
  curedBy: ['sheen'],
  examples: {
    fires: {
      steps: [
        ['brush-coat', 'acrylic-matt'],
        ['clear-coat', 'clear-gloss-acrylic'],
      ],
    },
    silent: {
      steps: [
        ['clear-coat', 'clear-gloss-acrylic'],
        ['clear-coat', 'clear-matt-acrylic'],
      ],
    },
  },
  check: () => [],
  checkEnd(end) {
    const { subject, state, steps } = end;
    const wrong = wrongSheens(state);
    const last = Math.max(-1, ...wrong.map(({ layer }) => layer.stepIndex));
    const step = steps[last];
    const worst = wrong.find(({ layer }) => layer.stepIndex === last);
    if (!step || !worst) return [];
    const zones = wrong.map(({ zone }) => zone);
    return [
      {
        cause: ID,
        finding: findingAt(step, last, ID, 'caution', {
          zones,
          message: `It ends ${sheenName(worst.sheenGu)}; ${subject.sheenWanted} is wanted.`,
          evidence: `About ${String(worst.sheenGu)} GU from the last coat that sets the sheen.`,
          causeIndex: last,
        }),
        propose: () =>
          clearCoats(
            { ...end, at: steps.length },
            [...new Set(zones)],
            [`clear-${subject.sheenWanted}-acrylic`, `clear-${subject.sheenWanted}-lacquer-aerosol`],
            'End with a clear coat',
          ),
      },
    ];
  },
};
