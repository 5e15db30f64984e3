import type { Piece, Step } from '@eveningtide/core/subjects';
import { Panel } from '../ui/panel.js';
import { PinnedPicture } from './pictures-panel.js';
import { pinsFor } from './pins.js';

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
