import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { deltaE00OfLab, hexOf, labOf, labOfLight, lightOfBands } from '../colour/index.js';
import { CATALOGUE, materialById, plainBottle } from '../materials/index.js';
import { seededFrom } from '../units/index.js';
import type { Mix } from '../mixing/index.js';
import {
  asUsedBy,
  assumedScattering,
  bandsOfMix,
  colourOfMix,
  correctedTowards,
  findRecipes,
  labOfMix,
  matchOf,
  nearestParts,
  nudged,
  plainParts,
  opticsOfBottle,
  opticsOfColour,
  opticsOfSwatch,
  predictMix,
  tintingMl,
  toneLadder,
  wholeRatios,
  type Candidate,
} from './index.js';

const WHITE = '#f4f3ef';
const acrylic = { carrier: 'water', family: 'acrylic' } as const;
const paint = (id: string, colour: string, scattering = 1): Candidate => ({
  id,
  material: acrylic,
  optics: opticsOfColour(colour, scattering),
});
const shelf = [
  paint('white', WHITE),
  paint('black', '#23221f', 0.3),
  paint('ochre', '#b98a3e'),
  paint('rust', '#8a4526'),
  paint('blue', '#34507a'),
  paint('green', '#4f6340'),
];
const hexArbitrary = fc
  .tuple(...[0, 1, 2].map(() => fc.integer({ min: 30, max: 235 })))
  .map((c) => `#${c.map((v) => v.toString(16).padStart(2, '0')).join('')}`);

describe('optics', () => {
  test('what a mix with white looked like gives the strength back', () => {
    fc.assert(
      fc.property(hexArbitrary, fc.double({ min: 0.1, max: 5, noNaN: true }), (colour, scattering) => {
        fc.pre(deltaE00OfLab(labOf(colour), labOf(WHITE)) > 25);
        const true_ = opticsOfColour(colour, scattering);
        const parts: [number, number] = [1, 4];
        const mixed = hexOf(
          lightOfBands(
            bandsOfMix([
              { optics: true_, share: 1 },
              { optics: opticsOfColour(WHITE), share: 4 },
            ]),
          ),
        );
        const told = opticsOfSwatch(colour, { parts, colour: mixed });
        const at = (optics: typeof told, share: number) =>
          labOfMix([
            { optics, share },
            { optics: opticsOfColour(WHITE), share: 1 },
          ]);
        // at another ratio too, the told paint acts as the true one
        expect(deltaE00OfLab(at(told, 0.6), at(true_, 0.6))).toBeLessThan(3);
      }),
      { numRuns: 60 },
    );
  });

  test('a wash tints less than a paint, and a bottle without a swatch is taken as its kind', () => {
    expect(assumedScattering(materialById('wash-acrylic'))).toBeLessThan(0.4 * assumedScattering(materialById('acrylic-matt')));
    const bottle = plainBottle({ id: 'b', name: 'B', material: 'acrylic-matt', colour: '#8a4526' });
    expect(opticsOfBottle(bottle, CATALOGUE).s[0]).toBeCloseTo(assumedScattering(materialById('acrylic-matt')));
    const surer = opticsOfBottle({ ...bottle, whiteSwatch: { parts: [1, 4], colour: '#c9a08e' } }, CATALOGUE);
    expect(surer.sigmaLn).toBeLessThan(opticsOfBottle(bottle, CATALOGUE).sigmaLn);
  });

  test('parts of nothing are refused', () => {
    expect(() => bandsOfMix([{ optics: opticsOfColour(WHITE), share: 0 }])).toThrow('shares must not all be 0');
    expect(() => opticsOfSwatch('#8a4526', { parts: [0, 1], colour: WHITE })).toThrow('parts must be above 0');
  });
});

