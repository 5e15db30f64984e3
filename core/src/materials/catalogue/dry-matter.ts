import { BY_SOLVENT, BY_WATER, WATERBORNE, dries, material } from './define.js';

const POWDER = { role: 'powder', family: 'inert', carrier: 'none', sheenGu: null, volumeSolidsPct: 100, hazards: ['dust'] } as const;
const LOOSE = { role: 'aggregate', family: 'inert', carrier: 'none', volumeSolidsPct: 100, hazards: ['dust'] } as const;
const DRAWN = { role: 'drawing', family: 'inert', carrier: 'none', volumeSolidsPct: 100 } as const;

/** How long masks may stay: tape's glue creeps, fine line's softener marks fresh paint, putty's oil stains it, fluid tears (common practice; minutes from memory). */
const [TWO_DAYS_MIN, ONE_DAY_MIN, HALF_A_DAY_MIN] = [2880, 1440, 720];

/** Powders, slurries, aggregates, decals, pens, masks: what is not a film of paint. Common practice, times from memory. */
export const DRY_MATTER = [
  material({ ...POWDER, id: 'pigment-dry', name: 'Dry pigment', colour: '#8a6a4a' }),
  material({ ...POWDER, id: 'pigment-self-adhesive', name: 'Self-adhesive powder', colour: '#6e5a45', selfAdhesive: true }),
  material({ ...POWDER, id: 'chalk-dry', densityGPerMl: 0.8, name: 'Ground chalk', colour: '#cfc6b4' }),
  material({ ...POWDER, id: 'pastel-cake', densityGPerMl: 0.8, name: 'Pastel cake', colour: '#8f7a5c' }),
  material({ id: 'pigment-in-fixer', name: 'Pigment in fixer', role: 'slurry', family: 'fixer-spirit', carrier: 'spirit', sheenGu: 3, volumeSolidsPct: 25, colour: '#7a5c40', hazards: ['flammable-vapour', 'dust'], driesLighter: true, drying: dries(BY_SOLVENT, 20, [8, 15, 30, 60, 240, 240]) }),
  material({ id: 'pigment-in-water', name: 'Pigment in water', role: 'slurry', family: 'inert', carrier: 'water', sheenGu: 3, volumeSolidsPct: 25, colour: '#7a5c40', hazards: ['dust'], driesLighter: true, drying: dries(BY_WATER, 20, [25, 45, 60, 90, 240, 240]) }),
  material({ id: 'pigment-in-alcohol', name: 'Pigment in alcohol', role: 'slurry', family: 'inert', carrier: 'alcohol', sheenGu: 3, volumeSolidsPct: 25, colour: '#7a5c40', hazards: ['flammable-vapour', 'dust'], driesLighter: true, drying: dries(BY_SOLVENT, 20, [2, 4, 8, 15, 60, 60]) }),
  material({ id: 'spill-slurry', name: 'Spill slurry', role: 'slurry', family: 'glue', carrier: 'water', sheenGu: 5, volumeSolidsPct: 35, colour: '#b9ab8e', driesLighter: true, drying: dries(BY_WATER, 300, [30, 60, 180, 210, 1440, 1440], 30, 'common practice'), windows: { sprinkle: { fromMin: 0, toMin: 20 } } }),
  material({ ...LOOSE, id: 'aggregate', scatteredMlPerDm2: 15, densityGPerMl: 1.5, name: 'Aggregate', colour: '#7c766c' }),
  material({ ...LOOSE, id: 'sand', scatteredMlPerDm2: 10, densityGPerMl: 1.55, name: 'Sand', colour: '#b8a47e' }),
  material({ ...LOOSE, id: 'earth', scatteredMlPerDm2: 10, densityGPerMl: 1.2, name: 'Sifted earth', colour: '#5d4a35' }),
  material({ ...LOOSE, id: 'flock', stands: true, scatteredMlPerDm2: 4, densityGPerMl: 0.15, name: 'Flock', colour: '#69713f' }),
  material({ ...LOOSE, id: 'static-grass', stands: true, shot: true, scatteredMlPerDm2: 15, densityGPerMl: 0.1, name: 'Static grass', colour: '#7b7f45' }),
  material({ ...LOOSE, id: 'baking-soda', scatteredMlPerDm2: 5, densityGPerMl: 0.95, name: 'Baking soda', colour: '#f1efe9' }),
  material({ id: 'decal-waterslide', name: 'Waterslide decal', role: 'decal', family: 'inert', carrier: 'water', sheenGu: 60, volumeSolidsPct: 0, colour: '#f1efe9', drying: dries(BY_WATER, 10, [20, 60, 120, 240, 720, 720]) }),
  material({ id: 'decal-setting', densityGPerMl: 1, name: 'Decal setting liquid', role: 'thinner', family: 'inert', carrier: 'water', drying: dries(BY_WATER, 1, [10, 15, 30, 60, 60, 60]) }),
  material({ ...DRAWN, id: 'pencil-graphite', gleams: true, name: 'Graphite pencil', colour: '#54565a' }),
  material({ ...DRAWN, id: 'pencil-coloured', name: 'Coloured pencil', colour: '#8a5a3a' }),
  material({ id: 'pen-gel', name: 'Gel pen', role: 'drawing', family: 'pen', carrier: 'water', colour: '#f1efe9', lifeMonths: 12, drying: dries(BY_WATER, 1, [1, 2, 5, 10, 60, 60]) }),
  material({ id: 'marker', name: 'Marker', role: 'drawing', family: 'pen', carrier: 'alcohol', colour: '#24242a', lifeMonths: 12, drying: dries(BY_SOLVENT, 1, [0.5, 1, 2, 5, 30, 30]) }),
  material({ id: 'masking-tape', name: 'Masking tape', role: 'masking', family: 'inert', carrier: 'none', comesOffUntilMin: TWO_DAYS_MIN, colour: '#c9a94f' }),
  material({ id: 'masking-tape-fine', name: 'Masking tape, fine line', role: 'masking', family: 'inert', carrier: 'none', comesOffUntilMin: ONE_DAY_MIN, colour: '#d9c46a' }),
  material({ id: 'masking-putty', name: 'Masking putty', role: 'masking', family: 'inert', carrier: 'none', comesOffUntilMin: HALF_A_DAY_MIN, densityGPerMl: 1.2, colour: '#8fa3b0' }),
  material({ id: 'masking-film', name: 'Masking film', role: 'masking', family: 'inert', carrier: 'none', comesOffUntilMin: TWO_DAYS_MIN, colour: '#cfd6d8' }),
  material({ ...WATERBORNE, id: 'masking-fluid', name: 'Masking fluid', role: 'masking', family: 'inert', carrier: 'water', comesOffUntilMin: ONE_DAY_MIN, minFilmC: null, lifeMonths: 12, colour: '#d8c98a', drying: dries(BY_WATER, 50, [10, 20, 30, 40, 120, 120]) }),
  material({ ...POWDER, id: 'powder-graphite', gleams: true, densityGPerMl: 0.5, name: 'Graphite powder', colour: '#5b5d61', selfAdhesive: true, hidingPct: 65 }),
  material({ ...WATERBORNE, id: 'glue-and-flock', stands: true, name: 'Glue and flock, ready mixed', role: 'paste', family: 'glue', sheenGu: 3, minFilmC: 5, volumeSolidsPct: 50, densityGPerMl: 0.9, colour: '#5f6838', drying: dries(BY_WATER, 1500, [60, 180, 720, 1440, 2880, 2880], 120) }),
  material({ ...LOOSE, id: 'tufts', stands: true, eachMl: 0.3, scatteredMlPerDm2: 20, densityGPerMl: 0.1, hazards: [], name: 'Tufts and bushes', colour: '#6f7440' }),
  material({ ...LOOSE, id: 'turf', stands: true, scatteredMlPerDm2: 4, densityGPerMl: 0.15, name: 'Fine turf', colour: '#5f6838' }),
  material({ ...LOOSE, id: 'leaf-litter', scatteredMlPerDm2: 4, densityGPerMl: 0.12, name: 'Leaf litter', colour: '#6a5238' }),
];
