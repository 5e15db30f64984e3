import { AEROSOL_LACQUER, DATA_SHEETS, BY_ALKYD, BY_SOLVENT, BY_WATER, SPIRIT_BORNE, WATERBORNE, dries, material } from './define.js';

const CLEAR = { role: 'clear', colour: '#e9e7e1' } as const;
const FIXER = { role: 'fixer', colour: '#e9e7e1', lifeMonths: 36, hazards: ['flammable-vapour'], volumeSolidsPct: 2 } as const;

/** Clear coats and fixers. Sheens in GU at 60° and times from memory. */
export const CLEARS = [
  material({ ...CLEAR, ...AEROSOL_LACQUER, id: 'clear-matt-lacquer-aerosol', name: 'Matt clear, lacquer aerosol', family: 'lacquer', sheenGu: 4, drying: dries(BY_SOLVENT, 15, [5, 10, 15, 60, 1440, 1440]) }),
  material({ ...CLEAR, ...AEROSOL_LACQUER, id: 'clear-satin-lacquer-aerosol', name: 'Satin clear, lacquer aerosol', family: 'lacquer', sheenGu: 30, drying: dries(BY_SOLVENT, 15, [5, 10, 15, 60, 1440, 1440]) }),
  material({ ...CLEAR, ...AEROSOL_LACQUER, id: 'clear-gloss-lacquer-aerosol', name: 'Gloss clear, lacquer aerosol', family: 'lacquer', sheenGu: 85, drying: dries(BY_SOLVENT, 15, [6, 12, 20, 90, 1440, 1440]) }),
  material({ ...CLEAR, ...WATERBORNE, id: 'clear-matt-acrylic', name: 'Matt clear, acrylic', family: 'acrylic', sheenGu: 4, drying: dries(BY_WATER, 14, [10, 20, 30, 60, 1440, 1440], 20) }),
  material({ ...CLEAR, ...WATERBORNE, id: 'clear-satin-acrylic', name: 'Satin clear, acrylic', family: 'acrylic', sheenGu: 30, drying: dries(BY_WATER, 14, [10, 20, 35, 75, 1440, 1440], 20) }),
  material({ ...CLEAR, ...WATERBORNE, id: 'clear-gloss-acrylic', name: 'Gloss clear, acrylic', family: 'acrylic', sheenGu: 80, drying: dries(BY_WATER, 15, [15, 30, 45, 120, 1440, 1440], 20) }),
  material({ ...CLEAR, ...WATERBORNE, id: 'clear-tinted-acrylic', name: 'Tinted clear, acrylic', family: 'acrylic', sheenGu: 60, colour: '#6b5535', hidingPct: 20, drying: dries(BY_WATER, 14, [12, 25, 40, 90, 1440, 1440], 20) }),
  material({ ...CLEAR, ...SPIRIT_BORNE, id: 'clear-matt-enamel', name: 'Matt clear, enamel', family: 'enamel', sheenGu: 5, drying: dries(BY_ALKYD, 18, [60, 180, 600, 720, 2880, 4320], 30), windows: { wrinkle: { solvents: ['spirit'], wetFromMin: 10, wetUntilMin: 60, hardFromMin: 2880 } } }),
  material({ ...CLEAR, ...AEROSOL_LACQUER, id: 'clear-matt-hardware-aerosol', name: 'Matt clear, hardware aerosol', family: 'hardware', sheenGu: 8, testFirst: true, volumeSolidsPct: 20, drying: dries(BY_ALKYD, 25, [20, 45, 720, 1440, 4320, 5760], 15, DATA_SHEETS), windows: { wrinkle: { solvents: ['spirit', 'hot'], wetFromMin: 5, wetUntilMin: 60, hardFromMin: 2880 } } }),
  material({ ...FIXER, id: 'fixer-spirit', name: 'Pigment fixer, spirit', family: 'fixer-spirit', carrier: 'spirit', drying: dries(BY_SOLVENT, 2, [5, 10, 20, 40, 240, 240], 10) }),
  material({ ...FIXER, id: 'fixer-alcohol', name: 'Pigment fixer, alcohol', family: 'fixer-alcohol', carrier: 'alcohol', drying: dries(BY_SOLVENT, 2, [2, 4, 8, 15, 120, 120], 10) }),
];
