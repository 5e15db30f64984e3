/** A place on a drawn view: mm from its upper left, y downwards, as the piece stands. */
export interface Point {
  xMm: number;
  yMm: number;
}

/**
 * A surface as it is drawn on a view. The drawing is also what areas are reckoned from: the model has `count` such
 * surfaces, each `stretch` times as large as it looks (a roof that curves away, a slope seen from above). A count of 0
 * shows again what another view counts.
 */
export interface Patch {
  zoneId: string;
  outline: Point[];
  /** What was cut out of it. */
  holes: Point[][];
  count: number;
  stretch: number;
}

export const VIEW_IDS = ['side', 'end', 'top'] as const;
export type ViewId = (typeof VIEW_IDS)[number];

/** One elevation of the piece. */
export interface View {
  id: ViewId;
  name: string;
  widthMm: number;
  heightMm: number;
  patches: Patch[];
  /** Plank joints, door edges, courses: drawn, not painted. */
  lines: Point[][];
}

/** A surface that no view shows: undersides, insides. */
export interface Hidden {
  zoneId: string;
  areaMm2: number;
}

/** How a piece is drawn, and what lies hidden. */
export interface Shape {
  views: View[];
  hidden: Hidden[];
}
