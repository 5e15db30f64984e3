import type { Direction, Era, MadeOf, PieceKind, Region } from '../subjects/index.js';
import type { Phase, SchoolId } from '../techniques/index.js';

/** A colour by what it is: a fixed one, the soil or dust of the region, what the real thing is made of, the wish's own, or one that leans on it. */
export type Hue = `#${string}` | 'main' | 'soil' | 'dust' | 'made' | { of: 'main' | 'soil' | 'dust'; shiftL: number };

/** A figure that grows with the intensity: at the least, at half (plain to see), at the most; without the middle evenly. */
export type Grows = readonly [least: number, most: number] | readonly [least: number, half: number, most: number];

/** One step of a way, before it is fitted to a piece. */
export interface EffectStep {
  technique: string;
  material: string | null;
  /** Instead of the material: the clear coat of the sheen that is wanted, of this kind. */
  clear?: 'acrylic' | 'lacquer-aerosol';
  hue?: Hue;
  coverPct?: Grows;
  strength?: Grows;
  coats?: number;
  tool?: string;
  direction?: Direction;
  /** It runs from the wish's feature. */
  runs?: boolean;
  /** Words for what it runs from, where that is no feature. */
  source?: string;
  gate?: string;
  note?: string;
  /** Dry film of a coat, µm, where it is not the usual. */
  dryUm?: number;
}

/** One school of doing it. Its steps stay together, in their order. */
export interface Way {
  id: string;
  name: string;
  /** Why one does it so. */
  why: string;
  /** The school it belongs to: it is taken first where the painter is of that school. */
  school?: { [Id in SchoolId]?: string };
  /** The way that stands in for it where there is nothing to do it with. */
  standIn?: string;
  steps: readonly EffectStep[];
}

/** How a story makes an effect likely: strength in an ordinary life, and what makes more or less of it. */
export interface Likely {
  /** Intensity after a long ordinary life, 0–1. */
  usual: number;
  /** Years after which about two thirds of that are reached; 0: from the first day. */
  years: number;
  regions?: { [R in Region]?: number };
  eras?: { [E in Era]?: number };
  /** Goes with care: what is cleaned and painted shows less. */
  neglect: boolean;
  /** Fine work that is lost from farther away. */
  fine: boolean;
}

export interface Effect {
  id: string;
  name: string;
  /** What one sees. */
  shows: string;
  phase: Phase;
  /** Kinds of piece it makes sense on. */
  kinds: readonly PieceKind[];
  /** Zones it belongs to, those that a piece has. */
  zones: readonly string[];
  /** Kinds of feature it sits at or runs from. */
  features: readonly string[];
  /** A clear coat holds it when it is hard. */
  sealed?: boolean;
  /** What it is seen on, where it is not everything. A story proposes it there only. */
  on?: readonly MadeOf[];
  /** Only where a load lies. */
  ofLoad?: boolean;
  /** Makes no sense without one of its features. */
  needsFeature?: boolean;
  /** Colour where the wish has none. */
  main: Hue;
  ways: readonly [Way, ...Way[]];
  likely: Likely | null;
  /** What it wants below it, and what it wants done to it afterwards. */
  before: string;
  after: string;
  source: 'common practice; shares from memory';
}
