import type { Technique } from '../types.js';
import { EVEN, PAINTS, WET_MEDIA, alone, at, brushed, technique } from './define.js';

/** Films over all of a side: colour, clear, fixer, and the air that dries them. */
export const COATS: readonly Technique[] = [
  technique({ id: 'spray-coat', name: 'Spray coat', need: 'ground', touch: 'light', effect: 'film', dose: 'mist', tools: ['aerosol', 'airbrush'], deposit: EVEN, filmFactor: 1, roles: [...PAINTS, 'clear', 'soluble'], solidsPct: [6, 24], handsOn: brushed(0.5, 0, 1) }),
  technique({ id: 'airbrush-coat', name: 'Airbrush coat', need: 'ground', touch: 'light', effect: 'film', dose: 'mist', tools: ['airbrush'], deposit: EVEN, roles: [...PAINTS, 'soluble'], solidsPct: [6, 24], handsOn: brushed(0.5, 0, 1) }),
  technique({ id: 'airbrush-zenithal', name: 'Airbrush from above', need: 'ground', touch: 'light', effect: 'accent', dose: 'mist', tools: ['airbrush'], deposit: { recess: 0.2, face: 0.6, crest: 1 }, usualCoverPct: 60, filmFactor: 0.6, roles: PAINTS, phase: 'worn-paint', solidsPct: [5, 20], handsOn: brushed(0.5, 0, 1) }),
  technique({ id: 'brush-coat', name: 'Brush coat', need: 'ground', touch: 'working', effect: 'film', dose: 'thin', tools: ['flat brush', 'brush'], deposit: { recess: 1, face: 1, crest: 0.7 }, roles: [...PAINTS, 'clear', 'soluble', 'glue', 'filler'], solidsPct: [14, 45], wetInWet: WET_MEDIA, handsOn: brushed(0.5, 0.4, 1) }),
  technique({ id: 'clear-coat', binds: true, name: 'Clear coat', need: 'ground', touch: 'working', effect: 'film', dose: 'thin', tools: ['airbrush', 'aerosol', 'flat brush'], deposit: EVEN, roles: ['clear'], phase: 'seal', solidsPct: [6, 45], handsOn: brushed(0.5, 0, 1) }),
  technique({ id: 'fix', binds: true, name: 'Fix', need: 'ground', touch: 'none', effect: 'tint', dose: 'thin', tools: ['airbrush', 'pipette', 'brush'], deposit: EVEN, roles: ['fixer', 'clear', 'thinner'], phase: 'seal', handsOn: at(0.5, 0.3, 2) }),
  technique({ id: 'force-dry', putDown: 'never', name: 'Force-dry', blows: true, need: 'ground', touch: 'none', effect: 'none', tools: ['dryer'], handsOn: alone(5, 0) }),
];
