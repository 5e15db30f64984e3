import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { TECHNIQUES } from '../techniques/index.js';
import {
  SUBSTITUTES,
  FAMILIES,
  MATERIALS,
  antoinePressureKPa,
  antoineTemperatureC,
  isMaterialId,
  materialById,
  resistance,
  STAND_INS,
} from './index.js';

describe('catalogue', () => {
  test('ids are unique and every figure makes sense', () => {
    expect(new Set(MATERIALS.map((m) => m.id)).size).toBe(MATERIALS.length);
    for (const m of MATERIALS) {
      expect(m.colour).toMatch(/^#[0-9a-f]{6}$/);
      expect(m.volumeSolidsPct).toBeGreaterThanOrEqual(0);
      expect(m.volumeSolidsPct).toBeLessThanOrEqual(100);
      expect(m.source).not.toBe('');
      if (!m.drying) continue;
      const { water, solvent, oxidation } = m.drying.mechanism;
      expect(water + solvent + oxidation).toBeCloseTo(1);
      const { touchMin, tackFreeMin, recoatFromMin, dryHardMin } = m.drying.ages;
      expect([touchMin, tackFreeMin, recoatFromMin, dryHardMin]).toEqual(
        [touchMin, tackFreeMin, recoatFromMin, dryHardMin].sort((a, b) => a - b),
      );
      expect(m.drying.ages.solventProofMin).toBeGreaterThanOrEqual(dryHardMin);
      expect(m.drying.source).not.toBe('');
    }
  });

  test('every role is done with some technique, and alternatives exist', () => {
    const roles = new Set(TECHNIQUES.flatMap((t) => t.roles));
    for (const m of MATERIALS) expect(roles).toContain(m.role);
    for (const [id, others] of SUBSTITUTES) {
      expect(isMaterialId(id)).toBe(true);
      for (const other of others) expect(isMaterialId(other.material)).toBe(true);
    }
  });

  test('an unknown id is named', () => {
    expect(() => materialById('unobtainium')).toThrow("material 'unobtainium' is not in the catalogue");
  });
});

describe('resistance', () => {
  const solvents = ['water', 'alcohol', 'spirit', 'hot'] as const;
  const families = Object.keys(FAMILIES) as (keyof typeof FAMILIES)[];
  const order = { holds: 0, softens: 1, lifts: 2 };
  const states = [
    { wet: false, fresh: true, dryHard: false, solventProof: false },
    { wet: false, fresh: false, dryHard: false, solventProof: false },
    { wet: false, fresh: false, dryHard: true, solventProof: false },
    { wet: false, fresh: false, dryHard: true, solventProof: true },
  ];

  test('more liquid is never kinder, an older film never weaker', () => {
    fc.assert(
      fc.property(fc.constantFrom(...families), fc.constantFrom(...solvents), fc.integer({ min: 0, max: 3 }), (family, solvent, age) => {
        const state = states[age]!;
        const [mist, thin, flood] = (['mist', 'thin', 'flood'] as const).map((dose) => order[resistance(family, solvent, dose, state)]);
        expect(mist).toBeLessThanOrEqual(thin!);
        expect(thin).toBeLessThanOrEqual(flood!);
        const later = states[Math.min(3, age + 1)]!;
        expect(order[resistance(family, solvent, 'thin', later)]).toBeLessThanOrEqual(thin!);
      }),
    );
  });

  test('isopropanol on dry waterborne acrylic: one thin pass softens, flooding lifts', () => {
    const dry = states[3]!;
    expect(resistance('acrylic', 'alcohol', 'thin', dry)).toBe('softens');
    expect(resistance('acrylic', 'alcohol', 'flood', dry)).toBe('lifts');
    expect(resistance('acrylic', 'spirit', 'flood', dry)).toBe('holds');
  });

  test('enamel dry-hard overnight takes water, its own thinner only when solvent-proof', () => {
    expect(resistance('enamel', 'water', 'thin', states[2]!)).toBe('holds');
    expect(resistance('enamel', 'spirit', 'thin', states[2]!)).toBe('lifts');
    expect(resistance('enamel', 'spirit', 'thin', states[3]!)).toBe('holds');
  });
});

describe('vapour pressure', () => {
  test('boiling point and pressure are inverse', () => {
    for (const standIn of Object.values(STAND_INS))
      expect(antoinePressureKPa(standIn, antoineTemperatureC(standIn))).toBeCloseTo(101.325, 6);
  });
});
