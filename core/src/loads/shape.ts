/** What a load looks like from the side. */
export const PROFILES = ['flat', 'heap', 'hollow'] as const;
export type Profile = (typeof PROFILES)[number];

/** A body with a rectangular base: what is below the edge, and what stands over it or is missing from it. Lengths in mm. */
export interface Shape {
  lengthMm: number;
  widthMm: number;
  /** From the floor to the edge; 0 on a deck. */
  depthMm: number;
  /** A flat top or a crest over the edge; in a hollow, how deep the middle lies below it. */
  overMm: number;
  profile: Profile;
}

const RAD = Math.PI / 180;

/** How high it can stand or sink: sides that slope from all four edges meet over the middle. */
export const crestMm = ({ lengthMm, widthMm, overMm, profile }: Shape, reposeDeg: number): number =>
  profile === 'flat' ? overMm : Math.min(overMm, (Math.min(lengthMm, widthMm) / 2) * Math.tan(reposeDeg * RAD));

/**
 * Volume, mm³, of a heap with a rectangular base whose four sides rise at one angle up to a flat crest or a ridge: the integral of (L − 2z/t)(W − 2z/t) over the
 * height, t the tangent of the angle. At the full height of a square base it is a pyramid.
 */
export function heapMm3(lengthMm: number, widthMm: number, heightMm: number, reposeDeg: number): number {
  const t = Math.tan(reposeDeg * RAD);
  const h = Math.max(0, Math.min(heightMm, (Math.min(lengthMm, widthMm) / 2) * t));
  return lengthMm * widthMm * h - ((lengthMm + widthMm) * h ** 2) / t + (4 * h ** 3) / (3 * t ** 2);
}

/** All of it, mm³. @throws RangeError where a length is not above 0, or a height below it. */
export function bodyMm3(shape: Shape, reposeDeg: number): number {
  const { lengthMm, widthMm, depthMm, overMm, profile } = shape;
  for (const [name, value, least] of [
    ['lengthMm', lengthMm, 1e-9],
    ['widthMm', widthMm, 1e-9],
    ['depthMm', depthMm, 0],
    ['overMm', overMm, 0],
  ] as const)
    if (!(value >= least) || !Number.isFinite(value))
      throw new RangeError(`${name} must be ${least > 0 ? 'above 0' : '0 or more'}, got ${String(value)}`);
  const below = lengthMm * widthMm * depthMm;
  const heap = heapMm3(lengthMm, widthMm, overMm, reposeDeg);
  if (profile === 'flat') return below + lengthMm * widthMm * overMm;
  return Math.max(0, profile === 'heap' ? below + heap : below - heap);
}

/** What is seen from above, laid flat, mm²: slopes are longer than their plan. */
export function topMm2(shape: Shape, reposeDeg: number): number {
  const { lengthMm, widthMm, profile } = shape;
  const plan = lengthMm * widthMm;
  if (profile === 'flat') return plan;
  const h = crestMm(shape, reposeDeg);
  const run = (2 * h) / Math.tan(reposeDeg * RAD);
  const level = Math.max(0, lengthMm - run) * Math.max(0, widthMm - run);
  return level + (plan - level) / Math.cos(reposeDeg * RAD);
}

/** A point of a cut across, mm: from the left side, and up from the floor. */
export type CutPoint = readonly [acrossMm: number, upMm: number];

/** The surface from one edge to the other, cut across. */
export function surfaceAcross(shape: Shape, reposeDeg: number): CutPoint[] {
  const { widthMm, depthMm, profile } = shape;
  const crest = crestMm(shape, reposeDeg);
  const run = profile === 'flat' ? 0 : Math.min(widthMm / 2, crest / Math.tan(reposeDeg * RAD));
  const upMm = Math.max(0, depthMm + (profile === 'hollow' ? -crest : crest));
  return [
    [0, profile === 'flat' ? upMm : depthMm],
    [run, upMm],
    [widthMm - run, upMm],
    [widthMm, profile === 'flat' ? upMm : depthMm],
  ];
}

/** How far below the surface a former lies under a cover, straight down, mm: on a slope further than the cover is thick. */
export const sunkMm = ({ profile }: Pick<Shape, 'profile'>, coverMm: number, reposeDeg: number): number =>
  profile === 'flat' ? coverMm : coverMm / Math.cos(reposeDeg * RAD);

/** What lies under a cover of one thickness, mm³: the body sunk by as much as the cover is thick along the slope. */
export function underMm3(shape: Shape, coverMm: number, reposeDeg: number): number {
  const { lengthMm, widthMm, depthMm, overMm, profile } = shape;
  const sunk = sunkMm(shape, coverMm, reposeDeg);
  if (depthMm >= sunk || profile !== 'heap') return Math.max(0, bodyMm3(shape, reposeDeg) - lengthMm * widthMm * sunk);
  // on a deck the heap below is smaller all round
  const in2 = (2 * (sunk - depthMm)) / Math.tan(reposeDeg * RAD);
  if (in2 >= Math.min(lengthMm, widthMm)) return 0;
  return heapMm3(lengthMm - in2, widthMm - in2, overMm - (sunk - depthMm), reposeDeg);
}
