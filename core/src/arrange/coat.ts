import { bottleFor, type Fitting } from '../effects/index.js';
import { usualDilution } from '../mixing/index.js';
import { usualTool } from '../sequence/index.js';
import { ARRANGED, plainStep, type Step } from '../subjects/index.js';
import { techniqueById } from '../techniques/index.js';

/** Coats by what they are and where: the same one is tried at many places, and what it brings is worked out once. */
const known = new WeakMap<Fitting, Map<string, Step>>();

/** A coat that the arranger puts in, the same object for the same coat. */
export function coat(technique: string, material: string, zones: string[], fitting: Fitting, more: Partial<Step> = {}): Step {
  let coats = known.get(fitting);
  if (!coats) known.set(fitting, (coats = new Map<string, Step>()));
  const key = `${technique} ${material} ${String(more.dryUm ?? '')} ${zones.join(' ')}`;
  const before = coats.get(key);
  if (before) return before;
  const made = newCoat(technique, material, zones, fitting, more);
  coats.set(key, made);
  return made;
}

/** The coat, with the painter's own bottle where there is one. */
function newCoat(technique: string, material: string, zones: string[], fitting: Fitting, more: Partial<Step>): Step {
  const kind = fitting.supplies.material(material);
  const bottle = bottleFor(kind, null, fitting);
  const used = bottle ? fitting.supplies.material(bottle.material) : kind;
  const tool = more.tool ?? usualTool(techniqueById(technique), used, fitting.supplies);
  return plainStep({
    id: `${technique}-${material}`,
    technique,
    zones,
    material: bottle?.material ?? material,
    bottleId: bottle?.id ?? null,
    dilution: usualDilution(technique, tool, used),
    fromWish: ARRANGED,
    ...more,
  });
}
