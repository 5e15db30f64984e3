import { describe, expect, test } from '@jest/globals';
import { plainBottle, suppliesOf, type Bottle } from '@eveningtide/core/materials';
import { isLow, wantedBottles } from './shelf-filter.js';

const bottle = (id: string, more: Partial<Bottle> = {}): Bottle =>
  plainBottle({
    id,
    name: id,
    material: 'acrylic-matt',
    colour: '#888888',
    sizeMl: 30,
    leftMl: 20,
    openedOn: '2026-01-01',
    place: 'Front row',
    ...more,
  });
const bottles = [
  bottle('Lichen green'),
  bottle('Old umber', { material: 'wash-enamel', openedOn: '2022-01-01', place: 'Spirit box' }),
  bottle('Peat brown', { leftMl: 2, note: 'for the wagons' }),
  bottle('Spare clear', { material: 'clear-matt-acrylic', openedOn: null }),
];
const supplies = suppliesOf({ bottles, materials: [] });
const TODAY = '2026-11-24';
const names = (more: Partial<Parameters<typeof wantedBottles>[1]>) =>
  wantedBottles(bottles, { text: '', role: 'all', state: 'all', ...more }, supplies, TODAY).map((b) => b.name);

describe('searching the shelf', () => {
  test('every word counts, wherever it stands', () => {
    expect(names({ text: 'wagons BROWN' })).toEqual(['Peat brown']);
    expect(names({ text: 'spirit box' })).toEqual(['Old umber']);
    expect(names({ text: 'enamel wash' })).toEqual(['Old umber']);
    expect(names({ text: 'green brown' })).toEqual([]);
  });

  test('by kind and by state', () => {
    expect(names({ role: 'clear' })).toEqual(['Spare clear']);
    expect(names({ state: 'old' })).toEqual(['Old umber']);
    expect(names({ state: 'low' })).toEqual(['Peat brown']);
    expect(names({ state: 'closed' })).toEqual(['Spare clear']);
  });

  test('a bottle without a size is never low', () => {
    expect(isLow(bottle('x', { sizeMl: null, leftMl: 0 }))).toBe(false);
  });
});
