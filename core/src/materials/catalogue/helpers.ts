import { BY_SOLVENT, BY_WATER, WATERBORNE, dries, material } from './define.js';

const THINNER = { role: 'thinner', family: 'inert', colour: '#dfe3e4' } as const;
const FLAMMABLE = ['flammable-vapour'] as const;

/** Fillers, pastes, glues, soluble layers and thinners. Common practice; times from memory unless marked. */
export const HELPERS = [
  material({ ...WATERBORNE, id: 'chipping-medium', name: 'Chipping medium', role: 'soluble', family: 'soluble', minFilmC: null, colour: '#e4ded0', sheenGu: 25, volumeSolidsPct: 15, drying: dries(BY_WATER, 4, [5, 8, 10, 20, 240, 240], 5, 'common practice'), windows: { chip: { fromMin: 15, poorFromMin: 360, deadFromMin: 1440 }, recoatUntilMin: 1440 } }),
  material({ ...WATERBORNE, id: 'texture-paste-acrylic', densityGPerMl: 1.5, name: 'Texture paste, acrylic', role: 'paste', family: 'acrylic', sheenGu: 3, volumeSolidsPct: 60, colour: '#6b5844', driesLighter: true, drying: dries(BY_WATER, 300, [30, 60, 180, 480, 1440, 1440], 120), windows: { sprinkle: { fromMin: 0, toMin: 20 } } }),
  material({ ...WATERBORNE, id: 'filler-acrylic', densityGPerMl: 1.5, name: 'Filler, acrylic', role: 'filler', family: 'acrylic', sheenGu: 5, volumeSolidsPct: 70, colour: '#d7d3c8', drying: dries(BY_WATER, 300, [20, 30, 60, 240, 1440, 1440], 60) }),
  material({ id: 'filler-plaster', densityGPerMl: 1.6, name: 'Filler, plaster', role: 'filler', family: 'inert', carrier: 'water', minFilmC: 5, sheenGu: 2, volumeSolidsPct: 90, colour: '#e6e2d8', hazards: ['dust'], drying: dries(BY_WATER, 1000, [30, 60, 720, 1440, 2880, 2880], 60, 'common practice') }),
  material({ ...WATERBORNE, id: 'white-glue', densityGPerMl: 1.1, name: 'White glue', role: 'glue', family: 'glue', sheenGu: 40, minFilmC: 5, volumeSolidsPct: 45, colour: '#eeece4', drying: dries(BY_WATER, 100, [20, 40, 120, 300, 1440, 1440], 30), windows: { sprinkle: { fromMin: 0, toMin: 15 } } }),
  material({ ...WATERBORNE, id: 'white-glue-dilute', densityGPerMl: 1.05, name: 'White glue, diluted', role: 'glue', family: 'glue', sheenGu: 20, minFilmC: 5, volumeSolidsPct: 22, colour: '#eeece4', drying: dries(BY_WATER, 300, [120, 360, 960, 1440, 2880, 2880], 60, 'common practice'), windows: { sprinkle: { fromMin: 0, toMin: 15 } } }),
  material({ ...WATERBORNE, id: 'scenery-glue', wetsOut: true, densityGPerMl: 1.03, name: 'Scenery glue', role: 'glue', family: 'glue', sheenGu: 10, minFilmC: 5, volumeSolidsPct: 20, colour: '#eeece4', drying: dries(BY_WATER, 300, [120, 360, 960, 1440, 2880, 2880], 60, 'common practice'), windows: { sprinkle: { fromMin: 0, toMin: 15 } } }),
  material({ id: 'cyanoacrylate', name: 'Superglue', role: 'glue', family: 'inert', carrier: 'cyano', sheenGu: 70, volumeSolidsPct: 100, colour: '#e6e6e2', lifeMonths: 6, hazards: ['fast-glue'], drying: dries(BY_SOLVENT, 50, [0.5, 1, 2, 10, 1440, 1440], 1) }),
  material({ id: 'hot-glue', name: 'Hot glue', role: 'glue', family: 'inert', carrier: 'heat', sheenGu: 40, volumeSolidsPct: 100, colour: '#dcd8c8', hazards: ['hot'], drying: dries(BY_SOLVENT, 500, [1, 2, 3, 5, 30, 30], 1) }),
  material({ id: 'contact-glue', name: 'Contact glue', role: 'glue', family: 'inert', carrier: 'hot', sheenGu: 40, volumeSolidsPct: 25, colour: '#cdb98a', lifeMonths: 12, hazards: FLAMMABLE, drying: dries(BY_SOLVENT, 50, [8, 12, 15, 60, 1440, 1440], 5) }),
  material({ ...THINNER, id: 'acrylic-thinner', densityGPerMl: 0.99, name: 'Acrylic thinner', carrier: 'water', drying: dries(BY_WATER, 1, [8, 12, 15, 25, 30, 30]) }),
  material({ ...THINNER, id: 'water', densityGPerMl: 1, name: 'Water', carrier: 'water', drying: dries(BY_WATER, 1, [10, 15, 20, 40, 60, 60]) }),
  material({ ...THINNER, id: 'water-detergent', densityGPerMl: 1, name: 'Water with a little detergent', carrier: 'water', drying: dries(BY_WATER, 1, [10, 15, 20, 40, 60, 60]) }),
  material({ ...THINNER, id: 'isopropanol-70', densityGPerMl: 0.85, name: 'Isopropanol 70 %', carrier: 'alcohol', hazards: FLAMMABLE, drying: dries({ water: 0.3, solvent: 0.7, oxidation: 0 }, 1, [2, 4, 5, 10, 15, 15]) }),
  material({ ...THINNER, id: 'isopropanol-90', densityGPerMl: 0.81, name: 'Isopropanol 90 %', carrier: 'alcohol', hazards: FLAMMABLE, drying: dries({ water: 0.1, solvent: 0.9, oxidation: 0 }, 1, [2, 3, 4, 8, 10, 10]) }),
  material({ ...THINNER, id: 'isopropanol-99', densityGPerMl: 0.785, name: 'Isopropanol 99 %', carrier: 'alcohol', hazards: FLAMMABLE, drying: dries(BY_SOLVENT, 1, [1, 2, 3, 5, 8, 8]) }),
  material({ ...THINNER, id: 'white-spirit', densityGPerMl: 0.78, name: 'White spirit', carrier: 'spirit', hazards: ['flammable-vapour'], drying: dries(BY_SOLVENT, 1, [15, 25, 30, 60, 90, 90]) }),
  material({ ...THINNER, id: 'lacquer-thinner', densityGPerMl: 0.86, name: 'Lacquer thinner', carrier: 'hot', hazards: FLAMMABLE, drying: dries(BY_SOLVENT, 1, [2, 3, 5, 10, 15, 15]) }),
];
