import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { REFERENCE_AIR, ROOM_AIR, constantAir, saturationPressureKPa, vapourPressureKPa, wetBulbC } from '../climate/index.js';
import { MATERIALS, materialById, type DryingStage } from '../materials/index.js';
import {
  ageAcross,
  anchorAir,
  blownAirC,
  liquidOfUm,
  oxidationFactor,
  quantileFactor,
  solventFactor,
  stageMinutes,
  waterFactor,
  type Film,
} from './index.js';

const STAGES: DryingStage[] = ['touch', 'tackFree', 'recoatFrom', 'dryHard', 'dryThrough', 'solventProof'];
const drying = MATERIALS.filter((m) => m.drying);
const aMaterial = fc.constantFrom(...drying);
const anAir = fc.record({ tempC: fc.double({ min: 8, max: 35, noNaN: true }), rhPct: fc.double({ min: 20, max: 80, noNaN: true }) });
const still = (dryUm: number): Film => ({ dryUm, airflow: 'still' });

describe('drying', () => {
  test('where its ages hold it is what the catalogue says: times of the trade in a living room, those of data sheets in standard air', () => {
    const acrylic = materialById('acrylic-matt');
    expect(stageMinutes(acrylic, 'recoatFrom', still(15), ROOM_AIR)).toBeCloseTo(30);
    expect(stageMinutes(acrylic, 'recoatFrom', still(15), REFERENCE_AIR)).toBeLessThan(30);
    const enamel = materialById('enamel-matt');
    expect(stageMinutes(enamel, 'dryHard', still(20), ROOM_AIR)).toBeCloseTo(720);
    const emulsion = materialById('emulsion-matt');
    expect(stageMinutes(emulsion, 'recoatFrom', still(30), REFERENCE_AIR)).toBeCloseTo(120);
    for (const material of drying)
      expect(stageMinutes(material, 'recoatFrom', still(material.drying!.referenceDryUm), anchorAir(material))).toBeCloseTo(
        material.drying!.ages.recoatFromMin,
      );
  });

  test('what evaporates goes with the liquid, what hardens with the film that is left', () => {
    const acrylic = materialById('acrylic-matt');
    const coat = (dryUm: number, liquidUm: number): Film => ({ dryUm, liquidUm, airflow: 'still' });
    const neat = liquidOfUm(15, acrylic.volumeSolidsPct);
    expect(stageMinutes(acrylic, 'tackFree', coat(15, neat / 2), ROOM_AIR)).toBeCloseTo(7.5);
    // a film of little binder in much liquid is hard as soon as it takes a coat, not before
    const thin = coat(1, neat);
    expect(stageMinutes(acrylic, 'dryHard', thin, ROOM_AIR)).toBe(stageMinutes(acrylic, 'recoatFrom', thin, ROOM_AIR));
    // an oil wash is overnight to two days where the neat oil takes many
    const oil = materialById('oil-artist');
    const wash = coat(20 / 6, 18);
    const hours = stageMinutes(oil, 'dryHard', wash, ROOM_AIR) / 60;
    expect(hours).toBeGreaterThan(8);
    expect(hours).toBeLessThan(48);
    expect(stageMinutes(oil, 'dryHard', still(20), ROOM_AIR) / 60).toBeGreaterThan(96);
  });

  test('in blown air a wet film sits near the wet bulb', () => {
    const vapour = vapourPressureKPa(ROOM_AIR);
    expect(wetBulbC(60, vapour)).toBeCloseTo(26.4, 0);
    // a psychrometer in the room itself shows about 13.8 °C
    expect(wetBulbC(20, vapour)).toBeCloseTo(13.8, 0);
    expect(wetBulbC(20, saturationPressureKPa(20))).toBeCloseTo(20, 3);
  });

  test('a dryer is five to eight times as fast on a thin waterborne film, and hardly helps what dries from its depth', () => {
    const acrylic = materialById('acrylic-matt');
    const gain = (id: string, um: number) =>
      stageMinutes(materialById(id), 'recoatFrom', still(um), ROOM_AIR) /
      stageMinutes(materialById(id), 'recoatFrom', { dryUm: um, airflow: 'warm-dryer' }, ROOM_AIR);
    expect(gain(acrylic.id, 10)).toBeGreaterThan(5);
    expect(gain(acrylic.id, 10)).toBeLessThan(8);
    for (const deep of ['texture-paste-acrylic', 'white-glue-dilute', 'filler-acrylic'])
      expect(gain(deep, materialById(deep).drying!.referenceDryUm)).toBeLessThanOrEqual(1.5 + 1e-9);
  });

  test('stages come in their order, for every material, thin or thick', () => {
    fc.assert(
      fc.property(aMaterial, anAir, fc.double({ min: 0.05, max: 5, noNaN: true }), (material, air, share) => {
        const ages = STAGES.map((stage) => stageMinutes(material, stage, still((material.drying?.referenceDryUm ?? 1) * share), air));
        ages.slice(1).forEach((age, i) => expect(age).toBeGreaterThanOrEqual(ages[i]! * (1 - 1e-9)));
      }),
    );
  });

  test('warmer is never slower, thicker never faster', () => {
    fc.assert(
      fc.property(aMaterial, anAir, fc.constantFrom(...STAGES), (material, air, stage) => {
        const um = material.drying?.referenceDryUm ?? 1;
        const now = stageMinutes(material, stage, still(um), air);
        expect(stageMinutes(material, stage, still(um), { ...air, tempC: air.tempC + 3 })).toBeLessThanOrEqual(now);
        expect(stageMinutes(material, stage, still(um * 2), air)).toBeGreaterThanOrEqual(now);
      }),
    );
  });

  test('oxidation doubles its speed every ten kelvin and does not care for humidity', () => {
    expect(oxidationFactor({ tempC: 13, rhPct: 50 })).toBeCloseTo(2);
    expect(oxidationFactor({ tempC: 33, rhPct: 90 })).toBeCloseTo(0.5);
  });

  test('near saturation water does not dry at all: not a huge number', () => {
    expect(waterFactor({ tempC: 18, rhPct: 99 })).toBe(Infinity);
    expect(waterFactor({ tempC: 20, rhPct: 50 })).toBeGreaterThan(1);
  });

  test('solvent follows its vapour pressure', () => {
    expect(solventFactor('alcohol', REFERENCE_AIR)).toBeCloseTo(1);
    expect(solventFactor('alcohol', { tempC: 13, rhPct: 50 })).toBeGreaterThan(1.7);
  });

  test('a dryer helps what evaporates and never cures an enamel', () => {
    const air = { tempC: 20, rhPct: 50 };
    const acrylic = materialById('acrylic-matt');
    const enamel = materialById('enamel-matt');
    const warm: Film = { dryUm: 15, airflow: 'warm-dryer' };
    expect(stageMinutes(acrylic, 'dryHard', warm, air)).toBeLessThan(0.5 * stageMinutes(acrylic, 'dryHard', still(15), air));
    expect(stageMinutes(enamel, 'dryHard', warm, air)).toBe(stageMinutes(enamel, 'dryHard', still(15), air));
    expect(blownAirC('warm-dryer', air)).toBe(60);
  });

  test('what does not dry is ready at once', () => {
    expect(stageMinutes(materialById('pigment-dry'), 'dryHard', still(0), REFERENCE_AIR)).toBe(0);
  });
});

