import type { HandsOn } from '../pace.js';
import type { Technique } from '../types.js';

export const EVEN = { recess: 1, face: 1, crest: 1 };
const NONE = { recess: 0, face: 0, crest: 0 };
export const PAINTS = ['primer', 'paint'] as const;
/** What one wet colour is worked into another with. */
export const WET_MEDIA = ['paint', 'wash', 'filter'] as const;

const BASE = {
  dose: null,
  liquidShare: 1,
  wetInWet: [],
  blows: false,
  buries: false,
  binds: false,
  takesOff: false,
  soaksLoose: false,
  leaves: 1,
  putDown: 'between',
  brushLoss: null,
  deposit: NONE,
  usualCoverPct: 100,
  filmFactor: 1,
  roles: [],
  phase: null,
  accent: null,
  solidsPct: [0, 100],
  wetsMlPerDm2: 0.2,
  source: 'common practice; times from memory',
} as const;
/** Most of what a drybrush carries is wiped off first (common practice); shares from memory. */
export const WIPED_OFF = { lostPct: 80, residueMl: 0.05 } as const;
/** Of what a brush floods on, a part runs off and is dabbed away (from memory). */
export const RUN_OFF = { lostPct: 30, residueMl: 0.2 } as const;

const HANDS = { setUpMin: null, onKeptClean: null } as const;
/** The piece is what is counted: so many minutes each, and to set up. */
export const alone = (perPieceMin: number, setUpMin: number | null = null): HandsOn => ({ ...HANDS, setUpMin, perPieceMin, perZoneMin: 0, pace: { by: 'piece' } });
/** So many minutes a piece, a side of it, and dm² a minute. */
export const at = (perPieceMin: number, perZoneMin: number, dm2PerMin: number): HandsOn => ({ ...HANDS, perPieceMin, perZoneMin, pace: { by: 'area', dm2PerMin } });
/** So many minutes a piece, a side of it, and so many times as fast as a coat with the brush that suits. */
export const brushed = (perPieceMin: number, perZoneMin: number, times: number): HandsOn => ({ ...HANDS, perPieceMin, perZoneMin, pace: { by: 'brush', times } });

export const technique = (t: Pick<Technique, 'id' | 'name' | 'need' | 'touch' | 'effect' | 'tools' | 'handsOn'> & Partial<Technique>): Technique => ({
  ...BASE,
  ...t,
});
