import { gentler } from '../fix-proposals.js';
import type { AccentKind } from '../../techniques/index.js';
import { formatNumber } from '../../units/index.js';
import { finding, type Rule } from './rule.js';

const ID = 'coverage-overdone';

/**
 * Share of a zone that accents of one kind usually take up together, before they stop being accents. Our numbers, after
 * what is usual: chips on a tenth, lights on edges only, dust on more than half.
 */
const ENOUGH: Record<AccentKind, number> = { chips: 0.2, lights: 0.35, dots: 0.15, streaks: 0.2, dust: 0.75 };
const WORDS: Record<AccentKind, string> = {
  chips: 'Chips and patches',
  lights: 'Lights',
  dots: 'Speckles',
  streaks: 'Streaks',
  dust: 'Dust',
};

export const coverageOverdone: Rule = {
  id: ID,
  title: 'Stop here',
  why: 'Accents live from what they leave bare. When all of one kind together cover more than they usually take, they become a new ground, and cannot be taken back. Too little can always be added to.',
  source: 'common practice; shares are ours',
  examples: {
    fires: {
      steps: [
        ['sponge', 'acrylic-matt', { colour: '#6b3a22', coverPct: 12 }],
        ['sponge', 'acrylic-matt', { colour: '#8a4a26', coverPct: 12 }],
      ],
    },
    silent: {
      steps: [
        ['sponge', 'acrylic-matt', { colour: '#6b3a22', coverPct: 8 }],
        ['sponge', 'acrylic-matt', { colour: '#8a4a26', coverPct: 5 }],
      ],
    },
  },
  check: () => [],
  checkAfter(moment) {
    const kind = moment.incoming.technique.accent;
    if (kind === null) return [];
    const crossed = moment.zones.filter(
      ({ look, lookBefore }) => (look.accents[kind] ?? 0) > ENOUGH[kind] && (lookBefore.accents[kind] ?? 0) <= ENOUGH[kind],
    );
    const worst = crossed.toSorted((a, b) => (b.look.accents[kind] ?? 0) - (a.look.accents[kind] ?? 0))[0];
    if (!worst) return [];
    return [
      {
        cause: `${ID}:${String(moment.stepIndex)}`,
        finding: finding(moment, ID, 'hint', {
          zones: crossed.map(({ zone }) => zone.id),
          message: `Stop here: ${WORDS[kind].toLowerCase()} take more than they usually do.`,
          evidence: `${WORDS[kind]} now on ${formatNumber(100 * (worst.look.accents[kind] ?? 0), 0)} % of the zone; usually up to ${formatNumber(100 * ENOUGH[kind], 0)} %.`,
        }),
        propose: () => gentler(moment, moment.incoming.coverPct),
      },
    ];
  },
};
