import { CARD_GROUNDS } from '../../materials/index.js';
import { insertPrimer } from '../fix-proposals.js';
import type { Moment } from '../moment.js';
import type { ZoneState } from '../state.js';
import { finding, sentence, type Rule } from './rule.js';

const ID = 'water-warps-card';

/** Nothing lies between the water and the card. */
const isOpen = ({ substrate, layers }: ZoneState): boolean =>
  substrate.kind === 'card' && layers.every(({ technique }) => technique.effect !== 'film' && technique.effect !== 'slurry');

const bringsWater = ({ incoming }: Moment): string | null =>
  incoming.dose === 'thin' || incoming.dose === 'flood'
    ? (incoming.solvents.find(({ solvent }) => solvent === 'water')?.from ?? null)
    : null;

export const waterWarpsCard: Rule = {
  id: ID,
  title: 'Water on bare card',
  why: 'Wet on one side, card bows and never lies flat again. A seal on both sides keeps the water out; spirit and alcohol do no harm.',
  source: 'common practice',
  curedBy: ['ground'],
  examples: {
    fires: { steps: [['wash', 'wash-acrylic']], on: { substrate: 'card', startSheen: 'bare' } },
    silent: {
      steps: [
        ['spray-coat', 'primer-lacquer-aerosol'],
        ['wash', 'wash-acrylic'],
      ],
      on: { substrate: 'card', startSheen: 'bare' },
    },
  },
  // paint and primer on bare card are told as a ground that is missing
  concerns: ({ technique, material }) =>
    technique.effect === 'tint' ||
    technique.effect === 'wet' ||
    (technique.effect === 'slurry' && technique.dose === 'flood') ||
    (technique.effect === 'film' && material !== null && !['paint', 'primer'].includes(material.role)),
  check(moment) {
    const from = bringsWater(moment);
    const open = from === null ? [] : moment.zones.filter(isOpen);
    if (from === null || open.length === 0) return [];
    return [
      {
        cause: ID,
        finding: finding(moment, ID, 'caution', {
          zones: open.map(({ zone }) => zone.id),
          message: `${sentence(from)} warps bare card.`,
          evidence: 'Nothing seals the card below.',
          spoils: 'warped',
        }),
        propose: () => insertPrimer(moment, CARD_GROUNDS, 'Seal it first'),
      },
    ];
  },
};