describe('a prediction', () => {
  test('of one paint is its colour; the more is guessed, the wider its ±', () => {
    const [rust, white] = [shelf[3]!.optics, shelf[0]!.optics];
    const alone = predictMix([{ optics: rust, share: 1 }]);
    expect(deltaE00OfLab(alone.lab, labOf('#8a4526'))).toBeLessThan(0.5);
    const mixed = predictMix([
      { optics: rust, share: 1 },
      { optics: white, share: 3 },
    ]);
    expect(mixed.plusMinusDe00).toBeGreaterThan(alone.plusMinusDe00);
    const surer = predictMix([
      { optics: { ...rust, sigmaLn: 0.1 }, share: 1 },
      { optics: { ...white, sigmaLn: 0.1 }, share: 3 },
    ]);
    expect(surer.plusMinusDe00).toBeLessThan(mixed.plusMinusDe00);
  });

  test('holds about two times in three on benches whose true strengths are drawn from the spread', () => {
    const random = seededFrom(5);
    const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
    let within = 0;
    const benches = 300;
    for (let i = 0; i < benches; i++) {
      const [a, b] = [shelf[Math.floor(random() * 6)]!, shelf[Math.floor(random() * 6)]!];
      const share = 1 + Math.floor(random() * 4);
      const said = predictMix([
        { optics: a.optics, share },
        { optics: b.optics, share: 1 },
      ]);
      const drawn = (optics: Candidate['optics']) => {
        const factor = Math.exp(optics.sigmaLn * normal());
        return { ...optics, k: optics.k.map((k) => k * factor), s: optics.s.map((s) => s * factor) };
      };
      const real = labOfMix([
        { optics: drawn(a.optics), share },
        { optics: drawn(b.optics), share: 1 },
      ]);
      if (deltaE00OfLab(real, said.lab) <= said.plusMinusDe00) within++;
    }
    expect(within / benches).toBeGreaterThan(0.6);
  });
});

describe('small whole parts', () => {
  test('each ratio once, and none larger than asked', () => {
    expect(wholeRatios(2, 4)).toEqual([
      [1, 1],
      [1, 2],
      [1, 3],
      [2, 1],
      [3, 1],
    ]);
    for (const ratio of wholeRatios(3, 8)) expect(ratio.reduce((a, b) => a + b)).toBeLessThanOrEqual(8);
  });

  test('the nearest ones miss a share by no more than their count allows', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.15, max: 0.85, noNaN: true }), (share) => {
        const { parts, worstShareError } = nearestParts([share, 1 - share], 12);
        const total = parts[0]! + parts[1]!;
        expect(Math.abs(parts[0]! / total - share)).toBeCloseTo(worstShareError, 9);
        expect(worstShareError).toBeLessThan(1 / 12);
      }),
    );
    expect(nearestParts([0.5, 0, 0.25], 12).parts).toEqual([2, 0, 1]);
    expect(plainParts([0.6, 0.4])).toEqual([3, 2]);
    expect(plainParts([0.0133, 0.9867])).toEqual([1, 74.19]);
  });
});

