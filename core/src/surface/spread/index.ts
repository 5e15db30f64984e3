import type { Effect } from '../../techniques/index.js';
import { brushed, fromAbove, sprayed } from './coats.js';
import { chips, decal, lines, scrape, speckle, sponge } from './marks.js';
import { grains, paste, powder, tufts } from './powders.js';
import { streaks } from './streaks.js';
import { drybrush, edgeHighlight } from './touches.js';
import type { SpreadOf } from './types.js';
import { filter, pinWash, slurry, wash } from './washes.js';

export type { Spread, SpreadOf } from './types.js';

/** How each technique spreads what it lays. */
export const SPREADS: ReadonlyMap<string, SpreadOf> = new Map([
  ['spray-coat', sprayed],
  ['airbrush-coat', sprayed],
  ['airbrush-zenithal', fromAbove],
  ['brush-coat', brushed],
  ['clear-coat', sprayed],
  ['fix', sprayed],
  ['filter', filter],
  ['wash', wash],
  ['pin-wash', pinWash],
  ['wet-blend', filter],
  ['powder-slurry', slurry],
  ['flood-glue', filter],
  ['drybrush', drybrush],
  ['edge-highlight', edgeHighlight],
  ['sponge', sponge],
  ['chip', chips],
  ['scrape', scrape],
  ['speckle', speckle],
  ['line-draw', lines],
  ['decal', decal],
  ['streak', streaks],
  ['powder-dry', powder],
  ['stipple-paste', paste],
  ['fill', pinWash],
  ['glue', paste],
  ['scatter', grains],
  ['plant', tufts],
]);

/** Of a technique that has none of its own: as others of its effect. */
export const usualSpread = (effect: Effect): SpreadOf => (effect === 'accent' ? sponge : effect === 'loose' ? powder : brushed);
