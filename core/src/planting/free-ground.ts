import { areaOf, at, cutBy, rect, type Point } from '../subjects/index.js';
import type { KeepOff, Planting } from './planting.js';

/** A strip as an outline; a point where it has no length. */
export function stripOutline({ fromXMm, fromYMm, toXMm, toYMm, widthMm }: KeepOff): Point[] {
  const [dx, dy] = [toXMm - fromXMm, toYMm - fromYMm];
  const length = Math.hypot(dx, dy);
  if (length === 0) return [];
  const [acrossX, acrossY] = [((-dy / length) * widthMm) / 2, ((dx / length) * widthMm) / 2];
  return [
    at(fromXMm + acrossX, fromYMm + acrossY),
    at(toXMm + acrossX, toYMm + acrossY),
    at(toXMm - acrossX, toYMm - acrossY),
    at(fromXMm - acrossX, fromYMm - acrossY),
  ];
}

/** How far a place is from the edge of a strip, mm; below 0 on it. */
export function fromStripMm({ fromXMm, fromYMm, toXMm, toYMm, widthMm }: KeepOff, xMm: number, yMm: number): number {
  const [dx, dy] = [toXMm - fromXMm, toYMm - fromYMm];
  const squared = dx * dx + dy * dy;
  const along = squared === 0 ? 0 : Math.min(1, Math.max(0, ((xMm - fromXMm) * dx + (yMm - fromYMm) * dy) / squared));
  return Math.hypot(xMm - fromXMm - along * dx, yMm - fromYMm - along * dy) - widthMm / 2;
}

/** What of the ground may grow, mm²: all but the strips, each place of which counts once. */
export function freeMm2({ lengthMm, widthMm, keepOffs }: Pick<Planting, 'lengthMm' | 'widthMm' | 'keepOffs'>): number {
  const outlines = keepOffs.map(stripOutline).filter((outline) => outline.length > 0);
  const { left } = cutBy({ outline: rect(0, 0, lengthMm, widthMm), holes: [] }, outlines);
  return left.reduce((sum, { outline, holes }) => sum + areaOf(outline) - holes.reduce((cut, hole) => cut + areaOf(hole), 0), 0);
}
