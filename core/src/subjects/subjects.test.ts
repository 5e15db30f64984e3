import { describe, expect, test } from '@jest/globals';
import { SUBSTRATES, isSubstrateId, modelsOf, pieceFromTemplate, plainStep, substrateById, templateById } from './index.js';

describe('templates', () => {
  test('another substrate goes everywhere but to the windows and treads', () => {
    const { zones } = pieceFromTemplate(templateById('van'), { id: 'v', name: 'v', scaleRatio: 76, substrate: 'resin-pu' });
    expect(zones.filter((zone) => !zone.keepClean).every((zone) => zone.substrate === 'resin-pu')).toBe(true);
    expect(zones.find((zone) => zone.id === 'glazing')?.substrate).toBe('clear-plastic');
  });

  test('two pieces of one template share nothing that can be changed', () => {
    const [a, b] = ['a', 'b'].map((id) => pieceFromTemplate(templateById('van'), { id, name: id, scaleRatio: 76 }));
    a!.zones[0]!.relief.grooveDepthUm = 1;
    a!.parts[0]!.name = 'Changed';
    expect(b!.zones[0]!.relief.grooveDepthUm).toBe(200);
    expect(b!.parts[0]!.name).toBe('Body');
  });

  test('an unknown template is named', () => {
    expect(() => templateById('airship')).toThrow("template 'airship' is not known");
  });
});

describe('substrates', () => {
  test('ids are unique, limits make sense', () => {
    expect(new Set(SUBSTRATES.map((s) => s.id)).size).toBe(SUBSTRATES.length);
    for (const s of SUBSTRATES) {
      expect(s.heatLimitC).toBeGreaterThan(40);
      expect(s.bareSheenGu).toBeGreaterThanOrEqual(0);
    }
  });

  test('foam melts under everything hot; rigid board under nothing', () => {
    expect(substrateById('foam-xps').attackedBy).toMatchObject({ hot: 'mist', cyano: 'thin', heat: 'thin' });
    expect(substrateById('foam-pir').attackedBy).toEqual({});
    expect(isSubstrateId('cheese')).toBe(false);
    expect(() => substrateById('cheese')).toThrow("substrate 'cheese' is not known");
  });
});

test('a step of a batch is done on all its pieces, or on those it names', () => {
  const members = ['22', '23', '27'].map((label) => ({ id: label, label, differences: [] }));
  expect(modelsOf({ members: null }, { members })).toBe(3);
  expect(modelsOf({ members: ['23', 'gone'] }, { members })).toBe(1);
  expect(modelsOf({ members: null }, { members: [] })).toBe(1);
});

test('a plain step says nothing but what it does and where', () => {
  const step = plainStep({ id: 's', technique: 'inspect', zones: ['all'] });
  expect(Object.entries(step).filter(([key, value]) => value !== null && !['id', 'technique', 'zones'].includes(key))).toEqual([
    ['coats', 1],
    ['drying', 'still'],
    ['priority', 'must'],
    ['daylight', false],
    ['note', ''],
  ]);
});
