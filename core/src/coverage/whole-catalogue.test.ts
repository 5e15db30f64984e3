import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE, MATERIALS, wakeUp, type Material } from '../materials/index.js';
import { canMix, dilutionShares, keepsOf, measuredOf, usualDilution } from '../mixing/index.js';
import { incomingOf } from '../sequence/index.js';
import { pieceFromTemplate, plainStep, templateById, type Piece, type Step } from '../subjects/index.js';
import { TECHNIQUES, type Technique } from '../techniques/index.js';
import { areaLaidMm2, mixNeeded, useOf, type StepUse } from './index.js';
import { TINT_MOST_WET_UM, lossOf } from './dry-use.js';

/** Every technique with every material it is done with: what holds must hold for all of them. */
const PAIRS = TECHNIQUES.flatMap((technique) =>
  MATERIALS.filter(({ role }) => technique.roles.includes(role)).map((material): [Technique, Material] => [technique, material]),
);
const wagon = pieceFromTemplate(templateById('open-wagon'), { id: 'w', name: 'Wagon', scaleRatio: 76 });
const stepOf = (technique: Technique, material: Material, more: Partial<Step> = {}): Step =>
  plainStep({ id: 's', technique: technique.id, material: material.id, zones: ['all'], ...more });
const scaled = (piece: Piece, factor: number): Piece => ({
  ...piece,
  zones: piece.zones.map((zone) => ({ ...zone, areaMm2: zone.areaMm2 * factor })),
});
/** Scattered, wetted and powdered by area alone. */
const passMl = (technique: Technique, material: Material): number =>
  material.drying === null || material.role === 'thinner'
    ? 0
    : (lossOf(technique, incomingOf(stepOf(technique, material)).tool).perPassMl ?? 0);
const portions = ({ cup, direct }: StepUse): number => (cup?.laidMl ?? 0) + direct.reduce((sum, { ml }) => sum + ml, 0);

describe('what a step takes, over the whole catalogue', () => {
  test('there are enough pairs to say something', () => {
    expect(PAIRS.length).toBeGreaterThan(200);
  });

  test('is a number of at least 0, comes either from a cup or directly, and its parts are the whole cup', () => {
    for (const [technique, material] of PAIRS) {
      const use = useOf(stepOf(technique, material), wagon);
      expect(Number.isFinite(portions(use)) && portions(use) >= 0).toBe(true);
      expect(use.cup === null || use.direct.length === 0).toBe(true);
      if (use.cup) expect(use.cup.components.reduce((sum, { parts }) => sum + parts, 0)).toBeCloseTo(1, 9);
      for (const { ml } of [...use.direct, ...use.cleaning]) expect(ml).toBeGreaterThan(0);
    }
  });

  test('grows with area, cover and coats as they grow, and with nothing else', () => {
    fc.assert(
      fc.property(fc.constantFrom(...PAIRS), fc.integer({ min: 2, max: 5 }), ([technique, material], factor) => {
        const once = useOf(stepOf(technique, material, { coverPct: 15 }), wagon);
        const base = portions(once);
        // what goes past the piece at each pass does not hang on its size
        const past = base > 0 ? passMl(technique, material) : 0;
        const grown = factor * (base - past) + past;
        expect(portions(useOf(stepOf(technique, material, { coverPct: 15 }), scaled(wagon, factor)))).toBeCloseTo(grown, 6);
        expect(portions(useOf(stepOf(technique, material, { coverPct: 15 * factor }), wagon))).toBeCloseTo(grown, 6);
        if (once.cup) {
          expect(portions(useOf(stepOf(technique, material, { coverPct: 15, coats: factor }), wagon))).toBeCloseTo(factor * base, 6);
          expect(useOf(stepOf(technique, material, { coverPct: 15, coats: factor }), wagon).cup?.residueMl).toBe(once.cup.residueMl);
        }
      }),
    );
  });

  test('thinned, a sprayed coat takes the same paint, and a brush lays as much of the mix as it would of the paint', () => {
    const tried = { sprayed: 0, brushed: 0, deepest: 0 };
    for (const [technique, material] of PAIRS) {
      const dilution = usualDilution(technique.id, technique.tools[0] ?? 'hand', material);
      const [neat, thinned] = [useOf(stepOf(technique, material), wagon).cup, useOf(stepOf(technique, material, { dilution }), wagon).cup];
      if (!neat || !thinned || !dilution) continue;
      const { wetUm } = incomingOf(stepOf(technique, material, { dilution }));
      if (wetUm !== null) {
        tried.brushed++;
        expect(thinned.laidMl).toBeCloseTo(neat.laidMl, 6);
        continue;
      }
      // the unit of drops is a drop of the paint
      const { paint } = dilutionShares(dilution, measuredOf({ material: material.id, bottleId: null }, CATALOGUE).dropsPerMl);
      const past = passMl(technique, material);
      if (technique.effect === 'tint' && thinned.laidMl - past < (neat.laidMl - past) / paint - 1e-9) {
        tried.deepest++;
        // the same depth for all of them: so much on each mm², and what the tool loses on top
        const depthUm = (1e6 * thinned.laidMl) / areaLaidMm2(stepOf(technique, material), wagon, technique.usualCoverPct);
        expect(depthUm).toBeGreaterThanOrEqual(TINT_MOST_WET_UM);
      } else {
        tried.sprayed++;
        expect((thinned.laidMl - past) * paint).toBeCloseTo(neat.laidMl - past, 6);
      }
    }
    expect(tried.sprayed).toBeGreaterThan(10);
    expect(tried.brushed).toBeGreaterThan(50);
  });

  test('what is mixed for it is never less than it takes, and never more than half a millilitre above', () => {
    for (const [technique, material] of PAIRS) {
      const step = stepOf(technique, material);
      const [mix, { cup }] = [mixNeeded(step, wagon), useOf(step, wagon)];
      if (!mix || !cup) continue;
      expect(mix.totalMl).toBeGreaterThanOrEqual(cup.laidMl + cup.residueMl - 1e-9);
      expect(mix.totalMl - cup.laidMl - cup.residueMl).toBeLessThan(0.5 + 1e-9);
      expect(mix.paintMl + mix.thinnerMl).toBeCloseTo(mix.totalMl);
    }
  });

  test('nothing is laid where nothing is to be painted', () => {
    const bare = { ...wagon, zones: wagon.zones.map((zone) => ({ ...zone, areaMm2: 0 })) };
    for (const [technique, material] of PAIRS) expect(portions(useOf(stepOf(technique, material), bare))).toBe(0);
  });
});

