import type { Tool } from './tools.js';
import type { HandsOn } from './pace.js';
import type { Dose, DryingStage, MaterialRole } from '../materials/index.js';

/**
 * What must lie there for the technique to be possible at all. `ground`: nothing but what it works on · `wet-glue`: dry
 * matter goes into something wet · `workable`: a layer that can still be moved · `chip`: a soluble layer that still opens.
 */
export type Need = 'ground' | 'wet-glue' | 'workable' | 'chip';

/**
 * Where long work may be put down until another evening. `anywhere`: what is done is done · `between`: at the end of a zone or a piece, because a wet edge
 * dries · `never`: what it leaves open does not wait.
 */
export type PutDown = 'anywhere' | 'between' | 'never';

/** How hard the tool presses on what lies below. Each wants it as far as `TOUCH_WANTS` says. */
export type Touch = 'none' | 'light' | 'working' | 'rubbing';

/** What it leaves behind. */
export type Effect =
  'film' | 'tint' | 'accent' | 'loose' | 'slurry' | 'inlay' | 'mask' | 'unmask' | 'take-off' | 'refit' | 'remove' | 'wet' | 'none';

/** Drybrush, pen or soft brush glide over what is tack-free; a wet brush works it; what rubs, grips or prints wants it hard (common practice). */
export const TOUCH_WANTS: Record<Touch, DryingStage | null> = { none: null, light: 'tackFree', working: 'recoatFrom', rubbing: 'dryHard' };

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
  'final',
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
  /** How hard it presses, unless it is sprayed. */
  touch: Touch;
  effect: Effect;
  /** How its liquid reaches the surface, unless it is sprayed. */
  dose: Dose | null;
  /** Share of the liquid that is still there when it lies, unless it is sprayed: a brush wiped almost dry brings little. From memory. */
  liquidShare: number;
  /** What it lays into something wet on purpose, by role: it may then come inside the open time of what lies there. */
  wetInWet: readonly MaterialRole[];
  /** Tools it is done with; the first is the usual one. */
  tools: readonly Tool[];
  /** Share of the deposit that recess, face and crest get, 0–1. */
  deposit: { recess: number; face: number; crest: number };
  usualCoverPct: number;
  /** What its minutes are made of. */
  handsOn: HandsOn;
  putDown: PutDown;
  /** Film against a brushed coat of the same material. */
  filmFactor: number;
  /** Roles of material it is done with; empty: none is needed. */
  roles: readonly string[];
  /** What goes elsewhere when it is done with a brush; null: as with any brush. */
  brushLoss: { lostPct: number; residueMl: number } | null;
  /** A dryer is held over what lies there. */
  blows: boolean;
  /** What it lays is meant to bury the detail: mud, crust, spoil. */
  buries: boolean;
  /** It binds what lies loose there, as any coat over it does. */
  binds: boolean;
  /** It takes material off the piece, which flies about. */
  takesOff: boolean;
  /** Loose matter that lies there drinks it up: it does not work on the paint below. */
  soaksLoose: boolean;
  /** Share of the film that stays where it moves or wipes what lies there; 1: all. From memory. */
  leaves: number;
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
