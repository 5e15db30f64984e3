import { describe, expect, test } from '@jest/globals';
import { techniqueById } from '../techniques/index.js';
import fc from 'fast-check';
import { CATALOGUE, plainBottle, suppliesOf } from '../materials/index.js';
import {
  CONSISTENCIES,
  MEASURES,
  SLURRY_PARTS,
  USUAL_INSTRUMENTS,
  addToReach,
  amountsOf,
  atConsistency,
  canMix,
  changed,
  consistencyOf,
  countMl,
  countedOut,
  dilutionOf,
  flowHint,
  formatRatio,
  keepsOf,
  keepsOfMix,
  mainOf,
  measuredOf,
  mlOf,
  parseRatio,
  sharesOf,
  slurryCorrection,
  slurryFor,
  solidsOfPct,
  shownAmounts,
  truerAmount,
  unmixable,
  volumesOfCup,
  withAmount,
  type Cup,
  type Measured,
  type Mix,
} from './index.js';

const liquid: Measured = { dropsPerMl: 20, densityGPerMl: 1.15, powder: false };
const alcohol: Measured = { dropsPerMl: 40, densityGPerMl: 0.85, powder: false };
const powder: Measured = { dropsPerMl: 20, densityGPerMl: 0.7, powder: true };
const what = [liquid, alcohol, powder];
const amount = fc.double({ min: 0.05, max: 40, noNaN: true });
const three = fc.tuple(amount, amount, amount);
const shares = (list: readonly number[]): number[] => list.map((n) => n / list.reduce((a, b) => a + b, 0));

describe('measures', () => {
  test('there and back keeps the ratio, whatever it is measured in', () => {
    fc.assert(
      fc.property(three, fc.constantFrom(...MEASURES), (volumes, measure) => {
        const back = amountsOf(volumes, measure, what).map((amount, i) =>
          measure === 'parts' || measure === 'percent' ? amount : mlOf(amount, measure, what[i]!),
        );
        shares(back).forEach((share, i) => expect(share).toBeCloseTo(shares(volumes)[i]!, 9));
      }),
    );
  });

  test('by hand: 12 drops of alcohol are 0.3 ml, 1.4 g of powder 2 ml, one cap 2 ml', () => {
    expect(mlOf(12, 'drops', alcohol)).toBeCloseTo(0.3);
    expect(mlOf(1.4, 'g', powder)).toBeCloseTo(2);
    expect(mlOf(1, 'caps', liquid)).toBe(2);
    expect(amountsOf([1, 3], 'percent', what)).toEqual([25, 75]);
    expect(amountsOf([0.5, 2, 0], 'parts', what)).toEqual([1, 4, 0]);
    expect(() => mlOf(-1, 'ml', liquid)).toThrow('amount must be at least 0, got -1');
    expect(() => amountsOf([1, 1], 'drops', [liquid])).toThrow('component 2');
  });
});

describe('counting out', () => {
  test('each is off by at most half a count, and nothing is lost', () => {
    fc.assert(
      fc.property(three, fc.constantFrom('drops', 'syringe', 'caps', 'spoons'), (volumes, by) => {
        const { components, totalMl } = countedOut(volumes, by, what);
        components.forEach(({ ml, exactMl, count, by: own }, i) => {
          const size = countMl(own, what[i]!);
          expect(Number.isInteger(count) && count >= 1).toBe(true);
          expect(Math.abs(ml - exactMl)).toBeLessThanOrEqual(exactMl < size / 2 ? size : size / 2 + 1e-9);
        });
        expect(totalMl).toBeCloseTo(components.reduce((sum, { ml }) => sum + ml, 0));
        expect(components[2]!.by).toBe('spoons');
      }),
    );
  });

  test('what it does to the ratio is said', () => {
    const { worstSharePts, worstSharePct } = countedOut([0.13, 0.87], 'syringe', [liquid, liquid]);
    expect(worstSharePts).toBeCloseTo(3);
    expect(worstSharePct).toBeCloseTo((3 / 13) * 100);
    expect(countedOut([1, 0], 'drops', [liquid, liquid]).components[1]!.count).toBe(0);
  });

  test('a little more can be counted out truer, and is never too little', () => {
    fc.assert(
      fc.property(three, (volumes) => {
        const plain = countedOut(volumes, 'syringe', what);
        const truer = truerAmount(volumes, 'syringe', what);
        const wanted = volumes.reduce((a, b) => a + b, 0);
        if (plain.totalMl >= wanted - 1e-9) expect(truer.worstSharePct).toBeLessThanOrEqual(plain.worstSharePct + 1e-9);
        expect(truer.totalMl).toBeGreaterThanOrEqual(Math.min(wanted, plain.totalMl) - 1e-9);
      }),
    );
  });
});

