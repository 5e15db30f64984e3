import type { Feature, Piece, Size } from '../piece.js';
import type { SubstrateId } from '../substrates.js';
import { areaOf, boxOf } from './geometry.js';
import { ROAD_VEHICLES } from './road.js';
import { COACHES_AND_ENGINES } from './coaches.js';
import { STRUCTURES } from './structures.js';
import { WAGONS } from './wagons.js';
import type { Shape, Template, View, ZonePlan } from './types.js';

export type { MadeOf, Patch, Template, View } from './types.js';
export { boxOf, type Point } from './geometry.js';

export const TEMPLATES: readonly Template[] = [...WAGONS, ...COACHES_AND_ENGINES, ...ROAD_VEHICLES, ...STRUCTURES];

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
export function completeSize(template: Template, given: Partial<Size>): Size {
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
function zoneAreaMm2(shape: Shape, zoneId: string, reliefFactor: number): number {
  const drawn = shape.views.flatMap((view) => view.patches).filter((patch) => patch.zoneId === zoneId);
  const holes = zoneId === 'glazing' ? 0 : glazedMm2(shape, zoneId);
  const plane = drawn.reduce((sum, patch) => sum + patch.count * patch.stretch * areaOf(patch.outline), 0) - holes;
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
    const tenth = (mm: number): number => Math.round(mm * 10) / 10;
    return {
      id: `feature-${String(i + 1)}`,
      zoneId: zone,
      kind,
      label,
      xMm: tenth(xShare * box.widthMm),
      yMm: tenth(yShare * box.heightMm),
    };
  });
}

/** What the real thing is made of, zone by zone, as far as a template tells. */
export function madeLike({ template }: Pick<Piece, 'template'>): ReadonlyMap<string, Pick<ZonePlan, 'of' | 'carries'>> {
  const found = TEMPLATES.find(({ id }) => id === template);
  return new Map(found?.zones.map((zone) => [zone.id, zone]));
}

/** A bare piece from a template. Ids are the template's own, so the same template gives the same piece. */
export function pieceFromTemplate(
  template: Template,
  given: { id: string; name: string; scaleRatio: number; size?: Size; substrate?: SubstrateId },
): Piece {
  const size = given.size ?? template.size;
  const shape = template.shape(size);
  return {
    id: given.id,
    name: given.name,
    kind: template.kind,
    template: template.id,
    scaleRatio: given.scaleRatio,
    sizeMm: { ...size },
    handled: template.handled,
    sheenWanted: 'matt',
    doneBy: null,
    archivedOn: null,
    note: '',
    likeness: 'own',
    varySeed: null,
    finish: null,
    intent: null,
    waivers: [],
    parts: template.parts.map((part) => ({ ...part })),
    zones: template.zones.map((zone) => ({
      id: zone.id,
      partId: zone.part,
      name: zone.name,
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
    members: [],
    pictures: [],
    checks: template.checks.map((check, i) => ({ id: `check-${String(i + 1)}`, ...check, done: false })),
    groups: [],
    steps: [],
  };
}

/** The drawn views of a piece, with the zones that it really has; none where it was never measured. */
export function elevationsOf(piece: Pick<Piece, 'template' | 'sizeMm' | 'zones'>): View[] {
  const template = BY_ID.get(piece.template);
  if (!template || !piece.sizeMm) return [];
  const zones = new Set(piece.zones.map((zone) => zone.id));
  return template.shape(piece.sizeMm).views.map((view) => ({ ...view, patches: view.patches.filter((patch) => zones.has(patch.zoneId)) }));
}

/** Zones whose areas follow other dimensions: the piece as it is, measured anew. Areas typed by hand are lost. */
export function resized(piece: Piece, size: Size): Piece {
  const template = BY_ID.get(piece.template);
  if (!template) return { ...piece, sizeMm: size };
  const shape = template.shape(size);
  const factor = new Map(template.zones.map((zone) => [zone.id, zone.reliefFactor]));
  return {
    ...piece,
    sizeMm: size,
    zones: piece.zones.map((zone) => {
      const relief = factor.get(zone.id);
      return relief === undefined ? zone : { ...zone, areaMm2: Math.round(zoneAreaMm2(shape, zone.id, relief)) };
    }),
  };
}
