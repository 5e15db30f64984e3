import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { QUANTITIES, UNIT_SYSTEMS, formatShown, fromShown, toShown } from './index.js';

describe('figures as they are shown', () => {
  // exact by definition, NIST SP 811
  test.each([
    [25.4, 'length', 'us', '1 in'],
    [304.8, 'prototypeLength', 'imperial', '1 ft'],
    [645.16, 'area', 'us', '1 sq in'],
    [29.5735295625, 'volume', 'us', '1 US fl oz'],
    [28.4130625, 'volume', 'imperial', '1 fl oz'],
    [20, 'temperature', 'us', '68 °F'],
    [-40, 'temperature', 'imperial', '-40 °F'],
    [1, 'roomVolume', 'us', '35 cu ft'],
    [1236, 'area', 'metric', '12.4 cm²'],
    [74.04, 'length', 'metric', '74 mm'],
  ] as const)('%d as %s, %s: %s', (si, quantity, system, shown) => {
    expect(formatShown(si, quantity, system)).toBe(shown);
  });

  test('what is shown and read back is the same', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -1e4, max: 1e6, noNaN: true }),
        fc.constantFrom(...QUANTITIES),
        fc.constantFrom(...UNIT_SYSTEMS),
        (si, quantity, system) => {
          expect(fromShown(toShown(si, quantity, system), quantity, system)).toBeCloseTo(si, 6);
        },
      ),
    );
  });
});
