import { describe, expect, test } from '@jest/globals';
import { plainBottle, suppliesOf } from '@eveningtide/core/materials';
import { readShelfFile, shelfCsv, shelfJson } from './shelf-file.js';

const bottles = [
  plainBottle({
    id: 'rust',
    name: 'Rust, "old"',
    material: 'acrylic-matt',
    colour: '#8a4526',
    sizeMl: 17,
    leftMl: 9.5,
    price: 3.1,
    note: 'a\nb',
  }),
  plainBottle({ id: 'spirit', name: 'White spirit', material: 'white-spirit', colour: '#dfe3e4', sizeMl: 500, openedOn: '2026-03-30' }),
];
const supplies = suppliesOf({ bottles, materials: [] });
const read = (name: string, text: string) => readShelfFile(name, text, supplies, () => 'new');

describe('a shelf file', () => {
  test('as a table, out and in: the same bottles, quotes, commas and line breaks in them', () => {
    const { bottles: again, faults } = read('shelf.csv', shelfCsv(bottles, supplies));
    expect(faults).toEqual([]);
    expect(again.map(({ bottle }) => bottle)).toEqual(bottles);
  });

  test('as JSON, out and in: the same bottles, swatches too, and own materials', () => {
    const swatched = bottles.map((bottle) => ({ ...bottle, whiteSwatch: { parts: [1, 4] as [number, number], colour: '#cccccc' } }));
    const tar = { id: 'tar', name: 'Tar', like: 'wash-enamel' };
    const { bottles: again, materials } = read('shelf.json', shelfJson(swatched, [tar as never]));
    expect(again).toEqual(swatched.map((bottle, i) => ({ bottle, line: i + 1, known: true })));
    expect(materials).toEqual([tar]);
  });

  test.each([
    ['x.csv', 'colour,price\n#ffffff,3', 'heading', 'colour, price'],
    ['x.csv', '', 'heading', ''],
    ['x.json', '{', 'file', expect.any(String)],
    ['x.json', '{"format":"eveningtide","bottles":[]}', 'format', 'eveningtide'],
    ['x.json', '[1]', 'format', 'undefined'],
  ])('%s holding “%s” is refused, with what is wrong', (name, text, column, value) => {
    const { bottles: none, faults } = read(name, text);
    expect(none).toEqual([]);
    expect(faults).toContainEqual({ line: 1, column, value, allowed: expect.any(String) });
  });

  test('a quote that is never closed is told', () => {
    const { faults } = read('x.csv', 'name,kind\n"Rust,acrylic-matt\n');
    expect(faults.some(({ allowed }) => allowed.startsWith('quotes'))).toBe(true);
  });
});
