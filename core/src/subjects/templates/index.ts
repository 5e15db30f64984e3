import type { Shape, View } from '../drawing.js';
import { toTenth } from '../../units/index.js';
import type { Feature, MadeOf, Piece, Size, Zone } from '../piece.js';
import type { SubstrateId } from '../substrates.js';
import { areaOf, boxOf, patchMm2 } from '../shape/geometry.js';
import { ROAD_VEHICLES } from './road.js';
import { COACHES_AND_ENGINES } from './coaches.js';
import { COMPOSED } from './from-bodies.js';
import { STRUCTURES } from './structures.js';
import { WAGONS } from './wagons.js';
import type { Template, ZonePlan } from './types.js';

export type { Template } from './types.js';

export const TEMPLATES: readonly Template[] = [...WAGONS, ...COACHES_AND_ENGINES, ...ROAD_VEHICLES, ...STRUCTURES, ...COMPOSED];

const BY_ID = new Map(TEMPLATES.map((template) => [template.id, template]));

/** @throws RangeError naming the id when there is no such template. */
export function templateById(id: string): Template {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`template '${id}' is not known`);
  return found;
}

const DIMENSIONS = ['lengthMm', 'widthMm', 'heightMm'] as const;

/**
 * All three dimensions from two: the third keeps the template's proportions to both. @throws RangeError when fewer than
 * two are above 0.
 */
export function completeSize(template: Pick<Template, 'size'>, given: Partial<Size>): Size {
  const known = DIMENSIONS.filter((name) => (given[name] ?? 0) > 0);
  if (known.length < 2) throw new RangeError(`two of length, width and height are needed, got ${String(known.length)}`);
  const scale = known.reduce((product, name) => product * ((given[name] ?? 1) / template.size[name]), 1) ** (1 / known.length);
  const filled = (name: keyof Size): number => {
    const mm = given[name] ?? 0;
    return mm > 0 ? mm : template.size[name] * scale;
  };
  return { lengthMm: filled('lengthMm'), widthMm: filled('widthMm'), heightMm: filled('heightMm') };
}

/** Surface of a zone, mm²: what the views draw and what lies hidden, with its relief. */
export function zoneAreaMm2(shape: Shape, zoneId: string, reliefFactor: number): number {
  const drawn = shape.views.flatMap((view) => view.patches).filter((patch) => patch.zoneId === zoneId);
  const holes = zoneId === 'glazing' ? 0 : glazedMm2(shape, zoneId);
  const plane = drawn.reduce((sum, patch) => sum + patch.count * patch.stretch * patchMm2(patch), 0) - holes;
  const hidden = shape.hidden.filter((h) => h.zoneId === zoneId).reduce((sum, h) => sum + h.areaMm2, 0);
  return (plane + hidden) * reliefFactor;
}

/** Windows are let into the zone they are drawn over: their glass is no part of it. */
function glazedMm2(shape: Shape, zoneId: string): number {
  let sum = 0;
  for (const view of shape.views)
    for (const pane of view.patches.filter((patch) => patch.zoneId === 'glazing')) {
      const under = view.patches.findLast(
        (patch, i) =>
          patch.count > 0 && patch.zoneId !== 'glazing' && i < view.patches.indexOf(pane) && contains(patch.outline, pane.outline),
      );
      if (under?.zoneId === zoneId) sum += pane.count * areaOf(pane.outline);
    }
  return sum;
}

function contains(outer: Parameters<typeof boxOf>[0], inner: Parameters<typeof boxOf>[0]): boolean {
  const [a, b] = [boxOf(outer), boxOf(inner)];
  return b.xMm >= a.xMm && b.yMm >= a.yMm && b.xMm + b.widthMm <= a.xMm + a.widthMm && b.yMm + b.heightMm <= a.yMm + a.heightMm;
}

/** Box of a zone on the first view that shows it, mm; features are placed from its upper left. */
export function zoneBox(views: readonly View[], zoneId: string): { view: View['id']; box: ReturnType<typeof boxOf> } | null {
  for (const view of views) {
    const own = view.patches.filter((patch) => patch.zoneId === zoneId);
    if (own.length > 0) return { view: view.id, box: boxOf(own.flatMap((patch) => patch.outline)) };
  }
  return null;
}

function featuresOf(template: Template, views: readonly View[]): Feature[] {
  return template.features.map(({ zone, kind, label, xShare, yShare }, i) => {
    const box = zoneBox(views, zone)?.box ?? { widthMm: 0, heightMm: 0 };
    return {
      id: `feature-${String(i + 1)}`,
      zoneId: zone,
      kind,
      label,
      xMm: toTenth(xShare * box.widthMm),
      yMm: toTenth(yShare * box.heightMm),
    };
  });
}

