/**
 * What a material is made of and how it behaves. Entries are generic kinds, never brands; a painter's own bottle
 * points to one of them.
 */

/** Liquids grouped by what they dissolve. `cyano` and `heat` attack substrates only. */
export type SolventClass = 'water' | 'alcohol' | 'spirit' | 'hot' | 'cyano' | 'heat';

export type MaterialRole =
  | 'primer'
  | 'paint'
  | 'clear'
  | 'wash'
  | 'filter'
  | 'powder'
  | 'slurry'
  | 'fixer'
  | 'soluble'
  | 'paste'
  | 'filler'
  | 'glue'
  | 'aggregate'
  | 'decal'
  | 'drawing'
  | 'masking'
  | 'thinner';

/** Films that answer to solvents alike; see `families.ts`. */
export type BinderFamily =
  | 'acrylic'
  | 'emulsion'
  | 'enamel'
  | 'enamel-thin'
  | 'lacquer'
  | 'hardware'
  | 'oil'
  | 'oil-water-mixable'
  | 'ink'
  | 'soluble'
  | 'glue'
  | 'fixer-spirit'
  | 'fixer-alcohol'
  | 'pen'
  | 'inert';

/** Where a figure comes from. A published source is named in full. */
export type FigureSource = 'common practice' | 'from memory' | (string & {});

/** Stages after ASTM D1640; `recoatFrom` and `solventProof` are the trade's. Each is an age in minutes where the ages hold. */
export interface StageAges {
  touchMin: number;
  tackFreeMin: number;
  recoatFromMin: number;
  dryHardMin: number;
  dryThroughMin: number;
  solventProofMin: number;
}

export type DryingStage = 'touch' | 'tackFree' | 'recoatFrom' | 'dryHard' | 'dryThrough' | 'solventProof';

/** How a film dries: shares of water evaporation, solvent evaporation and oxidation; they sum to 1. */
export interface DryingMechanism {
  water: number;
  solvent: number;
  oxidation: number;
}

export interface MinuteWindow {
  fromMin: number;
  toMin: number;
}

export interface Drying {
  mechanism: DryingMechanism;
  /** Dry film, µm, at which the ages hold. */
  referenceDryUm: number;
  /** The air in which they hold: the standard one of data sheets (23 °C, 50 %RH, ISO 291), or the trade's living room (20 °C, 50 %RH). */
  anchor: 'standard' | 'room';
  ages: StageAges;
  /** Wait between coats of the same step, minutes. */
  betweenCoatsMin: number;
  source: FigureSource;
}

/** Ages between which something particular may, or may not, happen. Minutes in the air and on the film where the ages hold. */
export interface SpecialWindows {
  /** Wrinkles when a coat with one of these solvents comes after `wetUntilMin` and before `hardFromMin`. */
  wrinkle?: { solvents: readonly SolventClass[]; wetFromMin: number; wetUntilMin: number; hardFromMin: number };
  /** Can be blended, softened or moved with its own thinner. */
  blend?: MinuteWindow;
  /** Dry matter (aggregate, powder) sticks to it while wet. */
  sprinkle?: MinuteWindow;
  /** Soluble layer: age of the top coat at which water lifts it; after `poorFromMin` it chips badly. */
  chip?: { fromMin: number; poorFromMin: number; deadFromMin: number };
  /** The next coat must come before this age. */
  recoatUntilMin?: number;
}

export interface Material {
  id: string;
  name: string;
  /** One of the painter's own, like one of the catalogue. */
  isOwn?: true;
  role: MaterialRole;
  family: BinderFamily;
  /** The liquid it brings to the surface; `none` for dry matter. */
  carrier: SolventClass | 'none';
  /** Comes from a can under pressure. */
  aerosol: boolean;
  drying: Drying | null;
  windows?: SpecialWindows;
  /** A mask: for so long after it went on it comes off clean; later it leaves traces or pulls paint. */
  comesOffUntilMin?: number;
  volumeSolidsPct: number;
  /** Of the liquid; of dry matter as it lies loose in a spoon, g/mL. */
  densityGPerMl: number;
  /** Of what is scattered: how much lies on a full cover, mL as it lies loose per dm²; 10 is a millimetre. From memory. */
  scatteredMlPerDm2?: number;
  /** What is counted piece by piece takes up so much, mL as it lies loose. From memory. */
  eachMl?: number;
  /** Gloss of the dry film at 60°, GU (ISO 2813); null: leaves the sheen below as it is. */
  sheenGu: number | null;
  /** Share of what lies below that its reference film hides, % (contrast ratio; for dry matter: of what it covers). */
  hidingPct: number;
  /** Default colour as #rrggbb; bottles carry their own. */
  colour: string;
  /** Underbound: chalks and drinks solvent although dry. */
  chalky?: boolean;
  /** Holds without a fix. */
  selfAdhesive?: boolean;
  /** Fibres and flakes that stand up: every brush lays them flat and whitens their tips. */
  stands?: boolean;
  /** Fibres that an electric field shoots upright. */
  shot?: boolean;
  /** Bites into metal with acid. */
  etches?: boolean;
  /** What it thins by its usual share dries so many times as slowly; less of it does less, more of it more. */
  retards?: { factor: number; usualShare: number };
  /** Runs into dry matter by itself: it has a wetting agent in it. */
  wetsOut?: boolean;
  /** Shines as metal does, whatever gloss it is: a clear coat over it takes the gleam. */
  gleams?: boolean;
  /** Wants a trial on scrap first. */
  testFirst?: boolean;
  /** Lowest air temperature at which it forms a film, °C. */
  minFilmC: number | null;
  /** Relative humidity, %, above which it blushes (frosts). */
  blushRhPct: number | null;
  /** Usual life once opened, months. */
  lifeMonths: number | null;
  hazards: readonly Hazard[];
  /** Looks darker or stronger while wet. */
  driesLighter: boolean;
  /** So much darker it looks while wet, L* units; 0 where it does not shift to speak of. */
  wetDarkerL: number;
  source: FigureSource;
}

export type Hazard = 'flammable-vapour' | 'dust' | 'oily-rags' | 'fast-glue' | 'hot' | 'metal-flake' | 'isocyanate' | 'acid';
