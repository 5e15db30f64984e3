import { dilutionProblem } from '../mixing/index.js';
import type { Step } from '../subjects/index.js';
import { isTechniqueId } from '../techniques/index.js';
import { ids, unknown, type PlanFault } from './fault.js';
import type { Loose, Surroundings, Upgrades } from './kept-thing.js';

/** Ids of what a step may point to within what it belongs to. */
export type StepPlace = Record<'zones' | 'groups' | 'members', ReadonlySet<string>>;

export const placeOf = (owner: Record<keyof StepPlace, readonly { id: string }[]>): StepPlace => ({
  zones: ids(owner.zones),
  groups: ids(owner.groups),
  members: ids(owner.members),
});

/** What a step points to that is not there. */
export function* stepFaults(path: string, step: Step, place: StepPlace, around: Surroundings): Generator<PlanFault> {
  const { zones, groups, members } = place;
  const { supplies, places, mixes } = around;
  const isBottle = (id: string): boolean => supplies.bottle(id) !== null;
  yield* unknown(`${path}.technique`, step.technique, isTechniqueId, 'a technique of the catalogue');
  yield* unknown(`${path}.material`, step.material, supplies.isMaterial, 'a material of the catalogue or of your own, or null');
  yield* unknown(`${path}.bottleId`, step.bottleId, isBottle, 'the id of a bottle on the shelf, or null');
  yield* unknown(`${path}.mixId`, step.mixId, mixes, 'the id of a mix, or null');
  yield* unknown(`${path}.groupId`, step.groupId, groups, 'the id of a group of this piece, or null');
  yield* unknown(`${path}.dryingPlace`, step.dryingPlace, places, 'the id of a drying place of the workshop, or null');
  for (const [i, member] of (step.members ?? []).entries())
    yield* unknown(`${path}.members[${String(i)}]`, member, members, 'the id of a piece of this batch');
  for (const [i, zone] of step.zones.entries())
    yield* unknown(`${path}.zones[${String(i)}]`, zone, (id) => id === 'all' || zones.has(id), 'all, or the id of a zone of this piece');
  if (step.dilution) {
    const problem = dilutionProblem(step.dilution);
    if (problem) yield { path: `${path}.dilution`, value: problem.value, allowed: problem.allowed };
  }
}

/** A step of an older file, wherever it stands. */
export const STEP_UPGRADES = {
  1: (step: Loose): Loose => ({ ...step, members: null }),
  2: (step: Loose): Loose => ({ ...step, fromWish: null }),
  3: (step: Loose): Loose => ({ ...step, mixId: null }),
  6: (step: Loose): Loose => ({ ...step, intoWet: null, place: null }),
  11: (step: Loose): Loose => ({ ...step, amountMl: null }),
} satisfies Upgrades;
