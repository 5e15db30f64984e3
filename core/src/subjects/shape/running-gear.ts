import { at, circle, patch, rect, shown } from './geometry.js';

/** Width of a tread against its wheel's radius. From memory. */
const TREAD_SHARE = 0.3;

/** Frame and wheels below a body: drawn from the side, and what lies hidden beneath. */
export function runningGear(given: { lengthMm: number; widthMm: number; frameTopMm: number; heightMm: number; axles: readonly number[] }) {
  const { lengthMm, widthMm, frameTopMm, heightMm, axles } = given;
  const below = heightMm - frameTopMm;
  // no wheel stands out beyond the frame
  const radius = Math.min(below * 0.42, lengthMm * Math.min(...axles, 1 - Math.max(...axles)));
  const centreY = heightMm - radius;
  const wheels = axles.map((share) => circle(lengthMm * share, centreY, radius));
  const treads = axles.map((share) => rect(lengthMm * share - radius * 0.6, heightMm - radius * 0.16, radius * 1.2, radius * 0.16));
  return {
    patches: [
      patch('underframe', rect(lengthMm * 0.02, frameTopMm, lengthMm * 0.96, below * 0.35)),
      // both faces of each wheel
      ...wheels.map((outline) => patch('wheels', outline, 2, 2)),
      ...treads.map((outline) => shown('wheel-treads', outline)),
    ],
    endPatches: [
      shown('underframe', rect(widthMm * 0.08, frameTopMm, widthMm * 0.84, below * 0.35)),
      shown('wheels', rect(widthMm * 0.16, heightMm - 2 * radius, widthMm * 0.08, 2 * radius)),
      shown('wheels', rect(widthMm * 0.76, heightMm - 2 * radius, widthMm * 0.08, 2 * radius)),
    ],
    hidden: [
      { zoneId: 'underframe', areaMm2: lengthMm * widthMm },
      { zoneId: 'wheel-treads', areaMm2: axles.length * 2 * (2 * Math.PI * radius) * (radius * TREAD_SHARE) },
    ],
    lines: axles.map((share) => [
      at(lengthMm * share - radius, frameTopMm + below * 0.2),
      at(lengthMm * share + radius, frameTopMm + below * 0.2),
    ]),
  };
}
