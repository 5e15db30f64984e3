import type { Supplies } from '../materials/index.js';
import { formatDilution, thinnerOf, usualDilution, type Dilution } from '../mixing/index.js';
import type { Step } from '../subjects/index.js';
import { techniqueById } from '../techniques/index.js';
import { usualTool } from './incoming.js';

function usualOf(step: Step, supplies: Supplies): Dilution | null {
  const technique = techniqueById(step.technique);
  if (step.material === null || technique.dose === null) return null;
  const material = supplies.material(step.material);
  return usualDilution(technique.id, step.tool ?? usualTool(technique, material, supplies), material);
}

/** What the painter thinned otherwise: its share stays, with the liquid that goes into the material it is now. */
function asTold(step: Step, material: string, supplies: Supplies): Dilution | null {
  const [is, was] = [supplies.material(material), step.material === null ? null : supplies.material(step.material)];
  if (step.dilution === null || is.carrier === was?.carrier) return step.dilution;
  const thinner = thinnerOf(is);
  return thinner === null ? null : { ...step.dilution, thinner };
}

/**
 * A change of technique, tool or material with the dilution that is usual then. What the painter thinned otherwise stays; a kept mix has
 * its own. @throws RangeError when technique or material is not known.
 */
export function withUsualDilution(step: Step, patch: Partial<Step>, supplies: Supplies): Partial<Step> {
  const changed = { ...step, ...patch };
  if (changed.mixId !== null || 'dilution' in patch) return patch;
  if (!['technique', 'tool', 'material', 'bottleId'].some((key) => key in patch)) return patch;
  const isUsual = step.material === null || formatDilution(step.dilution) === formatDilution(usualOf(step, supplies));
  if (isUsual) return { ...patch, dilution: usualOf(changed, supplies) };
  return changed.material === null || changed.material === step.material
    ? patch
    : { ...patch, dilution: asTold(step, changed.material, supplies) };
}
