import type { Airflow } from '../drying/index.js';
import type { MaterialRole } from '../materials/index.js';
import type { Tool } from '../techniques/index.js';

/** What else a technique is called in a line; its own name is known without. Common words of the trade. */
export const TECHNIQUE_WORDS: Readonly<Record<string, readonly string[]>> = {
  'brush-coat': ['brush on', 'paint'],
  'spray-coat': ['spray', 'can', 'rattle can'],
  'airbrush-coat': ['airbrush'],
  'airbrush-zenithal': ['zenithal', 'pre shade', 'preshade'],
  'clear-coat': ['clear', 'seal', 'varnish', 'lacquer', 'topcoat', 'top coat'],
  'pin-wash': ['panel lines', 'pinwash', 'liner'],
  wash: ['dark wash', 'shade'],
  drybrush: ['dry brush', 'dry brushed', 'drybrushed'],
  'edge-highlight': ['highlight', 'edges', 'edge'],
  'powder-dry': ['powder', 'pigment', 'dust'],
  'powder-slurry': ['slurry'],
  'stipple-paste': ['paste', 'stipple'],
  sponge: ['sponged', 'chips by sponge'],
  scrape: ['scratch', 'scratches'],
  speckle: ['spatter', 'flick', 'speckles'],
  streak: ['streaks', 'streaking'],
  decal: ['decals', 'transfer', 'transfers'],
  'line-draw': ['line', 'lines', 'pencil'],
  fix: ['fixer', 'fixative'],
  glue: ['glue down'],
  scatter: ['sprinkle'],
  clean: ['degrease', 'wash off'],
  mask: ['tape', 'mask off'],
  unmask: ['take tape off', 'tape off'],
  'take-off': ['take out', 'remove', 'off with'],
  refit: ['put back', 'put in', 'back in'],
  inspect: ['look', 'inspect', 'check'],
  'force-dry': ['dry', 'hair dryer'],
  abrade: ['sand', 'rub down'],
};

/** The technique that a material is usually laid with, where a line names none. */
export const TECHNIQUE_OF_ROLE: Readonly<Record<MaterialRole, string>> = {
  primer: 'brush-coat',
  paint: 'brush-coat',
  clear: 'clear-coat',
  wash: 'wash',
  filter: 'filter',
  powder: 'powder-dry',
  slurry: 'powder-slurry',
  fixer: 'fix',
  soluble: 'airbrush-coat',
  paste: 'stipple-paste',
  filler: 'fill',
  glue: 'glue',
  aggregate: 'scatter',
  decal: 'decal',
  drawing: 'line-draw',
  masking: 'mask',
  thinner: 'clean',
};

/** What a technique is done with where a line says nothing: the first of which one bottle stands on the shelf, else the first. */
export const USUAL_MATERIAL: Readonly<Record<string, readonly string[]>> = {
  clean: ['water-detergent'],
  mask: ['masking-tape'],
  chip: ['water'],
  decal: ['decal-waterslide'],
  'flood-glue': ['white-glue-dilute'],
  glue: ['white-glue'],
  fix: ['fixer-alcohol', 'fixer-spirit'],
  'powder-dry': ['pigment-dry'],
};

/** What else tools are called. */
export const TOOL_WORDS: Readonly<Record<string, Tool>> = {
  can: 'aerosol',
  'rattle can': 'aerosol',
  'spray can': 'aerosol',
  'by brush': 'flat brush',
  'with brush': 'flat brush',
  rag: 'cloth',
  pencil: 'pen',
};

/** How it dries, in a word. */
export const DRYING_WORDS: Readonly<Record<string, Airflow>> = {
  fan: 'fan',
  dryer: 'cool-dryer',
  'warm dryer': 'warm-dryer',
  'cool dryer': 'cool-dryer',
};

/** Colours as one says them, where no bottle is meant (our tones: dull, as on old things). */
export const COLOUR_WORDS: Readonly<Record<string, string>> = {
  black: '#2a2a2b',
  white: '#e8e6e0',
  grey: '#8b8a88',
  gray: '#8b8a88',
  brown: '#5a4330',
  rust: '#8a4a25',
  red: '#8a3a2a',
  green: '#56663f',
  blue: '#3a5573',
  yellow: '#c4a03a',
  cream: '#e3d9b8',
  buff: '#c8b088',
  sand: '#b9a27a',
  umber: '#4a3524',
  sienna: '#8a5a35',
  ochre: '#b0823c',
  silver: '#a9aaac',
  steel: '#7d8084',
  gunmetal: '#4a4c50',
  orange: '#b8692e',
};

/** How much lighter a word makes a colour, L* (our numbers). */
export const SHADE_WORDS: Readonly<Record<string, number>> = { dark: -14, deep: -10, mid: 0, pale: 16, light: 14, faded: 10, off: -4 };

/** All of the piece; and what takes zones out of it. */
export const ALL_WORDS: ReadonlySet<string> = new Set(['all', 'everything', 'whole', 'everywhere']);
export const BUT_WORDS: ReadonlySet<string> = new Set(['but', 'except', 'without']);
/** Words that say nothing here. */
export const IDLE_WORDS: ReadonlySet<string> = new Set([
  'the',
  'a',
  'an',
  'and',
  'on',
  'onto',
  'of',
  'to',
  'with',
  'in',
  'over',
  'then',
  'cover',
  'coat',
  'coats',
  'at',
  'by',
  'from',
  'it',
  'is',
]);
