import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { SCALE_MOST_G, planningAir, roomAt, simulatedColourMeter, simulatedHygrometer, simulatedScale } from './index.js';

const PROFILE = { evening: { tempC: 19, rhPct: 55 }, night: { tempC: 13, rhPct: 70 } };
const hygrometer = simulatedHygrometer();
const moment = (minute: number): string =>
  `2026-11-24T${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}:00`;

describe('the simulated hygrometer', () => {
  test('says what it is', () => {
    expect(hygrometer).toMatchObject({ id: 'hygrometer', simulated: true });
  });

  test('is warmest and driest in the evening, coolest and dampest before morning', () => {
    expect(roomAt(PROFILE, 20 * 60)).toEqual(PROFILE.evening);
    expect(roomAt(PROFILE, 8 * 60).tempC).toBeCloseTo(PROFILE.night.tempC, 9);
    expect(roomAt(PROFILE, 14 * 60).rhPct).toBeCloseTo(62.5, 9);
  });

  test('the same moment reads the same, and wavers around the room by no more than an instrument does', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1439 }), (minute) => {
        const at = moment(minute);
        const reading = hygrometer.read(at, PROFILE);
        expect(hygrometer.read(at, PROFILE)).toEqual(reading);
        const room = roomAt(PROFILE, minute);
        expect(Math.abs(reading.tempC - room.tempC)).toBeLessThan(1);
        expect(Math.abs(reading.rhPct - room.rhPct)).toBeLessThan(5);
      }),
    );
  });

  test('on average it reads the room', () => {
    const readings = Array.from(
      { length: 60 },
      (_, second) => hygrometer.read(`2026-11-24T20:00:${String(second).padStart(2, '0')}`, PROFILE).tempC,
    );
    expect(readings.reduce((sum, one) => sum + one, 0) / 60).toBeCloseTo(19, 1);
    expect(new Set(readings).size).toBeGreaterThan(3);
  });

  test('plans take it coarsely', () => {
    expect(planningAir({ tempC: 18.3, rhPct: 57.1 })).toEqual({ tempC: 18.5, rhPct: 58 });
    expect(planningAir({ tempC: 18.2, rhPct: 56.8 })).toEqual({ tempC: 18, rhPct: 56 });
  });
});

describe('the simulated pocket scale', () => {
  const scale = simulatedScale();

  test('says what it is', () => {
    expect(scale).toMatchObject({ id: 'scale', simulated: true });
  });

  test('at rest it shows what lies on it, in hundredths, within two of them', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1439 }), fc.double({ min: 0, max: 480, noNaN: true }), (minute, grams) => {
        const shown = scale.read(moment(minute), { grams, sinceS: 3 });
        expect(shown.isSteady).toBe(true);
        expect(Math.abs(shown.grams! - grams)).toBeLessThan(0.03);
        expect(Math.round(shown.grams! * 100) / 100).toBe(shown.grams);
        expect(Object.is(shown.grams, -0)).toBe(false);
        expect(scale.read(moment(minute), { grams, sinceS: 3 })).toEqual(shown);
      }),
    );
  });

  test('touched just now it swings', () => {
    const swings = Array.from({ length: 40 }, (_, minute) => scale.read(moment(minute), { grams: 20, sinceS: 0.2 }));
    expect(swings.every(({ isSteady }) => !isSteady)).toBe(true);
    expect(Math.max(...swings.map(({ grams }) => Math.abs(grams! - 20)))).toBeGreaterThan(0.05);
  });

  test('what is too much for it has no number', () => {
    expect(scale.read(moment(0), { grams: SCALE_MOST_G + 1, sinceS: 3 })).toEqual({ grams: null, isSteady: true });
  });
});

describe('the simulated colour meter', () => {
  const meter = simulatedColourMeter();
  const lab = { l: 38, a: 18, b: 24 };

  test('says what it is', () => {
    expect(meter).toMatchObject({ id: 'colour-meter', simulated: true });
  });

  test('each placing reads a little otherwise, the same one the same', () => {
    const readings = Array.from({ length: 20 }, (_, turn) => meter.read(moment(5), { lab, turn }));
    expect(meter.read(moment(5), { lab, turn: 3 })).toEqual(readings[3]);
    expect(new Set(readings.map(({ l }) => l)).size).toBeGreaterThan(10);
  });

  test('many readings come to the colour it is held against', () => {
    const readings = Array.from({ length: 200 }, (_, turn) => meter.read(moment(5), { lab, turn }));
    for (const name of ['l', 'a', 'b'] as const)
      expect(Math.abs(readings.reduce((sum, one) => sum + one[name], 0) / 200 - lab[name])).toBeLessThan(0.12);
  });

  test('no reading is lighter than white or darker than black', () => {
    for (let turn = 0; turn < 50; turn++) {
      expect(meter.read(moment(1), { lab: { l: 100, a: 0, b: 0 }, turn }).l).toBeLessThanOrEqual(100);
      expect(meter.read(moment(1), { lab: { l: 0, a: 0, b: 0 }, turn }).l).toBeGreaterThanOrEqual(0);
    }
  });
});
