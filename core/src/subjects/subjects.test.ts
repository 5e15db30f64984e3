import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { pieceFaults } from '../plan-file/index.js';
import { SUBSTRATES, TEMPLATES, isSubstrateId, pieceFromTemplate, plainStep, substrateById, templateById } from './index.js';

const none: ReadonlySet<string> = new Set();

describe('templates', () => {
  test.each(TEMPLATES.map((t) => [t.id, t] as const))('%s makes a sound piece', (_id, template) => {
    const piece = pieceFromTemplate(template, { id: 'p', name: 'A piece', scaleRatio: 76 });
    expect([...pieceFaults('piece', piece, none, none)]).toEqual([]);
    expect(piece.steps).toEqual([]);
    for (const zone of piece.zones) expect(zone.areaMm2).toBeGreaterThan(0);
  });

  test('a van by hand: 74 × 30 × 32 mm', () => {
    const { zones } = pieceFromTemplate(templateById('van'), { id: 'v', name: 'v', scaleRatio: 76 });
    const area = Object.fromEntries(zones.map((zone) => [zone.id, zone.areaMm2]));
    // both sides 2 · 74 · 32 = 4736, half of it above; ends 2 · 30 · 32; roof 74 · 30 and a tenth for its arc
    expect(area['side-upper']).toBe(2368);
    expect(area['side-lower']).toBe(2368);
    expect(area['ends']).toBe(1920);
    expect(area['roof']).toBe(2442);
  });

  test('a wall by hand: 180 × 14 × 70 mm', () => {
    const { zones } = pieceFromTemplate(templateById('wall'), { id: 'w', name: 'w', scaleRatio: 76 });
    expect(zones.map((zone) => [zone.id, zone.areaMm2])).toEqual([
      ['face', 10710],
      ['crown', 2520],
      ['base', 1890],
    ]);
  });

  test('twice as long and high, four times the side', () => {
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 500 }), fc.integer({ min: 10, max: 500 }), (lengthMm, heightMm) => {
        const side = (factor: number) =>
          pieceFromTemplate(templateById('van'), {
            id: 'v',
            name: 'v',
            scaleRatio: 76,
            size: { lengthMm: lengthMm * factor, widthMm: 30, heightMm: heightMm * factor },
          }).zones.find((z) => z.id === 'side-upper')!.areaMm2;
        expect(side(2)).toBe(4 * side(1));
      }),
    );
  });

  test('another substrate goes everywhere but to the windows and treads', () => {
    const { zones } = pieceFromTemplate(templateById('van'), { id: 'v', name: 'v', scaleRatio: 76, substrate: 'resin-pu' });
    expect(zones.filter((zone) => !zone.keepClean).every((zone) => zone.substrate === 'resin-pu')).toBe(true);
    expect(zones.find((zone) => zone.id === 'glazing')?.substrate).toBe('clear-plastic');
  });

  test('two pieces of one template share nothing that can be changed', () => {
    const [a, b] = ['a', 'b'].map((id) => pieceFromTemplate(templateById('van'), { id, name: id, scaleRatio: 76 }));
    a!.zones[0]!.relief.grooveDepthUm = 1;
    a!.parts[0]!.name = 'Changed';
    expect(b!.zones[0]!.relief.grooveDepthUm).toBe(300);
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
