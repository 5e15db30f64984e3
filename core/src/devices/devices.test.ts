import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { planningAir, roomAt, simulatedHygrometer } from './index.js';

const PROFILE = { evening: { tempC: 19, rhPct: 55 }, night: { tempC: 13, rhPct: 70 } };
const hygrometer = simulatedHygrometer(PROFILE);
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
        const reading = hygrometer.read(at);
        expect(hygrometer.read(at)).toEqual(reading);
        const room = roomAt(PROFILE, minute);
        expect(Math.abs(reading.tempC - room.tempC)).toBeLessThan(1);
        expect(Math.abs(reading.rhPct - room.rhPct)).toBeLessThan(5);
      }),
    );
  });

  test('on average it reads the room', () => {
    const readings = Array.from(
      { length: 60 },
      (_, second) => hygrometer.read(`2026-11-24T20:00:${String(second).padStart(2, '0')}`).tempC,
    );
    expect(readings.reduce((sum, one) => sum + one, 0) / 60).toBeCloseTo(19, 1);
    expect(new Set(readings).size).toBeGreaterThan(3);
  });

  test('plans take it coarsely', () => {
    expect(planningAir({ tempC: 18.3, rhPct: 57.1 })).toEqual({ tempC: 18.5, rhPct: 58 });
    expect(planningAir({ tempC: 18.2, rhPct: 56.8 })).toEqual({ tempC: 18, rhPct: 56 });
  });
});
