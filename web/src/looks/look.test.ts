import { describe, expect, test } from '@jest/globals';
import { CATALOGUE } from '@eveningtide/core/materials';
import { elevationsOf, pieceFromTemplate, plainStep, templateById, type Piece, type Step } from '@eveningtide/core/subjects';
import fc from 'fast-check';
import { scaleFor } from '../looks/elevation-scale.js';
import { deltaE00OfHex } from '@eveningtide/core/colour';
import { pieceSection, plannedLooks } from './look.js';
import { mixWords } from '../pieces/mix-words.js';
import { newStep } from '../pieces/new-step.js';
import { pinsFor } from '../pieces/pins.js';
import { spread } from '../pieces/spread.js';
import { toggledZone } from '../pieces/zone-words.js';
import { USUAL_SCHOOLS } from '@eveningtide/core/techniques';

const step = (id: string, technique: string, material: string | null, more: Partial<Step> = {}) =>
  plainStep({ id, technique, material, zones: ['all'], ...more });
const van: Piece = {
  ...pieceFromTemplate(templateById('van'), { id: 'van', name: 'Van', scaleRatio: 76 }),
  steps: [
    step('prime', 'spray-coat', 'primer-lacquer-aerosol'),
    step('green', 'airbrush-coat', 'acrylic-matt', { colour: '#5f6f47', zones: ['side-upper', 'side-lower', 'ends'] }),
    step('seal', 'clear-coat', 'clear-matt-acrylic'),
    step('rust', 'streak', 'wash-oil', { zones: ['side-lower'], source: 'Door hinge, left', coverPct: 5 }),
  ],
};

describe('the look of a piece', () => {
  test('the section grows step by step, and names the steps its layers came from', () => {
    expect(pieceSection(van, CATALOGUE, 'side-lower', 'prime').stepIds).toEqual(['prime']);
    expect(pieceSection(van, CATALOGUE, 'side-lower', null).stepIds).toEqual(['prime', 'green', 'seal', 'rust']);
    expect(pieceSection(van, CATALOGUE, 'roof', null).stepIds).toEqual(['prime', 'seal']);
  });

  test('rounds of a group lead back to their step', () => {
    const rounds: Piece = {
      ...van,
      groups: [{ id: 'g', name: 'Dust', rounds: 3, gate: '' }],
      steps: [step('dust', 'powder-dry', 'pigment-dry', { groupId: 'g' })],
    };
    expect(pieceSection(rounds, CATALOGUE, 'roof', null).stepIds).toEqual(['dust', 'dust', 'dust']);
  });

  test('zones are tinted as predicted after each step, from the bare zone on; a clear coat leaves the colour', () => {
    const looks = plannedLooks(van, CATALOGUE);
    expect(looks).toHaveLength(van.steps.length + 1);
    const green = (at: number) => deltaE00OfHex(looks[at]!['side-lower']!.mean, '#5f6f47');
    expect(green(0)).toBeGreaterThan(15);
    expect(green(2)).toBeLessThan(4);
    expect(looks[3]!['side-lower']).toEqual(looks[2]!['side-lower']);
    expect(looks[4]!['side-lower']).not.toEqual(looks[3]!['side-lower']);
    expect(looks[4]!['roof']).toEqual(looks[1]!['roof']);
  });

  test('rounds of a group count to the step that they stand for', () => {
    const dusted: Piece = {
      ...van,
      groups: [{ id: 'g', name: 'Dust', rounds: 3, gate: '' }],
      steps: [
        step('green', 'airbrush-coat', 'acrylic-matt', { colour: '#5f6f47' }),
        step('dust', 'powder-dry', 'pigment-dry', { groupId: 'g', colour: '#a79d88', coverPct: 20 }),
      ],
    };
    const once = plannedLooks({ ...dusted, groups: [{ ...dusted.groups[0]!, rounds: 1 }] }, CATALOGUE);
    const thrice = plannedLooks(dusted, CATALOGUE);
    expect(thrice).toHaveLength(3);
    expect(deltaE00OfHex(thrice[2]!['roof']!.mean, '#a79d88')).toBeLessThan(deltaE00OfHex(once[2]!['roof']!.mean, '#a79d88'));
  });
});

describe('pins beside a step', () => {
  const pin = (id: string, zoneId: string | null, featureId: string | null) => ({
    id,
    xShare: 0.5,
    yShare: 0.5,
    zoneId,
    featureId,
    note: id,
  });
  const pictured: Piece = {
    ...van,
    pictures: [
      {
        id: 'p',
        fileName: 'a.jpg',
        caption: '',
        takenOn: null,
        widthPx: 4,
        heightPx: 3,
        pins: [pin('hinge', 'side-upper', 'feature-1'), pin('salt', 'side-lower', null), pin('loose', null, null)],
      },
      { id: 'q', fileName: 'b.jpg', caption: '', takenOn: null, widthPx: 4, heightPx: 3, pins: [pin('roof', 'roof', null)] },
    ],
  };
  const shown = (s: Step) => pinsFor(pictured, s).flatMap(({ pins }) => pins.map(({ id }) => id));
  test('are those of its zones, and of the feature it starts from', () => {
    expect(shown(step('x', 'wash', 'wash-oil', { zones: ['side-lower'] }))).toEqual(['salt']);
    expect(shown(van.steps[3]!)).toEqual(['hinge', 'salt']);
    expect(shown(step('x', 'wash', 'wash-oil', { zones: ['wheels'] }))).toEqual([]);
    expect(pinsFor(pictured, step('x', 'wash', 'wash-oil'))).toHaveLength(2);
  });
});

