import type { PieceKind } from '../../subjects/index.js';
import type { Effect, Likely } from '../types.js';

export const EVERY_KIND: readonly PieceKind[] = ['rolling-stock', 'vehicle', 'load', 'structure', 'ground'];
export const MOVING: readonly PieceKind[] = ['rolling-stock', 'vehicle'];
export const STANDING: readonly PieceKind[] = ['structure', 'ground'];

/** Zones by where they are on a piece. */
export const TOPS = ['roof', 'crown', 'load'] as const;
export const SIDES = ['side-upper', 'side-lower', 'ends', 'doors'] as const;
export const LOW = ['side-lower', 'ends', 'underframe', 'running-gear', 'wheels', 'base'] as const;
export const FOOT = ['base'] as const;
export const UNDER = ['underframe', 'running-gear', 'wheels'] as const;
export const WALLS = ['face', 'ends', 'crown', 'base', 'side-upper', 'side-lower'] as const;
export const BODY = ['roof', ...SIDES, 'floor', 'interior', 'face', 'crown', 'base', 'load'] as const;
export const EVERYWHERE = [...BODY, ...UNDER] as const;

export const likely = (given: Partial<Likely> & Pick<Likely, 'usual'>): Likely => ({ years: 6, neglect: true, fine: false, ...given });

type Given = Omit<Effect, 'source' | 'features' | 'likely'> & Partial<Pick<Effect, 'features' | 'likely'>>;
export const effect = (given: Given): Effect => ({ features: [], likely: null, ...given, source: 'common practice; shares from memory' });

/** Grounds that powders and washes hold on. */
export const WANTS_TOOTH = 'A matt ground: powder slides off satin and gloss.';
export const WANTS_HARD = 'A dry-hard ground that its thinner leaves alone, else a seal.';
export const THEN_BIND = 'Fixer or a matt clear where the piece is handled; put on stronger for it.';
export const THEN_NOTHING = 'Nothing.';