describe('every material', () => {
  test.each(MATERIALS.map((material) => [material.id, material] as const))('%s weighs what such a thing can weigh', (_id, material) => {
    const { densityGPerMl, carrier, role } = material;
    const [least, most] = carrier === 'none' ? [0.05, 2.5] : role === 'thinner' ? [0.7, 1.1] : [0.75, 2];
    expect(densityGPerMl).toBeGreaterThanOrEqual(least);
    expect(densityGPerMl).toBeLessThanOrEqual(most);
  });

  test('that is a film is told how to wake it, or needs no waking', () => {
    for (const material of MATERIALS) {
      const wake = wakeUp(material);
      if (material.aerosol || ['wash', 'paint', 'primer', 'slurry'].includes(material.role)) expect(wake).not.toBeNull();
      if (material.role === 'thinner' || material.role === 'decal') expect(wake).toBeNull();
    }
  });

  test('that is thinned keeps for a time that is told with its reason', () => {
    for (const material of MATERIALS) {
      const { minutes, why } = keepsOf(material);
      expect(minutes).toBeGreaterThanOrEqual(0);
      expect(why).not.toBe('');
    }
  });

  test('stirs into itself unless it is used from the tube, and into another whichever comes first', () => {
    const any = fc.constantFrom(...MATERIALS);
    for (const one of MATERIALS) expect(canMix(one, one)).toBe(one.carrier !== 'cyano' && one.carrier !== 'heat');
    fc.assert(fc.property(any, any, (one, other) => expect(canMix(one, other)).toBe(canMix(other, one))));
  });

  test('is usually thinned with what stirs into it', () => {
    for (const [technique, material] of PAIRS)
      for (const tool of technique.tools) {
        const dilution = usualDilution(technique.id, tool, material);
        if (dilution)
          expect(
            canMix(
              material,
              MATERIALS.find(({ id }) => id === dilution.thinner)!,
            ),
          ).toBe(true);
        expect(incomingOf(stepOf(technique, material, { dilution })).dryUm).toBeGreaterThanOrEqual(0);
      }
  });
});
