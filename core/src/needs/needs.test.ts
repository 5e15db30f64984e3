import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { mixFacts, mixForMl, useOf } from '../coverage/index.js';
import { CATALOGUE, plainBottle, suppliesOf, type Bottle } from '../materials/index.js';
import { keepsOfMix, type Mix } from '../mixing/index.js';
import { DEFAULT_WORKSHOP, planPieces, sequenceProblem } from '../schedule/index.js';
import { buildsAlong, checkSequence, readsAsMm } from '../sequence/index.js';
import { pieceFromTemplate, plainStep, templateById, type Piece, type Step } from '../subjects/index.js';
import {
  bottlesFromRows,
  byEvening,
  costsOf,
  cupFor,
  cupsToMix,
  lifeOf,
  needsOf,
  readCount,
  rowsFromBottles,
  sealantsCompared,
  shoppingList,
  stepsInTime,
  stockOf,
  type Use,
} from './index.js';

const DAY = '2026-11-24';
const step = (id: string, technique: string, material: string | null, more: Partial<Step> = {}): Step =>
  plainStep({ id, technique, material, zones: ['all'], ...more });
const van = (id: string, steps: Step[], more: Partial<Piece> = {}): Piece => ({
  ...pieceFromTemplate(templateById('van'), { id, name: `Van ${id}`, scaleRatio: 76 }),
  steps,
  ...more,
});
const wash = (id = 'w', more: Partial<Step> = {}) =>
  step(id, 'wash', 'wash-enamel', { bottleId: 'umber', dilution: { thinner: 'white-spirit', parts: [1, 2] }, ...more });
const bottle = (id: string, material: string, more: Partial<Bottle> = {}): Bottle =>
  plainBottle({ id, name: id, material, colour: '#3b2a1e', sizeMl: 20, leftMl: 20, ...more });
const umber = bottle('umber', 'wash-enamel', { price: 5 });
const spirit = bottle('spirit', 'white-spirit', { sizeMl: 500, leftMl: 3, price: 4 });
const shelfOf = (...bottles: Bottle[]) => suppliesOf({ bottles, materials: [] });
const outlookOf = (pieces: Piece[], bottles: Bottle[] = [umber, spirit]) =>
  planPieces({ pieces, workshop: DEFAULT_WORKSHOP, shelf: { bottles, materials: [] }, log: [], originDate: DAY, nowMin: 0 });
const needs = (pieces: Piece[], bottles: Bottle[] = [umber, spirit], mixes: Mix[] = []) =>
  needsOf(pieces, outlookOf(pieces, bottles), { supplies: shelfOf(...bottles), mixes });
const total = (uses: readonly { ml: number }[]): number => uses.reduce((sum, { ml }) => sum + ml, 0);

