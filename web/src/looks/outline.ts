import type { Point } from '@eveningtide/core/subjects';

/** A run of points as a path, to a hundredth of a millimetre. */
export const outlinePath = (points: readonly Point[]): string =>
  `M${points.map((p) => `${p.xMm.toFixed(2)} ${p.yMm.toFixed(2)}`).join('L')}`;
