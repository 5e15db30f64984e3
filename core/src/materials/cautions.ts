import type { Hazard } from './types.js';

/** Usual cautions, common practice. They never replace the safety data sheet or local rules. */
export const CAUTIONS: Record<Hazard, string> = {
  'flammable-vapour':
    'Solvent vapour: extract to the open air, no flame, spark or hot-air gun; a fan motor in the vapour is a spark. Respirator with organic-vapour cartridge.',
  dust: 'Dust: mask, wipe wet, do not blow.',
  'oily-rags': 'Rags with drying oils can heat themselves: lay flat to dry or soak in water.',
  'fast-glue': 'Superglue bonds skin and fumes: gloves, air.',
  hot: 'Hot: burns skin, melts foam.',
  'metal-flake': 'Metal pigments: do not breathe spray or dust.',
  isocyanate:
    'Two-part paint with isocyanate: no mask with a cartridge is enough, and one evening can make one allergic for life. Not without supplied air: leave it to a licensed shop.',
  acid: 'Acid: gloves and goggles, rinse what it touched, never in a cup that held metal.',
};

/** The same in the few words that are read from a metre. */
export const CAUTIONS_SHORT: Record<Hazard, string> = {
  'flammable-vapour': 'Solvent: air to the open, no flame',
  dust: 'Dust mask on',
  'oily-rags': 'Oily rags flat or in water',
  'fast-glue': 'Gloves on, air',
  hot: 'Hot: mind skin and foam',
  'metal-flake': 'Do not breathe the metal',
  isocyanate: 'Not here: a licensed shop',
  acid: 'Acid: gloves, goggles',
};

export const DEFER =
  'Read the product’s safety data sheet and follow local rules; ask a licensed professional for booth wiring and extraction.';