describe('what a step takes', () => {
  const plate = (areaMm2: number): Piece => {
    const piece = van('plate', []);
    return { ...piece, zones: [{ ...piece.zones[0]!, areaMm2, keepClean: null }] };
  };

  test('by hand: a wash on 1 dm², 2 parts of spirit', () => {
    // 4 µm dry on half of it, 10 % solids thinned to 3.33 %; a brush loses 5 %
    const { cup } = useOf(wash('w', { coverPct: 50, dryUm: 4 }), plate(10_000), { supplies: shelfOf(umber, spirit) });
    expect(cup!.components.map(({ parts }) => parts)).toEqual([expect.closeTo(1 / 3), expect.closeTo(2 / 3)]);
    expect(cup!.laidMl).toBeCloseTo((0.01 * 0.5 * 4 * 100) / (10 / 3) / 0.7);
  });

  test('powder in grams by area, scattered matter by depth, a can by its contents; tape and sheets not at all, tap water though it is never bought', () => {
    const dm2 = plate(10_000);
    const powder = useOf(step('p', 'powder-dry', 'pigment-dry', { coverPct: 50 }), dm2).direct[0]!;
    expect(powder.ml * CATALOGUE.material('pigment-dry').densityGPerMl).toBeCloseTo(0.06);
    expect(useOf(step('s', 'scatter', 'sand', { coverPct: 100 }), dm2).direct[0]!.ml).toBeCloseTo(10);
    expect(useOf(step('c', 'clear-coat', 'clear-matt-lacquer-aerosol'), dm2)).toMatchObject({
      cup: null,
      direct: [{ material: 'clear-matt-lacquer-aerosol' }],
    });
    for (const [technique, material] of [
      ['mask', 'masking-tape'],
      ['decal', 'decal-waterslide'],
      ['line-draw', 'pencil-graphite'],
      ['unmask', null],
    ] as const)
      expect(useOf(step('n', technique, material), dm2)).toEqual({ cup: null, direct: [], cleaning: [] });
    expect(useOf(step('n', 'clean', 'water-detergent'), dm2).direct[0]!.ml).toBeCloseTo(1.5);
  });

  test('cleaning the airbrush takes the thinner of its liquid', () => {
    const uses = (material: string, tool: string) =>
      useOf(step('a', 'airbrush-coat', material, { tool }), plate(1000)).cleaning.map((p) => p.material);
    expect(uses('enamel-matt', 'airbrush')).toEqual(['white-spirit']);
    expect(uses('acrylic-matt', 'airbrush')).toEqual(['acrylic-thinner']);
    expect(useOf(step('b', 'brush-coat', 'acrylic-matt'), plate(1000)).cleaning).toEqual([]);
  });

  test('a mix of one’s own is split over everything in it', () => {
    const mix: Mix = {
      id: 'm',
      number: 1,
      name: 'Wall',
      components: [
        { material: 'acrylic-matt', bottleId: null, parts: 1 },
        { material: 'acrylic-satin', bottleId: null, parts: 1 },
        { material: 'acrylic-thinner', bottleId: null, parts: 2 },
      ],
      madeMl: null,
      madeOn: null,
      colour: null,
      changes: [],
      note: '',
    };
    const own = step('a', 'airbrush-coat', 'acrylic-matt', { mixId: 'm' });
    expect(useOf(own, plate(1000), { mixes: [mix] }).cup!.components.map(({ parts }) => parts)).toEqual([0.25, 0.25, 0.5]);
    expect(useOf(own, plate(1000)).cup!.components).toHaveLength(1);
  });
});

