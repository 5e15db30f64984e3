import type { Technique } from './types.js';

const EVEN = { recess: 1, face: 1, crest: 1 };
const NONE = { recess: 0, face: 0, crest: 0 };
const PAINTS = ['primer', 'paint'] as const;

const BASE = {
  dose: null,
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
const technique = (t: Pick<Technique, 'id' | 'name' | 'need' | 'effect' | 'tools' | 'handsOn'> & Partial<Technique>): Technique => ({
  ...BASE,
  ...t,
});

/** Deposits follow the table of techniques (common practice); hands-on minutes are from memory. */
export const TECHNIQUES: readonly Technique[] = [
  technique({ id: 'prep-mechanical', name: 'Finish the mechanics', need: 'dry-hard', effect: 'none', tools: ['hand', 'knife'], phase: 'prepare', handsOn: { baseMin: 15, perDm2Min: 0 } }),
  technique({ id: 'scribe', name: 'Scribe', need: 'dry-hard', effect: 'none', tools: ['knife'], phase: 'prepare', handsOn: { baseMin: 5, perDm2Min: 10 } }),
  technique({ id: 'clean', name: 'Clean', need: 'dry-hard', effect: 'wet', dose: 'flood', tools: ['soft brush', 'cloth'], roles: ['thinner'], phase: 'prepare', wetsMlPerDm2: 1.5, handsOn: { baseMin: 5, perDm2Min: 2 } }),
  technique({ id: 'mask', name: 'Mask', need: 'dry-hard', effect: 'mask', tools: ['knife', 'fine brush'], roles: ['masking'], phase: 'protect', handsOn: { baseMin: 4, perDm2Min: 4 } }),
  technique({ id: 'unmask', name: 'Unmask', need: 'touch', effect: 'unmask', tools: ['hand'], phase: 'protect', handsOn: { baseMin: 2, perDm2Min: 1 } }),
  technique({ id: 'spray-coat', name: 'Spray coat', need: 'recoat', effect: 'film', dose: 'mist', tools: ['aerosol', 'airbrush'], deposit: EVEN, filmFactor: 1, roles: [...PAINTS, 'clear', 'soluble'], solidsPct: [6, 24], handsOn: { baseMin: 4, perDm2Min: 2 } }),
  technique({ id: 'airbrush-coat', name: 'Airbrush coat', need: 'recoat', effect: 'film', dose: 'mist', tools: ['airbrush'], deposit: EVEN, filmFactor: 0.8, roles: [...PAINTS, 'soluble'], solidsPct: [6, 24], handsOn: { baseMin: 5, perDm2Min: 3 } }),
  technique({ id: 'airbrush-zenithal', name: 'Airbrush from above', need: 'recoat', effect: 'accent', dose: 'mist', tools: ['airbrush'], deposit: { recess: 0.2, face: 0.6, crest: 1 }, usualCoverPct: 60, filmFactor: 0.6, roles: PAINTS, phase: 'worn-paint', solidsPct: [5, 20], handsOn: { baseMin: 5, perDm2Min: 2 } }),
  technique({ id: 'brush-coat', name: 'Brush coat', need: 'recoat', effect: 'film', dose: 'thin', tools: ['flat brush', 'brush'], deposit: { recess: 1, face: 1, crest: 0.7 }, roles: [...PAINTS, 'clear', 'soluble', 'glue', 'filler'], solidsPct: [14, 45], handsOn: { baseMin: 4, perDm2Min: 6 } }),
  technique({ id: 'sponge', name: 'Sponge', need: 'dry-hard', effect: 'accent', dose: 'mist', tools: ['sponge'], deposit: { recess: 0.3, face: 0.5, crest: 0.5 }, usualCoverPct: 6, filmFactor: 0.5, roles: PAINTS, phase: 'worn-paint', accent: 'chips', solidsPct: [20, 100], handsOn: { baseMin: 4, perDm2Min: 5 } }),
  technique({ id: 'speckle', name: 'Speckle', need: 'dry-hard', effect: 'accent', dose: 'mist', tools: ['brush', 'airbrush'], deposit: { recess: 0.5, face: 0.5, crest: 0.5 }, usualCoverPct: 5, filmFactor: 0.3, roles: [...PAINTS, 'wash'], phase: 'run', accent: 'dots', solidsPct: [3, 22], handsOn: { baseMin: 3, perDm2Min: 2 } }),
  technique({ id: 'filter', name: 'Filter', need: 'dry-hard', effect: 'tint', dose: 'thin', tools: ['flat brush', 'airbrush'], deposit: EVEN, filmFactor: 0.5, roles: ['filter', 'wash', ...PAINTS], phase: 'shade', solidsPct: [0.1, 5], handsOn: { baseMin: 4, perDm2Min: 4 } }),
  technique({ id: 'wash', name: 'Wash', need: 'dry-hard', effect: 'tint', dose: 'thin', tools: ['brush', 'airbrush'], deposit: { recess: 1, face: 0.15, crest: 0.02 }, usualCoverPct: 80, roles: ['wash', ...PAINTS, 'filter'], phase: 'shade', solidsPct: [0.2, 12], handsOn: { baseMin: 4, perDm2Min: 5 } }),
  technique({ id: 'pin-wash', name: 'Pin wash', need: 'dry-hard', effect: 'tint', dose: 'thin', tools: ['fine brush'], deposit: { recess: 1, face: 0, crest: 0 }, usualCoverPct: 10, roles: ['wash', 'paint'], phase: 'shade', solidsPct: [0.5, 16], handsOn: { baseMin: 4, perDm2Min: 8 } }),
  technique({ id: 'blend', name: 'Blend', need: 'workable', effect: 'none', dose: 'flood', tools: ['soft brush'], roles: ['thinner'], wetsMlPerDm2: 0.15, handsOn: { baseMin: 3, perDm2Min: 4 } }),
  technique({ id: 'streak', name: 'Streak', need: 'dry-hard', effect: 'accent', dose: 'thin', tools: ['fine brush'], deposit: { recess: 0.3, face: 0.6, crest: 0.3 }, usualCoverPct: 8, filmFactor: 0.4, roles: ['paint', 'wash', 'powder', 'slurry', 'drawing'], phase: 'run', accent: 'streaks', solidsPct: [2, 30], handsOn: { baseMin: 4, perDm2Min: 6 } }),
  technique({ id: 'scrape', name: 'Scrape', need: 'dry-hard', effect: 'accent', dose: 'mist', tools: ['fine brush', 'pen'], deposit: { recess: 0, face: 0.3, crest: 1 }, usualCoverPct: 4, filmFactor: 0.3, roles: ['paint', 'drawing'], phase: 'worn-paint', accent: 'chips', handsOn: { baseMin: 4, perDm2Min: 5 } }),
  technique({ id: 'drybrush', name: 'Drybrush', need: 'dry-hard', effect: 'accent', dose: 'mist', tools: ['flat brush'], deposit: { recess: 0, face: 0.1, crest: 1 }, usualCoverPct: 10, filmFactor: 0.3, roles: PAINTS, phase: 'light', accent: 'lights', solidsPct: [25, 100], handsOn: { baseMin: 3, perDm2Min: 4 } }),
  technique({ id: 'edge-highlight', name: 'Edge highlight', need: 'dry-hard', effect: 'accent', dose: 'mist', tools: ['fine brush', 'pen'], deposit: { recess: 0, face: 0, crest: 1 }, usualCoverPct: 3, filmFactor: 0.5, roles: ['paint', 'drawing'], phase: 'light', accent: 'lights', solidsPct: [18, 100], handsOn: { baseMin: 4, perDm2Min: 8 } }),
  technique({ id: 'powder-dry', name: 'Dry powder', need: 'dry-hard', effect: 'loose', tools: ['soft brush'], deposit: { recess: 0.4, face: 1, crest: 0.5 }, usualCoverPct: 40, roles: ['powder'], phase: 'powder', accent: 'dust', handsOn: { baseMin: 4, perDm2Min: 5 } }),
  technique({ id: 'powder-slurry', name: 'Powder slurry', need: 'dry-hard', effect: 'slurry', dose: 'thin', tools: ['brush'], deposit: { recess: 1, face: 0.5, crest: 0.2 }, usualCoverPct: 40, roles: ['slurry', 'powder'], phase: 'crust', handsOn: { baseMin: 5, perDm2Min: 5 } }),
  technique({ id: 'stipple-paste', name: 'Stipple paste', need: 'dry-hard', effect: 'film', dose: 'thin', tools: ['brush', 'sponge'], deposit: EVEN, usualCoverPct: 40, roles: ['paste', 'filler'], phase: 'crust', handsOn: { baseMin: 5, perDm2Min: 8 } }),
  technique({ id: 'chip', name: 'Chip', need: 'chip', effect: 'remove', dose: 'flood', tools: ['brush', 'knife'], usualCoverPct: 8, roles: ['thinner'], accent: 'chips', handsOn: { baseMin: 5, perDm2Min: 8 } }),
  technique({ id: 'decal', name: 'Decal', need: 'dry-hard', effect: 'inlay', dose: 'thin', tools: ['soft brush'], deposit: EVEN, usualCoverPct: 5, roles: ['decal', 'thinner'], phase: 'lettering', wetsMlPerDm2: 0.2, handsOn: { baseMin: 12, perDm2Min: 2 } }),
  technique({ id: 'line-draw', name: 'Draw lines', need: 'dry-hard', effect: 'accent', dose: 'mist', tools: ['pen', 'fine brush'], usualCoverPct: 3, filmFactor: 0.3, roles: ['drawing', 'paint', 'wash'], phase: 'lettering', handsOn: { baseMin: 5, perDm2Min: 8 } }),
  technique({ id: 'clear-coat', name: 'Clear coat', need: 'recoat', effect: 'film', dose: 'thin', tools: ['airbrush', 'aerosol', 'flat brush'], deposit: EVEN, roles: ['clear'], phase: 'seal', solidsPct: [6, 45], handsOn: { baseMin: 4, perDm2Min: 2 } }),
  technique({ id: 'fix', name: 'Fix', need: 'recoat', effect: 'tint', dose: 'thin', tools: ['airbrush', 'pipette', 'brush'], deposit: EVEN, roles: ['fixer', 'clear', 'thinner'], phase: 'seal', handsOn: { baseMin: 4, perDm2Min: 2 } }),
  technique({ id: 'glue', name: 'Glue', need: 'recoat', effect: 'slurry', dose: 'thin', tools: ['brush', 'pipette'], deposit: EVEN, usualCoverPct: 30, roles: ['glue', 'slurry', 'filler'], phase: 'load', handsOn: { baseMin: 4, perDm2Min: 3 } }),
  technique({ id: 'scatter', name: 'Scatter', need: 'wet-glue', effect: 'loose', tools: ['sieve', 'hand'], deposit: EVEN, roles: ['aggregate', 'powder'], phase: 'load', handsOn: { baseMin: 3, perDm2Min: 2 } }),
  technique({ id: 'wet', name: 'Wet', need: 'nothing', effect: 'wet', dose: 'flood', tools: ['pipette', 'airbrush'], roles: ['thinner'], wetsMlPerDm2: 0.8, handsOn: { baseMin: 2, perDm2Min: 1 } }),
  technique({ id: 'flood-glue', name: 'Flood with glue', need: 'nothing', effect: 'slurry', dose: 'flood', tools: ['pipette'], deposit: EVEN, roles: ['glue'], handsOn: { baseMin: 4, perDm2Min: 2 } }),
  technique({ id: 'force-dry', name: 'Force-dry', need: 'nothing', effect: 'none', tools: ['dryer'], handsOn: { baseMin: 5, perDm2Min: 0 } }),
  technique({ id: 'inspect', name: 'Look', need: 'nothing', effect: 'none', tools: ['hand'], phase: 'close', handsOn: { baseMin: 3, perDm2Min: 0 } }),
  technique({ id: 'clean-treads', name: 'Clean treads', need: 'touch', effect: 'none', tools: ['cloth'], phase: 'close', handsOn: { baseMin: 6, perDm2Min: 0 } }),
  technique({ id: 'take-off', name: 'Take off', need: 'nothing', effect: 'take-off', tools: ['hand'], phase: 'protect', handsOn: { baseMin: 3, perDm2Min: 0 } }),
  technique({ id: 'refit', name: 'Refit', need: 'dry-hard', effect: 'refit', tools: ['hand'], phase: 'protect', handsOn: { baseMin: 4, perDm2Min: 0 } }),
  technique({ id: 'wipe-back', name: 'Wipe back', need: 'workable', effect: 'none', dose: 'flood', tools: ['cloth', 'soft brush'], roles: ['thinner'], wetsMlPerDm2: 0.3, handsOn: { baseMin: 3, perDm2Min: 4 } }),
  technique({ id: 'abrade', name: 'Abrade', need: 'dry-hard', effect: 'none', tools: ['hand'], wetsMlPerDm2: 0.2, handsOn: { baseMin: 3, perDm2Min: 4 } }),
  technique({ id: 'polish', name: 'Polish', need: 'dry-hard', effect: 'none', tools: ['cloth'], phase: 'close', wetsMlPerDm2: 0.1, handsOn: { baseMin: 3, perDm2Min: 3 } }),
];

const BY_ID = new Map(TECHNIQUES.map((t) => [t.id, t]));

export const isTechniqueId = (id: string): boolean => BY_ID.has(id);

/** @throws RangeError naming the id when there is no such technique. */
export function techniqueById(id: string): Technique {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`technique '${id}' is not known`);
  return found;
}
