import { CATALOGUE } from '../materials/index.js';
import { flowHint, mainOf, solidsOfPct, type FlowHint, type MixComponent } from '../mixing/index.js';
import { incomingOf } from '../sequence/index.js';
import { plainStep } from '../subjects/index.js';
import { spreadingRate } from './coverage.js';
import { lossOf } from './dry-use.js';
import { wetLaidUm } from './laid.js';
import type { Stores } from './use.js';

/** 1 m²/L is 10 cm²/mL. */
const CM2_PER_ML_IN_M2_PER_L = 10;

/** What a mix is like under a technique: of the mix, not of the bottle. */
export interface MixFacts {
  solidsPct: number;
  /** Dry film of one coat as the technique lays it, and the wet film that leaves it, µm. */
  dryFilmUm: number;
  wetFilmUm: number;
  /** cm² a millilitre covers with one coat, losses of the tool counted. */
  spreadingCm2PerMl: number;
  flow: FlowHint;
}

/** Null where the mix leaves no film: thinner alone, powder alone. @throws RangeError for an unknown technique. */
export function mixFacts(
  components: readonly MixComponent[],
  technique: string,
  tool: string | null,
  { supplies = CATALOGUE }: Stores = {},
): MixFacts | null {
  const main = mainOf({ components: [...components] }, supplies);
  const solidsPct = solidsOfPct({ components: [...components] }, supplies);
  if (!main || !(solidsPct > 0)) return null;
  const incoming = incomingOf(plainStep({ id: 'mix', technique, material: main.material, tool, zones: ['all'] }), supplies);
  if (!incoming.material) return null;
  const stirred = incoming.material.role === 'powder' && incoming.technique.effect === 'slurry';
  const wetFilmUm = wetLaidUm({ ...incoming, stirred }, solidsPct);
  if (!(wetFilmUm > 0)) return null;
  const dryFilmUm = (wetFilmUm * solidsPct) / 100;
  const { lostPct } = lossOf(incoming.technique, incoming.tool);
  return {
    solidsPct,
    dryFilmUm,
    wetFilmUm,
    spreadingCm2PerMl: spreadingRate(solidsPct, dryFilmUm, lostPct).practicalM2PerL * CM2_PER_ML_IN_M2_PER_L,
    flow: flowHint({ suitsPct: incoming.technique.solidsPct, tool: incoming.tool, solidsPct, fixer: incoming.material.role === 'fixer' }),
  };
}
