import type { Air, ClimateProfile } from '../climate/index.js';
import { MINUTES_PER_DAY, minutesOfClock, normal, seededFrom } from '../units/index.js';
import { seedOf, type Device } from './device.js';

/** Warmest so late in the day: the room has been heated and used (our number). */
const WARMEST_MIN = 20 * 60;
/** How a cheap instrument wavers, one spread (our numbers, from memory of data sheets). */
const NOISE = { tempC: 0.15, rhPct: 0.8 };

/** The room as the workshop describes it. */
type Room = Pick<ClimateProfile, 'evening' | 'night'>;

/** The room's air over the day: a wave between the night's and the evening's. */
export function roomAt({ evening, night }: Room, minuteOfDay: number): Air {
  const share = (1 + Math.cos((2 * Math.PI * (minuteOfDay - WARMEST_MIN)) / MINUTES_PER_DAY)) / 2;
  const between = (low: number, high: number): number => low + (high - low) * share;
  return { tempC: between(night.tempC, evening.tempC), rhPct: between(night.rhPct, evening.rhPct) };
}

/** A simulated bench hygrometer: the air of the room it is told to hang in, as a daily wave, with an instrument's noise. Deterministic by moment. */
export function simulatedHygrometer(): Device<'hygrometer', Room> {
  return {
    id: 'hygrometer',
    name: 'Bench hygrometer',
    simulated: true,
    read: (at, profile) => {
      const random = seededFrom(seedOf(at));
      const room = roomAt(profile, minutesOfClock(at.slice(11, 16)));
      const rounded = (value: number): number => Math.round(value * 10) / 10;
      return {
        tempC: rounded(room.tempC + normal(random) * NOISE.tempC),
        rhPct: rounded(Math.min(100, Math.max(1, room.rhPct + normal(random) * NOISE.rhPct))),
      };
    },
  };
}

/** A reading as plans take it: so coarse that they do not change with every waver. */
export const planningAir = ({ tempC, rhPct }: Air): Air => ({ tempC: Math.round(tempC * 2) / 2, rhPct: Math.round(rhPct / 2) * 2 });
