import type { HandsOn } from './pace.js';
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
  blows: false,
  buries: false,
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
const WIPED_OFF = { lostPct: 80, residueMl: 0.05 } as const;
/** Of what a brush floods on, a part runs off and is dabbed away (from memory). */
const RUN_OFF = { lostPct: 30, residueMl: 0.2 } as const;

const HANDS = { setUpMin: null, onKeptClean: null } as const;
/** The piece is what is counted: so many minutes each, and to set up. */
const alone = (perPieceMin: number, setUpMin: number | null = null): HandsOn => ({ ...HANDS, setUpMin, perPieceMin, perZoneMin: 0, pace: { by: 'piece' } });
/** So many minutes a piece, a side of it, and dm² a minute. */
const at = (perPieceMin: number, perZoneMin: number, dm2PerMin: number): HandsOn => ({ ...HANDS, perPieceMin, perZoneMin, pace: { by: 'area', dm2PerMin } });
/** So many minutes a piece, a side of it, and so many times as fast as a coat with the brush that suits. */
const brushed = (perPieceMin: number, perZoneMin: number, times: number): HandsOn => ({ ...HANDS, perPieceMin, perZoneMin, pace: { by: 'brush', times } });

const technique = (t: Pick<Technique, 'id' | 'name' | 'need' | 'touch' | 'effect' | 'tools' | 'handsOn'> & Partial<Technique>): Technique => ({
  ...BASE,
  ...t,
});

