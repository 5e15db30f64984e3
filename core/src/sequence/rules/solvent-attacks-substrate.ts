import type { Dose, SolventClass } from '../../materials/index.js';
import { insertSealerForSubstrate, swaps } from '../fix-proposals.js';
import { isBarrier } from '../layer.js';
import type { ZoneState } from '../state.js';
import type { Moment } from '../moment.js';
import { finding, sentence, type Caused, type Rule } from './rule.js';

const ID = 'solvent-attacks-substrate';
const DOSES: readonly Dose[] = ['mist', 'thin', 'flood'];

/** Two brush coats of sealer at least make an unbroken barrier (rules.md); a sprayed coat counts as half a brushed one. */
const BARRIER_BRUSH_COATS = 2;
const SPRAYED_COAT_COUNTS = 0.5;
/** A paste or filler this thick is unbroken in one coat, µm (our number). */
const THICK_COAT_UM = 150;

function brushCoatsBetween(zone: ZoneState, solvent: SolventClass, moment: Moment): number {
  return zone.layers
    .filter((layer) => isBarrier(layer, solvent, moment.incoming.dose, moment.startMin))
    .reduce(
      (sum, layer) => sum + (layer.dryUm >= THICK_COAT_UM ? BARRIER_BRUSH_COATS : layer.coats * (layer.sprayed ? SPRAYED_COAT_COUNTS : 1)),
      0,
    );
}

export const solventAttacksSubstrate: Rule = {
  id: ID,
  title: 'Solvent attacks what the piece is made of',
  why: 'Hot solvents, propellant, superglue or hot glue melt polystyrene foam and craze plastics wherever the surface is bare or not fully sealed.',
  source: 'common practice; number of sealer coats from the rules of the trade',
  curedBy: ['seal', 'ground'],
  examples: {
    fires: { steps: [['spray-coat', 'primer-lacquer-aerosol']], on: { substrate: 'foam-xps', startSheen: 'bare' } },
    silent: {
      steps: [
        ['brush-coat', 'primer-acrylic-brush', { coats: 2 }],
        ['spray-coat', 'primer-lacquer-aerosol'],
      ],
      on: { substrate: 'foam-xps', startSheen: 'bare' },
    },
  },
  check(moment: Moment): Caused[] {
    const found: Caused[] = [];
    for (const zone of moment.zones)
      for (const { solvent, from } of moment.incoming.solvents) {
        const least = zone.substrate.attackedBy[solvent];
        if (!least || DOSES.indexOf(moment.incoming.dose) < DOSES.indexOf(least)) continue;
        const coats = brushCoatsBetween(zone, solvent, moment);
        if (coats < BARRIER_BRUSH_COATS) found.push(attack(moment, zone, solvent, from, coats));
      }
    return found;
  },
};

function attack(moment: Moment, { substrate }: ZoneState, solvent: SolventClass, from: string, coats: number): Caused {
  const state = coats === 0 ? 'bare' : 'not fully sealed';
  return {
    cause: `${ID}:${substrate.id}:${solvent}`,
    finding: finding(moment, ID, 'snag', {
      zones: moment.zones.filter((zone) => zone.substrate === substrate).map((zone) => zone.zone.id),
      message: `${sentence(from)} attacks ${substrate.name.toLowerCase()}, which is ${state} here.`,
      evidence: `${String(coats)} of ${String(BARRIER_BRUSH_COATS)} brushed sealer coats lie between.`,
      spoils: substrate.kind === 'foam' ? 'melted' : 'cracked',
    }),
    propose: () => [...swaps(moment), ...insertSealerForSubstrate(moment)],
  };
}
