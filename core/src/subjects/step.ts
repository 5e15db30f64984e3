import type { Airflow } from '../drying/index.js';
import type { Dilution } from '../mixing/index.js';

export const PRIORITIES = ['must', 'should', 'may'] as const;
export type Priority = (typeof PRIORITIES)[number];

export const DIRECTIONS = ['down', 'up', 'sideways'] as const;
export type Direction = (typeof DIRECTIONS)[number];

/** Marks, in a step's `fromWish`, what the arranger added by itself. */
export const ARRANGED = 'arranged';

/**
 * One action on named zones of one piece. Null means: as the technique and the material usually do it.
 */
export interface Step {
  id: string;
  technique: string;
  /** Catalogue id; null where the technique uses none. */
  material: string | null;
  /** Bottle on the shelf that is used; gives colour and age. */
  bottleId: string | null;
  /** Mix of one's own that is used; its main component is the step's material. */
  mixId: string | null;
  /** Zone ids, or `all`. */
  zones: string[];
  dilution: Dilution | null;
  coats: number;
  coverPct: number | null;
  /** 0–1: how strong the effect is put on. */
  strength: number | null;
  tool: string | null;
  /** Dry film per coat, µm. */
  dryUm: number | null;
  airPressureBar: number | null;
  direction: Direction | null;
  /** Feature a streak runs from, or words for it. */
  source: string | null;
  /** Put into what is still wet below on purpose: then it must come inside its open time. Null: as is usual for the technique. */
  intoWet: boolean | null;
  /** A word for the place: steps with the same word meet wholly, however little of the zone they cover. Null: they meet by chance. */
  place: string | null;
  /** Strength put on for later muting; 1 is none. */
  allowance: number | null;
  /** So much goes on each model, in all its coats, mL: measured, or counted by volume. Null: by area. */
  amountMl: number | null;
  colour: string | null;
  drying: Airflow;
  /** Drying place of the workshop; null is the bench. */
  dryingPlace: string | null;
  handsOnMin: number | null;
  /** Waits at least this long after the step before it, beyond what drying asks. */
  waitMin: number | null;
  /** Pinned by the painter to a local date and time, `YYYY-MM-DDTHH:mm`; null: the plan chooses. */
  pinnedAt: string | null;
  priority: Priority;
  groupId: string | null;
  /** Pieces of the batch it is done on, by id; null: all of them. */
  members: string[] | null;
  /** What must be seen or felt before going on. */
  gate: string | null;
  daylight: boolean;
  /** Id of the wish it was arranged for, `arranged` for what the arranger added; null: the painter's own. */
  fromWish: string | null;
  note: string;
}

/** Lay on, let dry, look, again. */
export interface StepGroup {
  id: string;
  name: string;
  /** Planned rounds, 1–3. */
  rounds: number;
  gate: string;
}

/** A step with nothing said but what it does and where. */
export function plainStep(given: Pick<Step, 'id' | 'technique' | 'zones'> & Partial<Step>): Step {
  return {
    material: null,
    bottleId: null,
    mixId: null,
    dilution: null,
    coats: 1,
    coverPct: null,
    strength: null,
    tool: null,
    dryUm: null,
    airPressureBar: null,
    direction: null,
    source: null,
    intoWet: null,
    place: null,
    allowance: null,
    amountMl: null,
    colour: null,
    drying: 'still',
    dryingPlace: null,
    handsOnMin: null,
    waitMin: null,
    pinnedAt: null,
    priority: 'must',
    groupId: null,
    members: null,
    gate: null,
    daylight: false,
    fromWish: null,
    note: '',
    ...given,
  };
}

/** The same work as a step of its own: in no group, pinned nowhere, wished for by nobody. */
export const onItsOwn = (step: Step, id: string): Step => ({ ...step, id, groupId: null, pinnedAt: null, fromWish: null });

/** What a mix of one's own says of a step: changed by hand, it is no longer that mix. */
const OF_THE_MIX = ['technique', 'material', 'bottleId', 'dilution', 'colour'] as const satisfies (keyof Step)[];

/** A step with something of it changed. It leaves its mix when paint, thinner or colour are told anew. */
export function patchedStep(step: Step, patch: Partial<Step>): Step {
  const leaves = step.mixId !== null && patch.mixId === undefined && OF_THE_MIX.some((key) => key in patch);
  return { ...step, ...patch, ...(leaves ? { mixId: null } : {}) };
}
