import type { Step } from '../../subjects/index.js';
import { incomingOf } from '../incoming.js';
import { maskPairs } from '../fix-proposals.js';
import type { Subject } from '../subject.js';
import { finding, type Caused, type Rule } from './rule.js';

const ID = 'glazing-unmasked';

/** Zones that windows sit in: a spray on them reaches the glass (common practice). */
const AROUND_WINDOWS = new Set(['all', 'side-upper', 'ends', 'face', 'doors', 'glazing']);

/** A step that puts spray, clear coat or fixer where the windows are. */
export function fogsGlazing(step: Step, subject: Subject): boolean {
  const incoming = incomingOf(step);
  const fogs = incoming.material !== null && (incoming.sprayed || incoming.technique.id === 'clear-coat' || incoming.technique.id === 'fix');
  const glass = subject.zones.filter((zone) => zone.keepClean === 'glazing').map((zone) => zone.id);
  return fogs && step.zones.some((name) => AROUND_WINDOWS.has(name) || glass.includes(name));
}

export const glazingUnmasked: Rule = {
  id: ID,
  title: 'Windows left open',
  why: 'Any spray or clear coat that reaches window glazing fogs it for good, primer included. Mask it first, or take the glazing out.',
  source: 'common practice',
  check(moment) {
    const glass = [...moment.state.zones.values()].filter((zone) => zone.zone.keepClean === 'glazing');
    const open = glass.filter((zone) => !zone.masked && !zone.off);
    if (open.length === 0 || !fogsGlazing(moment.step, moment.subject)) return [];
    const caused: Caused = {
      cause: ID,
      finding: finding(moment, ID, 'snag', {
        zones: open.map((zone) => zone.zone.id),
        message: 'Spray reaches the glazing and fogs it.',
        evidence: 'The glazing is neither masked nor taken off at this step.',
        fixes: maskPairs(moment, open.map((zone) => zone.zone.id), (step) => fogsGlazing(step, moment.subject)),
      }),
    };
    return [caused];
  },
};
