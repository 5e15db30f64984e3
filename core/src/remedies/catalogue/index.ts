import type { Trouble } from '../types.js';
import { COATS } from './coats.js';
import { GROUNDWORK } from './groundwork.js';
import { MARKS } from './lettering-and-masks.js';
import { TONES } from './tones.js';

/** What has no name here: it is told in a remark, and never proposed. */
export const SOMETHING_ELSE: Trouble = {
  id: 'something-else',
  name: 'Something else',
  sign: 'What has no name here',
  fits: () => false,
  remedies: [],
  worse: [],
  nextTime: [],
};

/** Troubles and their remedies, by what they befall. */
export const TROUBLES: readonly Trouble[] = [...COATS, ...TONES, ...MARKS, ...GROUNDWORK, SOMETHING_ELSE];

/** @throws RangeError when the trouble is not known. */
export function troubleById(id: string): Trouble {
  const found = TROUBLES.find((one) => one.id === id);
  if (!found) throw new RangeError(`trouble '${id}' is not known; known are ${TROUBLES.map((one) => one.id).join(', ')}`);
  return found;
}

export const isTroubleId = (id: string): boolean => TROUBLES.some((one) => one.id === id);
