import type { Technique } from './types.js';

const EVEN = { recess: 1, face: 1, crest: 1 };
const NONE = { recess: 0, face: 0, crest: 0 };
const PAINTS = ['primer', 'paint'] as const;
/** What one wet colour is worked into another with. */
const WET_MEDIA = ['paint', 'wash', 'filter'] as const;

const BASE = {
  dose: null,
  liquidShare: 1,
  wetInWet: [],
  buries: false,
  soaksLoose: false,
  leaves: 1,
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
const technique = (t: Pick<Technique, 'id' | 'name' | 'need' | 'touch' | 'effect' | 'tools' | 'handsOn'> & Partial<Technique>): Technique => ({
  ...BASE,
  ...t,
});

/** Deposits follow the table of techniques (common practice); hands-on minutes are from memory. */
export const TECHNIQUES: readonly Technique[] = [
  technique({ id: 'prep-mechanical', name: 'Finish the mechanics', need: 'ground', touch: 'rubbing', effect: 'none', tools: ['hand', 'knife'], phase: 'prepare', handsOn: { baseMin: 15, perDm2Min: 0 } }),
  technique({ id: 'scribe', name: 'Scribe', need: 'ground', touch: 'rubbing', effect: 'none', tools: ['knife'], phase: 'prepare', handsOn: { baseMin: 5, perDm2Min: 10 } }),
  technique({ id: 'clean', name: 'Clean', need: 'ground', touch: 'rubbing', effect: 'wet', dose: 'flood', tools: ['soft brush', 'cloth'], roles: ['thinner'], phase: 'prepare', wetsMlPerDm2: 1.5, handsOn: { baseMin: 5, perDm2Min: 2 } }),
  technique({ id: 'mask', name: 'Mask', need: 'ground', touch: 'rubbing', effect: 'mask', tools: ['knife', 'fine brush'], roles: ['masking'], phase: 'protect', handsOn: { baseMin: 4, perDm2Min: 4 } }),
  technique({ id: 'unmask', name: 'Unmask', need: 'ground', touch: 'light', effect: 'unmask', tools: ['hand'], phase: 'protect', handsOn: { baseMin: 2, perDm2Min: 1 } }),
  technique({ id: 'spray-coat', name: 'Spray coat', need: 'ground', touch: 'light', effect: 'film', dose: 'mist', tools: ['aerosol', 'airbrush'], deposit: EVEN, filmFactor: 1, roles: [...PAINTS, 'clear', 'soluble'], solidsPct: [6, 24], handsOn: { baseMin: 4, perDm2Min: 2 } }),
  technique({ id: 'airbrush-coat', name: 'Airbrush coat', need: 'ground', touch: 'light', effect: 'film', dose: 'mist', tools: ['airbrush'], deposit: EVEN, filmFactor: 0.8, roles: [...PAINTS, 'soluble'], solidsPct: [6, 24], handsOn: { baseMin: 5, perDm2Min: 3 } }),
  technique({ id: 'airbrush-zenithal', name: 'Airbrush from above', need: 'ground', touch: 'light', effect: 'accent', dose: 'mist', tools: ['airbrush'], deposit: { recess: 0.2, face: 0.6, crest: 1 }, usualCoverPct: 60, filmFactor: 0.6, roles: PAINTS, phase: 'worn-paint', solidsPct: [5, 20], handsOn: { baseMin: 5, perDm2Min: 2 } }),
  technique({ id: 'brush-coat', name: 'Brush coat', need: 'ground', touch: 'working', effect: 'film', dose: 'thin', tools: ['flat brush', 'brush'], deposit: { recess: 1, face: 1, crest: 0.7 }, roles: [...PAINTS, 'clear', 'soluble', 'glue', 'filler'], solidsPct: [14, 45], wetInWet: WET_MEDIA, handsOn: { baseMin: 4, perDm2Min: 6 } }),
  technique({ id: 'sponge', name: 'Sponge', need: 'ground', touch: 'light', effect: 'accent', dose: 'touch', liquidShare: 0.4, tools: ['sponge'], deposit: { recess: 0.3, face: 0.5, crest: 0.5 }, usualCoverPct: 6, filmFactor: 0.5, roles: PAINTS, phase: 'worn-paint', accent: 'chips', solidsPct: [20, 100], handsOn: { baseMin: 4, perDm2Min: 5 } }),
  technique({ id: 'speckle', name: 'Speckle', need: 'ground', touch: 'light', effect: 'accent', dose: 'mist', tools: ['brush', 'airbrush'], deposit: { recess: 0.5, face: 0.5, crest: 0.5 }, usualCoverPct: 5, filmFactor: 0.3, roles: [...PAINTS, 'wash'], phase: 'run', accent: 'dots', solidsPct: [3, 22], wetInWet: WET_MEDIA, handsOn: { baseMin: 3, perDm2Min: 2 } }),
  technique({ id: 'filter', name: 'Filter', need: 'ground', touch: 'working', effect: 'tint', dose: 'thin', tools: ['flat brush', 'airbrush'], deposit: EVEN, filmFactor: 0.5, roles: ['filter', 'wash', ...PAINTS], phase: 'shade', solidsPct: [0.1, 5], wetInWet: WET_MEDIA, handsOn: { baseMin: 4, perDm2Min: 4 } }),
  technique({ id: 'wash', name: 'Wash', need: 'ground', touch: 'working', effect: 'tint', dose: 'thin', tools: ['brush', 'airbrush'], deposit: { recess: 1, face: 0.15, crest: 0.02 }, usualCoverPct: 80, roles: ['wash', ...PAINTS, 'filter'], phase: 'shade', solidsPct: [0.2, 12], wetInWet: WET_MEDIA, handsOn: { baseMin: 4, perDm2Min: 5 } }),
  technique({ id: 'pin-wash', name: 'Pin wash', need: 'ground', touch: 'working', effect: 'tint', dose: 'thin', tools: ['fine brush'], deposit: { recess: 1, face: 0, crest: 0 }, usualCoverPct: 10, roles: ['wash', 'paint'], phase: 'shade', solidsPct: [0.5, 16], wetInWet: WET_MEDIA, handsOn: { baseMin: 4, perDm2Min: 8 } }),
  technique({ id: 'blend', name: 'Blend', leaves: 0.7, need: 'workable', touch: 'working', effect: 'none', dose: 'mist', tools: ['soft brush'], roles: ['thinner'], wetsMlPerDm2: 0.15, wetInWet: ['thinner'], handsOn: { baseMin: 3, perDm2Min: 4 } }),
  technique({ id: 'streak', name: 'Streak', need: 'ground', touch: 'light', effect: 'accent', dose: 'mist', tools: ['fine brush'], deposit: { recess: 0.3, face: 0.6, crest: 0.3 }, usualCoverPct: 8, filmFactor: 0.4, roles: ['paint', 'wash', 'powder', 'slurry', 'drawing'], phase: 'run', accent: 'streaks', solidsPct: [2, 30], wetInWet: WET_MEDIA, handsOn: { baseMin: 4, perDm2Min: 6 } }),
  technique({ id: 'scrape', name: 'Scrape', need: 'ground', touch: 'light', effect: 'accent', dose: 'touch', liquidShare: 0.5, tools: ['fine brush', 'pen'], deposit: { recess: 0, face: 0.3, crest: 1 }, usualCoverPct: 4, filmFactor: 0.3, roles: ['paint', 'drawing'], phase: 'worn-paint', accent: 'chips', handsOn: { baseMin: 4, perDm2Min: 5 } }),
  technique({ id: 'drybrush', name: 'Drybrush', need: 'ground', touch: 'light', effect: 'accent', dose: 'touch', liquidShare: 0.3, tools: ['flat brush'], deposit: { recess: 0, face: 0.1, crest: 1 }, usualCoverPct: 10, filmFactor: 0.3, roles: PAINTS, phase: 'light', accent: 'lights', solidsPct: [25, 100], handsOn: { baseMin: 3, perDm2Min: 4 } }),
  technique({ id: 'edge-highlight', name: 'Edge highlight', need: 'ground', touch: 'light', effect: 'accent', dose: 'touch', liquidShare: 0.4, tools: ['fine brush', 'pen'], deposit: { recess: 0, face: 0, crest: 1 }, usualCoverPct: 3, filmFactor: 0.5, roles: ['paint', 'drawing'], phase: 'light', accent: 'lights', solidsPct: [18, 100], handsOn: { baseMin: 4, perDm2Min: 8 } }),
  technique({ id: 'powder-dry', name: 'Dry powder', need: 'ground', touch: 'light', effect: 'loose', tools: ['soft brush'], deposit: { recess: 0.4, face: 1, crest: 0.5 }, usualCoverPct: 40, roles: ['powder'], phase: 'powder', accent: 'dust', handsOn: { baseMin: 4, perDm2Min: 5 } }),
  technique({ id: 'powder-slurry', name: 'Powder slurry', need: 'ground', touch: 'working', effect: 'slurry', dose: 'thin', tools: ['brush'], deposit: { recess: 1, face: 0.5, crest: 0.2 }, usualCoverPct: 40, roles: ['slurry', 'powder'], phase: 'crust', handsOn: { baseMin: 5, perDm2Min: 5 } }),
  technique({ id: 'stipple-paste', name: 'Stipple paste', buries: true, need: 'ground', touch: 'working', effect: 'film', dose: 'thin', tools: ['brush', 'sponge'], deposit: EVEN, usualCoverPct: 40, roles: ['paste', 'filler'], phase: 'crust', wetInWet: ['paste', 'filler'], handsOn: { baseMin: 5, perDm2Min: 8 } }),
  technique({ id: 'chip', name: 'Chip', need: 'chip', touch: 'rubbing', effect: 'remove', dose: 'flood', tools: ['brush', 'knife'], usualCoverPct: 8, roles: ['thinner'], accent: 'chips', handsOn: { baseMin: 5, perDm2Min: 8 } }),
  technique({ id: 'decal', name: 'Decal', need: 'ground', touch: 'working', effect: 'inlay', dose: 'thin', tools: ['soft brush'], deposit: EVEN, usualCoverPct: 5, roles: ['decal', 'thinner'], phase: 'lettering', wetsMlPerDm2: 0.2, wetInWet: ['thinner'], handsOn: { baseMin: 12, perDm2Min: 2 } }),
  technique({ id: 'line-draw', name: 'Draw lines', need: 'ground', touch: 'light', effect: 'accent', dose: 'touch', liquidShare: 0.4, tools: ['pen', 'fine brush'], usualCoverPct: 3, filmFactor: 0.3, roles: ['drawing', 'paint', 'wash'], phase: 'lettering', handsOn: { baseMin: 5, perDm2Min: 8 } }),
  technique({ id: 'clear-coat', name: 'Clear coat', need: 'ground', touch: 'working', effect: 'film', dose: 'thin', tools: ['airbrush', 'aerosol', 'flat brush'], deposit: EVEN, roles: ['clear'], phase: 'seal', solidsPct: [6, 45], handsOn: { baseMin: 4, perDm2Min: 2 } }),
  technique({ id: 'fix', name: 'Fix', need: 'ground', touch: 'none', effect: 'tint', dose: 'thin', tools: ['airbrush', 'pipette', 'brush'], deposit: EVEN, roles: ['fixer', 'clear', 'thinner'], phase: 'seal', handsOn: { baseMin: 4, perDm2Min: 2 } }),
  technique({ id: 'glue', name: 'Glue', need: 'ground', touch: 'working', effect: 'slurry', dose: 'thin', tools: ['brush', 'pipette'], deposit: EVEN, usualCoverPct: 30, roles: ['glue', 'slurry', 'filler'], phase: 'load', handsOn: { baseMin: 4, perDm2Min: 3 } }),
  technique({ id: 'scatter', name: 'Scatter', need: 'wet-glue', touch: 'working', effect: 'loose', tools: ['sieve', 'hand'], deposit: EVEN, roles: ['aggregate', 'powder'], phase: 'load', handsOn: { baseMin: 3, perDm2Min: 2 } }),
  technique({ id: 'wet', name: 'Wet', soaksLoose: true, need: 'ground', touch: 'none', effect: 'wet', dose: 'flood', tools: ['pipette', 'airbrush'], roles: ['thinner'], wetsMlPerDm2: 0.8, handsOn: { baseMin: 2, perDm2Min: 1 } }),
  technique({ id: 'flood-glue', name: 'Flood with glue', soaksLoose: true, need: 'ground', touch: 'none', effect: 'slurry', dose: 'flood', tools: ['pipette'], deposit: EVEN, roles: ['glue'], handsOn: { baseMin: 4, perDm2Min: 2 } }),
  technique({ id: 'force-dry', name: 'Force-dry', need: 'ground', touch: 'none', effect: 'none', tools: ['dryer'], handsOn: { baseMin: 5, perDm2Min: 0 } }),
  technique({ id: 'inspect', name: 'Look', need: 'ground', touch: 'none', effect: 'none', tools: ['hand'], phase: 'close', handsOn: { baseMin: 3, perDm2Min: 0 } }),
  technique({ id: 'clean-treads', name: 'Clean treads', need: 'ground', touch: 'light', effect: 'none', tools: ['cloth'], phase: 'close', handsOn: { baseMin: 6, perDm2Min: 0 } }),
  technique({ id: 'take-off', name: 'Take off', need: 'ground', touch: 'none', effect: 'take-off', tools: ['hand'], phase: 'protect', handsOn: { baseMin: 3, perDm2Min: 0 } }),
  technique({ id: 'refit', name: 'Refit', need: 'ground', touch: 'rubbing', effect: 'refit', tools: ['hand'], phase: 'protect', handsOn: { baseMin: 4, perDm2Min: 0 } }),
  technique({ id: 'wipe-back', name: 'Wipe back', leaves: 0.3, need: 'workable', touch: 'working', effect: 'none', dose: 'flood', tools: ['cloth', 'soft brush'], roles: ['thinner'], wetsMlPerDm2: 0.3, wetInWet: ['thinner'], handsOn: { baseMin: 3, perDm2Min: 4 } }),
  technique({ id: 'abrade', name: 'Abrade', need: 'ground', touch: 'rubbing', effect: 'none', tools: ['hand'], wetsMlPerDm2: 0.2, handsOn: { baseMin: 3, perDm2Min: 4 } }),
  technique({ id: 'polish', name: 'Polish', need: 'ground', touch: 'rubbing', effect: 'none', tools: ['cloth'], phase: 'close', wetsMlPerDm2: 0.1, handsOn: { baseMin: 3, perDm2Min: 3 } }),
];

const BY_ID = new Map(TECHNIQUES.map((t) => [t.id, t]));

export const isTechniqueId = (id: string): boolean => BY_ID.has(id);

/** @throws RangeError naming the id when there is no such technique. */
export function techniqueById(id: string): Technique {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`technique '${id}' is not known`);
  return found;
}
