import type { Supplies } from '../materials/index.js';
import { usualDilution } from '../mixing/index.js';
import { usualTool } from '../sequence/index.js';
import type { Step } from '../subjects/index.js';
import { techniqueById } from '../techniques/index.js';

/** What a plan may do beyond laying the steps as they are. */
export interface Allowances {
  /** What is only wanted may be left out where a piece would miss its date. */
  drops?: boolean;
  /** Coats may be dried with cool moving air. */
  dryer?: boolean;
  /** Coats of paint may be brushed instead of sprayed, or the other way round. */
  tools?: boolean;
}

/** Another way to do a step. */
interface StepWay {
  id: string;
  allowed: (allows: Allowances) => boolean;
  /** Each coat may be done so by itself; otherwise only a step that is done in one go. */
  byCoat: boolean;
  /** The step done in this way; null where it cannot be, or is already. */
  done: (step: Step, supplies: Supplies) => Step | null;
}

/** The same coat with another tool, thinned as that tool wants it. */
const coatWith =
  (from: string, to: string) =>
  (step: Step, supplies: Supplies): Step | null => {
    if (step.technique !== from || step.material === null || step.mixId !== null) return null;
    const material = supplies.material(step.material);
    const technique = techniqueById(to);
    if (material.role !== 'paint' || material.aerosol || !technique.roles.includes(material.role)) return null;
    return { ...step, technique: to, tool: null, dilution: usualDilution(to, usualTool(technique, material, supplies), material) };
  };

const WAYS: readonly StepWay[] = [
  {
    id: 'cool-dryer',
    byCoat: true,
    allowed: ({ dryer }) => dryer === true,
    done: (step, supplies) =>
      step.drying === 'still' && step.material !== null && supplies.material(step.material).drying !== null
        ? { ...step, drying: 'cool-dryer' }
        : null,
  },
  { id: 'sprayed', byCoat: false, allowed: ({ tools }) => tools === true, done: coatWith('brush-coat', 'airbrush-coat') },
  { id: 'brushed', byCoat: false, allowed: ({ tools }) => tools === true, done: coatWith('airbrush-coat', 'brush-coat') },
];

/** The ways that are allowed beside the step's own. */
export const waysOf = (allows: Allowances): readonly StepWay[] => WAYS.filter(({ allowed }) => allowed(allows));

/** A step as a plan has chosen to do it; null is its own way. @throws RangeError when there is no such way. */
export function inWay(step: Step, id: string | null, supplies: Supplies): Step {
  if (id === null) return step;
  const way = WAYS.find((one) => one.id === id);
  if (!way) throw new RangeError(`way must be one of ${WAYS.map((one) => one.id).join(', ')}, got '${id}'`);
  return way.done(step, supplies) ?? step;
}