describe('drying through changing air', () => {
  test('half in the one, half in the other', () => {
    const spans = [
      { fromMin: -Infinity, toMin: 60, air: { tempC: 20, rhPct: 50 } },
      { fromMin: 60, toMin: Infinity, air: { tempC: 10, rhPct: 50 } },
    ];
    // 120 minutes of work in the first air: half done after an hour; the rest takes twice as long in the second
    expect(ageAcross(spans, 0, (air) => (air.tempC === 20 ? 120 : 240))).toBeCloseTo(180);
  });

  test('waits out a span in which it does not dry', () => {
    const spans = [
      { fromMin: -Infinity, toMin: 100, air: { tempC: 10, rhPct: 99 } },
      { fromMin: 100, toMin: Infinity, air: { tempC: 20, rhPct: 50 } },
    ];
    expect(ageAcross(spans, 0, (air) => (air.rhPct > 90 ? Infinity : 30))).toBeCloseTo(130);
    expect(
      ageAcross(
        spans.slice(0, 1).map((s) => ({ ...s, toMin: Infinity })),
        0,
        () => Infinity,
      ),
    ).toBe(Infinity);
  });

  test('in unchanging air the age is the plain time', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 5000, noNaN: true }),
        fc.double({ min: 1, max: 5000, noNaN: true }),
        (start, minutes) => Math.abs(ageAcross(constantAir(REFERENCE_AIR), start, () => minutes) - minutes) < 1e-6,
      ),
    );
  });
});

describe('uncertainty', () => {
  test('typical is the median, careful holds four times out of five', () => {
    expect(quantileFactor('p50')).toBe(1);
    expect(quantileFactor('p80')).toBeCloseTo(1.234, 3);
    expect(() => quantileFactor('p80', -1)).toThrow('sigma');
  });
});
