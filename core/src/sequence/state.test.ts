import { describe, expect, test } from '@jest/globals';
import { constantAir } from '../climate/index.js';
import { incomingOf } from './incoming.js';
import { openingsOn } from './openings.js';
import { plainStep, type Step } from '../subjects/index.js';
import { applyStep, zonesReached, exposedTo, startState, surfaceSheen, type ZoneState } from './state.js';
import { subject, type SubjectGiven } from './example.js';

const bench = constantAir({ tempC: 20, rhPct: 50 });

/** One zone after some steps that are each begun and done at the minute given, or from one to another. */
function zoneAfter(steps: [Partial<Step> & { technique: string }, number, number?][], on: SubjectGiven = {}): ZoneState {
  const state = startState(subject({ zones: ['side'], ...on }));
  steps.forEach(([given, startMin, endMin = startMin], i) => {
    const step = plainStep({ id: String(i), zones: ['all'], ...given });
    const incoming = incomingOf(step);
    applyStep(state, step, i, incoming, zonesReached(state, step, incoming), { startMin, endMin }, bench);
  });
  return state.zones.get('side')!;
}

const incoming = (given: Partial<Step> & { technique: string }) => incomingOf(plainStep({ id: 'x', zones: ['all'], ...given }));
const coat = (material: string, more: Partial<Step> = {}) => ({ technique: 'brush-coat', material, ...more });

describe('the surface', () => {
  test('has the sheen it came with until a full coat gives another', () => {
    expect(surfaceSheen(zoneAfter([], { startSheen: 'gloss' }))).toMatchObject({ sheenGu: 80, layer: null });
    expect(surfaceSheen(zoneAfter([], { startSheen: 'bare', substrate: 'brass' })).sheenGu).toBe(60);
    expect(surfaceSheen(zoneAfter([[{ technique: 'clear-coat', material: 'clear-satin-acrylic' }, 0]])).sheenGu).toBe(30);
  });

  test('is not changed by a wash, by powder, or by a coat on a corner of it', () => {
    const glossy = { startSheen: 'gloss' as const };
    for (const step of [
      { technique: 'wash', material: 'wash-acrylic' },
      { technique: 'powder-dry', material: 'pigment-dry' },
      coat('acrylic-matt', { coverPct: 20 }),
    ])
      expect(surfaceSheen(zoneAfter([[step, 0]], glossy)).sheenGu).toBe(80);
  });
});

describe('what a liquid gets at', () => {
  const layers = (zone: ZoneState, at: number) => exposedTo(zone, 'spirit', 'thin', at).map((layer) => layer.stepIndex);

  test('stops at the first unbroken film that holds', () => {
    const zone = zoneAfter([
      [coat('enamel-matt'), 0],
      [{ technique: 'clear-coat', material: 'clear-matt-acrylic' }, 1000],
      [{ technique: 'wash', material: 'wash-enamel' }, 2000],
    ]);
    expect(layers(zone, 3000)).toEqual([2]);
  });

  test('goes through holes: accents, patches, chalky paint', () => {
    for (const leaky of [
      { technique: 'sponge', material: 'acrylic-matt' },
      coat('acrylic-matt', { coverPct: 60 }),
      coat('emulsion-matt'),
    ]) {
      const zone = zoneAfter([
        [coat('enamel-matt'), 0],
        [leaky, 1000],
      ]);
      expect(layers(zone, 3000)).toEqual([1, 0]);
    }
  });

  test('goes through what chipping has opened', () => {
    const zone = zoneAfter([
      [coat('enamel-matt'), 0],
      [{ technique: 'spray-coat', material: 'chipping-medium' }, 1000],
      [coat('acrylic-matt'), 1030],
      [{ technique: 'chip', material: 'water' }, 1060],
    ]);
    expect(layers(zone, 3000)).toEqual([2, 1, 0]);
  });
});

