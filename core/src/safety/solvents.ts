/** Solvents that evaporate into the room, by the class that materials name. */
export type AirborneClass = 'alcohol' | 'spirit' | 'hot' | 'propellant';

export interface Limit {
  mgPerM3: number;
  /** Whose it is, and of what. */
  source: string;
}

export interface Airborne {
  name: string;
  densityGPerMl: number;
  /** Means over a working day: NIOSH's, and the strictest that is common. */
  day: Limit;
  strictestDay: Limit;
  /** Mean over a quarter of an hour. */
  short: Limit;
  /** What can explode when it meets a spark: the lower limit in air, g/m³. */
  explosiveFromGPerM3: number;
}

/**
 * One liquid stands for each class. NIOSH's limits and lower explosive limits: NIOSH Pocket Guide to Chemical Hazards (as in `reference/solvents.json`,
 * from memory there). The strictest common limits, and propane and butane, which stand for propellants: from memory. Where no short-term limit is set, three
 * times the day's (ACGIH's excursion rule, from memory). Local limits may be lower. Densities from memory.
 */
export const AIRBORNE: Record<AirborneClass, Airborne> = {
  alcohol: {
    name: 'propan-2-ol',
    densityGPerMl: 0.786,
    day: { mgPerM3: 980, source: 'NIOSH REL, propan-2-ol' },
    strictestDay: { mgPerM3: 490, source: 'ACGIH TLV, propan-2-ol' },
    short: { mgPerM3: 1225, source: 'NIOSH STEL, propan-2-ol' },
    explosiveFromGPerM3: 49,
  },
  spirit: {
    name: 'white spirit',
    densityGPerMl: 0.78,
    day: { mgPerM3: 350, source: 'NIOSH REL, Stoddard solvent' },
    strictestDay: { mgPerM3: 116, source: 'EU SCOEL, white spirit' },
    short: { mgPerM3: 1050, source: 'three times NIOSH’s REL, Stoddard solvent' },
    explosiveFromGPerM3: 46,
  },
  hot: {
    name: 'toluene for lacquer thinner',
    densityGPerMl: 0.867,
    day: { mgPerM3: 375, source: 'NIOSH REL, toluene' },
    strictestDay: { mgPerM3: 75, source: 'ACGIH TLV, toluene' },
    short: { mgPerM3: 560, source: 'NIOSH STEL, toluene' },
    explosiveFromGPerM3: 41,
  },
  propellant: {
    name: 'propellant (propane and butane stand for it)',
    densityGPerMl: 0.6,
    day: { mgPerM3: 1800, source: 'NIOSH REL, propane' },
    strictestDay: { mgPerM3: 1800, source: 'NIOSH REL, propane' },
    short: { mgPerM3: 5400, source: 'three times NIOSH’s REL, propane' },
    explosiveFromGPerM3: 38,
  },
};

/** Propellant that leaves a can with each mL of what it sprays, g (from memory: about a third of a can's content by weight). */
export const PROPELLANT_G_PER_ML = 0.4;
