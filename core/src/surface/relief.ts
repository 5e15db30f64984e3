import type { MadeOf, Relief } from '../subjects/index.js';
import { seededAt, seededFrom, valueNoise } from '../units/index.js';

/** A surface from straight ahead, as it stands: height over a plane, µm, row by row from the upper left. */
export interface HeightMap {
  widthPx: number;
  heightPx: number;
  pxPerMm: number;
  um: Float32Array;
}

/** How the surface is built up. */
export const GRAINS = ['planks', 'plate', 'courses', 'rock', 'plain'] as const;
export type Grain = (typeof GRAINS)[number];

/** What a zone is drawn as: by what the real thing is made of there, and how deep its relief is. */
export function grainOf(of: MadeOf | null, { grooveDepthUm, crestHeightUm }: Relief): Grain {
  if (grooveDepthUm === 0 && crestHeightUm === 0) return 'plain';
  switch (of) {
    case 'timber':
      return 'planks';
    case 'steel':
      return 'plate';
    case 'stone':
      return 'courses';
    case 'rock':
    case 'earth':
    case 'load':
      return 'rock';
    default:
      return crestHeightUm >= ROUGH_FROM_UM ? 'rock' : 'plate';
  }
}

/** From this on a surface of which nothing is said is rough, µm (our number). */
const ROUGH_FROM_UM = 1000;
/** Boards, rivets, courses and stones on the model, mm (our numbers, between 1 : 76 and 1 : 87). */
const PLANK_MM = 3.2;
const [RIVET_MM, RIVET_EVERY_MM, PANEL_MM] = [0.55, 1.9, 14];
const [COURSE_MM, STONE_MM] = [5.2, 9];
/** Grain of timber, and roughness that everything has, µm (from memory). */
const [TIMBER_GRAIN_UM, ROUGHNESS_UM] = [48, 6];

interface Size {
  widthMm: number;
  heightMm: number;
  pxPerMm: number;
  /** Its joints are drawn, and carved by whoever knows the drawing; left out or null, they stand where they usually do. */
  drawn?: Drawn | null;
}

interface Drawn {
  /** Boards stand upright. */
  isUpright: boolean;
  /** Where the joints between courses lie, from the top. */
  coursesMm: readonly number[];
}

type Heights = (xMm: number, yMm: number) => number;

/** Half of how wide a groove is at its top, mm. */
export const grooveReachMm = ({ grooveWidthUm }: Relief): number => (1.5 * Math.max(grooveWidthUm, 150)) / 2000;

/** A groove with leaning sides, `fromMm` from its middle. */
export const groove = (fromMm: number, { grooveDepthUm, grooveWidthUm }: Relief): number => {
  const half = Math.max(grooveWidthUm, 150) / 2000;
  return -grooveDepthUm * Math.min(1, Math.max(0, (half * 1.5 - fromMm) / (half * 0.75)));
};

/** A rounded head, `fromMm` from its middle. */
const head = (fromMm: number, acrossMm: number, heightUm: number): number => {
  const share = (2 * fromMm) / acrossMm;
  return share >= 1 ? 0 : heightUm * Math.sqrt(1 - share * share);
};

const nearest = (mm: number, everyMm: number): number => Math.abs(mm - Math.round(mm / everyMm) * everyMm);

/** Boards side by side, each with its grain and a little higher or lower than the next; a strap with bolts across them. */
function planks(relief: Relief, seed: number, { widthMm, heightMm }: Size): Heights {
  const grain = valueNoise(seed, { x: 4, y: 0.14 }, { x: widthMm, y: heightMm });
  const coarse = valueNoise(seed + 1, { x: 11, y: 0.5 }, { x: widthMm, y: heightMm });
  const random = seededFrom(seed + 2);
  const lie = Array.from({ length: Math.ceil(heightMm / PLANK_MM) + 1 }, () => (random() - 0.5) * 70);
  const strapMm = widthMm * 0.62;
  return (x, y) => {
    const board = Math.floor(y / PLANK_MM);
    const inStrap = Math.abs(x - strapMm) < 1;
    const bolt = inStrap ? head(Math.hypot(x - strapMm, (y % PLANK_MM) - PLANK_MM / 2), 0.8, relief.crestHeightUm * 0.7) : 0;
    if (inStrap) return relief.crestHeightUm * 0.8 + bolt;
    return (lie[board] ?? 0) + TIMBER_GRAIN_UM * (grain(x, y) + coarse(x, y) - 1) + groove(nearest(y, PLANK_MM), relief);
  };
}

/** Sheets with rivets along their seams, and a rib. */
function plate(relief: Relief, seed: number, { widthMm, heightMm }: Size): Heights {
  const dents = valueNoise(seed, { x: 9, y: 7 }, { x: widthMm, y: heightMm });
  const ribMm = widthMm * 0.5;
  return (x, y) => {
    const toSeam = nearest(x - PANEL_MM / 2, PANEL_MM);
    const rib = Math.abs(x - ribMm) < 0.9 ? relief.crestHeightUm : 0;
    const rivetX = Math.min(Math.abs(toSeam - 0.9), 9);
    const alongSeam = head(Math.hypot(rivetX, nearest(y, RIVET_EVERY_MM)), RIVET_MM, relief.crestHeightUm * 0.8);
    const alongFoot = head(Math.hypot(nearest(x, RIVET_EVERY_MM), y - heightMm + 1.6), RIVET_MM, relief.crestHeightUm * 0.8);
    const ledge = Math.abs(y - heightMm * 0.22) < 0.45 ? relief.crestHeightUm * 0.9 : 0;
    return 24 * (dents(x, y) - 0.5) + groove(toSeam, relief) + Math.max(rib, ledge, alongSeam, alongFoot);
  };
}

