import { subjectOf, zonesNamed } from '@eveningtide/core/sequence';
import type { Picture, Piece, Pin, Step } from '@eveningtide/core/subjects';

/** Pins that a step works at: on its zones, or at the feature it starts from. */
export function pinsFor(piece: Piece, step: Step): { picture: Picture; pins: Pin[] }[] {
  const zones = new Set(zonesNamed(subjectOf(piece), step.zones).map((zone) => zone.id));
  const source = piece.features.find((feature) => feature.label === step.source)?.id;
  return piece.pictures
    .map((picture) => ({
      picture,
      pins: picture.pins.filter((pin) =>
        source !== undefined && pin.featureId !== null ? pin.featureId === source : pin.zoneId !== null && zones.has(pin.zoneId),
      ),
    }))
    .filter(({ pins }) => pins.length > 0);
}