describe('a cup that is not as it should be', () => {
  test('what is added makes the ratio right, and nothing is taken out', () => {
    fc.assert(
      fc.property(three, three, (have, wanted) => {
        const added = addToReach(have, wanted);
        expect(added.every((ml) => ml >= 0)).toBe(true);
        expect(Math.min(...added)).toBeCloseTo(0, 9);
        shares(have.map((ml, i) => ml + added[i]!)).forEach((share, i) => expect(share).toBeCloseTo(shares(wanted)[i]!, 9));
      }),
    );
  });

  test('gone too thin: 1 : 3 back to 1 : 1 takes twice the paint more', () => {
    expect(addToReach([1, 3], [1, 1])).toEqual([2, 0]);
    expect(() => addToReach([1, 1], [1, 0])).toThrow('component 2 is in the cup');
    expect(() => addToReach([1], [1, 1])).toThrow('of one length');
  });

  test('a slurry is as it was asked, and is corrected to any other consistency', () => {
    for (const from of CONSISTENCIES) {
      const made = slurryFor(10, from);
      expect(consistencyOf(made.powderMl, made.liquidMl)).toBe(from);
      // grains of a loose powder take six tenths of its volume
      expect(made.powderMl * 0.6 + made.liquidMl).toBeCloseTo(10);
      for (const to of CONSISTENCIES) {
        const add = slurryCorrection(made, to);
        const [powderPart, liquidPart] = SLURRY_PARTS[to];
        expect((made.liquidMl + add.liquidMl) / (made.powderMl + add.powderMl)).toBeCloseTo(liquidPart / powderPart);
      }
    }
    // two powders and water brought to cream: three to one they stay, and it is as much as was asked
    const cream = atConsistency([3, 1, 10], [true, true, false], 'cream', 8);
    expect(cream[0]! / cream[1]!).toBeCloseTo(3);
    expect(consistencyOf(cream[0]! + cream[1]!, cream[2]!)).toBe('cream');
    expect((cream[0]! + cream[1]!) * 0.6 + cream[2]!).toBeCloseTo(8);
    expect(() => atConsistency([1, 1], [false, false], 'milk', 5)).toThrow('a powder and a liquid');
    expect(() => slurryFor(0, 'milk')).toThrow('totalMl must be above 0, got 0');
  });
});

describe('ratio in words', () => {
  test.each([
    ['3 : 2 : 1', [3, 2, 1]],
    ['1:1', [1, 1]],
    ['0,5/2', [0.5, 2]],
  ])('%s is read', (text, parts) => {
    expect(parseRatio(text)).toEqual({ ok: true, value: parts });
    expect(parseRatio(formatRatio(parts))).toEqual({ ok: true, value: parts });
  });
  test.each(['', '3', '1 : x', '0 : 0', '1 : 2 : 3 : 4 : 5 : 6', '1 : -2', '1 : 1001'])('“%s” is refused', (text) => {
    expect(parseRatio(text)).toMatchObject({ ok: false, problem: { field: 'ratio', value: text } });
  });
});

describe('a mix', () => {
  const supplies = suppliesOf({
    bottles: [plainBottle({ id: 'rust', name: 'Rust', material: 'acrylic-matt', colour: '#8a4526', dropsPerMl: 24 })],
    materials: [],
  });
  const mix: Mix = {
    id: 'm',
    number: 3,
    name: 'Wall grey',
    components: [
      { material: 'acrylic-matt', bottleId: 'rust', parts: 2 },
      { material: 'acrylic-satin', bottleId: null, parts: 1 },
      { material: 'acrylic-thinner', bottleId: null, parts: 3 },
    ],
    madeMl: 6,
    madeOn: '2026-11-20',
    colour: null,
    changes: [],
    note: '',
  };

  test('has a main component, a dilution, solids and a time it keeps', () => {
    expect(mainOf(mix, supplies)?.bottleId).toBe('rust');
    expect(dilutionOf(mix, supplies)).toEqual({ thinner: 'acrylic-thinner', parts: [3, 3] });
    expect(solidsOfPct(mix, supplies)).toBeCloseTo((2 * 35 + 35) / 6);
    expect(keepsOfMix(mix, supplies).minutes).toBe(2880);
    expect(unmixable(mix, supplies)).toEqual([]);
    expect(unmixable({ components: [...mix.components, { material: 'enamel-matt', bottleId: null, parts: 1 }] }, supplies)[0]).toEqual([
      'Acrylic, matt',
      'Enamel, matt',
    ]);
  });

  test('a change is written down and is in the parts from then on', () => {
    const change = {
      on: '2026-11-21',
      words: 'a little darker',
      added: [
        { material: 'acrylic-matt', bottleId: null, ml: 0.5 },
        { material: 'acrylic-thinner', bottleId: null, ml: 0.5 },
      ],
    };
    const after = changed(mix, change);
    expect(after.madeMl).toBe(7);
    expect(after.components.map(({ parts }) => parts)).toEqual([2, 1, 3.5, 0.5]);
    expect(after.changes).toEqual([change]);
    expect(sharesOf(after).reduce((a, b) => a + b)).toBeCloseTo(1);
    expect(() => changed({ ...mix, madeMl: null }, change)).toThrow('madeMl must be known');
    expect(() => changed(mix, { ...change, added: [{ material: 'water', bottleId: null, ml: -1 }] })).toThrow('at least 0 ml');
  });

  test('drops are those of the bottle’s own dropper, else of its liquid', () => {
    expect(measuredOf({ material: 'acrylic-matt', bottleId: 'rust' }, supplies).dropsPerMl).toBe(24);
    expect(measuredOf({ material: 'isopropanol-70', bottleId: null }, supplies).dropsPerMl).toBe(40);
    expect(measuredOf({ material: 'pigment-dry', bottleId: null }, supplies)).toMatchObject({ powder: true, densityGPerMl: 0.7 });
  });
});