/** What its template says of each zone of a piece, where it has one and knows it. */
function plansOf({ template, zones }: Pick<Piece, 'template' | 'zones'>): Map<string, ZonePlan> {
  const all = BY_ID.get(template)?.zones ?? [];
  return new Map(
    zones.flatMap(({ id, role }) => {
      const plan = all.find((one) => one.id === id) ?? all.find((one) => (one.role ?? one.id) === role);
      return plan ? [[id, plan] as const] : [];
    }),
  );
}

/** What the real thing is made of, zone by zone, as far as the zone or its template tells. */
export function madeLike(piece: Pick<Piece, 'template' | 'zones'>): ReadonlyMap<string, { of: MadeOf; carries: boolean }> {
  const plans = plansOf(piece);
  return new Map(
    piece.zones.flatMap(({ id, of, carries }) => {
      const made = of ?? plans.get(id)?.of;
      return made ? [[id, { of: made, carries: carries ?? plans.get(id)?.carries ?? false }] as const] : [];
    }),
  );
}

/** Zones that a load lies on or in. */
export function carryingZones(piece: Pick<Piece, 'template' | 'zones'>): Zone[] {
  const plans = plansOf(piece);
  return piece.zones.filter(({ id, carries }) => carries ?? plans.get(id)?.carries ?? false);
}

/** What a piece is given when it is made. */
export interface Given {
  id: string;
  name: string;
  scaleRatio: number;
  size?: Size;
  substrate?: SubstrateId;
}

/** What a piece may begin with: a template, or a shape of the painter's own. */
export interface Beginning extends Pick<Template, 'id' | 'name' | 'kind' | 'substrate' | 'startSheen' | 'size' | 'scaleRatio'> {
  isOwn: boolean;
  piece: (given: Given) => Piece;
}

export const beginningOf = (template: Template): Beginning => ({
  ...template,
  isOwn: false,
  piece: (given) => pieceFromTemplate(template, given),
});

type Shaped = Pick<Piece, 'kind' | 'template' | 'sizeMm' | 'shape' | 'handled' | 'parts' | 'zones' | 'features' | 'checks'>;

/** A piece of some shape, with no work on it yet. */
export const newPiece = (shaped: Shaped, { id, name, scaleRatio }: Given): Piece => ({
  ...{
    id,
    name,
    scaleRatio,
    cleaned: false,
    sheenWanted: 'matt',
    doneBy: null,
    archivedOn: null,
    note: '',
    likeness: 'own',
    varySeed: null,
  },
  ...{ finish: null, intent: null, waivers: [], members: [], pictures: [], groups: [], steps: [] },
  ...shaped,
});

/** A bare piece from a template. Ids are the template's own, so the same template gives the same piece. */
export function pieceFromTemplate(template: Template, given: Given): Piece {
  const size = given.size ?? template.size;
  const shape = template.shape(size);
  const shaped: Shaped = {
    kind: template.kind,
    template: template.id,
    sizeMm: { ...size },
    shape: null,
    handled: template.handled,
    parts: template.parts.map((part) => ({ ...part })),
    zones: template.zones.map((zone) => ({
      id: zone.id,
      partId: zone.part,
      name: zone.name,
      role: zone.role ?? zone.id,
      of: null,
      carries: null,
      sets: [],
      count: 1,
      substrate: zone.substrate ?? given.substrate ?? template.substrate,
      startSheen: zone.keepClean ? 'bare' : template.startSheen,
      startColour: null,
      areaMm2: Math.round(zoneAreaMm2(shape, zone.id, zone.reliefFactor)),
      down: 'down',
      relief: { ...zone.relief },
      seen: zone.seen ?? 'yes',
      keepClean: zone.keepClean ?? null,
    })),
    features: featuresOf(template, shape.views),
    checks: template.checks.map((check, i) => ({ id: `check-${String(i + 1)}`, ...check, done: false })),
  };
  return newPiece(shaped, given);
}

/** What of a piece its drawing and its areas hang on. */
export type Drawn = Pick<Piece, 'shape' | 'template' | 'sizeMm' | 'zones'>;

/** How a piece is drawn, by itself or else by its template, with the zones that it really has; null where it was never measured. */
export function shapeOf({ shape: own, template, sizeMm, zones }: Drawn): Shape | null {
  const shape = own ?? (sizeMm && BY_ID.get(template)?.shape(sizeMm));
  return shape ? shapeWith(shape, new Set(zones.map(({ id }) => id))) : null;
}

/** A shape with these zones only. */
export const shapeWith = ({ views, hidden }: Shape, zoneIds: ReadonlySet<string>): Shape => ({
  views: views.map((view) => ({ ...view, patches: view.patches.filter(({ zoneId }) => zoneIds.has(zoneId)) })),
  hidden: hidden.filter(({ zoneId }) => zoneIds.has(zoneId)),
});

/** The drawn views of a piece that show something of it; none where it was never measured. */
export const elevationsOf = (piece: Drawn): View[] => (shapeOf(piece)?.views ?? []).filter(({ patches }) => patches.length > 0);
