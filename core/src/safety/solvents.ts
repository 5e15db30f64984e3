/** Solvents that evaporate into the room, by the class that materials name. */
export type AirborneClass = 'alcohol' | 'spirit' | 'hot' | 'propellant';

export interface Airborne {
  name: string;
  densityGPerMl: number;
  /** Time-weighted limit, mg/m³; null where none is known here. */
  limitMgPerM3: number | null;
  limitSource: string;
}

/**
 * One liquid stands for each class. Limits: NIOSH Pocket Guide to Chemical Hazards, REL TWA (as in `reference/solvents.json`, from memory there);
 * local limits may be lower. Densities from memory. Propellant is a mixture (propane, butane, dimethyl ether): no single limit is used.
 */
export const AIRBORNE: Record<AirborneClass, Airborne> = {
  alcohol: { name: 'propan-2-ol', densityGPerMl: 0.786, limitMgPerM3: 980, limitSource: 'NIOSH REL, propan-2-ol' },
  spirit: { name: 'white spirit', densityGPerMl: 0.78, limitMgPerM3: 350, limitSource: 'NIOSH REL, Stoddard solvent' },
  hot: { name: 'toluene for lacquer thinner', densityGPerMl: 0.867, limitMgPerM3: 375, limitSource: 'NIOSH REL, toluene' },
  propellant: { name: 'propellant', densityGPerMl: 0.6, limitMgPerM3: null, limitSource: 'none is used: a mixture' },
};

/** Propellant that leaves a can with each mL of what it sprays, g (from memory: about a third of a can's content by weight). */
export const PROPELLANT_G_PER_ML = 0.4;
