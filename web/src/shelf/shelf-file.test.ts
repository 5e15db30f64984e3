import { describe, expect, test } from '@jest/globals';
import { plainBottle, suppliesOf } from '@eveningtide/core/materials';
import { readChosen, readShelfFile, shelfCsv, shelfJson } from './shelf-file.js';

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
    ['x.json', '[1]', 'format', 'a list'],
  ])('%s holding “%s” is refused, with what is wrong', (name, text, column, value) => {
    const { bottles: none, faults } = read(name, text);
    expect(none).toEqual([]);
    expect(faults).toContainEqual({ line: 1, column, value, allowed: expect.any(String) });
  });

  test('a cell that starts a formula is marked in the table, and comes back as it was', () => {
    const formula = [plainBottle({ id: 'f', name: '=1+1', material: 'acrylic-matt', colour: '#8a4526', note: '@x' })];
    const shelf = suppliesOf({ bottles: formula, materials: [] });
    const csv = shelfCsv(formula, shelf);
    expect(csv).toContain("'=1+1");
    expect(readShelfFile('x.csv', csv, shelf, () => 'new').bottles.map(({ bottle }) => bottle)).toEqual(formula);
  });

  test('a file of a later version is refused; what is no bottle is told', () => {
    const json = (more: object) => JSON.stringify({ format: 'eveningtide-shelf', version: 1, materials: [], bottles: [], ...more });
    expect(read('x.json', json({ version: 2 })).faults).toEqual([
      { line: 1, column: 'version', value: '2', allowed: expect.stringContaining('newer version') },
    ]);
    const { bottles: none, faults } = read('x.json', json({ bottles: [null, 7, []] }));
    expect(none).toEqual([]);
    expect(faults.map(({ line, value }) => [line, value])).toEqual([
      [1, 'null'],
      [2, '7'],
      [3, 'a list'],
    ]);
  });

  const HEAD = 'name,kind\n';
  const chosen = (bytes: Uint8Array | string) => readChosen(new File([bytes as string], 'x.csv'), supplies, () => 'new');

  test('text is UTF-8, or UTF-16 that says so; no letter is guessed', async () => {
    const utf16 = new Uint8Array(Buffer.from(`\uFEFF${HEAD}Grün,acrylic-matt\n`, 'utf16le'));
    expect((await chosen(utf16)).bottles.map(({ bottle }) => bottle.name)).toEqual(['Grün']);
    expect((await chosen(`\uFEFF${HEAD}Grün,acrylic-matt\n`)).bottles).toHaveLength(1);
    const latin = await chosen(new Uint8Array(Buffer.from(`${HEAD}Grün,acrylic-matt\n`, 'latin1')));
    expect(latin.bottles).toEqual([]);
    expect(latin.faults[0]?.allowed).toContain('UTF-8');
  });

  test('many bottles are taken; far too many, or megabytes, are refused at once', async () => {
    const rows = (n: number) => HEAD + Array.from({ length: n }, (_, i) => `Bottle ${String(i)},acrylic-matt`).join('\n');
    expect((await chosen(rows(501))).bottles).toHaveLength(501);
    expect((await chosen(rows(5001))).faults[0]?.allowed).toContain('at most 5000');
    expect((await chosen('x'.repeat(5_000_001))).faults[0]).toMatchObject({
      value: '5 MB',
      allowed: expect.stringContaining('at most 5 MB'),
    });
  });

  test('an own material in another script is found by its name, and a kind that is not known by nobody’s', () => {
    const own = { id: 'own', name: 'Краска', like: 'acrylic-matt' } as never;
    const shelf = suppliesOf({ bottles: [], materials: [own] });
    const got = readShelfFile('x.csv', `${HEAD}One,краска\nTwo,другая\nThree,漆\nFour,\n`, shelf, () => 'new');
    expect(got.bottles.map(({ bottle }) => [bottle.name, bottle.material])).toEqual([['One', 'own']]);
    expect(got.faults.map(({ line }) => line)).toEqual([3, 4, 5]);
  });

  test('a quote that is never closed is told, and nothing is taken', () => {
    const { faults } = read('x.csv', 'name,kind\n"Rust,acrylic-matt\n');
    expect(faults.some(({ allowed }) => allowed.startsWith('quotes'))).toBe(true);
    expect(read('x.csv', 'name,kind\nRust,acrylic-matt\n"Umber,acrylic-matt\n').bottles).toEqual([]);
  });
});
