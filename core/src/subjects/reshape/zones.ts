import type { Shape } from '../drawing.js';
import type { Piece } from '../piece.js';
import { at } from '../shape/geometry.js';
import { shapeOf, shapeWith, zoneBox } from '../templates/index.js';

const once = (ids: readonly string[]): string[] => [...new Set(ids)];

/** Two zones made one: it has both surfaces and goes by the second's name and stuff. Steps and wishes that named the first name it. */
export function joined(piece: Piece, zoneId: string, intoId: string): Piece {
  const [from, into] = [zoneId, intoId].map((id) => piece.zones.find((zone) => zone.id === id));
  if (!from || !into || from === into) throw new RangeError(`two zones of the piece are joined, got '${zoneId}' and '${intoId}'`);
  const renamed = (id: string): string => (id === zoneId ? intoId : id);
  const shape = shapeOf(piece);
  const next = shape && inShape(shape, (one) => ({ ...one, zoneId: renamed(one.zoneId) }));
  return {
    ...piece,
    shape: next,
    zones: piece.zones.flatMap((zone) =>
      zone === from
        ? []
        : zone === into
          ? [
              {
                ...zone,
                areaMm2: zone.areaMm2 + from.areaMm2,
                count: Math.max(zone.count, from.count),
                sets: once([...zone.sets, ...from.sets]),
              },
            ]
          : [zone],
    ),
    features: piece.features.map((feature) => {
      const [was, is] = [shape && zoneBox(shape.views, feature.zoneId), next && zoneBox(next.views, renamed(feature.zoneId))];
      if (feature.zoneId !== zoneId && feature.zoneId !== intoId) return feature;
      const place =
        was && is && was.view === is.view ? at(feature.xMm + was.box.xMm - is.box.xMm, feature.yMm + was.box.yMm - is.box.yMm) : {};
      return { ...feature, ...place, zoneId: intoId };
    }),
    pictures: piece.pictures.map((picture) => ({
      ...picture,
      pins: picture.pins.map((pin) => ({ ...pin, zoneId: pin.zoneId && renamed(pin.zoneId) })),
    })),
    steps: piece.steps.map((step) => ({ ...step, zones: once(step.zones.map(renamed)) })),
    intent: piece.intent && {
      ...piece.intent,
      wishes: piece.intent.wishes.map((wish) => ({ ...wish, zones: wish.zones && once(wish.zones.map(renamed)) })),
    },
  };
}

/** Steps that are done on these zones and nowhere else: they go with them. */
export const stepsOnlyOn = ({ steps }: Pick<Piece, 'steps'>, zoneIds: readonly string[]): Piece['steps'] =>
  steps.filter(({ zones }) => zones.every((id) => zoneIds.includes(id)));

/**
 * The piece without some of its zones, what is drawn of them and what was to be done on them only. A part that has no zone left goes, too.
 *
 * @throws RangeError when no zone to paint would be left.
 */
export function withoutZones(piece: Piece, zoneIds: readonly string[]): Piece {
  const gone = new Set(zoneIds);
  const zones = piece.zones.filter(({ id }) => !gone.has(id));
  if (!zones.some(({ keepClean }) => keepClean === null)) throw new RangeError('a piece needs at least one zone that is painted');
  const left = (ids: readonly string[]): string[] => ids.filter((id) => !gone.has(id));
  const lost = new Set(stepsOnlyOn(piece, zoneIds).map(({ id }) => id));
  const steps = piece.steps.filter(({ id }) => !lost.has(id)).map((step) => ({ ...step, zones: left(step.zones) }));
  const features = piece.features.filter(({ zoneId }) => !gone.has(zoneId));
  const isHere = (id: string | null): boolean => id === null || features.some((feature) => feature.id === id);
  const had = new Set(piece.zones.map(({ partId }) => partId));
  const shape = shapeOf(piece);
  return {
    ...piece,
    shape: shape && shapeWith(shape, new Set(zones.map(({ id }) => id))),
    zones,
    features,
    parts: piece.parts.filter(({ id }) => !had.has(id) || zones.some(({ partId }) => partId === id)),
    pictures: piece.pictures.map((picture) => ({
      ...picture,
      pins: picture.pins.map((pin) => ({
        ...pin,
        zoneId: pin.zoneId !== null && gone.has(pin.zoneId) ? null : pin.zoneId,
        featureId: isHere(pin.featureId) ? pin.featureId : null,
      })),
    })),
    steps,
    groups: piece.groups.filter(({ id }) => steps.some(({ groupId }) => groupId === id)),
    waivers: piece.waivers.filter(({ stepId }) => !lost.has(stepId)),
    intent: piece.intent && {
      ...piece.intent,
      wishes: piece.intent.wishes.flatMap((wish) => {
        if (!isHere(wish.featureId)) return [];
        const own = wish.zones && left(wish.zones);
        return own?.length === 0 ? [] : [{ ...wish, zones: own }];
      }),
    },
  };
}

const inShape = ({ views, hidden }: Shape, change: <T extends { zoneId: string }>(one: T) => T): Shape => ({
  views: views.map((view) => ({ ...view, patches: view.patches.map(change) })),
  hidden: hidden.map(change),
});
