import { CATALOGUE, slowed, type Dose, type Material, type SolventClass, type Supplies } from '../materials/index.js';
import type { Step } from '../subjects/index.js';
import { techniqueById, type Need, type Technique } from '../techniques/index.js';
import { buildOf, type Build } from './build.js';
import { hidesOf, type Hides } from './look.js';

/** What a step brings to the surface. */
export interface Incoming {
  technique: Technique;
  material: Material | null;
  need: Need;
  /** Liquids that arrive, with what brings each. */
  solvents: { solvent: SolventClass; from: string }[];
  dose: Dose;
  sprayed: boolean;
  tool: string;
  /** Dry film of one coat, µm. */
  dryUm: number;
  coverPct: number;
  /** #rrggbb: the step's own, else the bottle's, else the kind's; null where nothing is laid. */
  colour: string | null;
  /** The colour is the step's own or its bottle's, not the catalogue's. */
  colourTold: boolean;
  /** Film that all its coats add; null where it leaves none. */
  build: Build | null;
  /** How much of what is seen it hides; null where it leaves nothing to be seen. */
  hides: Hides | null;
}

const SPRAY_TOOLS = new Set(['airbrush', 'aerosol']);

/** The tool a step is done with, unless the step names one. */
export function usualTool(technique: Technique, material: Material | null): string {
  if (material?.aerosol && technique.tools.includes('aerosol')) return 'aerosol';
  if (material && !material.aerosol && technique.tools[0] === 'aerosol') return 'airbrush';
  return technique.tools[0] ?? 'hand';
}

/** Steps are never changed in place, so what one brings is worked out once. */
const known = new WeakMap<Supplies, WeakMap<Step, Incoming>>();

/** @throws RangeError when the technique, the material or the thinner is not known. */
export function incomingOf(step: Step, supplies: Supplies = CATALOGUE): Incoming {
  let ofSupplies = known.get(supplies);
  if (!ofSupplies) known.set(supplies, (ofSupplies = new WeakMap()));
  const before = ofSupplies.get(step);
  if (before) return before;
  const incoming = workOut(step, supplies);
  ofSupplies.set(step, incoming);
  return incoming;
}

// eslint-disable-next-line complexity -- one field after the other, each with what stands in for it
function workOut(step: Step, supplies: Supplies): Incoming {
  const technique = techniqueById(step.technique);
  const asLabelled = step.material === null ? null : supplies.material(step.material);
  const material = asLabelled && slowed(asLabelled, supplies.pace?.dryingFactorOf(step) ?? 1);
  const tool = step.tool ?? usualTool(technique, material);
  const sprayed = SPRAY_TOOLS.has(tool);
  const solvents = new Map<SolventClass, string>();
  if (technique.dose && material && material.carrier !== 'none') solvents.set(material.carrier, material.name.toLowerCase());
  if (step.dilution && technique.dose) {
    const thinner = supplies.material(step.dilution.thinner);
    if (thinner.carrier !== 'none') solvents.set(thinner.carrier, thinner.name.toLowerCase());
  }
  const dryUm = step.dryUm ?? (material?.drying ? material.drying.referenceDryUm * technique.filmFactor : 0);
  const coverPct = step.coverPct ?? technique.usualCoverPct;
  const ownColour = step.colour ?? supplies.bottle(step.bottleId)?.colour ?? null;
  const colour = ownColour ?? material?.colour ?? null;
  return {
    technique,
    material,
    need: technique.need,
    solvents: [...solvents].map(([solvent, from]) => ({ solvent, from })),
    dose: sprayed ? 'mist' : (technique.dose ?? 'mist'),
    sprayed,
    tool,
    dryUm,
    coverPct,
    colour,
    colourTold: ownColour !== null,
    build: material && technique.effect !== 'none' ? buildOf({ technique, material, dryUm, coverPct, sprayed, coats: step.coats }) : null,
    hides: material && colour !== null ? hidesOf(step, technique, material, { dryUm, coverPct, colour }) : null,
  };
}
