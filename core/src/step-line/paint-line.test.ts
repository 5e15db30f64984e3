import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { lightnessOf } from '../colour/index.js';
import { CATALOGUE } from '../materials/index.js';
import { isHeading, readPaint } from './index.js';

const read = (...cells: string[]) => readPaint(cells, CATALOGUE);

describe('a line of a paint list', () => {
  test.each([
    [['Dark rust wash, enamel, 35 ml, half full'], { material: 'wash-enamel', sizeMl: 35, leftMl: 17.5 }],
    [['Matt black acrylic 17ml'], { name: 'Matt black acrylic', material: 'acrylic-matt', colour: '#2a2a2b', sizeMl: 17, leftMl: 17 }],
    [['Flat black', 'enamel', '14'], { name: 'Flat black', material: 'enamel-matt', sizeMl: 14, leftMl: 14 }],
    [['Flat black', 'enamel', '14', '3.5'], { sizeMl: 14, leftMl: 3.5 }],
    [['White spirit', '0.5 l'], { material: 'white-spirit', sizeMl: 500 }],
    [['Rust ochre powder'], { material: 'pigment-dry' }],
    [['Rust pigment'], { material: 'pigment-dry', colour: '#8a4a25', sizeMl: null, leftMl: null }],
    [['Quay mist', '#A89F8C', '250 ml', '40 %'], { name: 'Quay mist', material: null, colour: '#a89f8c', sizeMl: 250, leftMl: 100 }],
    [['New leather acrylic 17 ml'], { name: 'New leather acrylic', leftMl: 17 }],
    [['50 % grey, enamel', '14 ml'], { name: '50 % grey, enamel', leftMl: 14 }],
    [['Brass, new', '20 ml'], { name: 'Brass', leftMl: 20 }],
    [['Yard oil', '2 oz'], { sizeMl: 59.1 }],
    [['PVA', '1 l', 'nearly empty'], { material: 'white-glue', leftMl: 100 }],
    [['- Satin varnish, acrylic'], { name: 'Satin varnish, acrylic', material: 'clear-satin-acrylic' }],
  ])('%j', (cells, want) => {
    expect(read(...cells)).toMatchObject(want);
  });

  test('dark and pale move the colour that is named', () => {
    const l = (text: string) => lightnessOf(read(text)!.colour!);
    expect(l('dark grey')).toBeLessThan(l('grey') - 8);
    expect(l('pale grey')).toBeGreaterThan(l('grey') + 8);
  });

  test('a line of nothing is no paint, a heading is known, whatever is typed does not throw', () => {
    expect(read('', '  ', '12 ml')).toBeNull();
    expect(isHeading(['Name', 'Type', 'Colour', 'ml'])).toBe(true);
    expect(isHeading(['Leather brown', 'acrylic'])).toBe(false);
    fc.assert(
      fc.property(fc.array(fc.string({ maxLength: 40 }), { maxLength: 5 }), (cells) => {
        const paint = readPaint(cells, CATALOGUE);
        if (!paint) return;
        expect(paint.name.length).toBeGreaterThan(0);
        expect(paint.leftMl ?? 0).toBeLessThanOrEqual(paint.sizeMl ?? 0);
        if (paint.colour) expect(paint.colour).toMatch(/^#[0-9a-f]{6}$/);
      }),
    );
  });
});
