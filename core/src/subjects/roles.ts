/** Places that any piece may have, from its top to its foot: what effects and rules go by, whatever a zone is called. */
export const ZONE_ROLES = [
  { id: 'roof', name: 'Roof' },
  { id: 'crown', name: 'Crown, top' },
  { id: 'side-upper', name: 'Side, upper' },
  { id: 'side-lower', name: 'Side, lower' },
  { id: 'ends', name: 'Ends' },
  { id: 'doors', name: 'Doors' },
  { id: 'face', name: 'Face of a wall' },
  { id: 'floor', name: 'Floor, deck' },
  { id: 'interior', name: 'Inside' },
  { id: 'load', name: 'Load' },
  { id: 'underframe', name: 'Frame below' },
  { id: 'running-gear', name: 'Running gear, tracks' },
  { id: 'wheels', name: 'Wheels' },
  { id: 'base', name: 'Foot, base' },
  { id: 'details', name: 'Details' },
] as const;

/** What the real thing may be made of, in words. */
export const MADE_OF_NAMES = {
  timber: 'timber',
  steel: 'steel, iron',
  stone: 'stone, brick',
  rock: 'rock',
  earth: 'earth, plants',
  load: 'a load',
} as const;

/** What must stay free of paint, in words. */
export const KEEP_CLEAN_NAMES = {
  glazing: 'glazing',
  'wheel-treads': 'wheel treads',
  bearings: 'bearings',
  'pick-ups': 'pick-ups',
  couplers: 'couplers',
} as const;

/** What stands at a place of its own on a piece: effects sit at them or run from them. */
export const FEATURE_KINDS = [
  'place',
  'crack',
  'door',
  'drain',
  'drip edge',
  'edge',
  'exhaust',
  'filler',
  'ground',
  'handrail',
  'hatch',
  'hinge',
  'intake',
  'keystone',
  'ledge',
  'mudguard',
  'rib',
  'ring',
  'ring bolt',
  'rivet row',
  'stair tread',
  'step',
  'valve',
  'vent',
] as const;
