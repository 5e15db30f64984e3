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
  bottle('mid-grey-primer', 'Mid-grey primer', 'primer-lacquer-aerosol', '#8b8a88', 200, 140, '2026-09-12', 'Under the bench'),
  bottle('lichen-green', 'Lichen green', 'acrylic-matt', '#5f6f47', 30, 21, '2026-08-03', 'Front row'),
  bottle('soot-black', 'Soot black', 'acrylic-matt', '#2f2b2a', 30, 12, '2026-02-20', 'Front row'),
  bottle('pale-lichen', 'Pale lichen', 'acrylic-matt', '#b3bb8c', 17, 15, '2026-10-01', 'Front row'),
  bottle('matt-clear', 'Matt clear', 'clear-matt-acrylic', '#e9e7e1', 60, 38, '2026-07-15', 'Front row'),
  bottle('umber-wash', 'Umber enamel wash', 'wash-enamel', '#3b2a1e', 40, 31, '2026-06-02', 'Spirit box'),
  bottle('grime-filter', 'Pale grime filter', 'filter-enamel', '#a89874', 40, 40, null, 'Spirit box'),
  bottle('rust-powder', 'Rust ochre powder', 'pigment-dry', '#b5622a', 35, 30, '2026-05-11', 'Powder rack'),
  bottle('fixer', 'Quick fixer', 'fixer-alcohol', '#e9e7e1', 75, 50, '2026-05-11', 'Spirit box', { triedOn: '2026-05-12' }),
  bottle('wall-primer', 'Wall primer', 'primer-acrylic-brush', '#b9b4aa', 250, 200, '2026-03-30', 'Under the bench'),
  bottle('quay-stone', 'Quay stone emulsion', 'emulsion-matt', '#a79e8b', 250, 180, '2026-03-30', 'Under the bench', {
    note: 'Mixed for the harbour wall, pot 3',
  }),
  bottle('tide-wash', 'Tide wash', 'wash-acrylic', '#4b4a40', 60, 44, '2026-09-01', 'Front row'),
  bottle('weed-dark', 'Weed dark', 'acrylic-matt', '#47512f', 17, 11, '2026-04-18', 'Front row'),
  bottle('iron-streak', 'Iron streak oil wash', 'wash-oil', '#7a3f1c', 35, 30, '2026-01-09', 'Spirit box'),
  bottle('salt-dust', 'Salt dust', 'pigment-dry', '#d9d4c6', 35, 33, '2026-08-29', 'Powder rack'),
  bottle('peat-brown', 'Peat brown', 'acrylic-matt', '#4a3526', 30, 24, '2026-09-20', 'Front row'),
  bottle('bare-plank', 'Bare plank', 'acrylic-matt', '#a08f74', 17, 9, '2025-12-11', 'Front row'),
  bottle('peat-dust', 'Peat dust', 'pigment-dry', '#3a2a1d', 35, 20, '2026-03-02', 'Powder rack'),
  bottle('lorry-grey', 'Depot grey', 'acrylic-satin', '#7d8483', 30, 28, '2026-10-10', 'Front row'),
  bottle('mud-paste', 'Estuary mud paste', 'texture-paste-acrylic', '#6b5844', 100, 70, '2026-07-04', 'Under the bench'),
  bottle('dry-mud', 'Dry mud powder', 'pigment-dry', '#9c8564', 35, 25, '2026-07-04', 'Powder rack'),
  bottle('slate-dark', 'Slate dark', 'acrylic-matt', '#3f4550', 17, 14, '2026-06-21', 'Front row'),
  bottle('slate-pale', 'Slate pale', 'acrylic-matt', '#8a919b', 17, 16, '2026-06-21', 'Front row'),
  bottle('load-glue', 'White glue, diluted', 'white-glue-dilute', '#eeece4', 250, 160, '2026-05-30', 'Under the bench'),
  bottle('satin-clear', 'Satin clear', 'clear-satin-acrylic', '#e9e7e1', 60, 55, '2026-10-10', 'Front row'),
  bottle('yard-clear', 'Matt clear from the yard shop', 'clear-matt-hardware-aerosol', '#e9e7e1', 400, 250, '2024-02-01', 'Shed', {
    note: 'Old can; thick. For trials only.',
  }),
];
