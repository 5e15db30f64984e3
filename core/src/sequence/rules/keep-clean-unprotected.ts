import type { KeepClean } from '../../subjects/index.js';
import { maskPairs } from '../fix-proposals.js';
import { openPlaces, spreads, sprays } from '../keep-clean.js';
import type { Moment } from '../moment.js';
import { finding, type Caused, type Rule } from './rule.js';

const ID = 'keep-clean-unprotected';

/** Glazing has a rule of its own: it cannot be cleaned again. */
const PLACES: readonly KeepClean[] = ['wheel-treads', 'bearings', 'pick-ups'];
const WORDS: Record<KeepClean, string> = {
  glazing: 'the glazing',
  'wheel-treads': 'the wheel treads',
  bearings: 'the bearings',
  'pick-ups': 'the current pick-ups',
  couplers: 'the couplers',
};

function cleanedLater({ steps, stepIndex }: Moment): boolean {
  for (let at = steps.length - 1; at > stepIndex; at--) if (steps[at]?.technique === 'clean-treads') return true;
  return false;
}

function unprotected(moment: Moment, place: KeepClean): Caused[] {
  if (place === 'wheel-treads' && cleanedLater(moment)) return [];
  if (!sprays(moment.step, moment.subject, place, moment.supplies)) return [];
  const open = openPlaces(moment.state, place);
  if (open.length === 0) return [];
  const zones = open.map((zone) => zone.zone.id);
  return [
    {
      cause: `${ID}:${place}`,
      finding: finding(moment, ID, 'caution', {
        zones,
        message: `Spray reaches ${WORDS[place]}.`,
        evidence:
          place === 'wheel-treads'
            ? 'Neither masked, nor taken off, nor cleaned by a later step.'
            : 'Neither masked nor taken off at this step.',
      }),
      propose: () => [
        ...maskPairs(moment, zones, (step) => sprays(step, moment.subject, place, moment.supplies)),
        ...(place === 'wheel-treads' ? cleanAtTheEnd(moment, zones) : []),
      ],
    },
  ];
}

/** Treads may be cleaned at the end instead. */
const cleanAtTheEnd = (moment: Moment, zones: string[]) => {
  const { id: _id, ...plain } = moment.step;
  const cleaning = {
    ...plain,
    technique: 'clean-treads',
    material: null,
    bottleId: null,
    dilution: null,
    zones,
    coats: 1,
    coverPct: null,
    tool: null,
    dryUm: null,
    colour: null,
    handsOnMin: null,
    pinnedAt: null,
    groupId: null,
    gate: null,
    note: '',
  };
  return [
    {
      way: 'insert' as const,
      label: 'Clean the treads at the end',
      edits: [{ kind: 'insert' as const, at: moment.steps.length, step: cleaning }],
    },
  ];
};

export const keepCleanUnprotected: Rule = {
  id: ID,
  title: 'A place to keep clean lies open',
  why: 'Paint on wheel treads, bearings and pick-ups stops a model from running. They are masked, the part is taken off, or treads are cleaned afterwards, on the contact side as well.',
  source: 'common practice',
  arranging: 'later',
  examples: {
    fires: { steps: [['spray-coat', 'primer-lacquer-aerosol']], on: { keepClean: ['pick-ups'] } },
    silent: {
      steps: [
        ['spray-coat', 'primer-lacquer-aerosol'],
        ['clean-treads', null, { zones: ['wheel-treads'] }],
      ],
      on: { keepClean: ['wheel-treads'] },
    },
  },
  concerns: spreads,
  check(moment) {
    const out: Caused[] = [];
    for (const place of PLACES) if (moment.subject.keepClean.includes(place)) out.push(...unprotected(moment, place));
    return out;
  },
};
