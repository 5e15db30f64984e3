/**
 * How much of what is no film a full cover takes, and what cleaning costs. All from memory: weigh yours once and
 * judge these figures by it.
 */
import type { Material } from '../materials/index.js';
import type { Technique } from '../techniques/index.js';

/** Loose powder on a full cover, g per dm². */
export const POWDER_G_PER_DM2 = 0.12;

/** Dry film that a slurry stirred from loose powder leaves where it covers, µm. */
export const STIRRED_SLURRY_UM = 20;

/**
 * A wash stands no deeper than this, µm wet: more runs off (our number). However far it is thinned, no more of it is laid; it only leaves less.
 */
export const TINT_MOST_WET_UM = 200;
/** And a brush floods it on no shallower than this, however little it leaves, µm wet (from memory). */
export const TINT_LEAST_WET_UM = 60;

/** Comes from the tap: it is told where it is used, and never bought. */
export const FROM_THE_TAP: ReadonlySet<string> = new Set(['water', 'water-detergent']);

/** What cleans up after each liquid, and how much goes at a colour of the airbrush or a brush, mL. */
export const CLEANED_WITH: Readonly<Partial<Record<Material['carrier'], { material: string; airbrushMl: number; brushMl: number }>>> = {
  water: { material: 'acrylic-thinner', airbrushMl: 3, brushMl: 0 },
  alcohol: { material: 'isopropanol-90', airbrushMl: 3, brushMl: 0.5 },
  spirit: { material: 'white-spirit', airbrushMl: 4, brushMl: 1.5 },
  hot: { material: 'lacquer-thinner', airbrushMl: 4, brushMl: 1.5 },
};

/** What of the paint does not come to lie where it should. */
export interface Loss {
  /** Misses the piece, %: transfer is 15–25 % from a can, 25–40 % from an airbrush (from memory). */
  lostPct: number;
  /** What goes past each piece at each coat, mL: the first and the last burst beside it. */
  perPassMl?: number;
  /** Stays in cup or brush, mL. */
  residueMl: number;
}

/** By tool. */
const LOSSES: ReadonlyMap<string, Loss> = new Map([
  ['airbrush', { lostPct: 67, perPassMl: 0.05, residueMl: 0.5 }],
  ['aerosol', { lostPct: 75, perPassMl: 0.8, residueMl: 0 }],
  ['sponge', { lostPct: 40, residueMl: 0.1 }],
  ['pen', { lostPct: 0, residueMl: 0 }],
]);
const BRUSH_LOSS = { lostPct: 5, residueMl: 0.2 };

/** What misses the piece or stays behind, by tool, or as the technique has it with a brush. */
export const lossOf = ({ brushLoss }: Pick<Technique, 'brushLoss'>, tool: string): Loss => LOSSES.get(tool) ?? brushLoss ?? BRUSH_LOSS;
