import type { Technique } from '../types.js';
import { EVEN, PAINTS, WIPED_OFF, alone, at, brushed, technique } from './define.js';

/** Single marks: chips, edges, lines and lettering. */
export const MARKS: readonly Technique[] = [
  technique({ id: 'sponge', putDown: 'anywhere', name: 'Sponge', need: 'ground', touch: 'light', effect: 'accent', dose: 'touch', liquidShare: 0.4, tools: ['sponge'], deposit: { recess: 0.3, face: 0.5, crest: 0.5 }, usualCoverPct: 6, filmFactor: 0.5, roles: PAINTS, phase: 'worn-paint', accent: 'chips', solidsPct: [20, 100], handsOn: at(0.5, 0.4, 1) }),
  technique({ id: 'scrape', putDown: 'anywhere', name: 'Scrape', need: 'ground', touch: 'light', effect: 'accent', dose: 'touch', liquidShare: 0.5, tools: ['fine brush', 'pen'], deposit: { recess: 0, face: 0.3, crest: 1 }, usualCoverPct: 4, filmFactor: 0.3, roles: ['paint', 'drawing'], phase: 'worn-paint', accent: 'chips', handsOn: at(1, 0.4, 0.15) }),
  technique({ id: 'chip', putDown: 'never', name: 'Chip', need: 'chip', touch: 'rubbing', effect: 'remove', dose: 'flood', tools: ['brush', 'knife'], usualCoverPct: 8, roles: ['thinner'], accent: 'chips', handsOn: at(1, 0.8, 0.08) }),
  technique({ id: 'drybrush', putDown: 'anywhere', name: 'Drybrush', brushLoss: WIPED_OFF, need: 'ground', touch: 'light', effect: 'accent', dose: 'touch', liquidShare: 0.3, tools: ['flat brush'], deposit: { recess: 0, face: 0.1, crest: 1 }, usualCoverPct: 10, filmFactor: 0.3, roles: PAINTS, phase: 'light', accent: 'lights', solidsPct: [25, 100], handsOn: brushed(0.5, 0.4, 1.25) }),
  technique({ id: 'edge-highlight', putDown: 'anywhere', name: 'Edge highlight', need: 'ground', touch: 'light', effect: 'accent', dose: 'touch', liquidShare: 0.4, tools: ['fine brush', 'pen'], deposit: { recess: 0, face: 0, crest: 1 }, usualCoverPct: 3, filmFactor: 0.5, roles: ['paint', 'drawing'], phase: 'light', accent: 'lights', solidsPct: [18, 100], handsOn: at(0.5, 0.6, 0.08) }),
  technique({ id: 'line-draw', putDown: 'anywhere', name: 'Draw lines', need: 'ground', touch: 'light', effect: 'accent', dose: 'touch', liquidShare: 0.4, tools: ['pen', 'fine brush'], usualCoverPct: 3, filmFactor: 0.3, roles: ['drawing', 'paint', 'wash'], phase: 'lettering', handsOn: at(1, 0.4, 0.06) }),
  technique({ id: 'decal', putDown: 'anywhere', name: 'Decal', need: 'ground', touch: 'working', effect: 'inlay', dose: 'thin', tools: ['soft brush'], deposit: EVEN, usualCoverPct: 5, roles: ['decal', 'thinner'], phase: 'lettering', wetsMlPerDm2: 0.2, wetInWet: ['thinner'], handsOn: alone(9, 3) }),
];
