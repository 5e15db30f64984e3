import { isMaterialId, materialById, suppliesOf, type Bottle, type OwnMaterial, type Supplies } from '../materials/index.js';
import { movedBy, type Workshop } from '../schedule/index.js';
import type { LogEntry } from '../log/index.js';
import { isTroubleId } from '../remedies/index.js';
import { MINUTES_PER_DAY, addDays, daysBetween, minutesOfClock, movedByDays } from '../units/index.js';
import { isSubstrateId, type Piece, type Step } from '../subjects/index.js';
import { effectById, isEffectId } from '../effects/index.js';
import type { Finish } from '../finishes/index.js';
import { isTechniqueId } from '../techniques/index.js';
import { MOST_COMPONENTS, dilutionProblem, type Mix } from '../mixing/index.js';

/** The open plan file, `*.eveningtide.json`: everything the app keeps, versioned. docs/plan-file.md describes it. */
export const PLAN_FORMAT = 'eveningtide';
export const PLAN_VERSION = 6;

export interface PlanFile {
  format: typeof PLAN_FORMAT;
  version: number;
  /** Day that relative plans (the demo) count from; null keeps dates as they are. */
  anchorDate: string | null;
  workshop: Workshop;
  /** Materials of the painter's own, on top of the catalogue. */
  materials: OwnMaterial[];
  bottles: Bottle[];
  /** Mixes of the painter's own: recipes, and cups that were made. */
  mixes: Mix[];
  /** Saved sequences to apply again. */
  finishes: Finish[];
  pieces: Piece[];
  /** What was done, oldest first. */
  log: LogEntry[];
}

/** A fault in a plan file: where, what stands there, what may. */
export interface PlanFault {
  path: string;
  value: string;
  allowed: string;
}

const ids = (things: readonly { id: string }[]): Set<string> => new Set(things.map((thing) => thing.id));

function* duplicates(path: string, things: readonly { id: string }[]): Generator<PlanFault> {
  const seen = new Set<string>();
  for (const [i, thing] of things.entries()) {
    if (seen.has(thing.id)) yield { path: `${path}[${String(i)}].id`, value: thing.id, allowed: 'an id that occurs once' };
    seen.add(thing.id);
  }
}

function* unknown(
  path: string,
  value: string | null,
  known: ReadonlySet<string> | ((id: string) => boolean),
  allowed: string,
): Generator<PlanFault> {
  if (value === null) return;
  if (typeof known === 'function' ? !known(value) : !known.has(value)) yield { path, value, allowed };
}

/** What a piece may point to outside itself. */
export interface Surroundings {
  supplies: Supplies;
  /** Ids of the painter's mixes. */
  mixes: ReadonlySet<string>;
  /** Ids of the workshop's drying places. */
  places: ReadonlySet<string>;
}

/** Ids of what a step may point to within its piece. */
type StepPlace = Record<'zones' | 'groups' | 'members', ReadonlySet<string>>;

const placeOf = (piece: Record<'zones' | 'groups' | 'members', readonly { id: string }[]>): StepPlace => ({
  zones: ids(piece.zones),
  groups: ids(piece.groups),
  members: ids(piece.members),
});

