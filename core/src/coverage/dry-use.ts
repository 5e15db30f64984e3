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

/** What is scattered lies about so deep, mL per dm²: 1 mm is 10 mL. */
export const SCATTERED_ML_PER_DM2: ReadonlyMap<string, number> = new Map([
  ['aggregate', 15],
  ['sand', 10],
  ['earth', 10],
  ['baking-soda', 5],
  ['flock', 4],
  ['turf', 4],
  ['static-grass', 5],
  ['leaf-litter', 4],
]);
export const SCATTERED_ELSE_ML_PER_DM2 = 8;

/** Comes from the tap or is not counted at all. */
export const NOT_COUNTED: ReadonlySet<string> = new Set(['water', 'water-detergent']);

/** What cleans up after each liquid, and how much goes at a colour of the airbrush or a brush, mL. */
export const CLEANED_WITH: Readonly<Partial<Record<Material['carrier'], { material: string; airbrushMl: number; brushMl: number }>>> = {
  water: { material: 'acrylic-thinner', airbrushMl: 3, brushMl: 0 },
  alcohol: { material: 'isopropanol-90', airbrushMl: 3, brushMl: 0.5 },
  spirit: { material: 'white-spirit', airbrushMl: 4, brushMl: 1.5 },
  hot: { material: 'lacquer-thinner', airbrushMl: 4, brushMl: 1.5 },
};

/** Share of the paint that misses the piece, %, by tool, and what stays in cup or brush, mL. */
const LOSSES: ReadonlyMap<string, { lostPct: number; residueMl: number }> = new Map([
  ['airbrush', { lostPct: 50, residueMl: 0.5 }],
  ['aerosol', { lostPct: 60, residueMl: 0 }],
  ['sponge', { lostPct: 40, residueMl: 0.1 }],
  ['pen', { lostPct: 0, residueMl: 0 }],
]);
const BRUSH_LOSS = { lostPct: 5, residueMl: 0.2 };

/** What misses the piece or stays behind, by tool, or as the technique has it with a brush. */
export const lossOf = ({ brushLoss }: Pick<Technique, 'brushLoss'>, tool: string): { lostPct: number; residueMl: number } =>
  LOSSES.get(tool) ?? brushLoss ?? BRUSH_LOSS;
