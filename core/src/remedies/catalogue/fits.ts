import { isSprayTool, usualTool } from '../../sequence/index.js';
import { techniqueById } from '../../techniques/index.js';
import type { Met } from '../types.js';

type On = Pick<Met, 'step' | 'material' | 'supplies'>;

export const effectOf = ({ step }: Pick<Met, 'step'>) => techniqueById(step.technique).effect;
/** Something lies there that takes a print: not where it was only wetted, masked or taken off. */
export const leavesMarks = (met: Pick<Met, 'step'>): boolean =>
  ['film', 'tint', 'accent', 'loose', 'slurry', 'inlay'].includes(effectOf(met));
export const isFilm = (met: On): boolean => effectOf(met) === 'film' && met.material !== null;
export const isSprayed = (on: On): boolean =>
  isFilm(on) && isSprayTool(on.step.tool ?? usualTool(techniqueById(on.step.technique), on.material, on.supplies));
export const isTint = (met: On): boolean => ['tint', 'slurry'].includes(effectOf(met)) && met.material !== null;
export const roleIs =
  (...roles: string[]) =>
  (met: Pick<Met, 'material'>): boolean =>
    met.material !== null && roles.includes(met.material.role);
