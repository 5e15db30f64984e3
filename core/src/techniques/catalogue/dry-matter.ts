import type { Technique } from '../types.js';
import { EVEN, at, brushed, technique } from './define.js';

/** Powder, paste, and what is scattered into glue. */
export const DRY_MATTER: readonly Technique[] = [
  technique({ id: 'powder-dry', putDown: 'anywhere', name: 'Dry powder', need: 'ground', touch: 'light', effect: 'loose', tools: ['soft brush'], deposit: { recess: 0.4, face: 1, crest: 0.5 }, usualCoverPct: 40, roles: ['powder'], phase: 'powder', accent: 'dust', handsOn: brushed(0.5, 0.4, 1.67) }),
  technique({ id: 'powder-slurry', name: 'Powder slurry', need: 'ground', touch: 'working', effect: 'slurry', dose: 'thin', tools: ['brush'], deposit: { recess: 1, face: 0.5, crest: 0.2 }, usualCoverPct: 40, roles: ['slurry', 'powder'], phase: 'crust', handsOn: brushed(1, 0.4, 0.8) }),
  technique({ id: 'stipple-paste', putDown: 'anywhere', name: 'Stipple paste', buries: true, need: 'ground', touch: 'working', effect: 'film', dose: 'thin', tools: ['brush', 'sponge'], deposit: EVEN, usualCoverPct: 40, roles: ['paste', 'filler'], phase: 'crust', wetInWet: ['paste', 'filler'], handsOn: at(1, 0.4, 0.5) }),
  technique({ id: 'glue', putDown: 'never', buries: true, name: 'Glue', need: 'ground', touch: 'working', effect: 'slurry', dose: 'thin', tools: ['brush', 'pipette'], deposit: EVEN, usualCoverPct: 60, roles: ['glue', 'slurry', 'filler'], phase: 'load', handsOn: brushed(1, 0.4, 0.8) }),
  technique({ id: 'scatter', putDown: 'never', buries: true, name: 'Scatter', need: 'wet-glue', touch: 'working', effect: 'loose', tools: ['sieve', 'hand'], deposit: EVEN, roles: ['aggregate', 'powder'], phase: 'load', handsOn: at(0.7, 0.3, 2) }),
  technique({ id: 'plant', putDown: 'anywhere', name: 'Plant', need: 'ground', touch: 'light', effect: 'inlay', tools: ['hand'], deposit: EVEN, usualCoverPct: 10, roles: ['aggregate', 'paste', 'glue'], phase: 'growth', handsOn: at(1, 0.5, 0.2) }),
  technique({ id: 'wet', putDown: 'never', name: 'Wet', soaksLoose: true, need: 'ground', touch: 'none', effect: 'wet', dose: 'flood', tools: ['pipette', 'airbrush'], roles: ['thinner'], wetsMlPerDm2: 5, handsOn: at(0.3, 0.2, 3) }),
  technique({ id: 'flood-glue', binds: true, putDown: 'never', name: 'Flood with glue', soaksLoose: true, need: 'ground', touch: 'none', effect: 'slurry', dose: 'flood', tools: ['pipette'], deposit: EVEN, roles: ['glue'], handsOn: at(0.5, 0.3, 1.5) }),
];
