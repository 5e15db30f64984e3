import type { Technique } from '../types.js';
import { PREPARING } from './prepare.js';
import { COATS } from './coats.js';
import { TONES } from './tones.js';
import { MARKS } from './marks.js';
import { DRY_MATTER } from './dry-matter.js';

/** By family. Deposits follow the table of techniques (common practice); hands-on minutes are from memory. */
export const TECHNIQUE_FAMILIES: readonly { name: string; techniques: readonly Technique[] }[] = [
  { name: 'Coats', techniques: COATS },
  { name: 'Tones', techniques: TONES },
  { name: 'Marks', techniques: MARKS },
  { name: 'Powder, paste, growth', techniques: DRY_MATTER },
  { name: 'The piece itself', techniques: PREPARING },
];

export const TECHNIQUES: readonly Technique[] = [...PREPARING, ...COATS, ...TONES, ...MARKS, ...DRY_MATTER];

const BY_ID = new Map(TECHNIQUES.map((t) => [t.id, t]));

export const isTechniqueId = (id: string): boolean => BY_ID.has(id);

/** @throws RangeError naming the id when there is no such technique. */
export function techniqueById(id: string): Technique {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`technique '${id}' is not known`);
  return found;
}
