import { zonesNamed, subjectOf } from '@eveningtide/core/sequence';
import type { Piece, Pin, Picture, Step } from '@eveningtide/core/subjects';
import { Panel } from '../ui/panel.js';
import { PinnedPicture } from './pictures-panel.js';

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

/** The photographs that show what the open step is to look like. */
export function StepPictures({ piece, step }: { piece: Piece; step: Step }) {
  const found = pinsFor(piece, step);
  if (found.length === 0) return null;
  return (
    <Panel title="As on the prototype">
      {found.map(({ picture, pins }) => (
        <figure key={picture.id} className="mb-2">
          <PinnedPicture picture={picture} pins={pins} />
          <figcaption>
            <ul>
              {pins.map((pin) => (
                <li key={pin.id}>
                  <b className="figures">{picture.pins.indexOf(pin) + 1}</b> {pin.note || 'as it is here'}
                </li>
              ))}
            </ul>
          </figcaption>
        </figure>
      ))}
    </Panel>
  );
}
