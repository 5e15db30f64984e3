import { boxOf, type View } from '@eveningtide/core/subjects';

/** One scale for all views, so that the longest just fits. */
export const scaleFor = (views: readonly View[], widthPx: number, heightPx: number): number =>
  Math.max(
    ...views.map((view) => {
      const box = boxOf(view.patches.flatMap((patch) => patch.outline));
      return Math.max(box.widthMm / widthPx, box.heightMm / heightPx);
    }),
    0.01,
  );
