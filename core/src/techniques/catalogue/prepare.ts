import type { Technique } from '../types.js';
import { alone, at, technique } from './define.js';

/** What is done to the piece itself: before anything is laid, around it, and after the last coat. */
export const PREPARING: readonly Technique[] = [
  technique({ id: 'prep-mechanical', takesOff: true, putDown: 'anywhere', name: 'Finish the mechanics', need: 'ground', touch: 'rubbing', effect: 'none', tools: ['hand', 'knife'], phase: 'prepare', handsOn: alone(12, 3) }),
  technique({ id: 'scribe', takesOff: true, putDown: 'anywhere', name: 'Scribe', need: 'ground', touch: 'rubbing', effect: 'none', tools: ['knife'], phase: 'prepare', handsOn: at(3, 0.5, 0.1) }),
  technique({ id: 'cut', takesOff: true, putDown: 'anywhere', name: 'Cut', need: 'ground', touch: 'rubbing', effect: 'none', tools: ['knife', 'razor saw', 'hot wire'], phase: 'prepare', handsOn: at(2, 0.5, 0.5) }),
  technique({ id: 'carve', takesOff: true, putDown: 'anywhere', name: 'Carve', need: 'ground', touch: 'rubbing', effect: 'none', tools: ['knife', 'hot wire'], phase: 'prepare', handsOn: at(3, 0.5, 0.08) }),
  // its glue lies between the parts, nothing of it on what is seen
  technique({ id: 'laminate', putDown: 'never', name: 'Glue in layers', need: 'ground', touch: 'rubbing', effect: 'slurry', dose: 'thin', tools: ['flat brush', 'hand'], roles: ['glue'], phase: 'prepare', handsOn: at(3, 0.5, 1) }),
  technique({ id: 'fill', putDown: 'anywhere', buries: true, name: 'Fill', need: 'ground', touch: 'working', effect: 'film', dose: 'thin', tools: ['knife', 'brush'], deposit: { recess: 1, face: 0.1, crest: 0 }, usualCoverPct: 10, roles: ['filler', 'paste'], phase: 'prepare', wetInWet: ['filler', 'paste'], handsOn: at(1.5, 0.4, 0.15) }),
  technique({ id: 'pin', takesOff: true, putDown: 'anywhere', name: 'Pin', need: 'ground', touch: 'rubbing', effect: 'none', tools: ['hand', 'knife'], phase: 'prepare', handsOn: alone(6, 2) }),
  technique({ id: 'weight', putDown: 'anywhere', name: 'Add weight', need: 'ground', touch: 'none', effect: 'none', tools: ['hand'], roles: ['glue'], phase: 'prepare', handsOn: alone(6, 1) }),
  technique({ id: 'clean', putDown: 'anywhere', name: 'Clean', need: 'ground', touch: 'rubbing', effect: 'wet', dose: 'flood', tools: ['soft brush', 'cloth'], roles: ['thinner'], phase: 'prepare', wetsMlPerDm2: 1.5, handsOn: { ...at(1, 0.3, 0.8), setUpMin: 3 } }),
  technique({ id: 'abrade', takesOff: true, putDown: 'anywhere', name: 'Abrade', need: 'ground', touch: 'rubbing', effect: 'none', tools: ['hand', 'glass-fibre brush'], wetsMlPerDm2: 0.2, handsOn: at(0.5, 0.4, 0.4) }),
  technique({ id: 'mask', putDown: 'anywhere', name: 'Mask', need: 'ground', touch: 'rubbing', effect: 'mask', tools: ['knife', 'fine brush'], roles: ['masking'], phase: 'protect', handsOn: { ...at(1, 1.5, 0.6), onKeptClean: { by: 'places', minutesEach: 1.75, mm2Each: 120 } } }),
  technique({ id: 'unmask', putDown: 'anywhere', name: 'Unmask', need: 'ground', touch: 'light', effect: 'unmask', tools: ['hand'], phase: 'protect', handsOn: { ...at(0.5, 0.5, 3), onKeptClean: { by: 'places', minutesEach: 0.3, mm2Each: 120 } } }),
  technique({ id: 'take-off', putDown: 'anywhere', name: 'Take off', need: 'ground', touch: 'none', effect: 'take-off', tools: ['hand'], phase: 'protect', handsOn: alone(1.5) }),
  technique({ id: 'refit', putDown: 'anywhere', name: 'Refit', need: 'ground', touch: 'rubbing', effect: 'refit', tools: ['hand'], phase: 'protect', handsOn: alone(1.5) }),
  technique({ id: 'clean-treads', putDown: 'anywhere', name: 'Clean treads', need: 'ground', touch: 'light', effect: 'none', tools: ['cloth', 'rotary brush', 'glass-fibre brush'], phase: 'close', handsOn: alone(5, 1) }),
  technique({ id: 'polish', putDown: 'anywhere', name: 'Polish', need: 'ground', touch: 'rubbing', effect: 'none', tools: ['cloth', 'rotary brush'], phase: 'close', wetsMlPerDm2: 0.1, handsOn: at(0.5, 0.3, 0.6) }),
  technique({ id: 'inspect', putDown: 'anywhere', name: 'Look', need: 'ground', touch: 'none', effect: 'none', tools: ['hand'], phase: 'close', handsOn: alone(2, 0.5) }),
];
