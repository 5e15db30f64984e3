import { TOOLS, type Tool } from './tools.js';

/** How fast hands are. Common practice; all figures from memory: what one's own log knows takes their place. */

/** What the time of a technique goes by, besides picking a piece up and setting up. */
export type Pace =
  /** Hands alone: the piece is what is counted. */
  | { by: 'piece' }
  /** Area at one rate, dm² a minute at full cover. */
  | { by: 'area'; dm2PerMin: number }
  /** Area at the rate of the brush that suits the zone, so many times as fast as a coat of paint. */
  | { by: 'brush'; times: number }
  /** Places of about this size, one by one. */
  | { by: 'places'; minutesEach: number; mm2Each: number };

export interface HandsOn {
  /** Before the first piece, once a sitting; null: as the tool wants. */
  setUpMin: number | null;
  /** To pick a piece up, turn it and put it down, at each coat. */
  perPieceMin: number;
  /** To come to another side of it. */
  perZoneMin: number;
  pace: Pace;
  /** On windows, treads and whatever else is kept clean, where that goes otherwise. */
  onKeptClean: Pace | null;
}

/** Brushes as they usually lie on a bench, and what each coats, dm² a minute. */
export const BRUSHES: readonly { widthMm: number; dm2PerMin: number }[] = [
  { widthMm: 3, dm2PerMin: 0.08 },
  { widthMm: 6, dm2PerMin: 0.25 },
  { widthMm: 12, dm2PerMin: 0.6 },
  { widthMm: 25, dm2PerMin: 2 },
  { widthMm: 50, dm2PerMin: 5 },
];

/** Of a side of so many mm² the brush takes at most this share of a square's edge: a wider one goes over its ends. */
const WIDEST_SHARE = 0.3;

export const BRUSH_WIDTHS_MM: readonly number[] = BRUSHES.map(({ widthMm }) => widthMm);

type Brush = (typeof BRUSHES)[number];

/** The largest brush of those that there are that suits a zone of this area; the smallest where none does. */
export function brushFor(areaMm2: number, widthsMm: readonly number[] = BRUSH_WIDTHS_MM): Brush {
  const there = BRUSHES.filter(({ widthMm }) => widthsMm.includes(widthMm));
  const own = there.length > 0 ? there : BRUSHES;
  const widest = WIDEST_SHARE * Math.sqrt(areaMm2);
  return own.findLast(({ widthMm }) => widthMm <= widest) ?? (own[0] as Brush);
}

/** A tool as steps name it; null where it is none of the list. */
export const toolOf = (name: string): Tool | null => TOOLS.find((tool) => tool === name) ?? null;

/** What is sprayed, dm² a minute and coat. */
export const SPRAY_DM2_PER_MIN: Readonly<Partial<Record<Tool, number>>> = { aerosol: 10, airbrush: 1.25 };

/** Setting up, minutes: paint stirred and thinned, brush wetted; a can shaken for two minutes. */
export const SET_UP_MIN: Record<Tool, number> = {
  airbrush: 2,
  aerosol: 2,
  brush: 1,
  'flat brush': 1,
  'fine brush': 1,
  'soft brush': 1,
  sponge: 1,
  cloth: 0.5,
  pen: 0.5,
  knife: 1,
  'razor saw': 1,
  'hot wire': 3,
  'glass-fibre brush': 0.5,
  'rotary brush': 2,
  pipette: 1,
  sieve: 0.5,
  dryer: 0,
  hand: 0.5,
};

/** A share of an area takes this power of the share in time: the eye goes over the rest as well. */
export const COVER_EXPONENT = 0.7;
/** A zone smaller than this is a small place, and takes half a minute however little there is to cover. */
export const SMALL_PLACE = { upToMm2: 400, leastMin: 0.5 } as const;