describe('a cup being thought out', () => {
  const cup = (measure: Cup['measure'], ...parts: number[]): Cup => ({
    components: parts.map((part, i) => ({ material: i === 2 ? 'pigment-dry' : 'acrylic-matt', bottleId: null, parts: part })),
    measure,
    totalMl: 6,
  });

  test('parts keep the whole, drops change it, a percentage takes from the others', () => {
    expect(shownAmounts(withAmount(cup('parts', 3, 2, 1), 0, 5, what), what)).toEqual([5, 2, 1]);
    expect(withAmount(cup('parts', 3, 2, 1), 0, 5, what).totalMl).toBe(6);
    // 60 drops of 3 ml become 100: 5 ml
    const dropped = withAmount(cup('drops', 3, 2, 1), 0, 100, what);
    expect(volumesOfCup(dropped).map((ml) => Math.round(ml * 1e6) / 1e6)).toEqual([5, 2, 1]);
    const percent = withAmount(cup('percent', 3, 2, 1), 0, 40, what);
    expect(shownAmounts(percent, what).map(Math.round)).toEqual([40, 40, 20]);
  });

  test('what is typed is what is then shown, in every measure', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...MEASURES),
        fc.integer({ min: 0, max: 2 }),
        fc.double({ min: 1, max: 90, noNaN: true }),
        (measure, index, typed) => {
          const after = withAmount(cup(measure, 3, 2, 1), index, typed, what);
          expect(shownAmounts(after, what)[index]).toBeCloseTo(typed, 6);
          expect(volumesOfCup(after).reduce((a, b) => a + b, 0)).toBeCloseTo(after.totalMl, 6);
        },
      ),
    );
  });

  test('nothing in it is told', () => {
    expect(() => volumesOfCup(cup('parts', 0, 0))).toThrow('parts must be at least 0 and not all 0');
    expect(shownAmounts(cup('drops', 0, 0), what)).toEqual([0, 0]);
    expect(withAmount(cup('ml', 0, 0), 1, 4, what).totalMl).toBe(4);
  });
});

describe('what stirs, keeps and flows', () => {
  const of = (id: string) => CATALOGUE.material(id);
  test('liquids must be kin; powder goes into anything wet', () => {
    expect(canMix(of('acrylic-matt'), of('emulsion-matt'))).toBe(true);
    expect(canMix(of('enamel-matt'), of('oil-artist'))).toBe(true);
    expect(canMix(of('acrylic-matt'), of('enamel-matt'))).toBe(false);
    expect(canMix(of('acrylic-matt'), of('oil-water-mixable'))).toBe(false);
    expect(canMix(of('pigment-dry'), of('white-spirit'))).toBe(true);
    expect(canMix(of('cyanoacrylate'), of('pigment-dry'))).toBe(false);
  });

  test('filler is not mixed ahead, ink keeps a month', () => {
    expect(keepsOf(of('filler-plaster'))).toMatchObject({ minutes: 15, freshOnly: true });
    expect(keepsOf(of('ink-in-alcohol')).minutes).toBe(30 * 1440);
    expect(keepsOf(of('pigment-in-fixer')).freshOnly).toBe(true);
    expect(keepsOf(of('enamel-matt')).minutes).toBeGreaterThan(keepsOf(of('acrylic-matt')).minutes);
  });

  test('thick paint in an airbrush is told, fixer is misted softly', () => {
    expect(flowHint({ suitsPct: techniqueById('airbrush-coat').solidsPct, tool: 'airbrush', solidsPct: 35 })).toMatchObject({
      verdict: 'too thick',
    });
    expect(flowHint({ suitsPct: techniqueById('airbrush-coat').solidsPct, tool: 'airbrush', solidsPct: 2 })).toMatchObject({
      verdict: 'too thin',
    });
    expect(flowHint({ suitsPct: techniqueById('airbrush-coat').solidsPct, tool: 'airbrush', solidsPct: 14 })).toMatchObject({
      verdict: 'right',
      feels: 'like milk',
    });
    expect(flowHint({ suitsPct: techniqueById('fix').solidsPct, tool: 'airbrush', solidsPct: 2, fixer: true }).pressureBar).toEqual([
      0.5, 0.8,
    ]);
    expect(flowHint({ suitsPct: techniqueById('wash').solidsPct, tool: 'brush', solidsPct: 30 })).toMatchObject({
      verdict: 'too thick',
      pressureBar: null,
    });
  });

  test('the bench’s tools have a size', () => {
    for (const size of Object.values(USUAL_INSTRUMENTS)) expect(size).toBeGreaterThan(0);
  });
});
