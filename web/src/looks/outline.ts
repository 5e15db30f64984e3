import type { Patch, Point } from '@eveningtide/core/subjects';

/** A run of points as a path, to a hundredth of a millimetre. */
export const outlinePath = (points: readonly Point[]): string =>
  `M${points.map((p) => `${p.xMm.toFixed(2)} ${p.yMm.toFixed(2)}`).join('L')}`;

/** A patch as a closed path, what was cut out of it left open; to be filled by the even-odd rule. */
export const patchPath = ({ outline, holes }: Pick<Patch, 'outline' | 'holes'>): string =>
  [outline, ...holes].map((ring) => `${outlinePath(ring)}Z`).join('');
