import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { suppliesOf, type Bottle } from '../materials/index.js';
import { pieceFromTemplate, plainStep, templateById, type Step } from '../subjects/index.js';
import { USUAL_SCHOOLS, isTechniqueId, techniqueById } from '../techniques/index.js';
import { lastLaid, readLine } from './index.js';
import { TECHNIQUE_OF_ROLE, TECHNIQUE_WORDS, USUAL_MATERIAL } from './words.js';

const piece = pieceFromTemplate(templateById('van'), { id: 'p', name: 'P', scaleRatio: 76 });
const bottle = (id: string, name: string, material: string): Bottle => ({
  id,
  name,
  material,
  colour: '#4a3524',
  sizeMl: 17,
  leftMl: 12,
  openedOn: null,
  triedOn: null,
  place: '',
  note: '',
  price: null,
  whiteSwatch: null,
  dropsPerMl: null,
});
const supplies = suppliesOf({
  bottles: [
    bottle('umber', 'Umber enamel wash', 'wash-enamel'),
    bottle('ochre', 'Rust ochre powder', 'pigment-dry'),
    bottle('mid', 'Mid-grey primer', 'primer-lacquer-aerosol'),
  ],
  materials: [],
});
const read = (text: string, before: Step | null = null) => readLine(text, { piece, supplies, schools: USUAL_SCHOOLS, before }, 's');
const zoneIds = (test: (name: string) => boolean) => piece.zones.filter(({ name }) => test(name)).map(({ id }) => id);

test('every word of a line leads to a technique, a material or a tool that there is', () => {
  for (const id of [...Object.keys(TECHNIQUE_WORDS), ...Object.values(TECHNIQUE_OF_ROLE), ...Object.keys(USUAL_MATERIAL)])
    expect(isTechniqueId(id)).toBe(true);
  for (const [technique, materials] of Object.entries(USUAL_MATERIAL))
    for (const material of materials) expect(techniqueById(technique).roles).toContain(supplies.material(material).role);
  const words = Object.values(TECHNIQUE_WORDS).flat();
  expect(new Set(words).size).toBe(words.length);
});

