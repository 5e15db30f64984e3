import type { Effect, Technique } from './types.js';

/** What these do is done to the piece, not to its surface: there is no share of a zone, and no second coat of it. */
const OF_THE_PIECE: ReadonlySet<Effect> = new Set<Effect>(['none', 'take-off', 'refit', 'mask', 'unmask']);

/** Whether it is laid on a surface or works on what lies there, so that cover and coats mean something. */
export const isOnSurface = ({ effect, dose }: Pick<Technique, 'effect' | 'dose'>): boolean => dose !== null || !OF_THE_PIECE.has(effect);

/** How a ground is laid: from its can, else with a brush. */
export const groundTechnique = ({ aerosol }: { aerosol: boolean }): string => (aerosol ? 'spray-coat' : 'brush-coat');
