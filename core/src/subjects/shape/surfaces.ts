import type { MadeOf, Relief } from '../piece.js';

/** Reliefs and factors are from memory; they are starting values that the painter changes. */
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

/** How a surface is, and what the real thing is made of there. */
export interface Surface {
  relief: Relief;
  /** Real surface against the plane one: planks, ribs, rough stone. */
  reliefFactor: number;
  of: MadeOf;
}

/** Surfaces to choose from for a body, and what each is called. */
export const SURFACES = {
  smooth: { name: 'smooth', ...SMOOTH },
  sheet: { name: 'sheet metal, rivets', ...SHEET },
  planked: { name: 'planks', ...PLANKED },
  masonry: { name: 'masonry, plaster', ...MASONRY },
  rough: { name: 'rough rock, bark', ...ROUGH },
  earth: { name: 'earth', ...ROUGH, of: 'earth' },
  machinery: { name: 'machinery', ...MACHINERY },
} as const satisfies Readonly<Record<string, Surface & { name: string }>>;
export type SurfaceId = keyof typeof SURFACES;
export const SURFACE_IDS = Object.keys(SURFACES) as SurfaceId[];
