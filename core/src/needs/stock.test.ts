import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE } from '../materials/index.js';
import { bottlesFromRows, byEvening, costsOf, lifeOf, readCount, rowsFromBottles, shoppingList, stockOf, type Use } from './index.js';
import { DAY, bottle, umber, spirit, shelfOf, total } from './testing.js';

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