function* stepFaults(path: string, step: Step, piece: StepPlace, { supplies, places, mixes }: Surroundings): Generator<PlanFault> {
  const { zones, groups, members } = piece;
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

/** What one piece points to that is not there. `path` names the piece in the messages. */
export function* pieceFaults(path: string, piece: Piece, around: Surroundings): Generator<PlanFault> {
  for (const key of ['parts', 'zones', 'features', 'members', 'pictures', 'checks', 'groups', 'steps'] as const)
    yield* duplicates(`${path}.${key}`, piece[key]);
  const parts = ids(piece.parts);
  const place = placeOf(piece);
  const { zones } = place;
  const features = ids(piece.features);
  for (const [i, zone] of piece.zones.entries()) {
    yield* unknown(`${path}.zones[${String(i)}].partId`, zone.partId, parts, 'the id of a part of this piece');
    yield* unknown(`${path}.zones[${String(i)}].substrate`, zone.substrate, isSubstrateId, 'a substrate of the catalogue');
  }
  for (const [i, feature] of piece.features.entries())
    yield* unknown(`${path}.features[${String(i)}].zoneId`, feature.zoneId, zones, 'the id of a zone of this piece');
  for (const [i, picture] of piece.pictures.entries())
    for (const [k, pin] of picture.pins.entries()) {
      yield* unknown(
        `${path}.pictures[${String(i)}].pins[${String(k)}].zoneId`,
        pin.zoneId,
        zones,
        'the id of a zone of this piece, or null',
      );
      yield* unknown(
        `${path}.pictures[${String(i)}].pins[${String(k)}].featureId`,
        pin.featureId,
        features,
        'the id of a feature of this piece, or null',
      );
    }
  for (const [i, step] of piece.steps.entries()) yield* stepFaults(`${path}.steps[${String(i)}]`, step, place, around);
  yield* intentFaults(`${path}.intent`, piece);
}

/** Wishes name effects and ways of the handbook, and features of the piece. Zones that are gone are simply left out. */
function* intentFaults(path: string, { intent, features }: Piece): Generator<PlanFault> {
  if (!intent) return;
  yield* duplicates(`${path}.wishes`, intent.wishes);
  const known = ids(features);
  for (const [i, wish] of intent.wishes.entries()) {
    const at = `${path}.wishes[${String(i)}]`;
    yield* unknown(`${at}.effect`, wish.effect, isEffectId, 'an effect of the handbook');
    yield* unknown(`${at}.featureId`, wish.featureId, known, 'the id of a feature of this piece, or null');
    if (!isEffectId(wish.effect)) continue;
    const ways = new Set(effectById(wish.effect).ways.map(({ id }) => id));
    yield* unknown(`${at}.way`, wish.way, ways, `one of ${[...ways].join(', ')}, or null`);
  }
}

/** What is wrong with a material of the painter's own. */
export function* materialFaults(path: string, own: OwnMaterial): Generator<PlanFault> {
  if (isMaterialId(own.id)) yield { path: `${path}.id`, value: own.id, allowed: 'an id that the catalogue does not use' };
  const base = isMaterialId(own.like) ? materialById(own.like) : null;
  if (!base || base.role === 'thinner')
    yield { path: `${path}.like`, value: own.like, allowed: 'a material of the catalogue, thinners excepted' };
}

export function* bottleFaults(path: string, bottle: Bottle, supplies: Supplies): Generator<PlanFault> {
  yield* unknown(`${path}.material`, bottle.material, supplies.isMaterial, 'a material of the catalogue or of your own');
  if (bottle.sizeMl !== null && bottle.leftMl !== null && bottle.leftMl > bottle.sizeMl)
    yield { path: `${path}.leftMl`, value: String(bottle.leftMl), allowed: `at most what it holds, ${String(bottle.sizeMl)}` };
}

/** What the steps of a saved finish point to that is not there. Bottles and drying places may have gone since: that is no fault. */
export function* finishFaults(path: string, finish: Finish, supplies: Supplies): Generator<PlanFault> {
  if (finish.versions.length === 0) yield { path: `${path}.versions`, value: 'none', allowed: 'at least one version' };
  for (const [v, version] of finish.versions.entries()) {
    const at = `${path}.versions[${String(v)}]`;
    if (version.version !== v + 1)
      yield { path: `${at}.version`, value: String(version.version), allowed: `${String(v + 1)}: versions count up from 1` };
    const place = placeOf({ ...version, members: [] });
    yield* duplicates(`${at}.zones`, version.zones);
    for (const [i, zone] of version.zones.entries())
      yield* unknown(`${at}.zones[${String(i)}].substrate`, zone.substrate, isSubstrateId, 'a substrate of the catalogue');
    for (const [i, step] of version.steps.entries())
      yield* stepFaults(`${at}.steps[${String(i)}]`, { ...step, bottleId: null, mixId: null, dryingPlace: null }, place, {
        supplies,
        places: new Set(),
        mixes: new Set(),
      });
  }
}

/** What a mix names that is not there, and amounts that make none. */
export function* mixFaults(path: string, mix: Mix, supplies: Supplies): Generator<PlanFault> {
  const isBottle = (id: string): boolean => supplies.bottle(id) !== null;
  if (mix.components.length === 0 || mix.components.length > MOST_COMPONENTS)
    yield { path: `${path}.components`, value: String(mix.components.length), allowed: `1–${String(MOST_COMPONENTS)} components` };
  else if (!mix.components.some(({ parts }) => parts > 0))
    yield { path: `${path}.components[0].parts`, value: '0', allowed: 'a number above 0 on at least one component' };
  for (const [i, component] of mix.components.entries()) {
    yield* unknown(
      `${path}.components[${String(i)}].material`,
      component.material,
      supplies.isMaterial,
      'a material of the catalogue or of your own',
    );
    yield* unknown(`${path}.components[${String(i)}].bottleId`, component.bottleId, isBottle, 'the id of a bottle on the shelf, or null');
  }
  for (const [i, change] of mix.changes.entries())
    for (const [k, added] of change.added.entries())
      yield* unknown(
        `${path}.changes[${String(i)}].added[${String(k)}].material`,
        added.material,
        supplies.isMaterial,
        'a material of the catalogue or of your own',
      );
}

/** What an entry of the log names that is not there. Bottles, mixes and zones may have gone since: that is no fault. */
export function* entryFaults(
  path: string,
  entry: LogEntry,
  { supplies, pieces }: { supplies: Supplies; pieces: ReadonlySet<string> },
): Generator<PlanFault> {
  yield* unknown(`${path}.pieceId`, entry.pieceId, pieces, 'the id of a piece');
  const isOfStep = entry.kind === 'work' || entry.kind === 'left-out';
  if (isOfStep && (entry.stepId === null || entry.step === null))
    yield { path: `${path}.${entry.stepId === null ? 'stepId' : 'step'}`, value: 'null', allowed: `a step: “${entry.kind}” is of one` };
  if (entry.kind === 'trouble' && entry.met === null) yield { path: `${path}.met`, value: 'null', allowed: 'the trouble that was met' };
  yield* unknown(`${path}.met.trouble`, entry.met?.trouble ?? null, isTroubleId, 'a trouble of the handbook');
  if (entry.endedAt !== null && entry.endedAt < entry.startedAt)
    yield { path: `${path}.endedAt`, value: entry.endedAt, allowed: `not before it began, ${entry.startedAt}` };
  if (entry.kind !== 'work' && entry.endedAt === null)
    yield { path: `${path}.endedAt`, value: 'null', allowed: 'a time: only work goes on' };
  if (!entry.step) return;
  yield* unknown(`${path}.step.technique`, entry.step.technique, isTechniqueId, 'a technique of the catalogue');
  yield* unknown(`${path}.step.material`, entry.step.material, supplies.isMaterial, 'a material of the catalogue or of your own, or null');
}

/** The same sitting of the same step is done once. */
function* twiceDone(log: readonly LogEntry[]): Generator<PlanFault> {
  const done = new Set<string>();
  for (const [i, { kind, pieceId, stepId, sitting }] of log.entries()) {
    if (kind !== 'work') continue;
    const one = `${pieceId}/${stepId ?? ''}/${String(sitting)}`;
    if (done.has(one)) yield { path: `log[${String(i)}].stepId`, value: one, allowed: 'a sitting that is logged once' };
    done.add(one);
  }
}

/** Longer than this nobody sits at a bench: an end before the begin is a slip, not a night. */
const LONGEST_EVENING_H = 16;

const lengthMin = (start: string, end: string): number => {
  const minutes = minutesOfClock(end) - minutesOfClock(start);
  return minutes > 0 ? minutes : minutes + MINUTES_PER_DAY;
};

/** What of the workshop makes no sense although each field by itself does. */
export function* workshopFaults(path: string, workshop: Workshop): Generator<PlanFault> {
  yield* duplicates(`${path}.climate.places`, workshop.climate.places);
  yield* eveningFaults(path, workshop);
}

/** Evenings that are longer than anybody sits at a bench. */
export function* eveningFaults(path: string, workshop: Pick<Workshop, 'weekly' | 'dates'>): Generator<PlanFault> {
  for (const key of ['weekly', 'dates'] as const)
    for (const [i, { start, end }] of workshop[key].entries())
      if (start !== null && end !== null && lengthMin(start, end) > LONGEST_EVENING_H * 60)
        yield {
          path: `${path}.${key}[${String(i)}].end`,
          value: `${start}–${end}`,
          allowed: `an evening of at most ${String(LONGEST_EVENING_H)} hours; one that ends before it begins goes on over midnight`,
        };
}

/** Everything in a plan that points to something that is not there, one after the other. The shape has been checked before. */
export function* planFaults(plan: PlanFile): Generator<PlanFault> {
  const around: Surroundings = { supplies: suppliesOf(plan), mixes: ids(plan.mixes), places: ids(plan.workshop.climate.places) };
  for (const key of ['pieces', 'bottles', 'materials', 'finishes', 'mixes', 'log'] as const) yield* duplicates(key, plan[key]);
  yield* twiceDone(plan.log);
  for (const [i, own] of plan.materials.entries()) yield* materialFaults(`materials[${String(i)}]`, own);
  for (const [i, bottle] of plan.bottles.entries()) yield* bottleFaults(`bottles[${String(i)}]`, bottle, around.supplies);
  for (const [i, mix] of plan.mixes.entries()) yield* mixFaults(`mixes[${String(i)}]`, mix, around.supplies);
  for (const [i, finish] of plan.finishes.entries()) yield* finishFaults(`finishes[${String(i)}]`, finish, around.supplies);
  for (const [i, piece] of plan.pieces.entries()) yield* pieceFaults(`pieces[${String(i)}]`, piece, around);
  const pieces = ids(plan.pieces);
  for (const [i, entry] of plan.log.entries()) yield* entryFaults(`log[${String(i)}]`, entry, { ...around, pieces });
}

/** Moves every date of a plan that hangs on an anchor so that the anchor falls on `today`. */
export function anchoredOn(plan: PlanFile, today: string): PlanFile {
  if (plan.anchorDate === null) return plan;
  const days = daysBetween(plan.anchorDate, today);
  const day = (date: string | null): string | null => (date === null ? null : addDays(date, days));
  const { kept } = plan.workshop.planning;
  const moment = (at: string | null): string | null => (at === null ? null : movedByDays(at, days));
  return {
    ...plan,
    anchorDate: null,
    workshop: {
      ...plan.workshop,
      dates: plan.workshop.dates.map((d) => ({ ...d, date: addDays(d.date, days) })),
      planning: { ...plan.workshop.planning, kept: kept && movedBy(kept, days) },
    },
    bottles: plan.bottles.map((bottle) => ({ ...bottle, openedOn: day(bottle.openedOn), triedOn: day(bottle.triedOn) })),
    mixes: plan.mixes.map((mix) => ({
      ...mix,
      madeOn: day(mix.madeOn),
      changes: mix.changes.map((change) => ({ ...change, on: addDays(change.on, days) })),
    })),
    finishes: plan.finishes.map((finish) => ({
      ...finish,
      versions: finish.versions.map((version) => ({ ...version, savedOn: addDays(version.savedOn, days) })),
    })),
    pieces: plan.pieces.map((piece) => ({
      ...piece,
      doneBy: day(piece.doneBy),
      archivedOn: day(piece.archivedOn),
      steps: piece.steps.map((step) => ({ ...step, pinnedAt: moment(step.pinnedAt) })),
    })),
    log: plan.log.map((entry) => ({
      ...entry,
      startedAt: movedByDays(entry.startedAt, days),
      endedAt: moment(entry.endedAt),
      dryTest: entry.dryTest && { ...entry.dryTest, at: movedByDays(entry.dryTest.at, days) },
    })),
  };
}