describe('a step typed as one says it', () => {
  test('every part of it is understood, in any order', () => {
    const want = {
      technique: 'wash',
      material: 'wash-enamel',
      bottleId: 'umber',
      dilution: { thinner: 'white-spirit', parts: [1, 4] },
      zones: ['side-lower'],
      coverPct: 35,
    };
    for (const text of [
      'wash umber 1:4 side lower 35%',
      '35 % on the lower sides, umber wash 1 : 4',
      'umber 1:4 white spirit; side, lower; 35 %; wash',
      'Dark wash of umber 1:4 lower side 35%',
    ])
      expect([text, read(text)]).toEqual([text, { unknown: [], step: expect.objectContaining(want) }]);
  });

  test.each([
    ['drybrush acrylic satin 8%', { technique: 'drybrush', material: 'acrylic-satin', coverPct: 8 }],
    ['dry-brush with matt acrylic, 2 coats', { technique: 'drybrush', material: 'acrylic-matt', coats: 2 }],
    ['rust ochre powder roof', { technique: 'powder-dry', bottleId: 'ochre', zones: ['roof'] }],
    ['seal matt', { technique: 'clear-coat' }],
    ['varnish satin acrylic', { technique: 'clear-coat', material: 'clear-satin-acrylic' }],
    ['clean', { technique: 'clean', material: 'water-detergent' }],
    ['mask lookout glazing 5 min', { technique: 'mask', material: 'masking-tape', handsOnMin: 5 }],
    ['lacquer primer by can', { technique: 'spray-coat', tool: 'aerosol', material: 'primer-lacquer-aerosol' }],
    [
      'ink in alcohol wash 1:30',
      { technique: 'wash', material: 'ink-in-alcohol', dilution: { thinner: 'isopropanol-70', parts: [1, 30] } },
    ],
    ['enamel matt brush coat twice neat', { technique: 'brush-coat', material: 'enamel-matt', coats: 2, dilution: null }],
    ['airbrush matt acrylic 3:2 acrylic thinner #5f6f47', { technique: 'airbrush-coat', material: 'acrylic-matt', colour: '#5f6f47' }],
    ['scatter sand everywhere', { technique: 'scatter', material: 'sand', zones: ['all'] }],
    ['flat enamel black on underframe', { technique: 'brush-coat', material: 'enamel-matt', colour: '#2a2a2b', zones: ['underframe'] }],
    ['prime with can', { technique: 'spray-coat', material: 'primer-lacquer-aerosol', bottleId: 'mid' }],
    // what is only called a powder is not what fixes powder
    ['black powder roof 25%', { technique: 'powder-dry', material: 'pigment-dry', colour: '#2a2a2b', zones: ['roof'] }],
    ['take out glazing', { technique: 'take-off', zones: ['glazing'] }],
    ['put back glazing', { technique: 'refit', zones: ['glazing'] }],
    ['seal satin acrylic by brush', { technique: 'clear-coat', material: 'clear-satin-acrylic', tool: 'flat brush' }],
    ['matt acrylic by brush roof', { technique: 'brush-coat', tool: 'flat brush', zones: ['roof'] }],
    ['matt acrylic by airbrush', { technique: 'airbrush-coat', material: 'acrylic-matt' }],
    ['fix roof', { technique: 'fix', material: 'fixer-alcohol', zones: ['roof'] }],
    ['decals ends', { technique: 'decal', material: 'decal-waterslide', zones: ['ends'] }],
  ])('%s', (text, want) => {
    const { step, unknown } = read(text);
    expect(unknown).toEqual([]);
    expect(step).toMatchObject(want);
  });

  test('zones: a word that several share, all of them, all but some, and as before where nothing is said', () => {
    expect(read('wash umber sides').step!.zones).toEqual(zoneIds((name) => name.toLowerCase().includes('side')));
    expect(read('wash umber all').step!.zones).toEqual(['all']);
    const but = read('wash umber all but roof and wheels').step!.zones;
    expect(but).not.toContain('roof');
    expect(but).not.toContain('wheels');
    expect(but).toContain('side-lower');
    expect(but.every((id) => piece.zones.find((zone) => zone.id === id)?.keepClean === null)).toBe(true);
    const before = plainStep({ id: 'b', technique: 'wash', material: 'wash-enamel', bottleId: 'umber', zones: ['ends'] });
    expect(read('drybrush matt acrylic', before).step!.zones).toEqual(['ends']);
    // what must stay clean is not painted because it was cleaned before
    const treads = plainStep({ id: 't', technique: 'clean-treads', zones: [piece.zones.find(({ keepClean }) => keepClean !== null)!.id] });
    expect(read('drybrush matt acrylic', treads).step!.zones).toEqual(['all']);
    expect(lastLaid([before, treads])).toBe(before);
    expect(read('wash roof', before).step).toMatchObject({ bottleId: 'umber', zones: ['roof'] });
    // but what is said to be of another colour is not out of that bottle
    const dusted = plainStep({ id: 'd', technique: 'powder-dry', material: 'pigment-dry', bottleId: 'ochre', zones: ['ends'] });
    expect(read('powder roof', dusted).step).toMatchObject({ bottleId: 'ochre' });
    expect(read('black powder roof', dusted).step).toMatchObject({ material: 'pigment-dry', bottleId: null, colour: '#2a2a2b' });
  });

  test('zones are known by the place they are, too, whatever they are called', () => {
    const called = piece.zones.map((zone) => ({ ...zone, name: { ends: 'Bulkheads', glazing: 'Windows' }[zone.id] ?? zone.name }));
    const zonesOf = (text: string) =>
      readLine(text, { piece: { ...piece, zones: called }, supplies, schools: USUAL_SCHOOLS, before: null }, 's').step!.zones;
    expect(zonesOf('wash umber ends')).toEqual(['ends']);
    expect(zonesOf('wash umber bulkheads')).toEqual(['ends']);
    expect(zonesOf('mask glazing')).toEqual(['glazing']);
    expect(zonesOf('mask windows')).toEqual(['glazing']);
    // “and” joins places, though one is called “Roof and vents”
    const joined = piece.zones.map((zone) => (zone.id === 'roof' ? { ...zone, name: 'Roof and vents' } : zone));
    const { step } = readLine(
      'mask glazing and ends',
      { piece: { ...piece, zones: joined }, supplies, schools: USUAL_SCHOOLS, before: null },
      's',
    );
    expect(step!.zones.toSorted()).toEqual(['ends', 'glazing']);
  });

  test('what a technique is usually done with comes out of the painter’s own bottle', () => {
    const fixer = { ...supplies.bottles[0]!, id: 'fix', name: 'Quick fixer', material: 'fixer-spirit' };
    const own = suppliesOf({ bottles: [...supplies.bottles, fixer], materials: [] });
    expect(readLine('fix', { piece, supplies: own, schools: USUAL_SCHOOLS, before: null }, 's').step).toMatchObject({ bottleId: 'fix' });
    const empty = suppliesOf({ bottles: [...supplies.bottles, { ...fixer, leftMl: 0 }], materials: [] });
    expect(readLine('fix', { piece, supplies: empty, schools: USUAL_SCHOOLS, before: null }, 's').step).toMatchObject({ bottleId: null });
  });

  test('what is not said is as usual', () => {
    expect(read('wash umber').step).toMatchObject({ dilution: null, coverPct: null, coats: 1, tool: null });
    expect(read('airbrush matt acrylic').step!.dilution).toEqual({ thinner: 'acrylic-thinner', parts: [3, 2] });
  });

  test('what is not understood is told with where it stands, and nothing is dropped in silence', () => {
    const text = 'wash umber gribble frobnicate sides';
    const { step, unknown } = read(text);
    expect(step).toMatchObject({ technique: 'wash', bottleId: 'umber' });
    expect(unknown).toEqual([{ fromChar: 11, toChar: 29, words: 'gribble frobnicate' }]);
    expect(read('gribble').step).toBeNull();
    expect(read('')).toEqual({ step: null, unknown: [] });
  });

  test('any text is read without a fault, and every word of it is understood or told', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 80 }), (text) => {
        const { step, unknown } = read(text);
        for (const { fromChar, toChar, words } of unknown) expect(text.slice(fromChar, toChar)).toBe(words);
        if (step) expect(step.zones.length).toBeGreaterThan(0);
      }),
    );
  });
});
