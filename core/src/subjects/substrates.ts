import type { Dose, SolventClass } from '../materials/index.js';

export type SubstrateId = 'polystyrene' | 'abs' | 'resin-pu' | 'resin-printed' | 'pla' | 'brass' | 'white-metal' | 'plaster' | 'card' | 'wood' | 'foam-xps' | 'foam-pir' | 'foam-board' | 'clear-plastic' | 'cloth';

/** What it is, where one does alike with all of a kind. */
export type SubstrateKind = 'cloth' | 'plastic' | 'resin' | 'metal' | 'plaster' | 'card' | 'wood' | 'foam';

export interface Substrate {
  id: SubstrateId;
  name: string;
  kind: SubstrateKind;
  /** It comes soft from its bath, and is harmful on skin until it is cured. */
  cures?: boolean;
  /** Smallest dose of each liquid that harms it; a class that is not named does no harm. */
  attackedBy: Partial<Record<SolventClass, Dose>>;
  /** It bends, melts or loosens above this, °C. */
  heatLimitC: number;
  /** Gloss of the bare surface at 60°, GU: smooth plastic and metal give powder no tooth. */
  bareSheenGu: number;
  absorbent: boolean;
  /** Colour of the bare surface, #rrggbb (from memory). */
  colour: string;
}

const substrate = (s: Substrate): Substrate => s;

/**
 * Common practice; heat limits and sheens from memory. Solvent aerosols reach plastics half dry and bond to them,
 * the same thinner brushed on bites; polystyrene foam melts under either. Rigid PIR board hardly answers to solvents.
 */
export const SUBSTRATES: readonly Substrate[] = [
  substrate({ id: 'polystyrene', kind: 'plastic', colour: '#a3a3a0', name: 'Polystyrene', attackedBy: { hot: 'thin' }, heatLimitC: 65, bareSheenGu: 35, absorbent: false }),
  substrate({ id: 'abs', kind: 'plastic', colour: '#9d9c98', name: 'ABS', attackedBy: { hot: 'thin' }, heatLimitC: 75, bareSheenGu: 35, absorbent: false }),
  substrate({ id: 'resin-pu', kind: 'resin', colour: '#b9b3a3', name: 'Polyurethane resin', attackedBy: { hot: 'flood' }, heatLimitC: 60, bareSheenGu: 30, absorbent: false }),
  substrate({ id: 'resin-printed', kind: 'resin', cures: true, colour: '#8f9091', name: 'Printed resin', attackedBy: { hot: 'flood' }, heatLimitC: 60, bareSheenGu: 30, absorbent: false }),
  substrate({ id: 'pla', kind: 'plastic', colour: '#a8a8a4', name: 'PLA print', attackedBy: { hot: 'flood' }, heatLimitC: 50, bareSheenGu: 30, absorbent: false }),
  substrate({ id: 'brass', kind: 'metal', colour: '#b08f4f', name: 'Brass', attackedBy: {}, heatLimitC: 150, bareSheenGu: 60, absorbent: false }),
  substrate({ id: 'white-metal', kind: 'metal', colour: '#a9aaab', name: 'White metal', attackedBy: {}, heatLimitC: 110, bareSheenGu: 40, absorbent: false }),
  substrate({ id: 'plaster', kind: 'plaster', colour: '#e9e4d8', name: 'Plaster', attackedBy: {}, heatLimitC: 80, bareSheenGu: 2, absorbent: true }),
  substrate({ id: 'card', kind: 'card', colour: '#b59d7b', name: 'Card', attackedBy: {}, heatLimitC: 100, bareSheenGu: 5, absorbent: true }),
  substrate({ id: 'cloth', kind: 'cloth', colour: '#b3a88f', name: 'Cloth or tissue', attackedBy: {}, heatLimitC: 100, bareSheenGu: 2, absorbent: true }),
  substrate({ id: 'wood', kind: 'wood', colour: '#b99a6b', name: 'Wood', attackedBy: {}, heatLimitC: 100, bareSheenGu: 5, absorbent: true }),
  substrate({ id: 'foam-xps', kind: 'foam', colour: '#b8bcc0', name: 'Extruded polystyrene foam', attackedBy: { hot: 'mist', spirit: 'mist', cyano: 'thin', heat: 'thin' }, heatLimitC: 60, bareSheenGu: 5, absorbent: false }),
  substrate({ id: 'foam-pir', kind: 'foam', colour: '#c9bb8a', name: 'Rigid PIR board', attackedBy: {}, heatLimitC: 110, bareSheenGu: 2, absorbent: true }),
  substrate({ id: 'foam-board', kind: 'foam', colour: '#e4e2db', name: 'Foam board', attackedBy: { hot: 'mist', spirit: 'thin', cyano: 'thin', heat: 'thin' }, heatLimitC: 60, bareSheenGu: 10, absorbent: true }),
  substrate({ id: 'clear-plastic', kind: 'plastic', colour: '#d5dadb', name: 'Clear plastic', attackedBy: { hot: 'mist', cyano: 'mist' }, heatLimitC: 60, bareSheenGu: 95, absorbent: false }),
];

const BY_ID = new Map<string, Substrate>(SUBSTRATES.map((s) => [s.id, s]));

export const isSubstrateId = (id: string): id is SubstrateId => BY_ID.has(id);

/** @throws RangeError naming the id when there is no such substrate. */
export function substrateById(id: string): Substrate {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`substrate '${id}' is not known`);
  return found;
}
