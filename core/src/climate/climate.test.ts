import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { airAt, airOverEvenings, dewPointC, dewPointRule, dryingDeficitKPa, maxRhForDewPointRule, saturationPressureKPa } from './index.js';

const temps = fc.double({ min: 0, max: 40, noNaN: true });
const humidities = fc.double({ min: 5, max: 100, noNaN: true });

describe('humid air', () => {
  test('the dew point is never above the air, and equals it at saturation', () => {
    fc.assert(
      fc.property(temps, humidities, (tempC, rhPct) => {
        expect(dewPointC({ tempC, rhPct })).toBeLessThanOrEqual(tempC + 1e-9);
        expect(dewPointC({ tempC, rhPct: 100 })).toBeCloseTo(tempC, 9);
      }),
    );
  });

  test('air saturated at its dew point holds the vapour that the air holds now', () => {
    fc.assert(
      fc.property(temps, humidities, (tempC, rhPct) => {
        expect(saturationPressureKPa(dewPointC({ tempC, rhPct }))).toBeCloseTo((saturationPressureKPa(tempC) * rhPct) / 100, 9);
      }),
    );
  });

  test('warmer or drier air takes up more', () => {
    fc.assert(
      fc.property(temps, fc.double({ min: 5, max: 90, noNaN: true }), (tempC, rhPct) => {
        expect(dryingDeficitKPa({ tempC: tempC + 1, rhPct })).toBeGreaterThan(dryingDeficitKPa({ tempC, rhPct }));
        expect(dryingDeficitKPa({ tempC, rhPct: rhPct + 5 })).toBeLessThan(dryingDeficitKPa({ tempC, rhPct }));
      }),
    );
  });

  test('the dew-point rule turns at the humidity computed for it', () => {
    fc.assert(
      fc.property(fc.double({ min: 5, max: 35, noNaN: true }), (tempC) => {
        const limit = maxRhForDewPointRule(tempC);
        expect(dewPointRule({ tempC, rhPct: limit - 0.01 }).ok).toBe(true);
        expect(dewPointRule({ tempC, rhPct: limit + 0.01 }).ok).toBe(false);
      }),
    );
  });

  test.each([
    [{ tempC: 20, rhPct: 0 }, 'rhPct must be above 0'],
    [{ tempC: 20, rhPct: 101 }, 'rhPct must be above 0'],
    [{ tempC: 500, rhPct: 50 }, 'tempC must be between'],
  ])('refuses %p', (air, message) => {
    expect(() => dewPointC(air)).toThrow(message);
  });
});

describe('air over evenings', () => {
  const evening = { tempC: 20, rhPct: 50 };
  const night = { tempC: 14, rhPct: 65 };
  const spans = airOverEvenings({ evening, night, places: [] }, [
    { fromMin: 1170, toMin: 1290 },
    { fromMin: 2610, toMin: 2730 },
  ]);

  test('evenings have the evening’s air, all else the night’s', () => {
    expect([0, 1170, 1289, 1290, 2000, 2611, 9999].map((at) => airAt(spans, at).tempC)).toEqual([14, 20, 20, 14, 14, 20, 14]);
  });

  test('the spans follow each other without a gap', () => {
    spans.slice(1).forEach((span, i) => {
      expect(span.fromMin).toBe(spans[i]?.toMin);
    });
  });
});
