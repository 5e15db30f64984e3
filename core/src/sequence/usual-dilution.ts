import type { Supplies } from '../materials/index.js';
import { formatDilution, usualDilution, type Dilution } from '../mixing/index.js';
import type { Step } from '../subjects/index.js';
import { techniqueById } from '../techniques/index.js';
import { usualTool } from './incoming.js';

function usualOf(step: Step, supplies: Supplies): Dilution | null {
  const technique = techniqueById(step.technique);
  if (step.material === null || technique.dose === null) return null;
  const material = supplies.material(step.material);
  return usualDilution(technique.id, step.tool ?? usualTool(technique, material), material);
}

/**
 * A change of technique, tool or material with the dilution that is usual then. What the painter thinned otherwise stays while the material does; a kept mix has
 * its own. @throws RangeError when technique or material is not known.
 */
export function withUsualDilution(step: Step, patch: Partial<Step>, supplies: Supplies): Partial<Step> {
  const changed = { ...step, ...patch };
  if (changed.mixId !== null || 'dilution' in patch) return patch;
  if (!['technique', 'tool', 'material', 'bottleId'].some((key) => key in patch)) return patch;
  const isOther = changed.material !== step.material;
  const wasUsual = formatDilution(step.dilution) === formatDilution(usualOf(step, supplies));
  return isOther || wasUsual ? { ...patch, dilution: usualOf(changed, supplies) } : patch;
}
