import type { Check, KeepClean, Part } from '../piece.js';
import { MACHINERY, SHEET, SMOOTH, type Surface } from '../shape/surfaces.js';
import type { SubstrateId } from '../substrates.js';
import type { ZonePlan } from './types.js';

export { patch, shown } from '../shape/geometry.js';
export { runningGear } from '../shape/running-gear.js';
export * from '../shape/surfaces.js';

export const zone = (id: string, name: string, part: string, surface: Surface, more: Partial<ZonePlan> = {}): ZonePlan => ({
  id,
  name,
  part,
  ...surface,
  ...more,
});

export const clean = (id: string, name: string, part: string, keepClean: KeepClean, substrate: SubstrateId): ZonePlan =>
  zone(id, name, part, SMOOTH, { keepClean, substrate });

export const before = (text: string): Omit<Check, 'id' | 'done'> => ({ when: 'before', text });
export const after = (text: string): Omit<Check, 'id' | 'done'> => ({ when: 'after', text });

export const RAIL_PARTS: Part[] = [
  { id: 'body', name: 'Body', removable: false },
  { id: 'underframe', name: 'Underframe', removable: false },
  { id: 'wheelsets', name: 'Wheelsets', removable: true },
];

/** Windows that can be taken out for the spray. */
export const GLAZING_PART: Part = { id: 'glazing', name: 'Glazing', removable: true };

export const RAIL_CHECKS = [
  before('Couplers at their height, wheel gauge right'),
  before('Runs freely, nothing wobbles'),
  after('Wheel treads clean, on the contact side as well'),
  after('Runs freely, couples'),
];

export const RUNNING_ZONES: ZonePlan[] = [
  zone('underframe', 'Underframe', 'underframe', MACHINERY),
  zone('wheels', 'Wheels', 'wheelsets', SHEET),
  clean('wheel-treads', 'Wheel treads', 'wheelsets', 'wheel-treads', 'brass'),
];
