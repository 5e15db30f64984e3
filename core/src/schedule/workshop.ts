import type { ClimateProfile } from '../climate/index.js';

/** When and where the painter works. Times are `HH:mm`. */
export interface WeeklyEvening {
  /** 0 is Monday. */
  weekday: number;
  start: string;
  end: string;
}

/** A single date; it replaces the weekly pattern of that day. No times: no evening. */
export interface SingleDate {
  date: string;
  start: string | null;
  end: string | null;
}

export interface Workshop {
  weekly: WeeklyEvening[];
  dates: SingleDate[];
  climate: ClimateProfile;
  daylight: { start: string; end: string };
  /** Careful plans on drying times that hold four times out of five, typical on every second. */
  careful: boolean;
  airbrushCleanMin: number;
  /** Drops of water to the mL from the painter's dropper. */
  dropsPerMl: number;
}

/** A quiet start: four evenings a week, a heated room that cools at night. Our numbers. */
export const DEFAULT_WORKSHOP: Workshop = {
  weekly: [1, 3, 4, 6].map((weekday) => ({ weekday, start: '19:30', end: '21:30' })),
  dates: [],
  climate: { evening: { tempC: 20, rhPct: 50 }, night: { tempC: 15, rhPct: 60 }, places: [] },
  daylight: { start: '09:00', end: '15:30' },
  careful: false,
  airbrushCleanMin: 6,
  dropsPerMl: 20,
};