describe('what all pieces need', () => {
  test('one cup for every piece that takes the mix while it keeps: what stays in it is counted once', () => {
    const pieces = ['1', '2', '3'].map((id) => van(id, [wash()]));
    const { mixes, uses } = needs(pieces);
    expect(mixes).toHaveLength(1);
    expect(mixes[0]!.for.map(({ pieceId }) => pieceId).sort()).toEqual(['1', '2', '3']);
    expect(mixes[0]!.totalMl).toBeCloseTo(total(mixes[0]!.for) + 0.2);
    expect(total(uses.filter(({ why }) => why === 'left in cup'))).toBeCloseTo(0.2);
  });

  test('a mix that does not keep until the next piece is made again', () => {
    const acrylic = (id: string, pinnedAt: string) =>
      van(id, [step('a', 'wash', 'wash-acrylic', { dilution: { thinner: 'water', parts: [1, 3] }, pinnedAt })]);
    const times = (second: string) => needs([acrylic('1', '2026-11-24T19:30'), acrylic('2', second)]).mixes.map(({ time }) => time);
    expect(times('2026-11-26T19:30')).toEqual([1]);
    expect(times('2026-12-01T19:30')).toEqual([1, 2]);
  });

  test('what is done takes nothing any more; what goes on still does; of coats the rest', () => {
    const coats = step('base', 'brush-coat', 'acrylic-matt', { coats: 3 });
    const outlook = outlookOf([van('a', [wash('w1'), wash('w2'), coats])]);
    const [own] = outlook.pieces;
    const begun = (stepIndex: number, sitting: number, isRunning: boolean): void => {
      own!.sittings[stepIndex]![sitting]!.begun = { fromMin: 1170, toMin: 1180, isRunning };
    };
    begun(0, 0, false);
    begun(1, 0, true);
    const count = own!.sittings[2]!.length;
    if (count > 1) begun(2, 0, false);
    const left = stepsInTime(outlook);
    expect(left.map(({ stepIndex }) => stepIndex).sort()).toEqual([1, 2]);
    expect(left.find(({ stepIndex }) => stepIndex === 1)?.startMin).toBe(1170);
    expect(left.find(({ stepIndex }) => stepIndex === 2)?.step.coats).toBe(count > 1 ? 2 : 3);
  });

  test('the cup that a step is laid from is the one that is mixed', () => {
    const pieces = [van('a', [wash()]), van('b', [wash()])];
    const { mixes } = needsOf(pieces, outlookOf(pieces), { supplies: shelfOf(umber, spirit) });
    const cup = cupFor(mixes, 'b', 0);
    expect(cupsToMix(mixes)).toContain(cup);
    expect(cupFor(mixes, 'b', 1)).toBeNull();
  });

  test('use is the sum over the steps, and nothing is below zero', () => {
    const technique = fc.constantFrom(
      ['wash', 'wash-enamel'],
      ['airbrush-coat', 'acrylic-matt'],
      ['brush-coat', 'enamel-matt'],
      ['powder-dry', 'pigment-dry'],
      ['clear-coat', 'clear-matt-acrylic'],
      ['drybrush', 'acrylic-matt'],
      ['wet', 'isopropanol-70'],
    );
    fc.assert(
      fc.property(
        fc.array(fc.tuple(technique, fc.integer({ min: 1, max: 3 }), fc.integer({ min: 1, max: 100 })), { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 1, max: 4 }),
        (given, models) => {
          const steps = given.map(([[name, material], coats, coverPct], i) => step(`s${String(i)}`, name, material, { coats, coverPct }));
          const members = Array.from({ length: models }, (_, i) => ({ id: `m${String(i)}`, label: String(i), differences: [] }));
          const piece = van('1', steps, { members });
          const { uses, mixes } = needs([piece]);
          expect(uses.every(({ ml }) => ml >= 0)).toBe(true);
          const alone = steps.map((one) => useOf(one, piece));
          const laid = alone.reduce((sum, { cup, direct, cleaning }) => sum + (cup?.laidMl ?? 0) + total(direct) + total(cleaning), 0);
          expect(total(uses)).toBeCloseTo(laid + mixes.reduce((sum, { residueMl }) => sum + residueMl, 0), 6);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('twice the models take twice what is laid', () => {
    const members = (n: number) => Array.from({ length: n }, (_, i) => ({ id: `m${String(i)}`, label: String(i), differences: [] }));
    const laid = (n: number) => total(needs([van('1', [wash()], { members: members(n) })]).uses.filter(({ why }) => why === 'laid'));
    expect(laid(6)).toBeCloseTo(2 * laid(3));
  });

  test('steps come in time, those of a repeat group once a round', () => {
    const group = { id: 'g', name: 'Mud', rounds: 2, gate: '' };
    const piece = van('1', [wash('w', { groupId: 'g' }), step('p', 'powder-dry', 'pigment-dry', { groupId: 'g' })], { groups: [group] });
    const at = stepsInTime(outlookOf([piece]));
    expect(at).toHaveLength(4);
    const minutes = at.map(({ startMin }) => startMin!);
    expect([...minutes].sort((a, b) => a - b)).toEqual(minutes);
    expect(at[0]!.date).toBe(DAY);
  });
});

describe('the shelf', () => {
  const use = (more: Partial<Use>): Use => ({
    material: 'white-spirit',
    bottleId: null,
    colour: null,
    ml: 1,
    pieceId: 'p',
    stepId: 's',
    stepIndex: 0,
    startMin: 0,
    date: DAY,
    why: 'laid',
    ...more,
  });

  test('Thursday’s white spirit runs out, and that is said on Tuesday', () => {
    const supplies = shelfOf(umber, spirit);
    const { holdings, shortages } = stockOf(
      [use({ ml: 2 }), use({ ml: 2, date: '2026-11-26' }), use({ ml: 1.5, date: '2026-11-27', pieceId: 'q' })],
      supplies,
    );
    const held = holdings.find(({ bottle: { id } }) => id === 'spirit')!;
    expect(held).toMatchObject({ leftAfterMl: 0, reservedMl: 3, runsOutOn: '2026-11-26' });
    expect(shortages).toEqual([
      { material: 'white-spirit', bottleId: null, colour: null, ml: 2.5, firstDate: '2026-11-26', pieceIds: ['p', 'q'] },
    ]);
    expect(byEvening(held)).toEqual([
      { date: DAY, ml: 2, pieceIds: ['p'] },
      { date: '2026-11-26', ml: 1, pieceIds: ['p'] },
    ]);
  });

  test('what goes out and what is short is what was wanted; no bottle gives more than it has', () => {
    const amounts = fc.array(fc.tuple(fc.double({ min: 0.01, max: 9, noNaN: true }), fc.boolean()), { maxLength: 20 });
    fc.assert(
      fc.property(amounts, (given) => {
        const supplies = shelfOf(spirit, bottle('other', 'white-spirit', { leftMl: 7, openedOn: '2026-01-01' }));
        const uses = given.map(([ml, named]) => use({ ml, bottleId: named ? 'other' : null }));
        const { holdings, shortages } = stockOf(uses, supplies);
        const given_ = holdings.reduce((sum, { reservedMl }) => sum + reservedMl, 0);
        expect(given_ + total(shortages)).toBeCloseTo(total(uses), 6);
        for (const {
          reservedMl,
          leftAfterMl,
          bottle: { leftMl },
        } of holdings) {
          expect(leftAfterMl!).toBeGreaterThanOrEqual(0);
          expect(reservedMl + leftAfterMl!).toBeCloseTo(leftMl!, 6);
        }
      }),
    );
  });

  test('opened bottles go first; a colour that is only told is taken from a bottle that is near', () => {
    const open = bottle('open', 'white-spirit', { openedOn: '2026-01-01', leftMl: 5 });
    const { holdings } = stockOf([use({ ml: 6 })], shelfOf(spirit, open));
    expect(holdings.map(({ bottle: { id }, reservedMl }) => [id, reservedMl])).toEqual([
      ['spirit', 1],
      ['open', 5],
    ]);
    const paints = shelfOf(bottle('rust', 'acrylic-matt', { colour: '#8a4526' }), bottle('ochre', 'acrylic-matt', { colour: '#b98a3e' }));
    const ofColour = (colour: string) => stockOf([use({ material: 'acrylic-matt', colour })], paints);
    expect(ofColour('#8b4627').holdings[0]!.reservedMl).toBe(1);
    expect(ofColour('#2040a0').shortages).toHaveLength(1);
  });

  test('how much is in it is not known: it never runs out', () => {
    expect(stockOf([use({ ml: 99 })], shelfOf(bottle('b', 'white-spirit', { leftMl: null }))).shortages).toEqual([]);
  });

  test('the shopping list says how many, and what on the shelf could do instead', () => {
    const supplies = shelfOf(
      bottle('umber', 'wash-enamel', { leftMl: 0, price: 5 }),
      bottle('brown', 'wash-enamel', { colour: '#40301f', leftMl: 15 }),
      bottle('water-wash', 'wash-acrylic', { colour: '#3c2b1f' }),
      bottle('green', 'wash-enamel', { colour: '#4f7f40' }),
    );
    const [item, ...others] = shoppingList(stockOf([use({ material: 'wash-enamel', bottleId: 'umber', ml: 25 })], supplies), supplies);
    expect(others).toEqual([]);
    expect(item).toMatchObject({ name: 'umber', ml: 25, buy: { container: 'bottle', count: 2, sizeMl: 20, price: 5 } });
    expect(item!.standIns.map(({ bottle: { id }, enough, otherCarrier }) => [id, enough, otherCarrier])).toEqual([
      ['brown', false, false],
      ['water-wash', false, true],
    ]);
  });

  test('what is not on the shelf is bought as shops sell it', () => {
    const buys = (material: string, ml: number) => {
      const [item] = shoppingList(stockOf([use({ material, ml })], shelfOf()), shelfOf());
      return item!.buy;
    };
    expect(buys('aggregate', 4)).toEqual({ container: 'bag', sizeMl: 200, count: 1, price: null });
    expect(buys('enamel-matt', 20)).toMatchObject({ container: 'tin', count: 2 });
    expect(buys('primer-lacquer-aerosol', 20)).toMatchObject({ container: 'can', sizeMl: 400, count: 1 });
    expect(buys('oil-artist', 1)).toMatchObject({ container: 'tube' });
    expect(buys('emulsion-matt', 90)).toMatchObject({ container: 'tin', sizeMl: 250, count: 1 });
    // tape is bought by the roll, however much is laid
    expect(buys('masking-tape', 90)).toMatchObject({ container: 'roll', sizeMl: null, count: 1 });
    // what one's own costs says nothing where its size is not known
    const unsized = shelfOf(bottle('own', 'enamel-matt', { leftMl: 0, sizeMl: null, price: 9 }));
    const [item] = shoppingList(stockOf([use({ material: 'enamel-matt', bottleId: 'own', ml: 5 })], unsized), unsized);
    expect(item!.buy).toEqual({ container: 'tin', sizeMl: 14, count: 1, price: null });
  });

  test('a piece costs its share of the bottles; what has no price is named', () => {
    const { holdings } = stockOf(
      [use({ material: 'wash-enamel', bottleId: 'umber', ml: 4 }), use({ ml: 1 })],
      shelfOf(umber, { ...spirit, price: null }),
    );
    expect(costsOf(holdings)).toEqual([{ pieceId: 'p', cost: 1, unpriced: ['spirit'] }]);
  });

  test('dead, dying, and planned past its life', () => {
    const at = (openedOn: string | null, date: string | null = null) =>
      lifeOf({ ...umber, openedOn }, CATALOGUE, DAY, date === null ? [] : [{ use: use({ date }), ml: 1 }]);
    // an enamel wash keeps three years once opened
    expect(at(null)).toMatchObject({ life: 'closed', monthsOver: 0 });
    expect(lifeOf(bottle('p', 'pigment-dry', { openedOn: '1990-01-01' }), CATALOGUE, DAY)).toMatchObject({
      life: 'not known',
      monthsOver: 0,
    });
    expect(at('2022-11-24').monthsOver).toBeCloseTo(12, 0);
    expect(at('2026-01-01').life).toBe('good');
    expect(at('2023-12-20').life).toBe('dying');
    expect(at('2022-01-01')).toMatchObject({ life: 'dead' });
    expect(at('2024-03-01', '2027-03-10')).toMatchObject({ life: 'dying', plannedPast: '2027-03-10' });
  });
});

describe('counting the stock', () => {
  test.each<[string, number | null, number | string]>([
    ['12,5', 20, 12.5],
    ['40 %', 20, 8],
    ['1/2', 20, 10],
    ['full', 17, 17],
    ['Empty', null, 0],
    ['25', 20, 'not more than it holds'],
    ['3/2', 20, 'not more than all of it'],
    ['half', 20, 'an amount, a share such as 40 % or 1/2, “full” or “empty”'],
    ['1/2', null, 'an amount: it is not known how much it holds'],
    ['', 20, 'an amount, a share such as 40 % or 1/2, “full” or “empty”'],
  ])('“%s” of a bottle that holds %p is %p', (text, sizeMl, expected) => {
    const read = readCount(text, { sizeMl });
    if (typeof expected === 'number') expect(read).toEqual({ ok: true, value: expected });
    else expect(read).toMatchObject({ ok: false, problem: { field: 'left', allowed: expected } });
  });
});

describe('a mix', () => {
  const components = [
    { material: 'acrylic-matt', bottleId: null, parts: 3 },
    { material: 'acrylic-thinner', bottleId: null, parts: 2 },
  ];

  test('for three wagons makes three times what lands, and one cup', () => {
    const on = (count: number) => ({
      technique: 'airbrush-coat',
      tool: null,
      coats: 2,
      coverPct: null,
      on: Array.from({ length: count }, () => ({ piece: van('1', []), zones: ['all'] })),
    });
    const [one, three] = [1, 3].map((count) => mixForMl(components, 'acrylic-matt', on(count)));
    expect(three! - 0.5).toBeCloseTo(3 * (one! - 0.5));
  });

  test('of powder stirred into water comes from a cup, keeps for hours only, and takes twice as much for twice the vans', () => {
    const slurry = [
      { material: 'pigment-dry', bottleId: null, parts: 1 },
      { material: 'water', bottleId: null, parts: 3 },
    ];
    const members = (n: number) => Array.from({ length: n }, (_, i) => ({ id: String(i), label: String(i), differences: [] }));
    const ml = (models: number) =>
      mixForMl(slurry, 'pigment-dry', {
        technique: 'powder-slurry',
        tool: null,
        coats: 1,
        coverPct: null,
        on: [{ piece: van('1', [], { members: members(models) }), zones: ['all'] }],
      });
    expect(ml(3)).toBeGreaterThan(0.2);
    expect(ml(6) - 0.2).toBeCloseTo(2 * (ml(3) - 0.2));
    expect(mixFacts(slurry, 'powder-slurry', null)!.solidsPct).toBeCloseTo(25);
    expect(keepsOfMix({ components: slurry }, CATALOGUE)).toMatchObject({ minutes: 120, freshOnly: true });
  });

  test('has solids, films and a spreading rate of its own, not the bottle’s', () => {
    const facts = mixFacts(components, 'airbrush-coat', null)!;
    expect(facts.solidsPct).toBeCloseTo(21);
    // airbrushed acrylic lies not quite 10 µm dry; two thirds of it miss
    expect(facts.wetFilmUm).toBeCloseTo(9.75 / 0.21);
    expect(facts.spreadingCm2PerMl).toBeCloseTo(((10 * 21) / 9.75) * 0.33 * 10);
    expect(facts.flow.verdict).toBe('right');
    expect(mixFacts([components[1]!], 'airbrush-coat', null)).toBeNull();
  });

  test('each tool loses its own share; a stirred slurry and a thin wash have films of their own', () => {
    const [air, brush] = ['airbrush-coat', 'brush-coat'].map((technique) => mixFacts(components, technique, null)!);
    const perMl = ({ solidsPct, dryFilmUm }: { solidsPct: number; dryFilmUm: number }) => (10 * 10 * solidsPct) / dryFilmUm;
    expect(air!.spreadingCm2PerMl / perMl(air!)).toBeCloseTo(0.33);
    expect(brush!.spreadingCm2PerMl / perMl(brush!)).toBeCloseTo(0.95);
    const sponge = mixFacts(components, 'sponge', 'sponge')!;
    expect(sponge.spreadingCm2PerMl / perMl(sponge)).toBeCloseTo(0.6);
    const slurry = [
      { material: 'pigment-dry', bottleId: null, parts: 1 },
      { material: 'water', bottleId: null, parts: 3 },
    ];
    expect(mixFacts(slurry, 'powder-slurry', null)).toMatchObject({ dryFilmUm: 20, wetFilmUm: 80 });
    // loose, the same powder leaves no film
    expect(mixFacts([slurry[0]!], 'powder-dry', null)?.dryFilmUm).not.toBe(20);
    // one that comes as a slurry lies as thick as its kind does
    const spill = mixFacts([{ material: 'spill-slurry', bottleId: null, parts: 1 }], 'powder-slurry', null)!;
    expect(spill.dryFilmUm).toBe(CATALOGUE.material('spill-slurry').drying!.referenceDryUm);
    // however far it is thinned, a brush lays as much of it, which leaves less
    const wash = (thinner: number) =>
      mixFacts(
        [
          { material: 'wash-acrylic', bottleId: null, parts: 1 },
          { material: 'acrylic-thinner', bottleId: null, parts: thinner },
        ],
        'wash',
        null,
      )!;
    expect(wash(60).wetFilmUm).toBeCloseTo(60);
    expect(wash(60).dryFilmUm).toBeLessThan(wash(0.1).dryFilmUm);
  });

  test('flows by its tool: sprayed with pressure, a fixer softly whatever its solids', () => {
    const flowOf = (material: string, technique: string, tool: string) =>
      mixFacts([{ material, bottleId: null, parts: 1 }], technique, tool)!.flow;
    expect(flowOf('acrylic-matt', 'brush-coat', 'brush').pressureBar).toBeNull();
    expect(flowOf('acrylic-matt', 'airbrush-coat', 'airbrush').pressureBar).toEqual([1.3, 1.8]);
    expect(flowOf('fixer-spirit', 'fix', 'airbrush')).toMatchObject({ verdict: 'right', pressureBar: [0.5, 0.8] });
  });
});

describe('bottles as rows', () => {
  const supplies = shelfOf(umber);
  let next = 0;
  const read = (rows: object[]) => bottlesFromRows(rows, supplies, () => `new-${String(++next)}`);

  test('written and read again they are the same, on a shelf that has them and on one that has not', () => {
    const bottles = [umber, bottle('rust', 'acrylic-matt', { colour: '#8a4526', openedOn: '2026-02-03', place: 'drawer', note: 'a, b' })];
    const both = shelfOf(...bottles);
    const again = bottlesFromRows(rowsFromBottles(bottles, both), both, () => 'never');
    expect(again.faults).toEqual([]);
    expect(again.bottles.map((one) => one.bottle)).toEqual(bottles);
    const anew = bottlesFromRows(rowsFromBottles(bottles, both), CATALOGUE, () => 'id');
    expect(anew.bottles.map((one) => ({ ...one.bottle, id: '' }))).toEqual(bottles.map((one) => ({ ...one, id: '' })));
  });

  test('each bad line is named with its column, its value and what may stand there; the good ones are kept', () => {
    const { bottles, faults } = read([
      { name: 'Ochre', kind: 'Acrylic, matt', colour: '#b98a3e', holds_ml: '17', left_ml: '9,5' },
      { name: '', kind: 'acrylic-matt' },
      { name: 'Jam', kind: 'jam' },
      { name: 'Salt', kind: 'acrylic-matt', holds_ml: '17', left_ml: '18' },
      { name: 'Lime', kind: 'acrylic-matt', opened_on: '31.1.2026', colour: 'white', price: '-1' },
      { name: 'Ochre', kind: 'acrylic-matt' },
      { name: 'umber', kind: 'Enamel wash', left_ml: '3' },
    ]);
    expect(faults.map(({ line, column, value }) => [line, column, value])).toEqual([
      [3, 'name', ''],
      [4, 'kind', 'jam'],
      [5, 'left_ml', '18'],
      [6, 'colour', 'white'],
      [6, 'opened_on', '31.1.2026'],
      [6, 'price', '-1'],
      [7, 'name', 'Ochre'],
    ]);
    expect(faults.every(({ allowed }) => allowed !== '')).toBe(true);
    expect(bottles.map((one) => [one.bottle.name, one.bottle.leftMl, one.known])).toEqual([
      ['Ochre', 9.5, false],
      ['umber', 3, true],
    ]);
    // what the file does not say of a known bottle stays
    expect(bottles[1]!.bottle).toEqual({ ...umber, leftMl: 3 });
  });
});

describe('along a sequence', () => {
  const piece = van('1', [
    step('p', 'brush-coat', 'primer-acrylic-brush'),
    step('b', 'brush-coat', 'emulsion-matt', { coats: 3, colour: '#8b8a88' }),
    step('c', 'brush-coat', 'emulsion-matt', { coats: 4, colour: '#8b8a88' }),
  ]);
  const outlook = outlookOf([piece], []);
  const placed = new Map(outlook.plan.placed.map((p) => [p.id, p]));
  const problem = sequenceProblem(piece, {
    workshop: DEFAULT_WORKSHOP,
    supplies: CATALOGUE,
    originDate: DAY,
    evenings: outlook.evenings,
    placed,
  });

  test('film grows, the groove shrinks, and the step that goes too far is the one the rule names', () => {
    const zone = buildsAlong(problem).find(({ along }) => along[0]!.depthLeftUm !== null)!;
    expect(zone.along).toHaveLength(4);
    for (const key of ['faceUm', 'recessUm', 'lost'] as const) {
      const values = zone.along.map((at) => at[key]);
      expect([...values].sort((a, b) => a - b)).toEqual(values);
    }
    const said = checkSequence(problem).findings.filter(({ rule, zones }) => rule === 'build-over-detail' && zones.includes(zone.zoneId));
    expect(said.find(({ severity }) => severity === 'caution')?.stepIndex ?? null).toBe(
      zone.cautionAt === zone.snagAt ? null : zone.cautionAt,
    );
    expect(said.find(({ severity }) => severity === 'snag')?.stepIndex ?? null).toBe(zone.snagAt);
    expect(zone.cautionAt).not.toBeNull();
  });

  test('25 µm at 1:87 reads as 2.2 mm', () => {
    expect(readsAsMm(25, 87)).toBeCloseTo(2.2, 1);
  });

  test('sealants: those on the shelf first, least change of colour first, with film, use and price', () => {
    const clear = bottle('matt', 'clear-matt-acrylic', { price: 10, colour: '#e9e7e1' });
    const found = sealantsCompared(piece, piece.zones[0]!.id, { ...problem, supplies: shelfOf(clear) }, shelfOf(clear));
    expect(found[0]).toMatchObject({ material: 'clear-matt-acrylic', onShelf: true, name: 'matt' });
    expect(found[0]!.cost).toBeCloseTo((10 / 20) * found[0]!.ml);
    const rest = found.filter(({ onShelf }) => !onShelf).map(({ shiftDe00 }) => shiftDe00);
    expect([...rest].sort((a, b) => a - b)).toEqual(rest);
    expect(found.every(({ filmUm, ml }) => filmUm > 0 && ml > 0)).toBe(true);
    // on matt emulsion a gloss shifts more than a matt, and deeper
    const of = (material: string) => found.find((one) => one.material === material)!;
    expect(of('clear-gloss-acrylic').shiftDe00).toBeGreaterThan(of('clear-matt-acrylic').shiftDe00);
    expect(of('clear-gloss-acrylic').shiftL).toBeLessThan(0);
    expect(() => sealantsCompared(piece, 'attic', problem, CATALOGUE)).toThrow("zone 'attic' is not of this piece");
  });
});
