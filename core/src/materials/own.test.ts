import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE, MATERIALS, materialById, suppliesOf, type OwnMaterial } from './index.js';

const own = (more: Partial<OwnMaterial> = {}): OwnMaterial => ({
  id: 'mine',
  name: 'Mine',
  like: 'enamel-matt',
  colour: null,
  sheenGu: null,
  volumeSolidsPct: null,
  dryingFactor: null,
  minFilmC: null,
  lifeMonths: null,
  driesLighter: null,
  testFirst: null,
  note: '',
  ...more,
});
const resolved = (given: OwnMaterial) => suppliesOf({ bottles: [], materials: [given] }).material(given.id);

describe('an own material', () => {
  test('that tells nothing is the one it is like, under its own name', () => {
    const { id: _id, name: _name, source: _source, testFirst: _test, isOwn: _isOwn, ...mine } = resolved(own());
    const { id: _i, name: _n, source: _s, ...like } = materialById('enamel-matt');
    expect(mine).toEqual(like);
  });

  test('drying twice as long reaches every stage and window at twice the age', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...MATERIALS.filter((m) => m.drying)),
        fc.double({ min: 0.2, max: 5, noNaN: true }),
        (base, dryingFactor) => {
          const mine = resolved(own({ like: base.id, dryingFactor }));
          expect(mine.drying?.ages.dryHardMin).toBeCloseTo((base.drying?.ages.dryHardMin ?? 0) * dryingFactor, 6);
          expect(mine.drying?.mechanism).toEqual(base.drying?.mechanism);
          if (base.windows?.wrinkle) expect(mine.windows?.wrinkle?.solvents).toEqual(base.windows.wrinkle.solvents);
          if (base.windows?.blend) expect(mine.windows?.blend?.toMin).toBeCloseTo(base.windows.blend.toMin * dryingFactor, 6);
        },
      ),
    );
  });

  test('never changes the catalogue', () => {
    const before = JSON.stringify(MATERIALS);
    resolved(own({ dryingFactor: 3, sheenGu: 90, testFirst: true }));
    expect(JSON.stringify(MATERIALS)).toBe(before);
    expect(CATALOGUE.isMaterial('mine')).toBe(false);
  });

  test('one that is like nothing known is not there', () => {
    const supplies = suppliesOf({ bottles: [], materials: [own({ like: 'jam' })] });
    expect(supplies.isMaterial('mine')).toBe(false);
    expect(() => supplies.material('mine')).toThrow("material 'mine' is not in the catalogue");
  });

  test('knows what it is like, so that it has the same stand-ins', () => {
    const supplies = suppliesOf({ bottles: [], materials: [own()] });
    expect(supplies.like('mine')).toBe('enamel-matt');
    expect(supplies.like('acrylic-matt')).toBe('acrylic-matt');
  });
});
