import { stageMinutes } from '../drying/index.js';
import { CATALOGUE, resistance, type SolventClass } from '../materials/index.js';
import { incomingOf } from '../sequence/index.js';
import { plainStep } from '../subjects/index.js';
import { MINUTES_PER_DAY } from '../units/index.js';
import type { OldLayer } from './old-layers.js';

/** What a bud is dipped into, one after the other: the mildest first (common practice). */
export const BUD_LIQUIDS = ['water', 'spirit', 'alcohol'] as const satisfies readonly SolventClass[];
export type BudLiquid = (typeof BUD_LIQUIDS)[number];

const ROOM = { tempC: 20, rhPct: 50 };

/**
 * What a bud that is rubbed over a layer so many days old finds: `dry` where it comes off on a dry finger, else the mildest liquid that takes some of it; null where
 * none does. By the catalogue, as in the check of a sequence, so that both say the same.
 */
export function budFinds({ technique, material }: Pick<OldLayer, 'technique' | 'material'>, ageDays: number): 'dry' | BudLiquid | null {
  const incoming = incomingOf(plainStep({ id: 'old', technique, material, zones: ['all'] }), CATALOGUE);
  const kind = CATALOGUE.material(material);
  if (incoming.technique.effect === 'loose' && !kind.selfAdhesive) return 'dry';
  const is = (stage: 'dryHard' | 'solventProof'): boolean =>
    incoming.film === null || stageMinutes(kind, stage, incoming.film, ROOM) <= ageDays * MINUTES_PER_DAY;
  const state = { wet: false, fresh: false, dryHard: is('dryHard'), solventProof: is('solventProof') };
  return BUD_LIQUIDS.find((liquid) => resistance(kind.family, liquid, 'flood', state) !== 'holds') ?? null;
}
