import { describe, expect, test } from '@jest/globals';
import { CATALOGUE } from '../materials/index.js';
import { plainStep } from '../subjects/index.js';
import { incomingOf, withUsualDilution } from './index.js';

const coat = plainStep({ id: 's', technique: 'brush-coat', material: 'enamel-matt', zones: ['all'] });

describe('the usual dilution', () => {
  test('comes with a material, and goes with the tool and the technique it is used by', () => {
    const chosen = withUsualDilution(coat, { material: 'acrylic-matt' }, CATALOGUE);
    expect(chosen.dilution).toEqual({ thinner: 'water', parts: [3, 1] });
    const acrylic = { ...coat, ...chosen };
    expect(withUsualDilution(acrylic, { technique: 'airbrush-coat', tool: null }, CATALOGUE).dilution).toEqual({
      thinner: 'acrylic-thinner',
      parts: [3, 2],
    });
    expect(withUsualDilution(acrylic, { technique: 'drybrush' }, CATALOGUE).dilution).toBeNull();
  });

  test('what the painter thinned otherwise stays, with what thins the material it is now', () => {
    const own = { ...coat, dilution: { thinner: 'white-spirit', parts: [9, 1] as [number, number] } };
    expect(withUsualDilution(own, { technique: 'wash' }, CATALOGUE)).toEqual({ technique: 'wash' });
    expect(withUsualDilution(own, { coats: 2 }, CATALOGUE)).toEqual({ coats: 2 });
    expect(withUsualDilution(own, { material: 'wash-enamel', technique: 'wash' }, CATALOGUE).dilution).toEqual(own.dilution);
    expect(withUsualDilution(own, { material: 'acrylic-satin' }, CATALOGUE).dilution).toEqual({ thinner: 'water', parts: [9, 1] });
    expect(withUsualDilution(own, { material: 'pigment-dry', technique: 'powder-dry' }, CATALOGUE).dilution).toBeNull();
  });

  test('a kept mix, and a dilution that is told with the change, are not touched', () => {
    expect(withUsualDilution(coat, { mixId: 'm', material: 'acrylic-matt' }, CATALOGUE)).not.toHaveProperty('dilution');
    expect(withUsualDilution(coat, { material: 'acrylic-matt', dilution: null }, CATALOGUE).dilution).toBeNull();
  });

  test('a retarder keeps what it thins open for longer: a little of it a little, twice as much and more no longer than that', () => {
    const wet = (thinner: string, parts: [number, number] = [4, 1]) =>
      incomingOf({ ...coat, material: 'acrylic-matt', dilution: { thinner, parts } }).material!.drying!.ages.touchMin;
    const plain = wet('water');
    expect(wet('acrylic-retarder')).toBeCloseTo(2.5 * plain);
    expect(wet('acrylic-retarder', [9, 1])).toBeCloseTo(Math.sqrt(2.5) * plain);
    expect(wet('acrylic-retarder', [3, 2])).toBeCloseTo(2.5 ** 2 * plain);
    expect(wet('acrylic-retarder', [1, 1])).toBeCloseTo(2.5 ** 2 * plain);
  });
});