/** Stones in courses of one height. */
function courses(relief: Relief, seed: number, size: Size): Heights {
  const laid = stones(relief, seed, size, (y) => Math.floor(y / COURSE_MM));
  return (x, y) => laid(x, y) + groove(nearest(y, COURSE_MM), relief);
}

/** Stones beside each other in rows, each a little in or out and rough. */
function stones(relief: Relief, seed: number, { widthMm, heightMm }: Size, rowAt: (yMm: number) => number): Heights {
  const rough = valueNoise(seed, { x: 0.7, y: 0.6 }, { x: widthMm, y: heightMm });
  const worn = valueNoise(seed + 1, { x: 3, y: 3 }, { x: widthMm, y: heightMm });
  const lie = (row: number, stone: number): number => (seededAt(seed + 13 * row + 101 * stone) - 0.5) * 160;
  return (x, y) => {
    const row = rowAt(y);
    const along = x + (row % 2) * (STONE_MM / 2);
    const joint = nearest(along, STONE_MM) + 0.12 * (worn(x, y) - 0.5);
    return lie(row, Math.floor(along / STONE_MM)) + 120 * rough(x, y) + 80 * worn(x, y) + groove(joint, relief);
  };
}

/** Broken rock or earth: heights at many sizes, with beds that lie across. */
function rock(relief: Relief, seed: number, { widthMm, heightMm }: Size): Heights {
  const size = { x: widthMm, y: heightMm };
  const sizes = [12, 5, 2, 0.8, 0.35].map((mesh, i) => ({
    noise: valueNoise(seed + i, { x: mesh * 1.5, y: mesh }, size),
    um: (relief.crestHeightUm * mesh ** 0.75) / 9,
  }));
  const bed = valueNoise(seed + 9, { x: 20, y: 1.6 }, size);
  return (x, y) => {
    let um = 0;
    for (const one of sizes) um += one.um * (one.noise(x, y) - 0.5);
    return um + relief.crestHeightUm * 0.25 * Math.round(bed(x, y) * 3);
  };
}

/** Smooth, but for what every moulding has: a little higher here and lower there. */
function plain(_relief: Relief, seed: number, { widthMm, heightMm }: Size): Heights {
  const size = { x: widthMm, y: heightMm };
  const [wide, narrow] = [valueNoise(seed, { x: 7, y: 5 }, size), valueNoise(seed + 1, { x: 2.4, y: 1.7 }, size)];
  return (x, y) => 16 * wide(x, y) + 7 * narrow(x, y);
}

/** What lies between joints that are drawn: the grain of boards, the dents of sheet, the roughness of stone. */
const BETWEEN: Readonly<Record<Grain, (relief: Relief, seed: number, size: Size) => Heights>> = {
  planks: (_relief, seed, { widthMm, heightMm, drawn }) => {
    const isUpright = drawn?.isUpright ?? false;
    const size = isUpright ? { x: heightMm, y: widthMm } : { x: widthMm, y: heightMm };
    const [grain, coarse] = [valueNoise(seed, { x: 4, y: 0.14 }, size), valueNoise(seed + 1, { x: 11, y: 0.5 }, size)];
    return (x, y) => TIMBER_GRAIN_UM * (isUpright ? grain(y, x) + coarse(y, x) - 1 : grain(x, y) + coarse(x, y) - 1);
  },
  plate: (_relief, seed, { widthMm, heightMm }) => {
    const dents = valueNoise(seed, { x: 9, y: 7 }, { x: widthMm, y: heightMm });
    return (x, y) => 24 * (dents(x, y) - 0.5);
  },
  courses: (relief, seed, size) => {
    const between = size.drawn?.coursesMm ?? [];
    return stones(relief, seed, size, (y) => between.findLastIndex((joint) => joint <= y) + 1);
  },
  rock,
  plain,
};

const BUILT: Readonly<Record<Grain, (relief: Relief, seed: number, size: Size) => Heights>> = { planks, plate, courses, rock, plain };

/** The bare surface of a zone as a patch of it. Seeded: the same patch each time. @throws RangeError where it has no size. */
export function bareSurface(grain: Grain, relief: Relief, size: Size, seed: number): HeightMap {
  const { widthMm, heightMm, pxPerMm } = size;
  const [widthPx, heightPx] = [Math.round(widthMm * pxPerMm), Math.round(heightMm * pxPerMm)];
  if (!(widthPx > 0 && heightPx > 0)) throw new RangeError(`size must be at least one pixel, got ${String(widthPx)} × ${String(heightPx)}`);
  const at = (size.drawn ? BETWEEN : BUILT)[grain](relief, seed, size);
  const skin = valueNoise(seed + 77, { x: 0.3, y: 0.3 }, { x: widthMm, y: heightMm });
  const um = new Float32Array(widthPx * heightPx);
  for (let row = 0, i = 0; row < heightPx; row++) {
    const y = (row + 0.5) / pxPerMm;
    for (let column = 0; column < widthPx; column++, i++) {
      const x = (column + 0.5) / pxPerMm;
      um[i] = at(x, y) + ROUGHNESS_UM * (skin(x, y) - 0.5);
    }
  }
  return { widthPx, heightPx, pxPerMm, um };
}
