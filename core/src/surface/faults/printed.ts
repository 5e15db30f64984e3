import { seededFrom } from '../../units/index.js';
import { eachPlace, noiseOn } from '../spread/each-place.js';
import type { Fault } from './types.js';
import { raised } from './with-light.js';

/** A finger tip: half its width and height, how far its ridges stand apart, mm, how deep they print, µm; one such on so many mm² (our numbers). */
const [HALF_MM, RIDGE_MM, DEEP_UM, ONE_ON_MM2] = [{ x: 6, y: 8.5 }, 0.85, 100, 700];

/** The coat was still soft: what gripped it stands in it. */
export const printed: Fault = ({ painted, fields, seed }) => {
  const { widthPx, heightPx, pxPerMm } = fields.map;
  const [widthMm, heightMm] = [widthPx / pxPerMm, heightPx / pxPerMm];
  const random = seededFrom(seed);
  const tips = Array.from({ length: Math.max(1, Math.round((widthMm * heightMm) / ONE_ON_MM2)) }, () => ({
    xMm: random() * widthMm,
    yMm: random() * heightMm,
    turn: (random() - 0.5) * 1.4,
  }));
  const bent = noiseOn(fields, seed, { x: 3, y: 3 });
  const prints = eachPlace(fields, (i, column, row) => {
    let deepest = 0;
    for (const { xMm, yMm, turn } of tips) {
      const [dx, dy] = [(column + 0.5) / pxPerMm - xMm, (row + 0.5) / pxPerMm - yMm];
      const [x, y] = [dx * Math.cos(turn) + dy * Math.sin(turn), dy * Math.cos(turn) - dx * Math.sin(turn)];
      const out = Math.hypot(x / HALF_MM.x, y / HALF_MM.y);
      if (out >= 1) continue;
      // ridges run round a middle that lies a little low
      const around = Math.hypot(x, 0.75 * (y - 0.2 * HALF_MM.y)) + 1.6 * (bent[i] ?? 0);
      const ridge = 0.5 + 0.5 * Math.cos((2 * Math.PI * around) / RIDGE_MM);
      deepest = Math.max(deepest, (0.35 + 0.65 * ridge) * Math.min(1, 3 * (1 - out)));
    }
    return deepest;
  });
  return { ...raised(painted, (i) => -DEEP_UM * (prints[i] ?? 0)), last: null };
};