describe('the recipe finder', () => {
  test('finds a mix that was made from the same bottles', () => {
    const target = labOfMix([
      { optics: shelf[0]!.optics, share: 3 },
      { optics: shelf[3]!.optics, share: 1 },
      { optics: shelf[4]!.optics, share: 1 },
    ]);
    const [best] = findRecipes({ target, candidates: shelf });
    expect(best!.de00).toBeLessThan(0.7);
    const two = labOfMix([
      { optics: shelf[0]!.optics, share: 2 },
      { optics: shelf[5]!.optics, share: 3 },
    ]);
    expect(findRecipes({ target: two, candidates: shelf })[0]!.bottles).toEqual([
      { id: 'white', parts: 2 },
      { id: 'green', parts: 3 },
    ]);
  });

  test('equals trying every recipe, on small shelves', () => {
    const few = shelf.slice(0, 4);
    fc.assert(
      fc.property(hexArbitrary, (colour) => {
        const target = labOf(colour);
        let best = Math.min(...few.map(({ optics }) => deltaE00OfLab(target, labOfMix([{ optics, share: 1 }]))));
        for (let a = 0; a < 4; a++)
          for (let b = a + 1; b < 4; b++)
            for (const [pa, pb] of wholeRatios(2, 12))
              best = Math.min(
                best,
                deltaE00OfLab(
                  target,
                  labOfMix([
                    { optics: few[a]!.optics, share: pa! },
                    { optics: few[b]!.optics, share: pb! },
                  ]),
                ),
              );
        const found = findRecipes({ target, candidates: few, mostBottles: 2, count: 20 });
        expect(Math.min(...found.map(({ de00 }) => de00))).toBeCloseTo(best, 6);
      }),
      { numRuns: 25 },
    );
  });

  test('bottles that do not stir into each other are not put together', () => {
    const enamel: Candidate = { ...paint('enamel', '#1f4a8a'), material: { carrier: 'spirit', family: 'enamel' } };
    const target = labOfMix([
      { optics: shelf[0]!.optics, share: 1 },
      { optics: enamel.optics, share: 1 },
    ]);
    for (const { bottles } of findRecipes({ target, candidates: [shelf[0]!, enamel] })) expect(bottles).toHaveLength(1);
  });

  test('a bottle that is the colour already comes first; more bottles must be worth it', () => {
    expect(findRecipes({ target: labOf('#8a4526'), candidates: shelf })[0]!.bottles).toEqual([{ id: 'rust', parts: 1 }]);
    expect(findRecipes({ target: labOf('#8a4526'), candidates: [] })).toEqual([]);
  });
});

describe('a tone ladder', () => {
  const ladder = (rungs: number, mostParts?: number) =>
    toneLadder({ first: shelf[3]!.optics, last: shelf[0]!.optics, rungs, coverPct: [60, 8], ...(mostParts ? { mostParts } : {}) });

  test('steps evenly as it is seen, from the first colour to the last, on ever less area', () => {
    for (const rungs of [2, 3, 5, 9]) {
      const { rungs: tones, evenStepDe00 } = ladder(rungs);
      expect(tones).toHaveLength(rungs);
      expect(tones[0]!.parts).toEqual([1, 0]);
      expect(tones.at(-1)!.parts).toEqual([0, 1]);
      for (const { parts } of tones) expect(parts[0] + parts[1]).toBeLessThanOrEqual(12);
      for (const { stepDe00 } of tones.slice(1)) expect(Math.abs(stepDe00 - evenStepDe00)).toBeLessThan(0.35 * evenStepDe00);
      const covers = tones.map(({ coverPct }) => coverPct);
      expect(covers[0]).toBeCloseTo(60);
      expect(covers.at(-1)).toBeCloseTo(8);
      expect([...covers].sort((a, b) => b - a)).toEqual(covers);
    }
  });

  test('one rung, ten of them, or no cover are refused', () => {
    expect(() => ladder(1)).toThrow('rungs must be 2–9, got 1');
    expect(() => ladder(10)).toThrow('rungs must be 2–9, got 10');
    expect(() => toneLadder({ first: shelf[0]!.optics, last: shelf[1]!.optics, rungs: 3, coverPct: [60, 0] })).toThrow('coverPct');
  });
});

describe('corrections', () => {
  const mix = [
    { optics: shelf[0]!.optics, share: 2 },
    { optics: shelf[2]!.optics, share: 1 },
  ];

  test('a little darker is by three L*, with the strongest dark first', () => {
    const from = labOfMix(mix);
    const found = nudged(mix, 'darker', shelf);
    expect(found[0]!.id).toBe('black');
    for (const { predicted } of found) expect(from.l - predicted.lab.l).toBeGreaterThanOrEqual(2.99);
    expect(found.some(({ id }) => id === 'white')).toBe(false);
  });

  test('towards a target: what is added brings it nearer, the best first', () => {
    const target = labOfMix([...mix, { optics: shelf[3]!.optics, share: 0.4 }]);
    const [best, ...rest] = correctedTowards(mix, target, shelf);
    expect(best!.id).toBe('rust');
    expect(best!.de00).toBeLessThan(0.5);
    expect(best!.perMix).toBeCloseTo(0.4 / 3, 1);
    for (const other of rest) expect(other.de00).toBeGreaterThanOrEqual(best!.de00);
    expect(correctedTowards(mix, labOfMix(mix), shelf)).toEqual([]);
  });
});

