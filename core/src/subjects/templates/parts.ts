import type { Check, KeepClean, Part, Relief } from '../piece.js';
import type { SubstrateId } from '../substrates.js';
import { at, circle, rect, type Point } from './geometry.js';
import type { Patch, ZonePlan } from './types.js';

/** What several templates share. Reliefs and factors are from memory; they are starting values that the painter changes. */
const relief = (grooveDepthUm: number, grooveWidthUm: number, crestHeightUm: number): Relief => ({
  grooveDepthUm,
  grooveWidthUm,
  crestHeightUm,
});

export const PLANKED = { relief: relief(300, 300, 300), reliefFactor: 1.1, of: 'timber' } as const;
export const SHEET = { relief: relief(200, 250, 200), reliefFactor: 1.03, of: 'steel' } as const;
export const MACHINERY = { relief: relief(600, 600, 500), reliefFactor: 1.4, of: 'steel' } as const;
export const MASONRY = { relief: relief(500, 500, 200), reliefFactor: 1.15, of: 'stone' } as const;
export const ROUGH = { relief: relief(1500, 1500, 1500), reliefFactor: 1.4, of: 'rock' } as const;
export const SMOOTH = { relief: relief(0, 0, 0), reliefFactor: 1, of: 'steel' } as const;

type Surface = Pick<ZonePlan, 'relief' | 'reliefFactor' | 'of'>;

export const zone = (id: string, name: string, part: string, surface: Surface, more: Partial<ZonePlan> = {}): ZonePlan => ({
  id,
  name,
  part,
  ...surface,
  ...more,
});

export const clean = (id: string, name: string, part: string, keepClean: KeepClean, substrate: SubstrateId): ZonePlan =>
  zone(id, name, part, SMOOTH, { keepClean, substrate });

export const before = (text: string): Omit<Check, 'id' | 'done'> => ({ when: 'before', text });
export const after = (text: string): Omit<Check, 'id' | 'done'> => ({ when: 'after', text });

/** `count` such surfaces on the model; on views of both sides that is two. */
export const patch = (zoneId: string, outline: Point[], count = 2, stretch = 1): Patch => ({ zoneId, outline, count, stretch });
/** Shows again what another view counts. */
export const shown = (zoneId: string, outline: Point[]): Patch => patch(zoneId, outline, 0);

export const RAIL_PARTS: Part[] = [
  { id: 'body', name: 'Body', removable: false },
  { id: 'underframe', name: 'Underframe', removable: false },
  { id: 'wheelsets', name: 'Wheelsets', removable: true },
];

/** Windows that can be taken out for the spray. */
export const GLAZING_PART: Part = { id: 'glazing', name: 'Glazing', removable: true };

export const RAIL_CHECKS = [
  before('Couplers at their height, wheel gauge right'),
  before('Runs freely, nothing wobbles'),
  after('Wheel treads clean, on the contact side as well'),
  after('Runs freely, couples'),
];

export const RUNNING_ZONES: ZonePlan[] = [
  zone('underframe', 'Underframe', 'underframe', MACHINERY),
  zone('wheels', 'Wheels', 'wheelsets', SHEET),
  clean('wheel-treads', 'Wheel treads', 'wheelsets', 'wheel-treads', 'brass'),
];

/** Width of a tread against its wheel's radius. From memory. */
const TREAD_SHARE = 0.3;

/** Frame and wheels below a body: drawn from the side, and what lies hidden beneath. */
export function runningGear(given: { lengthMm: number; widthMm: number; frameTopMm: number; heightMm: number; axles: readonly number[] }) {
  const { lengthMm, widthMm, frameTopMm, heightMm, axles } = given;
  const below = heightMm - frameTopMm;
  const radius = below * 0.42;
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
