import type { Step } from '../subjects/index.js';
import { incomingOf } from './incoming.js';
import type { SequenceState, ZoneState } from './state.js';
import type { Subject } from './subject.js';

/** Zones that windows sit in: a spray on them reaches the glass (common practice). */
const AROUND_WINDOWS = new Set(['all', 'side-upper', 'ends', 'face', 'doors', 'glazing']);

/** A step that puts spray, clear coat or fixer where the windows are. */
export function fogsGlazing(step: Step, subject: Subject): boolean {
  const incoming = incomingOf(step);
  const fogs =
    incoming.material !== null && (incoming.sprayed || incoming.technique.id === 'clear-coat' || incoming.technique.id === 'fix');
  const glass = subject.zones.filter((zone) => zone.keepClean === 'glazing').map((zone) => zone.id);
  return fogs && step.zones.some((name) => AROUND_WINDOWS.has(name) || glass.includes(name));
}

/** Glazing that is neither masked nor taken out. */
export const openGlazing = (state: SequenceState): ZoneState[] =>
  [...state.zones.values()].filter((zone) => zone.zone.keepClean === 'glazing' && !zone.masked && !zone.off);
