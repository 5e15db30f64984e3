import type { CSSProperties } from 'react';

/** As wide as it is shown on a screen, and as wide as it is on paper. */
export const WIDTHS = 'w-(--on-screen) print:w-(--on-paper)';

export const widths = (onScreen: string, widthMm: number): CSSProperties =>
  ({ '--on-screen': onScreen, '--on-paper': `${String(widthMm)}mm` }) as CSSProperties;
