import type { BinderFamily, Material } from '../materials/index.js';

/** Families that stir into one another although they are not the same (common practice). */
const KIN: readonly (readonly BinderFamily[])[] = [
  ['acrylic', 'emulsion'],
  ['enamel', 'enamel-thin', 'oil', 'hardware'],
];

type Stirred = Pick<Material, 'carrier' | 'family'>;

/** Whether two things can be stirred into one mix: dry matter goes into anything wet; liquids must share carrier and kin. */
export function canMix(one: Stirred, other: Stirred): boolean {
  if ([one, other].some(({ carrier }) => carrier === 'cyano' || carrier === 'heat')) return false;
  if (one.carrier === 'none' || other.carrier === 'none') return true;
  if (one.carrier !== other.carrier) return false;
  const inert = one.family === 'inert' || other.family === 'inert';
  return inert || one.family === other.family || KIN.some((kin) => kin.includes(one.family) && kin.includes(other.family));
}