describe('what is done to something wet', () => {
  const wiped = (from: number, to: number) =>
    zoneAfter([
      [{ technique: 'wash', material: 'wash-enamel' }, 0],
      [{ technique: 'wipe-back', material: 'white-spirit' }, from, to],
    ]).layers[0]!;

  test('a wipe begun while it can be moved takes its part off, however long it goes on; begun later it takes nothing', () => {
    const untouched = wiped(41, 50);
    expect(wiped(20, 30).dryUm).toBeLessThan(untouched.dryUm);
    expect(wiped(38, 60).dryUm).toBe(wiped(20, 30).dryUm);
  });

  test('what is scattered into glue while it is wet is held, though the last of it comes later', () => {
    const sand = (from: number, to: number) =>
      zoneAfter([
        [{ technique: 'glue', material: 'white-glue' }, 0],
        [{ technique: 'scatter', material: 'sand' }, from, to],
      ]).layers.at(-1)!.loose;
    expect([sand(5, 10), sand(14, 30), sand(16, 30)]).toEqual([false, false, true]);
  });
});

describe('when a step may come', () => {
  const openings = (zone: ZoneState, step: Partial<Step> & { technique: string }, flooded = false) =>
    openingsOn(zone, incoming(step), flooded, -Infinity).map(({ why, list }) => [
      why,
      list.map((gap) => [Math.round(gap.fromMin), Math.round(gap.toMin)]),
    ]);

  test('enamel on enamel: within the hour or after two days; water on enamel: from recoat on', () => {
    const zone = zoneAfter([[coat('enamel-matt'), 100]]);
    expect(openings(zone, coat('enamel-gloss'))).toEqual([
      [
        'wrinkle',
        [
          [110, 160],
          [2980, Infinity],
        ],
      ],
    ]);
    expect(openings(zone, coat('acrylic-matt'))).toEqual([['recoat', [[700, Infinity]]]]);
  });

  test('a barrier between takes the wrinkling away', () => {
    const zone = zoneAfter([
      [coat('enamel-matt'), 0],
      [{ technique: 'clear-coat', material: 'clear-matt-acrylic' }, 1000],
    ]);
    // and under it the enamel asks nothing more
    expect(openings(zone, coat('enamel-gloss')).map(([why]) => why)).toEqual(['recoat']);
  });

  test('powder onto paste: into the wet, or when it leaves no mark', () => {
    const zone = zoneAfter([[{ technique: 'stipple-paste', material: 'texture-paste-acrylic' }, 0]]);
    expect(openings(zone, { technique: 'powder-dry', material: 'pigment-dry' })).toEqual([
      [
        'sprinkle',
        [
          [0, 20],
          [60, Infinity],
        ],
      ],
    ]);
  });

  test('scatter looks for wet glue at the top; what is bound later may come afterwards as well', () => {
    const zone = zoneAfter([[{ technique: 'glue', material: 'white-glue' }, 0]]);
    expect(openings(zone, { technique: 'scatter', material: 'sand' })).toEqual([['sprinkle', [[0, 15]]]]);
    expect(openings(zone, { technique: 'scatter', material: 'sand' }, true)).toEqual([
      [
        'sprinkle',
        [
          [0, 15],
          [15, Infinity],
        ],
      ],
    ]);
    expect(openings(zoneAfter([[coat('acrylic-matt'), 0]]), { technique: 'scatter', material: 'sand' }, true)).toEqual([]);
  });

  test('a blend has the window of the topmost layer that can be moved', () => {
    const zone = zoneAfter([
      [{ technique: 'wash', material: 'wash-oil' }, 0],
      [{ technique: 'wash', material: 'wash-enamel' }, 2000],
    ]);
    expect(openings(zone, { technique: 'blend', material: 'white-spirit' })).toContainEqual(['open', [[2003, 2040]]]);
    expect(openings(zone, { technique: 'blend', material: 'white-spirit' }).map(([why]) => why)).toEqual(['recoat', 'open']);
  });

  test('settled layers ask nothing any more', () => {
    const zone = zoneAfter([[coat('acrylic-matt'), 0]]);
    expect(openingsOn(zone, incoming(coat('acrylic-satin')), false, 5000)).toEqual([]);
    expect(openingsOn(zone, incoming(coat('acrylic-satin')), false, 10)).toHaveLength(1);
  });
});
