/** What is laid over a share of the ground, glued as it is scattered. */
export const GROWTH_KINDS = ['turf', 'grass', 'moss', 'litter'] as const;
export type GrowthKind = (typeof GROWTH_KINDS)[number];

/** What is set one by one. */
export const PLANT_KINDS = ['tuft', 'bush', 'tree'] as const;
export type PlantKind = (typeof PLANT_KINDS)[number];

/** Where nothing grows. */
export const KEEP_OFF_KINDS = ['track', 'path', 'row'] as const;
export type KeepOffKind = (typeof KEEP_OFF_KINDS)[number];

/** A base seen from above, or a face seen from the front. */
export const GROUND_STANCES = ['base', 'face'] as const;
export type GroundStance = (typeof GROUND_STANCES)[number];

/** One sort of growth over a share of the ground. */
export interface Growth {
  id: string;
  name: string;
  kind: GrowthKind;
  /** Of the ground that is free, %. */
  sharePct: number;
  /** How long the fibres are, mm; grass alone has them. */
  fibreMm: number | null;
  /** Laid so many times: again where the ground shows dark; moss in so many greens. */
  rounds: number;
  /** #rrggbb; null: as it comes. */
  colour: string | null;
}

/** Plants of one sort. Lengths in mm on the model. */
export interface Plants {
  id: string;
  name: string;
  plant: PlantKind;
  count: number;
  /** Across the crown of the largest. */
  acrossMm: number;
  heightMm: number;
  /** In groups of three of different height. */
  inThrees: boolean;
}

/** A strip that nothing is planted on: a straight line and how wide it is. */
export interface KeepOff {
  id: string;
  name: string;
  kind: KeepOffKind;
  fromXMm: number;
  fromYMm: number;
  toXMm: number;
  toYMm: number;
  widthMm: number;
}

/** A plant that was set by hand. */
export interface MovedPlant {
  plantsId: string;
  /** Which of its sort, from 0. */
  at: number;
  xMm: number;
  yMm: number;
}

/** What grows on a base or a face. Places in mm from its upper left. */
export interface Planting {
  id: string;
  name: string;
  scaleRatio: number;
  stance: GroundStance;
  lengthMm: number;
  /** Of a base from front to back, of a face from foot to top. */
  widthMm: number;
  /** A face that is glued together from so many boards first; null: it stands already. */
  boards: number | null;
  /** The piece it grows on; null: a ground of its own. It may have gone since: that is no fault. */
  pieceId: string | null;
  /** Which of its zones. */
  zoneId: string | null;
  growths: Growth[];
  plants: Plants[];
  keepOffs: KeepOff[];
  /** Another number, another way to stand. */
  seed: number;
  moved: MovedPlant[];
  note: string;
}
