import { FAMILIES, type SolventClass } from '../materials/index.js';
import { layerResistance, readyMin, type Layer } from './layer.js';
import { exposedTo, type ZoneState } from './state.js';

/** How a layer can still be taken off, and until when; Infinity until something seals it. */
export interface TakeBack {
  withSolvent: SolventClass;
  untilMin: number;
}

/** A film comes off with what it was thinned with; a waterborne one also with alcohol, when it is too dry for water. */
function removers(layer: Layer): Exclude<SolventClass, 'cyano' | 'heat' | 'hot'>[] {
  const { carrier } = layer.material;
  if (carrier === 'water') return ['water', 'alcohol'];
  return carrier === 'alcohol' || carrier === 'spirit' ? [carrier] : [];
}

/** The first of its removers that lifts the fresh layer, the topmost of these zones, and nothing under it; null where there is none. */
export function takeBack(layer: Layer, zones: readonly ZoneState[]): TakeBack | null {
  for (const solvent of removers(layer)) {
    // it is rubbed with a wet cloth or brush: what softens comes off
    const { softens: gives } = FAMILIES[layer.material.family][solvent];
    if (gives === 'never') continue;
    // zones that a step reached together share their layers: each is asked once
    const asked = new Set<Layer>();
    const spoilsBelow = zones.some((zone) =>
      exposedTo(zone, solvent, 'thin', layer.endMin).some((other) => {
        if (other.stepIndex === layer.stepIndex || asked.has(other)) return false;
        asked.add(other);
        return layerResistance(other, solvent, 'thin', layer.endMin) !== 'holds';
      }),
    );
    if (spoilsBelow) continue;
    const stage = {
      'while-wet': 'tackFree',
      'while-fresh': 'recoatFrom',
      'until-dry-hard': 'dryHard',
      'until-solvent-proof': 'solventProof',
    } as const;
    return { withSolvent: solvent, untilMin: gives === 'always' ? Infinity : readyMin(layer, stage[gives]) };
  }
  return null;
}
