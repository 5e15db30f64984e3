import { expect, test } from '@jest/globals';
import { CATALOGUE, plainBottle, suppliesOf } from '@eveningtide/core/materials';
import { MOST_LINES, readPaints, templateCsv } from './paint-rows.js';

let made = 0;
const newId = () => `id-${String(made++)}`;
const rows = (text: string, supplies = CATALOGUE) => readPaints(text, supplies, newId).rows;

test('lines, a spreadsheet’s cells and CSV are read alike; a heading and empty lines are none', () => {
  const want = ['enamel-matt 14', 'pigment-dry null'];
  for (const text of [
    'Flat brown enamel 14 ml\n\nRust pigment\n',
    'Name\tType\tml\nFlat brown\tenamel\t14\nRust pigment\t\t',
    'Flat brown;enamel;14 ml\nRust pigment;;',
    'Flat brown,enamel,14\r\n"Rust pigment",,',
  ])
    expect([text, rows(text).map(({ bottle }) => `${bottle.material} ${String(bottle.sizeMl)}`)]).toEqual([text, want]);
});

test('what no word tells is guessed and says so; what stands on the shelf is left out at first', () => {
  const own = suppliesOf({
    bottles: [plainBottle({ id: 'b', name: 'Rust pigment', material: 'pigment-dry', colour: '#8a4a25' })],
    materials: [],
  });
  expect(rows('Harbour mist\nRust pigment', own).map(({ kindGuessed, isKnown, isTaken }) => [kindGuessed, isKnown, isTaken])).toEqual([
    [true, false, true],
    [false, true, false],
  ]);
});

test('no line is dropped in silence: what has no name, and what is too much, is told', () => {
  expect(readPaints('Rust pigment\n12 ml; 3', CATALOGUE, newId).leftOut).toEqual(['12 ml; 3']);
  const many = Array.from({ length: MOST_LINES + 2 }, (_, i) => `Paint ${String(i)}x`).join('\n');
  const { rows: read, leftOut } = readPaints(many, CATALOGUE, newId);
  expect([read.length, leftOut]).toEqual([MOST_LINES, [`Paint ${String(MOST_LINES)}x`, `Paint ${String(MOST_LINES + 1)}x`]]);
});

test('the table to fill in is read back', () => {
  expect(rows(templateCsv(CATALOGUE)).map(({ bottle: { name, material, leftMl } }) => [name, material, leftMl])).toEqual([
    ['Peat brown', 'acrylic-matt', 12],
    ['Rust powder', 'pigment-dry', 20],
    ['Matt clear', 'clear-matt-acrylic', 30],
  ]);
});