/** Deposits follow the table of techniques (common practice); hands-on minutes are from memory. */
export const TECHNIQUES: readonly Technique[] = [
  technique({ id: 'prep-mechanical', putDown: 'anywhere', name: 'Finish the mechanics', need: 'ground', touch: 'rubbing', effect: 'none', tools: ['hand', 'knife'], phase: 'prepare', handsOn: alone(12, 3) }),
  technique({ id: 'scribe', putDown: 'anywhere', name: 'Scribe', need: 'ground', touch: 'rubbing', effect: 'none', tools: ['knife'], phase: 'prepare', handsOn: at(3, 0.5, 0.1) }),
  technique({ id: 'clean', putDown: 'anywhere', name: 'Clean', need: 'ground', touch: 'rubbing', effect: 'wet', dose: 'flood', tools: ['soft brush', 'cloth'], roles: ['thinner'], phase: 'prepare', wetsMlPerDm2: 1.5, handsOn: { ...at(1, 0.3, 0.8), setUpMin: 3 } }),
  technique({ id: 'mask', putDown: 'anywhere', name: 'Mask', need: 'ground', touch: 'rubbing', effect: 'mask', tools: ['knife', 'fine brush'], roles: ['masking'], phase: 'protect', handsOn: { ...at(1, 1.5, 0.6), onKeptClean: { by: 'places', minutesEach: 1.75, mm2Each: 120 } } }),
  technique({ id: 'unmask', putDown: 'anywhere', name: 'Unmask', need: 'ground', touch: 'light', effect: 'unmask', tools: ['hand'], phase: 'protect', handsOn: { ...at(0.5, 0.5, 3), onKeptClean: { by: 'places', minutesEach: 0.3, mm2Each: 120 } } }),
  technique({ id: 'spray-coat', name: 'Spray coat', need: 'ground', touch: 'light', effect: 'film', dose: 'mist', tools: ['aerosol', 'airbrush'], deposit: EVEN, filmFactor: 1, roles: [...PAINTS, 'clear', 'soluble'], solidsPct: [6, 24], handsOn: brushed(0.5, 0, 1) }),
  technique({ id: 'airbrush-coat', name: 'Airbrush coat', need: 'ground', touch: 'light', effect: 'film', dose: 'mist', tools: ['airbrush'], deposit: EVEN, roles: [...PAINTS, 'soluble'], solidsPct: [6, 24], handsOn: brushed(0.5, 0, 1) }),
  technique({ id: 'airbrush-zenithal', name: 'Airbrush from above', need: 'ground', touch: 'light', effect: 'accent', dose: 'mist', tools: ['airbrush'], deposit: { recess: 0.2, face: 0.6, crest: 1 }, usualCoverPct: 60, filmFactor: 0.6, roles: PAINTS, phase: 'worn-paint', solidsPct: [5, 20], handsOn: brushed(0.5, 0, 1) }),
  technique({ id: 'brush-coat', name: 'Brush coat', need: 'ground', touch: 'working', effect: 'film', dose: 'thin', tools: ['flat brush', 'brush'], deposit: { recess: 1, face: 1, crest: 0.7 }, roles: [...PAINTS, 'clear', 'soluble', 'glue', 'filler'], solidsPct: [14, 45], wetInWet: WET_MEDIA, handsOn: brushed(0.5, 0.4, 1) }),
  technique({ id: 'sponge', putDown: 'anywhere', name: 'Sponge', need: 'ground', touch: 'light', effect: 'accent', dose: 'touch', liquidShare: 0.4, tools: ['sponge'], deposit: { recess: 0.3, face: 0.5, crest: 0.5 }, usualCoverPct: 6, filmFactor: 0.5, roles: PAINTS, phase: 'worn-paint', accent: 'chips', solidsPct: [20, 100], handsOn: at(0.5, 0.4, 1) }),
  technique({ id: 'speckle', putDown: 'anywhere', name: 'Speckle', need: 'ground', touch: 'light', effect: 'accent', dose: 'mist', tools: ['brush', 'airbrush'], deposit: { recess: 0.5, face: 0.5, crest: 0.5 }, usualCoverPct: 5, filmFactor: 0.3, roles: [...PAINTS, 'wash'], phase: 'run', accent: 'dots', solidsPct: [3, 22], wetInWet: WET_MEDIA, handsOn: at(0.5, 0.2, 2) }),
  technique({ id: 'filter', name: 'Filter', brushLoss: RUN_OFF, need: 'ground', touch: 'working', effect: 'tint', dose: 'thin', tools: ['flat brush', 'airbrush'], deposit: EVEN, filmFactor: 0.5, roles: ['filter', 'wash', ...PAINTS], phase: 'shade', solidsPct: [0.1, 5], wetInWet: WET_MEDIA, handsOn: brushed(0.5, 0.4, 1.5) }),
  technique({ id: 'wash', name: 'Wash', brushLoss: RUN_OFF, need: 'ground', touch: 'working', effect: 'tint', dose: 'thin', tools: ['brush', 'airbrush'], deposit: { recess: 1, face: 0.15, crest: 0.02 }, usualCoverPct: 80, roles: ['wash', ...PAINTS, 'filter'], phase: 'shade', solidsPct: [0.2, 12], wetInWet: WET_MEDIA, handsOn: brushed(0.5, 0.4, 1.5) }),
  technique({ id: 'pin-wash', putDown: 'anywhere', name: 'Pin wash', brushLoss: RUN_OFF, need: 'ground', touch: 'working', effect: 'tint', dose: 'thin', tools: ['fine brush'], deposit: { recess: 1, face: 0, crest: 0 }, usualCoverPct: 10, roles: ['wash', 'paint'], phase: 'shade', solidsPct: [0.5, 16], wetInWet: WET_MEDIA, handsOn: at(0.5, 0.4, 0.15) }),
  technique({ id: 'blend', putDown: 'never', name: 'Blend', leaves: 0.7, need: 'workable', touch: 'working', effect: 'none', dose: 'mist', tools: ['soft brush'], roles: ['thinner'], wetsMlPerDm2: 0.15, wetInWet: ['thinner'], handsOn: brushed(0.5, 0.4, 1) }),
  technique({ id: 'streak', putDown: 'anywhere', name: 'Streak', need: 'ground', touch: 'light', effect: 'accent', dose: 'mist', tools: ['fine brush'], deposit: { recess: 0.3, face: 0.6, crest: 0.3 }, usualCoverPct: 8, filmFactor: 0.4, roles: ['paint', 'wash', 'powder', 'slurry', 'drawing'], phase: 'run', accent: 'streaks', solidsPct: [2, 30], wetInWet: WET_MEDIA, handsOn: at(1.5, 0.4, 0.1) }),
  technique({ id: 'scrape', putDown: 'anywhere', name: 'Scrape', need: 'ground', touch: 'light', effect: 'accent', dose: 'touch', liquidShare: 0.5, tools: ['fine brush', 'pen'], deposit: { recess: 0, face: 0.3, crest: 1 }, usualCoverPct: 4, filmFactor: 0.3, roles: ['paint', 'drawing'], phase: 'worn-paint', accent: 'chips', handsOn: at(1, 0.4, 0.15) }),
  technique({ id: 'drybrush', putDown: 'anywhere', name: 'Drybrush', brushLoss: WIPED_OFF, need: 'ground', touch: 'light', effect: 'accent', dose: 'touch', liquidShare: 0.3, tools: ['flat brush'], deposit: { recess: 0, face: 0.1, crest: 1 }, usualCoverPct: 10, filmFactor: 0.3, roles: PAINTS, phase: 'light', accent: 'lights', solidsPct: [25, 100], handsOn: brushed(0.5, 0.4, 1.25) }),
  technique({ id: 'edge-highlight', putDown: 'anywhere', name: 'Edge highlight', need: 'ground', touch: 'light', effect: 'accent', dose: 'touch', liquidShare: 0.4, tools: ['fine brush', 'pen'], deposit: { recess: 0, face: 0, crest: 1 }, usualCoverPct: 3, filmFactor: 0.5, roles: ['paint', 'drawing'], phase: 'light', accent: 'lights', solidsPct: [18, 100], handsOn: at(0.5, 0.6, 0.08) }),
  technique({ id: 'powder-dry', putDown: 'anywhere', name: 'Dry powder', need: 'ground', touch: 'light', effect: 'loose', tools: ['soft brush'], deposit: { recess: 0.4, face: 1, crest: 0.5 }, usualCoverPct: 40, roles: ['powder'], phase: 'powder', accent: 'dust', handsOn: brushed(0.5, 0.4, 1.67) }),
  technique({ id: 'powder-slurry', name: 'Powder slurry', need: 'ground', touch: 'working', effect: 'slurry', dose: 'thin', tools: ['brush'], deposit: { recess: 1, face: 0.5, crest: 0.2 }, usualCoverPct: 40, roles: ['slurry', 'powder'], phase: 'crust', handsOn: brushed(1, 0.4, 0.8) }),
  technique({ id: 'stipple-paste', putDown: 'anywhere', name: 'Stipple paste', buries: true, need: 'ground', touch: 'working', effect: 'film', dose: 'thin', tools: ['brush', 'sponge'], deposit: EVEN, usualCoverPct: 40, roles: ['paste', 'filler'], phase: 'crust', wetInWet: ['paste', 'filler'], handsOn: at(1, 0.4, 0.5) }),
  technique({ id: 'chip', putDown: 'never', name: 'Chip', need: 'chip', touch: 'rubbing', effect: 'remove', dose: 'flood', tools: ['brush', 'knife'], usualCoverPct: 8, roles: ['thinner'], accent: 'chips', handsOn: at(1, 0.8, 0.08) }),
  technique({ id: 'decal', putDown: 'anywhere', name: 'Decal', need: 'ground', touch: 'working', effect: 'inlay', dose: 'thin', tools: ['soft brush'], deposit: EVEN, usualCoverPct: 5, roles: ['decal', 'thinner'], phase: 'lettering', wetsMlPerDm2: 0.2, wetInWet: ['thinner'], handsOn: alone(9, 3) }),
  technique({ id: 'line-draw', putDown: 'anywhere', name: 'Draw lines', need: 'ground', touch: 'light', effect: 'accent', dose: 'touch', liquidShare: 0.4, tools: ['pen', 'fine brush'], usualCoverPct: 3, filmFactor: 0.3, roles: ['drawing', 'paint', 'wash'], phase: 'lettering', handsOn: at(1, 0.4, 0.06) }),
  technique({ id: 'clear-coat', name: 'Clear coat', need: 'ground', touch: 'working', effect: 'film', dose: 'thin', tools: ['airbrush', 'aerosol', 'flat brush'], deposit: EVEN, roles: ['clear'], phase: 'seal', solidsPct: [6, 45], handsOn: brushed(0.5, 0, 1) }),
  technique({ id: 'fix', name: 'Fix', need: 'ground', touch: 'none', effect: 'tint', dose: 'thin', tools: ['airbrush', 'pipette', 'brush'], deposit: EVEN, roles: ['fixer', 'clear', 'thinner'], phase: 'seal', handsOn: at(0.5, 0.3, 2) }),
  technique({ id: 'glue', putDown: 'never', buries: true, name: 'Glue', need: 'ground', touch: 'working', effect: 'slurry', dose: 'thin', tools: ['brush', 'pipette'], deposit: EVEN, usualCoverPct: 60, roles: ['glue', 'slurry', 'filler'], phase: 'load', handsOn: brushed(1, 0.4, 0.8) }),
  technique({ id: 'scatter', putDown: 'never', buries: true, name: 'Scatter', need: 'wet-glue', touch: 'working', effect: 'loose', tools: ['sieve', 'hand'], deposit: EVEN, roles: ['aggregate', 'powder'], phase: 'load', handsOn: at(0.7, 0.3, 2) }),
  technique({ id: 'wet', putDown: 'never', name: 'Wet', soaksLoose: true, need: 'ground', touch: 'none', effect: 'wet', dose: 'flood', tools: ['pipette', 'airbrush'], roles: ['thinner'], wetsMlPerDm2: 5, handsOn: at(0.3, 0.2, 3) }),
  technique({ id: 'flood-glue', putDown: 'never', name: 'Flood with glue', soaksLoose: true, need: 'ground', touch: 'none', effect: 'slurry', dose: 'flood', tools: ['pipette'], deposit: EVEN, roles: ['glue'], handsOn: at(0.5, 0.3, 1.5) }),
  technique({ id: 'force-dry', putDown: 'never', name: 'Force-dry', blows: true, need: 'ground', touch: 'none', effect: 'none', tools: ['dryer'], handsOn: alone(5, 0) }),
  technique({ id: 'inspect', putDown: 'anywhere', name: 'Look', need: 'ground', touch: 'none', effect: 'none', tools: ['hand'], phase: 'close', handsOn: alone(2, 0.5) }),
  technique({ id: 'clean-treads', putDown: 'anywhere', name: 'Clean treads', need: 'ground', touch: 'light', effect: 'none', tools: ['cloth'], phase: 'close', handsOn: alone(5, 1) }),
  technique({ id: 'take-off', putDown: 'anywhere', name: 'Take off', need: 'ground', touch: 'none', effect: 'take-off', tools: ['hand'], phase: 'protect', handsOn: alone(1.5) }),
  technique({ id: 'refit', putDown: 'anywhere', name: 'Refit', need: 'ground', touch: 'rubbing', effect: 'refit', tools: ['hand'], phase: 'protect', handsOn: alone(1.5) }),
  technique({ id: 'wipe-back', putDown: 'never', name: 'Wipe back', leaves: 0.3, need: 'workable', touch: 'working', effect: 'none', dose: 'flood', tools: ['cloth', 'soft brush'], roles: ['thinner'], wetsMlPerDm2: 0.3, wetInWet: ['thinner'], handsOn: brushed(0.5, 0.4, 1.5) }),
  technique({ id: 'abrade', putDown: 'anywhere', name: 'Abrade', need: 'ground', touch: 'rubbing', effect: 'none', tools: ['hand'], wetsMlPerDm2: 0.2, handsOn: at(0.5, 0.4, 0.4) }),
  technique({ id: 'polish', putDown: 'anywhere', name: 'Polish', need: 'ground', touch: 'rubbing', effect: 'none', tools: ['cloth'], phase: 'close', wetsMlPerDm2: 0.1, handsOn: at(0.5, 0.3, 0.6) }),
];

const BY_ID = new Map(TECHNIQUES.map((t) => [t.id, t]));

export const isTechniqueId = (id: string): boolean => BY_ID.has(id);

/** @throws RangeError naming the id when there is no such technique. */
export function techniqueById(id: string): Technique {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`technique '${id}' is not known`);
  return found;
}
