import type { Dose } from '../materials/index.js';

/**
 * What the surface must be like before the technique may begin.
 * `nothing`: no matter · `touch`: may be touched · `recoat`: takes the next coat · `dry-hard` ·
 * `wet-glue`: dry matter goes into something wet · `workable`: the layer can still be moved · `chip`: the soluble layer still opens.
 */
export type Need = 'nothing' | 'touch' | 'recoat' | 'dry-hard' | 'wet-glue' | 'workable' | 'chip';

/** What it leaves behind. */
export type Effect =
  'film' | 'tint' | 'accent' | 'loose' | 'slurry' | 'inlay' | 'mask' | 'unmask' | 'take-off' | 'refit' | 'remove' | 'wet' | 'none';

export const TOOLS = [
  'airbrush',
  'aerosol',
  'brush',
  'flat brush',
  'fine brush',
  'soft brush',
  'sponge',
  'cloth',
  'pen',
  'knife',
  'pipette',
  'sieve',
  'dryer',
  'hand',
] as const;
export type Tool = (typeof TOOLS)[number];

/** When in the build-up something comes, as far as trade and chemistry settle it. */
export const PHASES = [
  'prepare',
  'undercoat',
  'base',
  'lettering',
  'protect',
  'worn-paint',
  'shade',
  'run',
  'light',
  'crust',
  'powder',
  'bright',
  'spill',
  'growth',
  'load',
  'seal',
  'close',
] as const;
export type Phase = (typeof PHASES)[number];

/** What stands out from a tone, by how it is made. */
export const ACCENT_KINDS = ['chips', 'lights', 'dots', 'streaks', 'dust'] as const;
export type AccentKind = (typeof ACCENT_KINDS)[number];

export interface Technique {
  id: string;
  name: string;
  need: Need;
  effect: Effect;
  /** How its liquid reaches the surface, unless it is sprayed. */
  dose: Dose | null;
  /** Tools it is done with; the first is the usual one. */
  tools: readonly Tool[];
  /** Share of the deposit that recess, face and crest get, 0–1. */
  deposit: { recess: number; face: number; crest: number };
  usualCoverPct: number;
  /** Hands-on minutes: a base per step and so much per dm² and coat. */
  handsOn: { baseMin: number; perDm2Min: number };
  /** Film against a brushed coat of the same material. */
  filmFactor: number;
  /** Roles of material it is done with; empty: none is needed. */
  roles: readonly string[];
  /** When it usually comes; null: as what is laid with it does. */
  phase: Phase | null;
  /** What it leaves stands out as this; null: it does not. */
  accent: AccentKind | null;
  /** Volume solids of the mix, %, between which it works well (from memory). */
  solidsPct: readonly [low: number, high: number];
  /** Of a liquid that only wets, blends or wipes, mL per dm² (from memory: weigh yours once). */
  wetsMlPerDm2: number;
  source: string;
}
