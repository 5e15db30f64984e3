import type { Supplies } from '../materials/index.js';
import type { KeepClean, Step } from '../subjects/index.js';
import { incomingOf, type Incoming } from './incoming.js';
import type { SequenceState, ZoneState } from './state.js';
import type { Subject } from './subject.js';

/** Zones that a place to be kept clean sits in: a spray on them reaches it (common practice). */
const AROUND: Record<KeepClean, ReadonlySet<string>> = {
  glazing: new Set(['side-upper', 'ends', 'face', 'doors', 'glazing']),
  'wheel-treads': new Set(['wheels', 'running-gear', 'underframe']),
  bearings: new Set(['wheels', 'running-gear', 'underframe']),
  'pick-ups': new Set(['wheels', 'running-gear', 'underframe']),
  couplers: new Set(['underframe', 'ends']),
};

/** It does not stay where it is put: spray, a clear coat, a fixer. */
export const spreads = ({ material, sprayed, technique }: Incoming): boolean =>
  material !== null && (sprayed || technique.id === 'clear-coat' || technique.id === 'fix');

/** A step that puts spray, clear coat or fixer where a place to be kept clean is. Parts that are off are out of the way. */
export function sprays(step: Step, subject: Subject, place: KeepClean, supplies: Supplies): boolean {
  if (!spreads(incomingOf(step, supplies)) || !subject.keepClean.includes(place)) return false;
  if (step.zones.includes('all')) return true;
  return subject.zones.some((zone) => step.zones.includes(zone.id) && (zone.keepClean === place || AROUND[place].has(zone.role)));
}

/** Zones of a place to be kept clean that are neither masked nor taken off. */
export function openPlaces(state: SequenceState, place: KeepClean): ZoneState[] {
  const out: ZoneState[] = [];
  if (!state.subject.keepClean.includes(place)) return out;
  for (const zone of state.zones.values()) if (zone.zone.keepClean === place && !zone.masked && !zone.off) out.push(zone);
  return out;
}
