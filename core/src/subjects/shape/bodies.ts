import type { BodyKind } from './body-kind.js';
import { ANIMAL, FIGURE, STUMP } from './grown.js';
import { RIBBED, frame } from './rolling.js';
import { BOX, CYLINDER, MOUND, PLATE, POST, ROOF, TUBE, WEDGE } from './solids.js';

export type { BodyKind } from './body-kind.js';

export const BODY_KINDS: readonly BodyKind[] = [
  BOX,
  PLATE,
  ROOF,
  CYLINDER,
  POST,
  TUBE,
  WEDGE,
  MOUND,
  STUMP,
  FIGURE,
  ANIMAL,
  RIBBED,
  frame('frame', 'Frame on two axles', [0.22, 0.78]),
  frame('bogie-frame', 'Frame on bogies', [0.1, 0.24, 0.76, 0.9]),
];

const BY_ID = new Map(BODY_KINDS.map((kind) => [kind.id, kind]));

/** @throws RangeError naming the id when there is no such kind of body. */
export function bodyKind(id: string): BodyKind {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`a kind of body must be one of ${[...BY_ID.keys()].join(', ')}, got '${id}'`);
  return found;
}
