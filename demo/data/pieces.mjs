// The pieces of the demo. Invented: the Marram & Holm Light Railway, a tidal harbour line.

const spirit = (paint, thinner) => ({ thinner: 'white-spirit', parts: [paint, thinner] });
const water = (paint, thinner) => ({ thinner: 'water', parts: [paint, thinner] });
const acrylicThinner = (paint, thinner) => ({ thinner: 'acrylic-thinner', parts: [paint, thinner] });

const KINDS = {
  'mid-grey-primer': 'primer-lacquer-aerosol',
  'matt-clear': 'clear-matt-acrylic',
  'satin-clear': 'clear-satin-acrylic',
  'umber-wash': 'wash-enamel',
  'grime-filter': 'filter-enamel',
  fixer: 'fixer-alcohol',
  'wall-primer': 'primer-acrylic-brush',
  'quay-stone': 'emulsion-matt',
  'tide-wash': 'wash-acrylic',
  'iron-streak': 'wash-oil',
  'lorry-grey': 'acrylic-satin',
  'mud-paste': 'texture-paste-acrylic',
  'load-glue': 'white-glue-dilute',
};
for (const powder of ['rust-powder', 'salt-dust', 'peat-dust', 'dry-mud']) KINDS[powder] = 'pigment-dry';
const kindOf = (bottle) => KINDS[bottle] ?? 'acrylic-matt';