describe('zones of a step', () => {
  const on = (...zones: string[]) => step('x', 'wash', 'wash-oil', { zones });
  test('all less one, and all again', () => {
    const without = toggledZone(van, on('all'), 'roof');
    expect(without).not.toContain('roof');
    expect(without).not.toContain('glazing');
    expect(toggledZone(van, on(...without), 'roof')).toEqual(['all']);
  });
  test('the last stays; what is kept clean comes on top', () => {
    expect(toggledZone(van, on('roof'), 'roof')).toEqual(['roof']);
    expect(toggledZone(van, on('all'), 'wheel-treads')).toEqual(['all', 'wheel-treads']);
  });
  test('pressed twice is as before', () => {
    const ids = van.zones.map((zone) => zone.id);
    const open = van.zones.filter((zone) => !zone.keepClean).map((zone) => zone.id);
    fc.assert(
      fc.property(fc.subarray(open, { minLength: 2, maxLength: open.length - 1 }), fc.constantFrom(...ids), (zones, id) => {
        const twice = toggledZone(van, on(...toggledZone(van, on(...zones), id)), id);
        expect([...twice].sort()).toEqual([...zones].sort());
      }),
    );
  });
});

describe('drawing', () => {
  test('all views of a piece share one scale, and the largest just fits', () => {
    const views = elevationsOf(van);
    const mmPerPx = scaleFor(views, 200, 120);
    const sizes = views.map((view) => [view.widthMm / mmPerPx, view.heightMm / mmPerPx] as const);
    expect(Math.max(...sizes.map(([w]) => w))).toBeLessThanOrEqual(200.5);
    expect(Math.max(...sizes.map(([, h]) => h))).toBeLessThanOrEqual(120.5);
    expect(sizes.some(([w, h]) => w > 198 || h > 118)).toBe(true);
  });

  test('labels keep their order and their distance', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 200 }), { maxLength: 12 }), (ys) => {
        const placed = spread(
          ys.map((y) => ({ y })),
          15,
          300,
        );
        expect(placed.map(({ y }) => y)).toEqual([...ys].sort((a, b) => a - b));
        placed.slice(1).forEach(({ at }, i) => expect(at - placed[i]!.at).toBeGreaterThanOrEqual(15 - 1e-9));
        for (const { at } of placed) expect(at).toBeLessThanOrEqual(300);
      }),
    );
  });
});

test('a new step is laid and dried as the painter does it', () => {
  const bare = pieceFromTemplate(templateById('van'), { id: 'p', name: 'P', scaleRatio: 76 });
  const after = (...steps: Step[]) => newStep(undefined, CATALOGUE, { ...bare, steps }, steps.length);
  const first = after();
  expect(first).toMatchObject({ technique: 'brush-coat', drying: 'still', zones: ['all'], dilution: { thinner: 'water', parts: [3, 1] } });
  expect(newStep({ ...USUAL_SCHOOLS, base: 'airbrush', drying: 'dryer' }, CATALOGUE, bare, 0)).toMatchObject({
    technique: 'airbrush-coat',
    drying: 'cool-dryer',
    dilution: { thinner: 'acrylic-thinner', parts: [3, 2] },
  });
  // it goes on where the last one was laid, with its paint where a coat is laid with such
  const coat = { ...first, zones: ['roof'], material: 'enamel-matt', colour: '#4a3524' };
  expect(after(coat)).toMatchObject({ zones: ['roof'], material: 'enamel-matt', colour: '#4a3524' });
  const dust = { ...coat, technique: 'powder-dry', material: 'pigment-dry' };
  expect(after(dust)).toMatchObject({ zones: ['roof'], material: 'acrylic-matt', colour: null });
  const treads = plainStep({ id: 't', technique: 'clean-treads', zones: ['wheel-treads'] });
  expect(after(coat, treads).zones).toEqual(['roof']);
  const oneByOne = { ...coat, zones: bare.zones.filter(({ keepClean }) => !keepClean).map(({ id }) => id) };
  expect(after(oneByOne).zones).toEqual(['all']);
});

test('a mix in words', () => {
  const shown = { text: (ml: number) => `${String(ml)} ml` };
  const mix = { totalMl: 1.5, paintMl: 0.5, thinnerMl: 1, paintDrops: 10, thinner: 'White spirit', paints: 1 };
  expect(mixWords(mix, shown)).toBe('0.5 ml (10 drops) + 1 ml white spirit');
  expect(mixWords({ ...mix, thinner: null }, shown)).toBe('0.5 ml (10 drops), neat');
  expect(mixWords({ ...mix, paints: 3 }, shown)).toBe('1.5 ml of it');
});
