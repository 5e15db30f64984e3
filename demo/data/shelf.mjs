// The shelf of the demo: bottles of generic kinds, and one material of the painter's own. All names are invented.

const bottle = (id, name, material, colour, sizeMl, leftMl, openedOn, place, more = {}) => ({
  id,
  name,
  material,
  colour,
  sizeMl,
  leftMl,
  openedOn,
  triedOn: null,
  place,
  note: '',
  price: null,
  whiteSwatch: null,
  dropsPerMl: null,
  ...more,
});

export const MATERIALS = [
  {
    id: 'thick-shed-paint',
    name: 'Thick shed paint',
    like: 'emulsion-matt',
    colour: '#5b4a38',
    sheenGu: null,
    volumeSolidsPct: 42,
    dryingFactor: 1.4,
    minFilmC: null,
    lifeMonths: null,
    driesLighter: null,
    testFirst: true,
    note: 'From a tin without a label; dries slowly.',
  },
];

export const BOTTLES = [
  bottle('mid-grey-primer', 'Mid-grey primer', 'primer-lacquer-aerosol', '#8b8a88', 200, 140, '2026-09-12', 'Under the bench', {
    price: 9.5,
  }),
  bottle('lichen-green', 'Lichen green', 'acrylic-matt', '#5f6f47', 30, 21, '2026-08-03', 'Front row', {
    price: 4.2,
    whiteSwatch: { parts: [1, 4], colour: '#aab59a' },
  }),
  bottle('soot-black', 'Soot black', 'acrylic-matt', '#2f2b2a', 30, 12, '2026-02-20', 'Front row', {
    price: 4.2,
    whiteSwatch: { parts: [1, 9], colour: '#8a8886' },
  }),
  bottle('pale-lichen', 'Pale lichen', 'acrylic-matt', '#b3bb8c', 17, 15, '2026-10-01', 'Front row', { price: 3.1 }),
  bottle('matt-clear', 'Matt clear', 'clear-matt-acrylic', '#e9e7e1', 60, 38, '2026-07-15', 'Front row', { price: 6.8 }),
  bottle('umber-wash', 'Umber enamel wash', 'wash-enamel', '#3b2a1e', 40, 31, '2026-06-02', 'Spirit box', { price: 5.9 }),
  bottle('grime-filter', 'Pale grime filter', 'filter-enamel', '#a89874', 40, 40, null, 'Spirit box', { price: 5.9 }),
  bottle('rust-powder', 'Rust ochre powder', 'pigment-dry', '#b5622a', 35, 30, '2026-05-11', 'Powder rack', { price: 4.9 }),
  bottle('fixer', 'Quick fixer', 'fixer-alcohol', '#e9e7e1', 75, 50, '2026-05-11', 'Spirit box', { price: 6.5, triedOn: '2026-05-12' }),
  bottle('wall-primer', 'Wall primer', 'primer-acrylic-brush', '#b9b4aa', 250, 200, '2026-03-30', 'Under the bench', { price: 8 }),
  bottle('quay-stone', 'Quay stone emulsion', 'emulsion-matt', '#a79e8b', 250, 180, '2026-03-30', 'Under the bench', {
    price: 7.5,
    note: 'Mixed for the harbour wall, pot 3',
  }),
  bottle('tide-wash', 'Tide wash', 'wash-acrylic', '#4b4a40', 60, 44, '2026-09-01', 'Front row', { price: 5.4 }),
  bottle('weed-dark', 'Weed dark', 'acrylic-matt', '#47512f', 17, 11, '2026-04-18', 'Front row', { price: 3.1 }),
  bottle('iron-streak', 'Iron streak oil wash', 'wash-oil', '#7a3f1c', 35, 30, '2026-01-09', 'Spirit box', { price: 5.2 }),
  bottle('salt-dust', 'Salt dust', 'pigment-dry', '#d9d4c6', 35, 33, '2026-08-29', 'Powder rack', { price: 4.9 }),
  bottle('peat-brown', 'Peat brown', 'acrylic-matt', '#4a3526', 30, 24, '2026-09-20', 'Front row', {
    price: 4.2,
    whiteSwatch: { parts: [1, 4], colour: '#a08e80' },
  }),
  bottle('bare-plank', 'Bare plank', 'acrylic-matt', '#a08f74', 17, 9, '2025-12-11', 'Front row', { price: 3.1 }),
  bottle('peat-dust', 'Peat dust', 'pigment-dry', '#3a2a1d', 35, 20, '2026-03-02', 'Powder rack', { price: 4.9 }),
  bottle('lorry-grey', 'Depot grey', 'acrylic-satin', '#7d8483', 30, 28, '2026-10-10', 'Front row', { price: 4.4 }),
  bottle('mud-paste', 'Estuary mud paste', 'texture-paste-acrylic', '#6b5844', 100, 70, '2026-07-04', 'Under the bench', { price: 7.9 }),
  bottle('dry-mud', 'Dry mud powder', 'pigment-dry', '#9c8564', 35, 25, '2026-07-04', 'Powder rack', { price: 4.9 }),
  bottle('slate-dark', 'Slate dark', 'acrylic-matt', '#3f4550', 17, 14, '2026-06-21', 'Front row', {
    price: 3.1,
    whiteSwatch: { parts: [1, 4], colour: '#9aa0a8' },
  }),
  bottle('slate-pale', 'Slate pale', 'acrylic-matt', '#8a919b', 17, 16, '2026-06-21', 'Front row', { price: 3.1 }),
  bottle('load-glue', 'White glue, diluted', 'white-glue-dilute', '#eeece4', 250, 160, '2026-05-30', 'Under the bench', { price: 3.6 }),
  bottle('satin-clear', 'Satin clear', 'clear-satin-acrylic', '#e9e7e1', 60, 55, '2026-10-10', 'Front row', { price: 6.8 }),
  bottle('yard-clear', 'Matt clear from the yard shop', 'clear-matt-hardware-aerosol', '#e9e7e1', 400, 250, '2024-02-01', 'Shed', {
    price: 3.9,
    note: 'Old can; thick. For trials only.',
  }),
  bottle('chalk-white', 'Chalk white', 'acrylic-matt', '#f1efe8', 30, 22, '2026-04-18', 'Front row', { price: 4.2 }),
  bottle('sand-ochre', 'Sand ochre', 'acrylic-matt', '#b98a3e', 30, 27, '2026-05-30', 'Front row', {
    price: 4.2,
    whiteSwatch: { parts: [1, 4], colour: '#dcc79d' },
  }),
  bottle('white-spirit', 'White spirit', 'white-spirit', '#dfe3e4', 500, 9, '2026-03-30', 'Spirit box', { price: 3.5 }),
  bottle('thinner-acrylic', 'Acrylic thinner', 'acrylic-thinner', '#dfe3e4', 200, 120, '2026-08-03', 'Front row', { price: 6.9 }),
  bottle('isopropanol', 'Isopropanol 90 %', 'isopropanol-90', '#dfe3e4', 250, 60, '2026-06-02', 'Spirit box', {
    price: 4.8,
    dropsPerMl: 42,
  }),
];

/** Cups and recipes of the demo. */
export const MIXES = [
  {
    id: 'quay-spring',
    number: 1,
    name: 'Quay wall of last spring',
    components: [
      { material: 'acrylic-matt', bottleId: 'chalk-white', parts: 8 },
      { material: 'acrylic-matt', bottleId: 'sand-ochre', parts: 2 },
      { material: 'acrylic-matt', bottleId: 'soot-black', parts: 0.5 },
    ],
    madeMl: 10.5,
    madeOn: '2026-04-22',
    colour: '#a79e8b',
    changes: [{ on: '2026-04-22', words: 'a little darker', added: [{ material: 'acrylic-matt', bottleId: 'soot-black', ml: 0.1 }] }],
    note: 'First three arches. Judged in daylight on the second coat.',
  },
  {
    id: 'van-green',
    number: 2,
    name: 'Van green for the airbrush',
    components: [
      { material: 'acrylic-matt', bottleId: 'lichen-green', parts: 3 },
      { material: 'acrylic-thinner', bottleId: 'thinner-acrylic', parts: 2 },
    ],
    madeMl: null,
    madeOn: null,
    colour: null,
    changes: [],
    note: '',
  },
];