describe('the colour of a mix', () => {
  const component = (material: string, parts: number) => ({ material, bottleId: null, parts });

  test('is that of its paints: thinner and clear change nothing, thinner alone has none', () => {
    const alone = colourOfMix([component('acrylic-matt', 1)], CATALOGUE)!;
    const thinned = colourOfMix(
      [component('acrylic-matt', 1), component('acrylic-thinner', 3), component('clear-matt-acrylic', 1)],
      CATALOGUE,
    )!;
    expect(thinned.colour).toBe(alone.colour);
    expect(colourOfMix([component('acrylic-thinner', 1)], CATALOGUE)).toBeNull();
  });

  test('lies between its paints', () => {
    const mix = colourOfMix([component('wash-enamel', 1), component('enamel-matt', 1)], CATALOGUE)!;
    const [dark, light] = [labOf(materialById('wash-enamel').colour).l, labOf(materialById('enamel-matt').colour).l];
    expect(mix.lab.l).toBeGreaterThan(Math.min(dark, light));
    expect(mix.lab.l).toBeLessThan(Math.max(dark, light));
  });
});

describe('a mix as a step uses it', () => {
  const mix: Mix = {
    id: 'm',
    number: 4,
    name: 'Wall',
    components: [
      { material: 'acrylic-matt', bottleId: null, parts: 3 },
      { material: 'clear-matt-acrylic', bottleId: null, parts: 1 },
      { material: 'acrylic-thinner', bottleId: null, parts: 4 },
    ],
    madeMl: 8,
    madeOn: null,
    colour: null,
    changes: [],
    note: '',
  };

  test('is its main paint with the thinner as a dilution, in the colour that was judged, else in the predicted one', () => {
    expect(asUsedBy(mix, CATALOGUE)).toEqual({
      mixId: 'm',
      bottleId: null,
      material: 'acrylic-matt',
      colour: colourOfMix(mix.components, CATALOGUE)!.colour,
      dilution: { thinner: 'acrylic-thinner', parts: [4, 4] },
    });
    expect(asUsedBy({ ...mix, colour: '#123456' }, CATALOGUE)?.colour).toBe('#123456');
    expect(asUsedBy({ ...mix, components: [] }, CATALOGUE)).toBeNull();
  });

  test.each([
    ['fixer-spirit', 'pigment-in-fixer'],
    ['water', 'pigment-in-water'],
    ['isopropanol-70', 'pigment-in-alcohol'],
    ['white-glue', 'spill-slurry'],
    ['acrylic-matt', 'acrylic-matt'],
  ])('powder in %s is laid as %s', (liquid, like) => {
    const components = [
      { material: 'pigment-dry', bottleId: null, parts: 2 },
      { material: liquid, bottleId: null, parts: 3 },
    ];
    expect(asUsedBy({ ...mix, components }, CATALOGUE)).toMatchObject({ material: like, dilution: null, mixId: 'm' });
  });

  test('tints with what is neither thinner nor clear: three of eight millilitres; with nothing where it was not made', () => {
    expect(tintingMl(mix, CATALOGUE)).toBeCloseTo(3);
    expect(tintingMl({ ...mix, madeMl: null }, CATALOGUE)).toBe(0);
  });
});

test.each([
  [0.5, 1.6, 'match'],
  [0.5, 4, 'not sure'],
  [2, 1, 'neighbour'],
  [4.9, 9, 'neighbour'],
  [5, 1, 'no match'],
])('ΔE₀₀ %d ± %d is a %s', (de00, plusMinus, match) => {
  expect(matchOf(de00, plusMinus)).toBe(match);
});

test('light and its reflectances agree', () => {
  expect(deltaE00OfLab(labOfLight(lightOfBands(opticsOfColour('#8a4526').k.map(() => 0.5))), labOf('#bcbcbc'))).toBeLessThan(0.3);
});
