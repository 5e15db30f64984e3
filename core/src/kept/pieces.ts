import { effectById, isEffectId } from '../effects/index.js';
import { isSubstrateId, type Piece } from '../subjects/index.js';
import { duplicates, ids, unknown, type PlanFault } from './fault.js';
import { each, keptList, type Loose, type Surroundings } from './kept-thing.js';
import { dayMoved, momentMoved } from './moved.js';
import { STEP_UPGRADES, placeOf, stepFaults } from './step-faults.js';

const LISTS = ['parts', 'zones', 'features', 'members', 'pictures', 'checks', 'groups', 'steps'] as const;

/** What one piece points to that is not there. `path` names the piece in the messages. */
function* pieceFaults(path: string, piece: Piece, around: Surroundings): Generator<PlanFault> {
  for (const key of LISTS) yield* duplicates(`${path}.${key}`, piece[key]);
  yield* bodyFaults(path, piece);
  yield* pinFaults(path, piece);
  const place = placeOf(piece);
  for (const [i, step] of piece.steps.entries()) yield* stepFaults(`${path}.steps[${String(i)}]`, step, place, around);
  yield* intentFaults(`${path}.intent`, piece);
}

/** Zones lie on parts, features on zones. */
export function* bodyFaults(path: string, piece: Pick<Piece, 'parts' | 'zones' | 'features' | 'shape'>): Generator<PlanFault> {
  const [parts, zones] = [ids(piece.parts), ids(piece.zones)];
  for (const [i, zone] of piece.zones.entries()) {
    yield* unknown(`${path}.zones[${String(i)}].partId`, zone.partId, parts, 'the id of a part of this piece');
    yield* unknown(`${path}.zones[${String(i)}].substrate`, zone.substrate, isSubstrateId, 'a substrate of the catalogue');
  }
  yield* shapeFaults(`${path}.shape`, piece, zones);
  for (const [i, feature] of piece.features.entries())
    yield* unknown(`${path}.features[${String(i)}].zoneId`, feature.zoneId, zones, 'the id of a zone of this piece');
}

/** Pins stand on zones and features, or on neither. */
function* pinFaults(path: string, piece: Piece): Generator<PlanFault> {
  const [zones, features] = [ids(piece.zones), ids(piece.features)];
  for (const [i, picture] of piece.pictures.entries())
    for (const [k, pin] of picture.pins.entries()) {
      const at = `${path}.pictures[${String(i)}].pins[${String(k)}]`;
      yield* unknown(`${at}.zoneId`, pin.zoneId, zones, 'the id of a zone of this piece, or null');
      yield* unknown(`${at}.featureId`, pin.featureId, features, 'the id of a feature of this piece, or null');
    }
}

/** A drawing is of zones that the piece has, each view once. */
function* shapeFaults(path: string, { shape }: Pick<Piece, 'shape'>, zones: ReadonlySet<string>): Generator<PlanFault> {
  if (!shape) return;
  yield* duplicates(`${path}.views`, shape.views);
  const here = 'the id of a zone of this piece';
  for (const [i, { patches }] of shape.views.entries())
    for (const [k, { zoneId }] of patches.entries())
      yield* unknown(`${path}.views[${String(i)}].patches[${String(k)}].zoneId`, zoneId, zones, here);
  for (const [i, { zoneId }] of shape.hidden.entries()) yield* unknown(`${path}.hidden[${String(i)}].zoneId`, zoneId, zones, here);
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

/** Zones could not be put into groups. */
export const zonesInNoSet = (thing: Loose): Loose => ({ ...thing, zones: each(thing['zones'], (zone) => ({ ...zone, sets: [] })) });

export const pieces = keptList<Piece, 'piece'>({
  one: 'piece',
  most: 10_000,
  since: 1,
  pointsTo: ['materials', 'bottles', 'mixes', 'places'],
  loses: [],
  faults: pieceFaults,
  moved: (piece, days) => ({
    ...piece,
    doneBy: dayMoved(piece.doneBy, days),
    archivedOn: dayMoved(piece.archivedOn, days),
    steps: piece.steps.map((step) => ({ ...step, pinnedAt: momentMoved(step.pinnedAt, days) })),
  }),
  upgrades: {
    1: (piece) => ({
      ...piece,
      sizeMm: null,
      archivedOn: null,
      pictures: each(piece['pictures'], (picture) => ({ ...picture, takenOn: null, widthPx: 0, heightPx: 0 })),
      steps: each(piece['steps'], STEP_UPGRADES[1]),
    }),
    // it had nothing to say how alike a batch should be, knew no finishes and no wishes
    2: (piece) => ({
      ...piece,
      likeness: 'own',
      varySeed: null,
      finish: null,
      intent: null,
      waivers: [],
      zones: each(piece['zones'], (zone) => ({ ...zone, startColour: null })),
      steps: each(piece['steps'], STEP_UPGRADES[2]),
    }),
    3: (piece) => ({ ...piece, steps: each(piece['steps'], STEP_UPGRADES[3]) }),
    6: (piece) => ({ ...piece, steps: each(piece['steps'], STEP_UPGRADES[6]) }),
    // its zones were its template's, and so was its drawing
    11: (piece) => ({
      ...piece,
      shape: null,
      cleaned: false,
      steps: each(piece['steps'], STEP_UPGRADES[11]),
      zones: each(piece['zones'], (zone) => ({ ...zone, role: zone['id'], of: null, carries: null, count: 1 })),
    }),
    13: zonesInNoSet,
  },
});
