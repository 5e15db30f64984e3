import type { Step } from '../subjects/index.js';

/** What is mixed: the same paint, colour and dilution are the same mix. Neat from the bottle nothing is mixed: null. */
export const mixKeyOf = ({ material, bottleId, mixId, colour, dilution }: Step): string | null =>
  mixId !== null ? `mix ${mixId}` : dilution === null ? null : JSON.stringify([material, bottleId, colour, dilution]);
