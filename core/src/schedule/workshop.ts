import type { ClimateProfile, Daylight } from '../climate/index.js';
import { DROPS_PER_ML, USUAL_INSTRUMENTS, type Countable, type DropLiquid, type Instruments } from '../mixing/index.js';
import { BRUSH_WIDTHS_MM, USUAL_SCHOOLS, type Schools } from '../techniques/index.js';
import type { Severity } from '../sequence/index.js';
import { USUAL_WISHES, type Wishes } from '../solver/index.js';
import type { ClockStyle, UnitSystem } from '../units/index.js';

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

/** What the bench has to work with. */
export interface Equipment {
  airbrush: boolean;
  /** Primer, paint and clear from a can. */
  cans: boolean;
  /** Models that fit into the spray booth, or onto the spraying board, at once. */
  boothModels: number;
  /** Models that can stand wet on the bench at once. */
  benchModels: number;
  /** Widths of the flat brushes that there are, mm. */
  brushesMm: number[];
}

/** For the air in the room while solvents evaporate. */
export interface Room {
  volumeM3: number;
  airChangesPerH: number;
}

/** How figures are shown; SI is kept. */
export interface Display {
  units: UnitSystem;
  dates: DateStyle;
  clock: ClockStyle;
  /** The weekday that calendars begin with, 0 is Monday. */
  weekFrom: WeekStart;
}

/** `words`: Tue 24 Nov; `month-first`: Tue Nov 24; `numbers`: 2026-11-24. */
export const DATE_STYLES = ['words', 'month-first', 'numbers'] as const;
export type DateStyle = (typeof DATE_STYLES)[number];

/** Weekdays that weeks begin with somewhere: Monday, Saturday, Sunday. */
export const WEEK_STARTS = [0, 5, 6] as const;
export type WeekStart = (typeof WEEK_STARTS)[number];

/** What stands on the bench to measure with, what is counted in, and what money is called. */
export interface Measuring extends Instruments {
  countBy: Exclude<Countable, 'spoons'>;
  /** A sign or a word set before prices; empty shows the bare number. */
  currency: string;
}

/** How serious a rule is taken; `off` is not at all. */
export interface RuleSetting {
  rule: string;
  severity: Severity | 'off';
}

/** How evenings are planned. */
export interface Planning {
  wishes: Wishes;
  /** The plan that was improved and kept; null: by simple rules. */
  kept: KeptPlan | null;
}

/** What leads to a plan again, by names that outlast a day: steps as `piece/step/sitting`, evenings by when they begin, all times local. */
export interface KeptPlan {
  keptOn: string;
  order: string[];
  keptFree: string[];
  notBefore: { step: string; at: string }[];
}

/** Whether plans are made with what the bench has learnt from the log. */
export interface Learning {
  minutes: boolean;
  drying: boolean;
}

export interface Workshop {
  weekly: WeeklyEvening[];
  dates: SingleDate[];
  climate: ClimateProfile;
  daylight: Daylight;
  /** Careful plans on drying times that hold four times out of five, typical on every second. */
  careful: boolean;
  airbrushCleanMin: number;
  /** Drops to the mL from the painter's dropper, by liquid. */
  dropsPerMl: Record<DropLiquid, number>;
  measuring: Measuring;
  equipment: Equipment;
  room: Room;
  display: Display;
  schools: Schools;
  /** Rules taken more or less seriously than judged. */
  rules: RuleSetting[];
  planning: Planning;
  learning: Learning;
}

/** A quiet start: four evenings a week, a heated room that cools at night. Our numbers. */
export const DEFAULT_WORKSHOP: Workshop = {
  weekly: [1, 3, 4, 6].map((weekday) => ({ weekday, start: '19:30', end: '21:30' })),
  dates: [],
  climate: { evening: { tempC: 20, rhPct: 50 }, night: { tempC: 15, rhPct: 60 }, places: [] },
  daylight: { by: 'typed', start: '09:00', end: '15:30', latitudeDeg: 52, noon: '12:00' },
  careful: false,
  airbrushCleanMin: 5,
  dropsPerMl: { ...DROPS_PER_ML },
  measuring: { ...USUAL_INSTRUMENTS, countBy: 'drops', currency: '' },
  equipment: { airbrush: true, cans: true, boothModels: 6, benchModels: 12, brushesMm: [...BRUSH_WIDTHS_MM] },
  room: { volumeM3: 30, airChangesPerH: 1 },
  display: { units: 'metric', dates: 'words', clock: '24', weekFrom: 0 },
  schools: { ...USUAL_SCHOOLS },
  rules: [],
  planning: { wishes: { ...USUAL_WISHES }, kept: null },
  learning: { minutes: true, drying: true },
};