export async function pieces(pictures) {
  const { pieceFromTemplate, plainStep, templateById } = await import('../../core/dist/subjects/index.js');

  /** Steps numbered in order: technique, zones, bottle (or null), and what differs from the usual. */
  const steps = (rows) =>
    rows.map(([technique, zones, bottleId, more = {}], i) =>
      plainStep({
        id: `s${i + 1}`,
        technique,
        zones,
        ...(bottleId ? { bottleId, material: kindOf(bottleId) } : {}),
        ...more,
      }),
    );
  const piece = (template, given, more) => ({ ...pieceFromTemplate(templateById(template), given), ...more });
  const ALL = ['all'];
  const wish = (effect, more) => ({ id: `w-${effect}`, effect, way: null, zones: null, featureId: null, colour: null, ...more });

  const van = piece(
    'van',
    { id: 'salt-van-14', name: 'Salt van No. 14', scaleRatio: 76 },
    {
      doneBy: '2026-12-06',
      note: 'Carries bagged salt from the pans to Holm quay. Lower sides bleached and rusted.',
      pictures: [pictures.van],
      steps: steps([
        ['clean', ALL, null, { material: 'water-detergent', note: 'Soapy water, rinse, let dry' }],
        ['take-off', ['glazing'], null, { note: 'The lookout window pushes out from inside' }],
        ['spray-coat', ALL, 'mid-grey-primer'],
        ['airbrush-coat', ['roof', 'side-upper', 'side-lower', 'ends'], 'lichen-green', { dilution: acrylicThinner(3, 2), coats: 2 }],
        ['airbrush-coat', ['underframe', 'wheels'], 'soot-black', { dilution: acrylicThinner(2, 1) }],
        ['clear-coat', ALL, 'matt-clear', { dilution: water(2, 1), gate: 'Even and matt at a low angle' }],
        ['refit', ['glazing'], null],
        ['wash', ['side-lower', 'ends', 'underframe'], 'umber-wash', { coverPct: 35, gate: 'Tide marks blended' }],
        ['filter', ['side-upper', 'side-lower', 'ends'], 'grime-filter', { dilution: spirit(1, 9) }],
        ['drybrush', ['side-upper', 'ends'], 'pale-lichen', { coverPct: 8 }],
        ['powder-dry', ['side-lower', 'underframe'], 'rust-powder', { coverPct: 30, strength: 0.5, allowance: 1.6 }],
        ['fix', ['side-lower', 'underframe'], 'fixer', { airPressureBar: 0.6 }],
        ['clean-treads', ['wheel-treads'], null, { note: 'The contact side as well' }],
      ]),
    },
  );
  van.features.push({ id: 'lookout', zoneId: 'ends', kind: 'hatch', label: 'Lookout', xMm: 15, yMm: 8 });

  const peat = piece(
    'open-wagon',
    { id: 'peat-wagons', name: 'Peat wagons 22, 23, 27', scaleRatio: 76 },
    {
      note: 'Three of one train: the same colours, each with its own wear.',
      members: [
        { id: 'm22', label: 'No. 22', differences: ['number on the left', 'door repaired in new wood'] },
        { id: 'm23', label: 'No. 23', differences: ['number on the left'] },
        { id: 'm27', label: 'No. 27', differences: ['number on the right', 'one plank missing'] },
      ],
      groups: [{ id: 'dust', name: 'Peat dust', rounds: 2, gate: 'Corners dark, planks still show' }],
      steps: steps([
        ['prep-mechanical', ALL, null, { note: 'Couplers and wheel gauge' }],
        ['take-off', ['wheels'], null],
        ['clean', ALL, null, { material: 'water-detergent' }],
        ['spray-coat', ALL, 'mid-grey-primer'],
        ['airbrush-coat', ['side-upper', 'side-lower', 'ends', 'interior'], 'peat-brown', { dilution: acrylicThinner(3, 2) }],
        ['brush-coat', ['underframe', 'wheels'], 'soot-black', { note: 'The wheels while they are off; not the treads' }],
        ['sponge', ['side-lower'], 'bare-plank', { coverPct: 10, members: ['m22'], note: 'The repaired door' }],
        ['clear-coat', ['side-upper', 'side-lower', 'ends', 'interior'], 'matt-clear', { dilution: water(2, 1) }],
        ['wash', ['side-upper', 'side-lower', 'ends'], 'umber-wash', { dilution: spirit(1, 3) }],
        ['refit', ['wheels'], null, { gate: 'Each runs freely' }],
        ['drybrush', ['side-upper', 'ends'], 'bare-plank', { coverPct: 8, priority: 'should' }],
        ['powder-dry', ['interior', 'side-lower'], 'peat-dust', { coverPct: 35, allowance: 1.5, groupId: 'dust' }],
        ['fix', ['interior', 'side-lower'], 'fixer', { airPressureBar: 0.6, groupId: 'dust' }],
        ['inspect', ALL, null, { groupId: 'dust', priority: 'may', note: 'From a metre away' }],
      ]),
    },
  );

  const lorry = piece(
    'lorry',
    { id: 'field-lorry', name: 'Field lorry in estuary mud', scaleRatio: 76 },
    {
      note: 'Works the pans at low tide. Caked to the axles, dusty higher up.',
      steps: steps([
        ['clean', ALL, null, { material: 'water-detergent', note: 'Release agent off the resin' }],
        ['brush-coat', ALL, 'wall-primer'],
        ['brush-coat', ['roof', 'side-upper', 'side-lower', 'ends', 'floor'], 'lorry-grey', { dilution: water(3, 1), coats: 2 }],
        ['brush-coat', ['underframe', 'wheels'], 'soot-black', { dilution: water(3, 1) }],
        ['mask', ['glazing'], null, { material: 'masking-tape' }],
        ['clear-coat', ALL, 'matt-clear', { dilution: water(2, 1), coats: 2 }],
        ['unmask', ['glazing'], null],
        ['wash', ['side-upper', 'side-lower', 'ends'], 'umber-wash', { dilution: spirit(1, 3), coverPct: 40 }],
        ['stipple-paste', ['underframe', 'wheels'], 'mud-paste', { coverPct: 30, gate: 'No tread filled all round' }],
        ['powder-dry', ['underframe', 'side-lower'], 'dry-mud', { coverPct: 25, allowance: 2 }],
        ['fix', ['underframe', 'side-lower'], 'fixer', { airPressureBar: 0.6 }],
        [
          'streak',
          ['side-upper'],
          'iron-streak',
          { dilution: spirit(1, 1), coverPct: 3, direction: 'down', source: 'Cab step', priority: 'may' },
        ],
      ]),
    },
  );
  // the step lies below the cab side: its streak runs over the chassis
  lorry.steps.at(-1).zones = ['underframe'];
  // what was wished for; the sequence above is the painter's own
  lorry.intent = {
    story: { region: 'coast', era: 'diesel', ageYears: 6, upkeep: 'neglected', seenFrom: 'metre', camera: false },
    wishes: [wish('mud-fresh', { intensity: 0.3, priority: 'should' }), wish('bright-treads', { intensity: 0.4, priority: 'may' })],
    doneSteps: 8,
    keepOrder: true,
    timeBoxMin: null,
  };

  const slate = piece(
    'load',
    { id: 'slate-load', name: 'Slate load for flat No. 3', scaleRatio: 76 },
    {
      note: 'Roofing slate on edge; lifts out.',
      sheenWanted: 'matt',
      steps: steps([
        ['brush-coat', ['load'], 'slate-dark', { coats: 2, note: 'PIR board: nothing here melts it' }],
        ['glue', ['load'], 'load-glue', { coverPct: 60 }],
        ['scatter', ['load'], null, { material: 'aggregate' }],
        ['drybrush', ['load'], 'slate-pale', { coverPct: 12 }],
        ['wash', ['load'], 'tide-wash', { dilution: water(1, 3), priority: 'may' }],
      ]),
    },
  );

  const wall = piece(
    'wall',
    { id: 'quay-wall', name: 'Quay wall casting', scaleRatio: 76 },
    {
      note: 'Second length of the fish quay; must match the first, cast last spring.',
      pictures: [pictures.wall],
      steps: steps([
        ['clean', ALL, null, { note: 'Dust off with a soft brush' }],
        ['brush-coat', ALL, 'wall-primer'],
        ['brush-coat', ALL, 'quay-stone', { coats: 2 }],
        ['clear-coat', ALL, 'matt-clear', { dilution: water(2, 1), note: 'Barrier: the emulsion is chalky' }],
        ['wash', ['face', 'base'], 'tide-wash', { dilution: water(1, 4), gate: 'Joints dark, faces clean' }],
        ['sponge', ['base'], 'weed-dark', { coverPct: 12 }],
        ['streak', ['face'], 'iron-streak', { dilution: spirit(1, 1), coverPct: 4, direction: 'down', source: 'Mooring ring' }],
        ['blend', ['face'], null, { material: 'white-spirit', note: 'Draw the edges out downwards' }],
        ['drybrush', ['crown', 'face'], 'pale-lichen', { coverPct: 10 }],
        ['powder-dry', ['base'], 'salt-dust', { coverPct: 20, allowance: 1.4, priority: 'should' }],
      ]),
    },
  );
  wall.features = [
    { id: 'ring-bolt', zoneId: 'face', kind: 'ring bolt', label: 'Mooring ring', xMm: 62, yMm: 22 },
    { id: 'drain', zoneId: 'face', kind: 'drain', label: 'Drain mouth', xMm: 131, yMm: 30 },
  ];
  // the stores along the quay: nothing done yet, all of it wished for
  const stores = piece(
    'block-tower',
    { id: 'quay-stores', name: 'Quay stores 1 to 4', scaleRatio: 76 },
    {
      note: 'Four castings of one row; they must match.',
      likeness: 'alike',
      members: ['1', '2', '3', '4'].map((n) => ({ id: `store-${n}`, label: `Store ${n}`, differences: [] })),
      intent: {
        story: { region: 'coast', era: 'steam', ageYears: 15, upkeep: 'usual', seenFrom: 'metre', camera: false },
        wishes: [
          wish('undercoat', { way: 'brushed', intensity: 0.5, priority: 'must' }),
          wish('body-colour', {
            way: 'brushed',
            intensity: 0.5,
            priority: 'must',
            colour: '#a79e8b',
            zones: ['face', 'ends', 'crown', 'base'],
          }),
          wish('stone-variation', { way: 'three-tones', intensity: 0.6, priority: 'should' }),
          wish('inked-joints', { way: 'ink', intensity: 0.7, priority: 'must' }),
          wish('edge-lights', { way: 'drybrush', intensity: 0.4, priority: 'should' }),
          wish('green-foot', { way: 'sponge', intensity: 0.6, priority: 'should' }),
          {
            ...wish('body-colour', { way: 'brushed', intensity: 0.5, priority: 'must', colour: '#5f6f47', zones: ['doors'] }),
            id: 'w-doors',
          },
        ],
        doneSteps: 0,
        keepOrder: true,
        timeBoxMin: null,
      },
    },
  );
  return [van, peat, lorry, slate, wall, stores];
}
